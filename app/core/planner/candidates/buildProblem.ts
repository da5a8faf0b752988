import { distinct, pushTo } from "../../collections";
import { focusesOn, type Situation, supplyOf } from "../../household";
import { materialName, waysFor, withUsual } from "../../materials";
import { type Activity, activityOf, addDays, type ChildId, type Place, type Rung } from "../../model";
import { DAYS_BEYOND, fetchesFrom, reachSpans } from "../../safety";
import { isOpenEnded } from "../approach";
import { type ChildSuitability, candidatesFor, type Setting, suitabilityOf } from "./candidates";
import { classOfMoment, constraintsOf, nonOverlappingLanes } from "./constraints";
import { focusGroups } from "./focusGroups";
import { isLockHere } from "./personal";
import { fittingClasses, isLongEnough } from "./placeClasses";
import {
  type AllocationProblem,
  type Band,
  type Candidate,
  type ConcaveTerm,
  childrenOf,
  type Drafted,
  type Exclusion,
  type PlaceClass,
} from "./problem";
import type { Barrier, Reason } from "./reasons";
import { type Reach, reachOfClass } from "./trayOptions";
import { MARGINALS } from "./weights";

/** What makes two places the same to the planner: their kind, who gets at them on which days, whom they are for. */
function likenessOf(s: Situation, place: Place): string {
  const spans = reachSpans(place, [], s.people, s.on, addDays(s.to, DAYS_BEYOND));
  return [
    place.kind,
    ...spans.map(({ from, reachers }) => `${from} ${reachers.map((one) => one.id).join("+")}`),
    "fetched by",
    ...s.planned.filter((child) => fetchesFrom(place, s.people, child, s.on)).map((child) => child.id),
    "for",
    ...[...place.servesOnly].sort(),
  ].join(" ");
}

/**
 * Places alike in kind and reach are one class; places that exclude others, or that a lock asks for, stay alone. A place
 * with moments is a class for each of them that comes in the rotation.
 */
export function classesOf(s: Situation): PlaceClass[] {
  const byMoments = new Set(s.openings.map((one) => one.place.id));
  const asked = new Set(s.wishes.flatMap((wish) => (wish.kind === "lock" && wish.place ? [wish.place] : [])));
  const classes = new Map<string, Place[]>();
  for (const place of s.places
    .filter((one) => !byMoments.has(one.id))
    .sort((a, b) => (a.board ?? 99) - (b.board ?? 99) || a.order - b.order || (a.id < b.id ? -1 : 1))) {
    const alone = place.exclusiveWith.length > 0 || asked.has(place.id);
    const key = alone ? place.id : likenessOf(s, place);
    pushTo(classes, key, place);
  }
  return [
    ...[...classes].map(([id, members]) => ({ id, places: members })),
    ...s.openings
      .filter((opening) => opening.days.length > 0)
      .map((opening) => ({ id: classOfMoment(opening), places: [opening.place], opening })),
  ];
}

const indicesWhere = (candidates: readonly Candidate[], is: (c: Candidate) => boolean) =>
  candidates.filter(is).map((c) => c.index);

/** The band that a candidate is in for a child. */
const bandFor = (c: Candidate, child: ChildId): Band =>
  c.child === child ? c.band : (c.others[c.also.indexOf(child)]?.band ?? c.band);

function groupsOf(
  s: Situation,
  candidates: readonly Candidate[],
  classes: readonly PlaceClass[],
): ConcaveTerm[] {
  const { mix } = s.household;
  const focusAreas = new Set<string>(
    focusesOn(s.household, s.on).flatMap(({ kind, on }) => (kind === "area" ? [on] : [])),
  );
  const ofChildren = s.planned.flatMap((child): ConcaveTerm[] => {
    const mine = candidates.filter((c) => childrenOf(c).includes(child.id));
    const areas = distinct(mine.map((c) => c.activity.area)).map(
      (area): ConcaveTerm => ({
        id: `area ${area} ${child.id}`,
        reason: { term: "area", area, inFocus: focusAreas.has(area) },
        members: indicesWhere(mine, (c) => c.activity.area === area),
        marginals: focusAreas.has(area) ? MARGINALS.focusArea : MARGINALS.area,
      }),
    );
    const forms = distinct(mine.map((c) => c.activity.form)).map(
      (form): ConcaveTerm => ({
        id: `form ${form} ${child.id}`,
        reason: { term: "form", form },
        members: indicesWhere(mine, (c) => c.activity.form === form),
        marginals: MARGINALS.form,
      }),
    );
    const wanted = (count: number, values: { wanted: number; further: number }) => [
      ...Array<number>(count).fill(values.wanted),
      values.further,
    ];
    const mixed = (
      id: string,
      kind: Extract<Reason, { term: "mix" }>["wanted"],
      is: (c: Candidate) => boolean,
      marginals: number[],
    ): ConcaveTerm => ({
      id: `${id} ${child.id}`,
      reason: { term: "mix", wanted: kind },
      members: indicesWhere(mine, is),
      marginals,
    });
    return [
      ...areas,
      ...forms,
      mixed(
        "anchors",
        "anchor",
        (c) => bandFor(c, child.id) === "anchor",
        wanted(mix.anchors, MARGINALS.anchor),
      ),
      mixed(
        "stretches",
        "stretch",
        (c) => bandFor(c, child.id) === "stretch",
        wanted(mix.stretches, MARGINALS.stretch),
      ),
      ...(mix.openEnded > 0
        ? [
            mixed(
              "open",
              "open-ended",
              (c) => isOpenEnded(c.activity),
              wanted(mix.openEnded, MARGINALS.openEnded),
            ),
          ]
        : []),
    ];
  });
  return [...focusGroups(s, candidates, classes), ...ofChildren].filter((group) => group.members.length > 0);
}

function locksOf(s: Situation, candidates: readonly Candidate[]): AllocationProblem["locks"] {
  return s.wishes
    .filter((wish) => isLockHere(s, wish) && s.planned.some((child) => child.id === wish.child))
    .map((wish) => ({
      activity: activityOf(s.catalogue, wish.activity)?.name ?? wish.activity,
      child: s.planned.find((child) => child.id === wish.child)?.name ?? wish.child,
      members: indicesWhere(
        candidates,
        (c) =>
          !c.second &&
          childrenOf(c).includes(wish.child) &&
          c.activity.id === wish.activity &&
          (wish.rung === undefined || wish.rung === c.rung.id),
      ),
    }));
}

/** Small enough to decide only between plans that are worth the same: the first written is taken. */
const TIE_BREAK = 1e-5;

/** Every set of two children and more, in order, from those whose turn it can be. */
function groupsOfUsers(turns: readonly ChildSuitability[]): ChildSuitability[][] {
  const groups: ChildSuitability[][] = [[]];
  for (const turn of turns) groups.push(...groups.map((group) => [...group, turn]));
  return groups.filter((group) => group.length > 1);
}

function settingOf(s: Situation): Setting {
  const known = new Map<string, Reach>();
  return {
    stock: new Map(s.stock.map((one) => [one.key, one])),
    classes: classesOf(s),
    reach(users, placeClass) {
      const key = `${users.map((child) => child.id).join("+")} ${placeClass.id}`;
      const found = known.get(key) ?? reachOfClass(s, users, placeClass);
      known.set(key, found);
      return found;
    },
  };
}

/** What stands against a rung even with what is missing, the usual things taken; undefined where nothing does. */
function barrierEvenWith(
  s: Situation,
  setting: Setting,
  activity: Activity,
  rung: Rung,
  fitting: readonly PlaceClass[],
  turn: ChildSuitability,
): Barrier | undefined {
  const supply = withUsual(supplyOf(s), rung);
  const stock = new Map(supply.stock.map((one) => [one.key, one]));
  const ways = waysFor(supply, stock, rung);
  if ("unfit" in ways) return { code: "wrong-pair", ...ways.unfit };
  if (!("ways" in ways)) return undefined;
  const made = candidatesFor(s, { ...setting, stock }, activity, rung, ways.ways, fitting, [turn]);
  return "barrier" in made ? made.barrier : undefined;
}

/** All candidates of one rung, for each child and for several together, and why there are none. */
function draftRung(s: Situation, setting: Setting, activity: Activity, rung: Rung) {
  const drafted: Drafted[] = [];
  const exclusions: Exclusion[] = [];
  const exclude = (child: ChildId, barrier: Barrier, missing?: Exclusion["missing"]) =>
    exclusions.push({ child, activity: activity.id, rung: rung.id, barrier, missing });
  const turns: ChildSuitability[] = [];
  for (const child of s.planned) {
    const turn = suitabilityOf(s, child, activity, rung);
    if ("barrier" in turn) exclusions.push(turn);
    else turns.push(turn);
  }
  if (turns.length === 0) return { drafted, exclusions };
  const ways = waysFor(supplyOf(s), setting.stock, rung);
  const placed: ChildSuitability[] = [];
  for (const turn of turns) {
    const fitting = fittingClasses(setting.classes, activity, rung, [turn]);
    if (fitting.length === 0) {
      exclude(turn.child.id, {
        code: "no-place",
        kinds: rung.places ?? activity.places,
        routines: activity.routines,
        hasThings: "ways" in ways,
      });
    } else if ("unfit" in ways) {
      exclude(turn.child.id, { code: "wrong-pair", ...ways.unfit });
    } else if ("missing" in ways) {
      const unsafe = barrierEvenWith(s, setting, activity, rung, fitting, turn);
      if (unsafe) exclude(turn.child.id, unsafe);
      else {
        const names = ways.missing.map((id) => materialName(s.materials, id));
        exclude(
          turn.child.id,
          { code: "missing", materials: names },
          {
            materials: ways.missing,
            activityName: activity.name,
            classes: fitting.filter((one) => isLongEnough(one, activity)).map((one) => one.id),
          },
        );
      }
    } else {
      const made = candidatesFor(s, setting, activity, rung, ways.ways, fitting, [turn]);
      if ("barrier" in made) exclude(turn.child.id, made.barrier);
      else {
        drafted.push(...made.drafted);
        placed.push(turn);
      }
    }
  }
  if ("ways" in ways) {
    for (const users of groupsOfUsers(placed)) {
      const fitting = fittingClasses(setting.classes, activity, rung, users);
      const made = candidatesFor(s, setting, activity, rung, ways.ways, fitting, users);
      if ("drafted" in made) drafted.push(...made.drafted);
    }
  }
  return { drafted, exclusions };
}

/** Everything the planner may choose from and must keep to, for one rotation from `s.on` on. */
export function buildProblem(s: Situation): AllocationProblem {
  const setting = settingOf(s);
  const made = s.catalogue.activities.flatMap((activity) =>
    activity.rungs.map((rung) => draftRung(s, setting, activity, rung)),
  );
  const candidates = made
    .flatMap((one) => one.drafted)
    .map((c, index): Candidate => ({ ...c, index, value: c.value - TIE_BREAK * index }));
  return {
    candidates,
    classes: setting.classes,
    stock: setting.stock,
    constraints: constraintsOf(s, candidates, setting.classes),
    tracks: nonOverlappingLanes(setting.classes),
    cents: s.household.limits.cents,
    groups: groupsOf(s, candidates, setting.classes),
    locks: locksOf(s, candidates),
    exclusions: made.flatMap((one) => one.exclusions),
  };
}
