import type { Situation } from "../../household";
import { DRYING_KINDS, type Place } from "../../model";
import { type Candidate, type Constraint, childrenOf, type PlaceClass } from "./problem";

type Counts = Constraint["coefficients"];

/** Every candidate that is meant counts one. */
const each = (candidates: readonly Candidate[], is: (c: Candidate) => boolean = () => true): Counts =>
  new Map(candidates.filter(is).map((c) => [c.index, 1]));

/** No more trays at a kind of place than there are places of it. */
const ofPlaces = (candidates: readonly Candidate[], classes: readonly PlaceClass[]): Constraint[] =>
  classes.map((one) => ({
    code: "place",
    of: one.id,
    bound: one.places.length,
    coefficients: each(candidates, (c) => c.placeClass === one.id),
  }));

/** Of two places that exclude each other (basin or table) one is used. */
function ofModes(candidates: readonly Candidate[], classes: readonly PlaceClass[]): Constraint[] {
  const classOf = new Map(classes.flatMap((one) => one.places.map((place) => [place.id, one.id] as const)));
  return classes.flatMap((one) =>
    one.places.flatMap((place) =>
      place.exclusiveWith.flatMap((id): Constraint[] => {
        const other = classOf.get(id);
        if (other === undefined || other === one.id) return [];
        const uses = (c: Candidate) => c.placeClass === one.id || c.placeClass === other;
        return [
          {
            code: "exclusive",
            of: `${one.id} ${other}`,
            bound: 1,
            coefficients: each(candidates, uses),
          },
        ];
      }),
    ),
  );
}

/** What the household can carry in one rotation. */
function ofLimits({ household: { limits } }: Situation, candidates: readonly Candidate[]): Constraint[] {
  const flagged = (code: "wet" | "messy" | "loud"): Constraint => ({
    code,
    bound: limits[code],
    coefficients: each(candidates, (c) => c.activity[code]),
  });
  const prepared = candidates.filter((c) => c.prepMinutes > 0);
  const all = each(candidates);
  return [
    flagged("wet"),
    flagged("messy"),
    flagged("loud"),
    {
      code: "prepMinutes",
      bound: limits.prepMinutes,
      coefficients: new Map(prepared.map((c) => [c.index, c.prepMinutes])),
    },
    { code: "trays", bound: limits.trays, coefficients: all },
    { code: "adultHeld", bound: limits.adultHeld, coefficients: all, when: "held" },
    { code: "adultBeside", bound: limits.adultBeside, coefficients: all, when: "close" },
  ];
}

/** Where trays change a few at a time, no more are set out anew than that; a shelf that is bare is filled at once. */
function ofChanges(s: Situation, candidates: readonly Candidate[]): Constraint[] {
  const { rhythm, newAtOnce } = s.household.planning;
  if (rhythm !== "few-at-a-time" || s.on !== s.first) return [];
  const isNew = (c: Candidate) => s.history(c.child, c.activity).tray === undefined;
  if (candidates.every(isNew)) return [];
  return [
    { code: "newAtOnce", bound: newAtOnce, coefficients: each(candidates, (c) => isNew(c) && !c.locked) },
  ];
}

/**
 * Work that dries takes a place: one where no tray stands, or the one spot that every home has, up high and flat. A tray
 * at such a place takes it, too.
 */
function ofDrying(
  s: Situation,
  candidates: readonly Candidate[],
  classes: readonly PlaceClass[],
): Constraint[] {
  if (!candidates.some((c) => c.activity.dryHours)) return [];
  const dries = (place: Place | undefined) => place !== undefined && DRYING_KINDS.includes(place.kind);
  const atOne = new Set(classes.filter((one) => dries(one.places[0])).map((one) => one.id));
  const counts = candidates.map(
    (c) => [c.index, (c.activity.dryHours ? 1 : 0) + (atOne.has(c.placeClass) ? 1 : 0)] as const,
  );
  return [
    {
      code: "drying",
      bound: s.places.filter(dries).length + 1,
      coefficients: new Map(counts.filter(([, count]) => count > 0)),
    },
  ];
}

/** The same activity once for a child. */
function ofActivities(candidates: readonly Candidate[]): Constraint[] {
  const members = new Map<string, Candidate[]>();
  for (const c of candidates) {
    for (const child of childrenOf(c)) {
      const key = `${child} ${c.activity.id}`;
      members.set(key, [...(members.get(key) ?? []), c]);
    }
  }
  return [...members].flatMap(([of, all]): Constraint[] =>
    all.length > 1 ? [{ code: "activity", of, bound: 1, coefficients: each(all) }] : [],
  );
}

/** Every hard rule of a rotation but those of things and money, which hang on what trays are made from (problem.ts). */
export const constraintsOf = (
  s: Situation,
  candidates: readonly Candidate[],
  classes: readonly PlaceClass[],
): Constraint[] => [
  ...ofPlaces(candidates, classes),
  ...ofModes(candidates, classes),
  ...ofLimits(s, candidates),
  ...ofChanges(s, candidates),
  ...ofDrying(s, candidates, classes),
  ...ofActivities(candidates),
];
