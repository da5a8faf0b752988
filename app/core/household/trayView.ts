import { layoutOf } from "../draw";
import { materialName } from "../materials";
import { addDays, type Observation, type PlainDate, type Tables, type Tray } from "../model";
import { insertOn, insertRows, ownPieces, piecesOf, watchOf } from "../rotation";
import { countingsOf, countState, dangersIn, piecesToCount } from "../safety";
import { filledPieces, handDemandOf, meetingsHere } from "../setup";
import { optionalNeedChoices } from "./optionalNeeds";
import { rungOfTray, setOutOn } from "./setOut";
import type { Situation } from "./situation";
import { explainMove, standingSafety, standingSafeWays, usersOf } from "./standing";
import { heirsOf, stepsOf } from "./steps";

/** So long after a note it is told what dangerous thing it spoke of. */
const NAMED_FOR_DAYS = 14;

/** One tray opened: what it is, how to show it, what it is made from, what to mind, what was noted. */
export function trayView(
  { tables, on }: { tables: Tables; on: PlainDate },
  situation: Situation,
  tray: Tray,
  fromGuide: readonly string[] = [],
) {
  const { catalogue, materials } = situation;
  const opened = rungOfTray(catalogue, tray);
  if (!opened) return undefined;
  const { activity, rung } = opened;
  const notes: Observation[] = tables.observations
    .filter((seen) => seen.child === tray.child && seen.activity === tray.activity && seen.on <= on)
    .sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : a.createdAt < b.createdAt ? 1 : -1));
  const users = usersOf(tables, tray);
  const place = situation.places.find((one) => one.id === tray.place);
  const safety = standingSafety(situation, tables, tray);
  const setOut = setOutOn(tables, situation, tray);
  const history = situation.history(tray.child, activity);
  const mouthedOften = notes.slice(0, 5).filter((note) => note.mouthed).length >= 3;
  return {
    tray,
    activity,
    rung,
    childNames: users.map((one) => one.name),
    placeName: place?.name ?? "",
    moments: tables.moments,
    chance: situation.readiness.get(tray.child)?.rung(activity, rung),
    things: tray.allotted.map((one) => ({
      id: one.material,
      name: materialName(materials, one.material),
      unit: materials.get(one.material)?.unit ?? "piece",
      quantity: one.quantity,
      where: tables.holdings.find((holding) => holding.id === one.holding)?.where,
    })),
    filled: filledPieces(tray.filling, rung, setOut, ({ need }) => {
      const from = tray.allotted.find((one) => one.need === need)?.holding;
      return tables.holdings.find((one) => one.id === from)?.quantity;
    }),
    meetings: meetingsHere(rung, setOut),
    demand: handDemandOf(rung, (need) => setOut.find((one) => one.need === need.id)?.material),
    /** The things as they are set out here, laid out to scale; undefined where there is nothing on the tray. */
    layout: layoutOf(rung, setOut, place?.kind ?? "bay"),
    setOut,
    notes,
    safety,
    watching: watchOf(tables.watches, tray.id) !== undefined,
    pieces: piecesToCount(rung, tray.allotted, materials),
    count: countState(countingsOf(tables.countings, tray.id)),
    /** Places of the home where it may be put, the own one left out. */
    otherPlaces: situation.places.filter(
      (one) => one.id !== tray.place && explainMove(situation, tables, tray, one.id) === undefined,
    ),
    /** Of two side by side one speaks for both: their notes are the same. */
    suggestion: history.second?.id === tray.id ? undefined : history.suggestion,
    /** The step down and the step up, as they can be taken now. */
    steps: stepsOf(situation, tables, tray, activity),
    /** What stays away of what may, and what could be left out or put back now. */
    optionalNeeds: optionalNeedChoices(situation, tables, tray, safety?.state),
    /** To whom it can be given now. */
    heirs: heirsOf(situation, tables, tray, activity),
    insert: insertOn(piecesOf(tables, tray, fromGuide), insertRows(tables, tray), on),
    /** Pieces of the household's own, one a day. */
    ownPieces: ownPieces(tables, tray),
    nextTimes: tables.nextTimes
      .filter((one) => one.activity === activity.id)
      .sort((a, b) => (a.on < b.on ? 1 : -1)),
    mouthedOften,
    /** Dangerous things that the notes of late speak of. */
    namedDangers: notes
      .filter((note) => note.words && note.on >= addDays(on, -NAMED_FOR_DAYS))
      .flatMap((note) =>
        dangersIn(note.words ?? "", catalogue.dangers, "prose").map(({ danger }) => ({
          danger,
          on: note.on,
        })),
      ),
    read: new Set(tables.cautionsRead.map((one) => one.rule)),
    ways:
      mouthedOften || safety?.state === "blocked"
        ? standingSafeWays(situation, tables, tray, mouthedOften ? [tray.child] : [])
        : [],
  };
}
export type TrayView = NonNullable<ReturnType<typeof trayView>>;
