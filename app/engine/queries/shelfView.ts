import { dayOf, putAwayTonight } from "../../core/day";
import { smallFront } from "../../core/draw";
import {
  rungOfTray,
  type Situation,
  setOutOn,
  standingRotation,
  standingSafety,
  turningUnsafe,
} from "../../core/household";
import { runsOut, takesDaily } from "../../core/materials";
import {
  activityOf,
  addDays,
  daysBetween,
  type PlaceKind,
  type PlainDate,
  type Tray,
  type TrayId,
} from "../../core/model";
import { type DryingSpot, dryingPlaces, dryUntil } from "../../core/prep";
import { careFor } from "../../core/readiness";
import { changesDue, type Suggestion } from "../../core/rotation";
import { type Assessment, countingsOf, countState, nextReachChanges } from "../../core/safety";
import { daysOutText, nextDayText, shortDate } from "../../words/dates";
import { MOVE_WORDS } from "../../words/moves";
import type { Home } from "../store/home";
import { careNotes } from "./careNotes";
import { type DrawnTray, drawnPlaces, drawnTray } from "./drawnTrays";

export interface TrayWithMove {
  tray: Tray;
  name: string;
  suggestion: Suggestion;
  /** Already answered by the adult. */
  decided: boolean;
}

/** A piece of work that is still wet. */
export interface DryingWork {
  tray: TrayId;
  name: string;
  where: DryingSpot;
  until: number;
}

/** So many days ahead it is told what will not be safe any more, and who will get at what. */
const FORESEEN_DAYS = 14;

interface WordFacts {
  suggestion?: Suggestion;
  safety?: Assessment;
  /** The day from which it is not safe any more. */
  unsafeFrom?: PlainDate;
}

function wordFor(tray: Tray, on: PlainDate, { suggestion, safety, unsafeFrom }: WordFacts): string {
  if (safety?.state === "blocked") return "not safe now";
  if (unsafeFrom) return `till ${shortDate(addDays(unsafeFrom, -1))}`;
  if (safety?.state === "adult-held" || tray.state === "adult-held") return "adult-held";
  const moved = suggestion && MOVE_WORDS[suggestion.move].short;
  return moved || (tray.when ? nextDayText(tray.when.days, on) : daysOutText(tray.outSince, on));
}

/** Kinds of places that are used at hours of the day rather than all week. */
const USED_BY_HOURS: readonly PlaceKind[] = ["table", "mat", "high-chair", "wet-spot", "outdoors", "routine"];

/** Days until a tray is out again; what stands is out. What comes at moments is drawn in that order. */
const nextOut = ({ when }: Tray, on: PlainDate): number => {
  if (!when) return 0;
  const day = when.days.find((one) => one >= on);
  return day ? daysBetween(on, day) : Number.MAX_SAFE_INTEGER;
};

/** What the next shelf like this would find too little of. */
function restockOf(home: Home, situation: Situation, trays: readonly Tray[], from: PlainDate) {
  const { rotationDays } = home.household;
  const next = addDays(from, rotationDays);
  const here = home.tables.holdings.filter((one) => one.site === situation.site);
  const daily = takesDaily(situation.catalogue);
  return runsOut(trays, here, situation.materials, { since: home.today, next, rotationDays, daily })
    .filter((one) => one.on < addDays(next, rotationDays))
    .map((one) => one.material.name);
}

/** What the child made and hangs or lies to dry, with where, and until when (in ms). */
function dryingOf(home: Home, situation: Situation, trays: readonly Tray[], at: number): DryingWork[] {
  const out = trays.flatMap((tray) => {
    const activity = activityOf(situation.catalogue, tray.activity);
    return activity ? [{ tray, activity }] : [];
  });
  const places = dryingPlaces(out, situation.places, home.tables.moments);
  return out.flatMap((one) => {
    const until = dryUntil(one, home.tables.observations, at);
    const where = places.get(one.tray.id);
    return until && where ? [{ tray: one.tray.id, name: one.activity.name, where, until }] : [];
  });
}

/** The trays of the standing rotation, those that were taken down among them. */
const traysOut = ({ tables, today }: Home, { site }: Situation): readonly Tray[] => {
  const rotation = standingRotation(tables, site, today);
  return rotation ? tables.trays.filter((tray) => tray.rotation === rotation.id) : [];
};

/** The trays that stand, those that are out next before the others. */
const standingInOrder = (trays: readonly Tray[], on: PlainDate): Tray[] =>
  trays.filter((tray) => tray.downOn === undefined).sort((a, b) => nextOut(a, on) - nextOut(b, on));

/** The trays of the shelf as they are drawn, those that are out next before the others. */
export const traysInOrder = (home: Home): readonly Tray[] =>
  standingInOrder(traysOut(home, home.situation), home.on);

/** Works out what the notes suggest for each tray, which the situation remembers, with a rest after each. */
export function* suggestionSteps(home: Home, situation: Situation): Generator<undefined, void> {
  for (const { child, activity: id } of traysOut(home, situation)) {
    const activity = activityOf(situation.catalogue, id);
    if (activity) situation.history(child, activity);
    yield;
  }
}

/** Everything the Shelf screen shows, worked out from the household, the day and (for what dries) the moment in ms. */
export function shelfView(home: Home, situation: Situation, selectedId: string | null, at: number) {
  const { tables, on, children } = home;
  const { catalogue, site } = situation;
  const rotation = standingRotation(tables, site, home.today);
  const trays = traysOut(home, situation);
  const suggestions = new Map(
    trays.map((tray) => {
      const activity = activityOf(catalogue, tray.activity);
      if (!activity) return [tray.id, undefined] as const;
      // Of two side by side one speaks for both: their notes are the same.
      const { suggestion, second } = situation.history(tray.child, activity);
      return [tray.id, second?.id === tray.id ? undefined : suggestion] as const;
    }),
  );
  const safety = new Map(
    trays.map((tray) => [tray.id, standingSafety(situation, home.tables, tray)] as const),
  );
  const standing = standingInOrder(trays, on);
  const turning = turningUnsafe(situation, home.tables, standing, FORESEEN_DAYS);
  const frontHere = (tray: Tray) => {
    const rung = rungOfTray(catalogue, tray)?.rung;
    const kind = tables.places.find((one) => one.id === tray.place)?.kind;
    return rung && smallFront(rung, setOutOn(tables, situation, tray), kind ?? "bay");
  };
  const drawn = standing.flatMap((tray): DrawnTray<TrayId>[] => {
    const one = drawnTray(catalogue, children, tray, {
      word: wordFor(tray, on, {
        suggestion: suggestions.get(tray.id),
        safety: safety.get(tray.id),
        unsafeFrom: turning.find((one) => one.tray.id === tray.id && one.becomes.state === "blocked")?.on,
      }),
      selected: tray.id === selectedId,
      front: frontHere(tray),
    });
    return one ? [one] : [];
  });
  const moves = trays.flatMap((tray): TrayWithMove[] => {
    const suggestion = suggestions.get(tray.id);
    const name = activityOf(catalogue, tray.activity)?.name;
    if (!suggestion || !name) return [];
    return [{ tray, name, suggestion, decided: tables.decisions.some((one) => one.tray === tray.id) }];
  });
  const due = rotation
    ? changesDue(
        moves.filter((one) => !one.decided).map((one) => ({ tray: one.tray.id, suggestion: one.suggestion })),
        home.household.planning,
        home.today >= addDays(rotation.from, home.household.rotationDays),
      )
    : [];
  return {
    rotation,
    trays,
    drawn,
    moves,
    /** What changes now by the household's rhythm, the most urgent first. */
    due,
    /** Taken off the shelf for now. */
    down: trays.flatMap((tray) => {
      const name = activityOf(catalogue, tray.activity)?.name;
      return tray.downOn && name ? [{ tray: tray.id, name }] : [];
    }),
    day: dayOf(tables, situation, on),
    /** Places that could have moments, where none has any. */
    invites:
      situation.openings.length > 0
        ? []
        : situation.places.filter((place) => USED_BY_HOURS.includes(place.kind)).map((place) => place.name),
    drying: dryingOf(home, situation, trays, at),
    tonight: putAwayTonight(situation, home.tables, on),
    restock: rotation ? restockOf(home, situation, trays, rotation.from) : [],
    places: drawnPlaces(situation.places, new Map()),
    held: drawn.filter((tray) => safety.get(tray.id)?.state === "adult-held"),
    /** Adult-held trays of which pieces are missing, or that were left open on a day before. */
    uncounted: trays.flatMap((tray) => {
      const count = countState(countingsOf(tables.countings, tray.id));
      const late = count.state === "missing" || (count.state === "open" && count.on < on);
      return late ? [{ tray: tray.id, name: activityOf(catalogue, tray.activity)?.name ?? "", count }] : [];
    }),
    /** Trays that only go out while somebody sleeps. */
    asleep: trays.flatMap((tray) => {
      const place = situation.places.find((one) => one.id === tray.place);
      const one = drawn.find((other) => other.id === tray.id);
      return place?.because === "asleep" && place.outOfReachOf.length > 0 && one
        ? [{ tray: one, place }]
        : [];
    }),
    care: careNotes(careFor(tables.skillNotes, tables.observations, tables.worries, on), catalogue, children),
    unsafe: drawn.filter((tray) => safety.get(tray.id)?.state === "blocked"),
    /** Trays that will be judged harder within the days ahead, each with its day. */
    turning: turning.map(({ tray, on: from, becomes }) => ({
      tray: tray.id,
      name: activityOf(catalogue, tray.activity)?.name ?? "",
      from,
      becomes: becomes.state,
      reason: becomes.findings.find((one) => one.effect !== "caution")?.reason ?? "",
    })),
    /** Who will get at which places within the days ahead. */
    reach: nextReachChanges(situation.places, situation.people, on, FORESEEN_DAYS),
  };
}
