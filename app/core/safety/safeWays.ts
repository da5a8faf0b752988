import { measuredPiece } from "../materials";
import type { Activity, Material, PieceShape, Place, Rung } from "../model";
import type { SafetyState, TrayThing } from "./assess";
import { judge } from "./judge";
import { isBroughtOrFetched, type OfferContext, offerAt, suitsPlace } from "./offer";
import { whileAsleep, whoCanReach } from "./reach";
import type { Reacher } from "./reacher";

/** A way to make it safe, nearest first, with the state it would then have. */
export type SafeWay = { state: Exclude<SafetyState, "blocked"> } & (
  | { way: "twin"; rung: Rung }
  | { way: "stand-in"; material: Material; insteadOf: Material }
  /** Pieces of the same shape, but at least so large (mm, in the order of the shape). */
  | { way: "size"; material: Material; leastMm: number[] }
  /** At another place; where some are kept from it only while they sleep, only then. */
  | { way: "place"; place: Place; onlyAsleep: boolean }
  /** At the same place, but only while these children sleep. */
  | { way: "time"; place: Place; asleep: readonly Reacher[] }
  | { way: "rung"; rung: Rung; easier: boolean }
);

export interface SafeWaysQuestion extends OfferContext {
  activity: Activity;
  rung: Rung;
  place: Place;
  places: readonly Place[];
  /** What is on the tray in truth, as measured here. */
  things: readonly TrayThing[];
}
type Question = SafeWaysQuestion;
type Safe = Exclude<SafetyState, "blocked">;

const safe = (state: SafetyState | undefined): Safe[] =>
  state === undefined || state === "blocked" ? [] : [state];

/** The state of the tray with other things, at another place or with other children about, if it is not blocked. */
function stateOf(
  q: Question,
  { things = q.things, place = q.place }: { things?: readonly TrayThing[]; place?: Place } = {},
): Safe[] {
  const { activity, rung, users, people, from, to } = q;
  const { state } = judge({ activity, rung, things, place, users, people }, from, to);
  return isBroughtOrFetched(state, place, q) ? safe(state) : [];
}

/** The state of another rung as this home would set it out here. */
const rungState = (q: Question, rung: Rung): Safe[] =>
  safe(offerAt(q.activity, rung, q.place, q)?.judgement.state);

function twinWays(q: Question): SafeWay[] {
  const twin = q.activity.rungs.find((rung) => rung.id === q.rung.largePieceTwin);
  if (!twin) return [];
  return rungState(q, twin).map((state) => ({ way: "twin", rung: twin, state }));
}

/** The largest growth that is looked at: beyond it a piece is another thing. */
const MOST_GROWTH = 3;

const grown = ({ shape, mm }: PieceShape, factor: number): PieceShape =>
  ({ shape, mm: mm.map((edge) => Math.ceil(edge * factor - 1e-9)) }) as PieceShape;

/** The same thing in larger pieces: the least whole mm at which it is not blocked by its size any more. */
function sizeWays(q: Question): SafeWay[] {
  const alone = (thing: TrayThing) =>
    judge({ ...q, rung: { ...q.rung, hazards: [], held: undefined }, things: [thing] }, q.from, q.to).state;
  const blocked = q.things.filter((thing) => alone(thing) === "blocked");
  const [only] = blocked;
  const piece = only?.measured ?? only?.material.piece;
  if (!only || blocked.length > 1 || !piece) return [];
  const passes = (factor: number) => alone({ ...only, measured: grown(piece, factor) }) !== "blocked";
  if (!passes(MOST_GROWTH)) return [];
  let [low, high] = [1, MOST_GROWTH];
  while (high - low > 0.005) {
    const middle = (low + high) / 2;
    if (passes(middle)) high = middle;
    else low = middle;
  }
  const large = grown(piece, high);
  const things = q.things.map((thing) => (thing === only ? { ...only, measured: large } : thing));
  return stateOf(q, { things }).map((state) => ({
    way: "size",
    material: only.material,
    leastMm: [...large.mm],
    state,
  }));
}

/** The stand-ins for a thing that are in this home, each as it was measured. */
function standInsHere(q: Question, material: Material): { material: Material; measured?: PieceShape }[] {
  const ids = new Set(material.standIns.map((one) => one.material));
  return q.supply.stock
    .filter((one) => one.holding && ids.has(one.material.id))
    .map((one) => ({ material: one.material, measured: measuredPiece(one) }));
}

/** Stand-ins for one thing that make the whole tray pass at the place. */
function standInWays(q: Question): SafeWay[] {
  return q.things.flatMap((thing, i) =>
    standInsHere(q, thing.material).flatMap(({ material, measured }): SafeWay[] => {
      const things = q.things.map((other, j) =>
        j === i ? { loose: other.loose, material, measured } : other,
      );
      return stateOf(q, { things }).map((state) => ({
        way: "stand-in",
        material,
        insteadOf: thing.material,
        state,
      }));
    }),
  );
}

function placeWays(q: Question): SafeWay[] {
  return q.places
    .filter((place) => place.id !== q.place.id && suitsPlace(q.activity, q.rung, place, q.users))
    .flatMap((place) => {
      const onlyAsleep = place.because === "asleep" && place.outOfReachOf.length > 0;
      return stateOf(q, { place }).map((state): SafeWay => ({ way: "place", place, onlyAsleep, state }));
    });
}

/** The same place, while those whom it is not for sleep: the fewest that have to. */
function timeWays(q: Question): SafeWay[] {
  const others = whoCanReach(q.place, q.users, q.people, q.from).filter(
    (one) => !q.users.some((user) => user.id === one.id),
  );
  const tries = [...others.map((one) => [one]), ...(others.length > 1 ? [others] : [])];
  for (const gone of tries) {
    const asleep = whileAsleep(
      q.place,
      gone.map((one) => one.id),
    );
    const [state] = stateOf(q, { place: asleep });
    if (state) return [{ way: "time", place: q.place, asleep: gone, state }];
  }
  return [];
}

/** The nearest other rung that is not blocked at the place, the easier one of two. */
function rungWays(q: Question): SafeWay[] {
  const at = q.activity.rungs.findIndex((one) => one.id === q.rung.id);
  const near = q.activity.rungs
    .map((rung, i) => ({ rung, far: Math.abs(i - at), easier: i < at }))
    .filter(({ rung }) => rung.id !== q.rung.id && rung.id !== q.rung.largePieceTwin)
    .sort((a, b) => a.far - b.far || Number(b.easier) - Number(a.easier));
  for (const { rung, easier } of near) {
    const [state] = rungState(q, rung);
    if (state) return [{ way: "rung", rung, easier, state }];
  }
  return [];
}

/**
 * The nearest safe ways for a blocked tray: a large-piece twin, larger pieces, a stand-in, another place, another time,
 * another rung. Each is judged as this home has the things, for every day it may stand. Empty where there is none.
 */
export const safeWays = (q: Question): SafeWay[] => [
  ...twinWays(q),
  ...sizeWays(q),
  ...standInWays(q),
  ...placeWays(q).slice(0, 2),
  ...timeWays(q),
  ...rungWays(q),
];
