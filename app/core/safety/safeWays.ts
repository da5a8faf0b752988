import type { Activity, Child, Material, Place, PlainDate, Rung } from "../model";
import { assess, type SafeWay, type TrayThing } from "./assess";

interface Question {
  activity: Activity;
  rung: Rung;
  place: Place;
  /** The children it is for. */
  users: readonly Child[];
  household: readonly Child[];
  on: PlainDate;
  materials: ReadonlyMap<string, Material>;
  places: readonly Place[];
}

const thingsOf = (rung: Rung, materials: ReadonlyMap<string, Material>): TrayThing[] =>
  rung.materials.flatMap((need) => {
    const material = materials.get(need.material);
    return material ? [{ material, loose: need.loose }] : [];
  });

const stateOf = (q: Question, rung: Rung, place: Place, things: TrayThing[]) =>
  assess(q.activity, rung, things, place, q.users, q.household, q.on).state;

function twinWays(q: Question): SafeWay[] {
  const twin = q.activity.rungs.find((rung) => rung.id === q.rung.largePieceTwin);
  if (!twin || stateOf(q, twin, q.place, thingsOf(twin, q.materials)) === "blocked") return [];
  return [{ way: "twin", rung: twin.id, text: `Large pieces for the same skill: ${twin.title}` }];
}

/** Stand-ins for one thing that make the whole tray pass at the place. */
function standInWays(q: Question): SafeWay[] {
  const things = thingsOf(q.rung, q.materials);
  return things.flatMap((thing, i) =>
    thing.material.standIns.flatMap((standIn): SafeWay[] => {
      const material = q.materials.get(standIn.material);
      if (!material) return [];
      const swapped = things.map((other, j) => (j === i ? { ...other, material } : other));
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
  const things = thingsOf(q.rung, q.materials);
  const allowed = q.rung.places ?? q.activity.places;
  return q.places
    .filter((place) => place.id !== q.place.id && allowed.includes(place.kind))
    .flatMap((place): SafeWay[] => {
      const state = stateOf(q, q.rung, place, things);
      if (state === "blocked") return [];
      const how = state === "adult-held" ? "as an adult-held tray" : "free";
      return [{ way: "place", place: place.id, text: `At ${place.name}, ${how}` }];
    });
}

/** The nearest safe ways for a blocked tray: a large-piece twin, a stand-in, another place. Empty where there is none. */
export const safeWays = (q: Question): SafeWay[] => [
  ...twinWays(q),
  ...standInWays(q),
  ...placeWays(q).slice(0, 2),
];
