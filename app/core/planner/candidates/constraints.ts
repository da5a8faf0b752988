import { pushTo } from "../../collections";
import { lanesOfMoments, neighboursOf, type Opening, type Situation } from "../../household";
import { mixingMinutes, type Stock } from "../../materials";
import { DRYING_KINDS, type Material, type Place } from "../../model";
import {
  type Candidate,
  type Constraint,
  childrenOf,
  type PlaceClass,
  stockOf,
  type TrayOption,
} from "./problem";
import { thingsAt } from "./weights";

type Counts = Constraint["coefficients"];

/** Every candidate that is meant counts one. */
const each = (candidates: readonly Candidate[], is: (c: Candidate) => boolean = () => true): Counts =>
  new Map(candidates.filter(is).map((c) => [c.index, 1]));

/** What candidates count, those that count nothing left out. */
const counts = (candidates: readonly Candidate[], count: (c: Candidate) => number): Counts =>
  new Map(candidates.map((c) => [c.index, count(c)] as const).filter(([, n]) => n > 0));

const stands = (c: Candidate) => c.times === undefined;

/** The class of a moment. */
export const classOfMoment = (opening: Opening): string => `moment ${opening.moment.id}`;

/** No more trays at a kind of place than there are places of it. */
const ofPlaces = (candidates: readonly Candidate[], classes: readonly PlaceClass[]): Constraint[] =>
  classes
    .filter((one) => !one.opening)
    .map((one) => ({
      code: "place",
      of: one.id,
      bound: one.places.length,
      coefficients: each(candidates, (c) => c.placeClass === one.id),
    }));

/** Could it need the adult close, by itself or by something that it may be made from? */
const mayBeClose = (c: Candidate) =>
  c.close || c.needs.some((need) => need.options.some((option) => option.close));

/**
 * What is planned for a moment, with what is planned for its earlier rivals, comes no oftener than the moment; and what
 * may need the adult there no oftener than on the days on which the adult is not needed elsewhere in that hour. Whatever
 * keeps to these can be given its days (daysFor).
 */
function ofMoments(
  { household: { planning } }: Situation,
  candidates: readonly Candidate[],
  classes: readonly PlaceClass[],
): Constraint[] {
  const openings = classes.flatMap((one) => one.opening ?? []);
  return neighboursOf(openings).flatMap(({ opening, rivals, beside }): Constraint[] => {
    const own = classOfMoment(opening);
    const bound = opening.days.length;
    const rivalIds = new Set(rivals.map(classOfMoment));
    const besideIds = new Set(beside.map(classOfMoment));
    const rule = (code: "moment" | "adultMoment", is: (c: Candidate) => boolean): Constraint => ({
      code,
      of: own,
      bound,
      coefficients: counts(candidates, (c) => (is(c) ? (c.times?.least ?? 0) : 0)),
      again: each(candidates, is),
    });
    const here = (c: Candidate) => c.placeClass === own;
    const instead = (c: Candidate) => rivalIds.has(c.placeClass);
    return [
      rule("moment", (c) => here(c) || instead(c)),
      {
        code: "variety",
        of: own,
        bound: thingsAt(bound, planning.stay),
        coefficients: each(candidates, (c) => here(c) && !c.locked),
      },
      ...(beside.length === 0
        ? []
        : [
            rule(
              "adultMoment",
              (c) => instead(c) || ((here(c) || besideIds.has(c.placeClass)) && mayBeClose(c)),
            ),
          ]),
    ];
  });
}

/**
 * The classes of moments in tracks, the fewest: no two of one track share an hour. What is out at any hour is what stands
 * and one thing of each track at most.
 */
export function nonOverlappingLanes(classes: readonly PlaceClass[]): string[][] {
  const openings = classes.flatMap((one) => one.opening ?? []);
  const tracks = lanesOfMoments(openings.map((one) => one.moment));
  return Array.from({ length: Math.max(-1, ...tracks.values()) + 1 }, (_, i) =>
    openings.filter((one) => tracks.get(one.moment.id) === i).map(classOfMoment),
  );
}

/**
 * Of two places that exclude each other (basin or table) one is used: by what stands, or by what comes. Two moments of
 * such places take turns (ofMoments).
 */
function ofModes(candidates: readonly Candidate[], classes: readonly PlaceClass[]): Constraint[] {
  return classes.flatMap((one) =>
    classes.flatMap((other): Constraint[] => {
      const excludes = one.places.some((place) =>
        place.exclusiveWith.some((id) => other.places.some((second) => second.id === id)),
      );
      if (!excludes || one.id === other.id || (one.opening && other.opening)) return [];
      // What comes may come so often that all of it goes only where nothing stands.
      const bound = (one.opening ?? other.opening)?.days.length ?? 1;
      return [
        {
          code: "exclusive",
          of: `${one.id} ${other.id}`,
          bound,
          coefficients: counts(candidates, (c) => {
            if (c.placeClass !== one.id && c.placeClass !== other.id) return 0;
            return stands(c) ? bound : 1;
          }),
        },
      ];
    }),
  );
}

/** Water and a mess are at home at a moment outdoors or at a wet spot: they do not count against the rooms. */
const isAtHomeThere = (one: PlaceClass | undefined) =>
  one?.opening !== undefined && ["outdoors", "wet-spot"].includes(one.opening.place.kind);

/** What is mixed for a candidate, once for all trays that use it: by material; not what is mixed before each of its times. */
export function mixedFor(
  { on }: Pick<Situation, "on">,
  stock: ReadonlyMap<string, Stock>,
  c: Candidate,
  options: readonly TrayOption[],
): Material[] {
  if (c.carried) return [];
  return options.flatMap(({ stock: key, quantity, use }) => {
    const of = stockOf({ stock }, key);
    if (mixingMinutes(of.material) === 0) return [];
    if (c.times && use === "each-time") return [];
    // Some that was made before is good still.
    const isReady = of.holding?.useBy !== undefined && of.holding.useBy >= on && of.quantity >= quantity;
    return isReady ? [] : [of.material];
  });
}

/** Minutes of mixing by material: for however many trays, once. Any way to make a tray counts that would be mixed. */
function mixings(s: Situation, candidates: readonly Candidate[]): Counts[] {
  const sets = new Map<string, Map<number, number>>();
  const stock = new Map(s.stock.map((one) => [one.key, one]));
  for (const c of candidates) {
    for (const material of mixedFor(
      s,
      stock,
      c,
      c.needs.flatMap((need) => need.options),
    )) {
      const set = sets.get(material.id) ?? new Map<number, number>();
      sets.set(material.id, set.set(c.index, mixingMinutes(material)));
    }
  }
  return [...sets.values()];
}

/** What the household can carry: at once, in the fullest hour; and in minutes of preparation over the rotation. */
function ofLimits(
  s: Situation,
  candidates: readonly Candidate[],
  classes: readonly PlaceClass[],
): Constraint[] {
  const { limits } = s.household;
  const classOf = new Map(classes.map((one) => [one.id, one]));
  const tracks = nonOverlappingLanes(classes);
  const flagged = (code: "wet" | "messy" | "loud"): Constraint => {
    const is = (c: Candidate) =>
      c.activity[code] && !(code !== "loud" && isAtHomeThere(classOf.get(c.placeClass)));
    return {
      code,
      bound: limits[code],
      coefficients: each(candidates, (c) => stands(c) && is(c)),
      apart: tracks.map((track) => each(candidates, (c) => track.includes(c.placeClass) && is(c))),
    };
  };
  const standing = each(candidates, stands);
  return [
    flagged("wet"),
    flagged("messy"),
    flagged("loud"),
    {
      code: "prepMinutes",
      bound: limits.prepMinutes,
      coefficients: counts(candidates, (c) => c.prepMinutes + c.prepEach * (c.times?.least ?? 1)),
      again: counts(candidates, (c) => c.prepEach),
      apart: mixings(s, candidates),
    },
    // A limit of no trays bars those that come for a while, too.
    {
      code: "trays",
      bound: limits.trays,
      coefficients: limits.trays === 0 ? each(candidates, () => true) : standing,
    },
    { code: "adultHeld", bound: limits.adultHeld, coefficients: standing, when: "held" },
    { code: "adultBeside", bound: limits.adultBeside, coefficients: standing, when: "close" },
  ];
}

/** Where trays change a few at a time, no more are set out anew than that; a shelf that is bare is filled at once. */
function ofChanges(s: Situation, candidates: readonly Candidate[]): Constraint[] {
  const { rhythm, newAtOnce } = s.household.planning;
  if (rhythm !== "few-at-a-time" || s.on !== s.first) return [];
  const isNew = (c: Candidate) => {
    const { tray, second } = s.history(c.child, c.activity);
    return (c.second ? second : tray) === undefined;
  };
  if (candidates.every(isNew)) return [];
  return [
    { code: "newAtOnce", bound: newAtOnce, coefficients: each(candidates, (c) => isNew(c) && !c.locked) },
  ];
}

/** Work that was made at a moment is dry when the moment comes again. */
export const HOURS_OF_A_DAY = 24;

/**
 * Work that dries takes a place: one where no tray stands and that is not used by moments, or the one spot that every home
 * has, up high and flat. A tray at such a place takes it, too. What is made at a moment takes its hours: all that is made
 * there in turn takes one place.
 */
function ofDrying(candidates: readonly Candidate[], classes: readonly PlaceClass[]): Constraint[] {
  if (!candidates.some((c) => c.activity.dryHours)) return [];
  const dries = ({ kind }: Place) => DRYING_KINDS.includes(kind);
  const spots = classes.filter((one) => !one.opening).flatMap((one) => one.places.filter(dries));
  const atOne = new Set(classes.filter((one) => !one.opening && one.places.some(dries)).map((one) => one.id));
  const count = (c: Candidate) => (c.activity.dryHours ? 1 : 0) + (atOne.has(c.placeClass) ? 1 : 0);
  const allTheWhile = (c: Candidate) => stands(c) || (c.activity.dryHours ?? 0) > HOURS_OF_A_DAY;
  return [
    {
      code: "drying",
      bound: spots.length + 1,
      coefficients: counts(candidates, (c) => (allTheWhile(c) ? count(c) : 0)),
      apart: classes
        .filter((one) => one.opening)
        .map((one) => counts(candidates, (c) => (c.placeClass === one.id && !allTheWhile(c) ? count(c) : 0))),
    },
  ];
}

/** The same activity once for a child; a second only beside the first, at its rung and for the same children. */
function ofActivities(candidates: readonly Candidate[]): Constraint[] {
  const members = new Map<string, Candidate[]>();
  const beside = new Map<string, Map<number, number>>();
  for (const c of candidates) {
    if (c.second) continue;
    for (const child of childrenOf(c)) {
      const key = `${child} ${c.activity.id}`;
      pushTo(members, key, c);
    }
  }
  for (const c of candidates.filter((one) => one.second)) {
    const of = `${childrenOf(c).join("+")} ${c.activity.id}/${c.rung.id}`;
    beside.set(of, (beside.get(of) ?? new Map()).set(c.index, 1));
  }
  for (const c of candidates.filter((one) => !one.second && stands(one))) {
    beside.get(`${childrenOf(c).join("+")} ${c.activity.id}/${c.rung.id}`)?.set(c.index, -1);
  }
  return [
    ...[...members].flatMap(([of, all]): Constraint[] =>
      all.length > 1 ? [{ code: "activity", of, bound: 1, coefficients: each(all) }] : [],
    ),
    ...[...beside].map(([of, coefficients]): Constraint => ({ code: "second", of, bound: 0, coefficients })),
  ];
}

/** Every hard rule of a rotation but those of things and money, which hang on what trays are made from (problem.ts). */
export const constraintsOf = (
  s: Situation,
  candidates: readonly Candidate[],
  classes: readonly PlaceClass[],
): Constraint[] => [
  ...ofPlaces(candidates, classes),
  ...ofMoments(s, candidates, classes),
  ...ofModes(candidates, classes),
  ...ofLimits(s, candidates, classes),
  ...ofChanges(s, candidates),
  ...ofDrying(candidates, classes),
  ...ofActivities(candidates),
];
