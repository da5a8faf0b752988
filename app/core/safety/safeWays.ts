import type { Activity, Child, Material, PieceShape, Place, PlainDate, Rung } from "../model";
import { assess, assessThing, type SafeWay, type TrayThing } from "./assess";
import { whoCanReach } from "./reach";

export interface SafeWaysQuestion {
  activity: Activity;
  rung: Rung;
  place: Place;
  /** The children it is for. */
  users: readonly Child[];
  household: readonly Child[];
  on: PlainDate;
  materials: ReadonlyMap<string, Material>;
  places: readonly Place[];
  /** What is on the tray in truth, where it is known; else what the rung asks for. */
  things?: readonly TrayThing[];
}
type Question = SafeWaysQuestion;

const thingsOf = (rung: Rung, materials: ReadonlyMap<string, Material>): TrayThing[] =>
  rung.materials.flatMap((need) => {
    const material = materials.get(need.material);
    return material ? [{ material, loose: need.loose }] : [];
  });

const given = (q: Question): readonly TrayThing[] => q.things ?? thingsOf(q.rung, q.materials);

const stateOf = (
  q: Question,
  rung: Rung,
  place: Place,
  things: readonly TrayThing[],
  household: readonly Child[] = q.household,
) => assess(q.activity, rung, things, place, q.users, household, q.on).state;

function twinWays(q: Question): SafeWay[] {
  const twin = q.activity.rungs.find((rung) => rung.id === q.rung.largePieceTwin);
  if (!twin || stateOf(q, twin, q.place, thingsOf(twin, q.materials)) === "blocked") return [];
  return [{ way: "twin", rung: twin.id, text: `Large pieces for the same skill: ${twin.title}` }];
}

/** The largest growth that is looked at: beyond it a piece is another thing. */
const MOST_GROWTH = 3;

const grown = ({ shape, mm }: PieceShape, factor: number): PieceShape =>
  ({ shape, mm: mm.map((edge) => Math.ceil(edge * factor - 1e-9)) }) as PieceShape;

/** The same thing in larger pieces: the least whole mm at which it is not blocked by its size any more. */
function sizeWays(q: Question): SafeWay[] {
  const reachers = whoCanReach(q.place, q.users, q.household, q.on);
  const things = given(q);
  const blocked = things.filter((thing) => assessThing(thing, reachers).state === "blocked");
  const [only] = blocked;
  const piece = only?.measured ?? only?.material.piece;
  if (!only || blocked.length > 1 || !piece) return [];
  const passes = (factor: number) =>
    assessThing({ ...only, measured: grown(piece, factor) }, reachers).state !== "blocked";
  if (!passes(MOST_GROWTH)) return [];
  let [low, high] = [1, MOST_GROWTH];
  while (high - low > 0.005) {
    const middle = (low + high) / 2;
    if (passes(middle)) high = middle;
    else low = middle;
  }
  const large = grown(piece, high);
  const all = things.map((thing) => (thing === only ? { ...only, measured: large } : thing));
  if (stateOf(q, q.rung, q.place, all) === "blocked") return [];
  const sizes = large.mm.join(" × ");
  return [
    {
      way: "size",
      material: only.material.id,
      leastMm: [...large.mm],
      text: `Larger pieces: ${only.material.name} of at least ${sizes} mm`,
    },
  ];
}

/** Stand-ins for one thing that make the whole tray pass at the place. */
function standInWays(q: Question): SafeWay[] {
  const things = given(q);
  return things.flatMap((thing, i) =>
    thing.material.standIns.flatMap((standIn): SafeWay[] => {
      const material = q.materials.get(standIn.material);
      if (!material) return [];
      const swapped = things.map((other, j) => (j === i ? { loose: other.loose, material } : other));
      if (stateOf(q, q.rung, q.place, swapped) === "blocked") return [];
      return [
        {
          way: "stand-in",
          material: material.id,
          text: `${material.name} instead of ${thing.material.name}`,
        },
      ];
    }),
  );
}

function placeWays(q: Question): SafeWay[] {
  const things = given(q);
  const allowed = q.rung.places ?? q.activity.places;
  return q.places
    .filter((place) => place.id !== q.place.id && allowed.includes(place.kind))
    .flatMap((place): SafeWay[] => {
      const state = stateOf(q, q.rung, place, things);
      if (state === "blocked") return [];
      const how = state === "adult-held" ? "as an adult-held tray" : "free";
      const when = place.because === "asleep" && place.outOfReachOf.length > 0 ? ", only then" : "";
      return [{ way: "place", place: place.id, text: `At ${place.name}${when}, ${how}` }];
    });
}

/** The same place, while those whom it is not for sleep: the fewest that have to. */
function timeWays(q: Question): SafeWay[] {
  const users = new Set(q.users.map((one) => one.id));
  const reaching = new Set(whoCanReach(q.place, q.users, q.household, q.on).map((one) => one.id));
  const others = q.household.filter((one) => reaching.has(one.id) && !users.has(one.id));
  const tries = [...others.map((one) => [one]), ...(others.length > 1 ? [others] : [])];
  const asleep = tries.find((gone) => {
    const awake = q.household.filter((one) => !gone.includes(one));
    return stateOf(q, q.rung, q.place, given(q), awake) !== "blocked";
  });
  if (!asleep) return [];
  const names = asleep.map((one) => one.name).join(" and ");
  return [
    {
      way: "time",
      asleep: asleep.map((one) => one.id),
      text: `At ${q.place.name}, only while ${names} ${asleep.length > 1 ? "sleep" : "sleeps"}`,
    },
  ];
}

/** The nearest other rung that is not blocked at the place, the easier one of two. */
function rungWays(q: Question): SafeWay[] {
  const at = q.activity.rungs.findIndex((one) => one.id === q.rung.id);
  const [near] = q.activity.rungs
    .map((rung, i) => ({ rung, far: Math.abs(i - at), easier: i < at }))
    .filter(({ rung }) => rung.id !== q.rung.id && rung.id !== q.rung.largePieceTwin)
    .filter(({ rung }) => stateOf(q, rung, q.place, thingsOf(rung, q.materials)) !== "blocked")
    .sort((a, b) => a.far - b.far || Number(b.easier) - Number(a.easier));
  if (!near) return [];
  const word = near.easier ? "An easier rung" : "Another rung";
  return [{ way: "rung", rung: near.rung.id, text: `${word}: ${near.rung.title}` }];
}

/**
 * The nearest safe ways for a blocked tray: a large-piece twin, larger pieces, a stand-in, another
 * place, another time, another rung. Empty where there is none.
 */
export const safeWays = (q: SafeWaysQuestion): SafeWay[] => [
  ...twinWays(q),
  ...sizeWays(q),
  ...standInWays(q),
  ...placeWays(q).slice(0, 2),
  ...timeWays(q),
  ...rungWays(q),
];
