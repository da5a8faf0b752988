import type { Activity, Place } from "../model";
import { candidatesFor, type Drafted, reachOf } from "./candidates";
import type { Candidate, Cap, Exclusion, Group, PlaceClass, Problem } from "./problem";
import type { Situation } from "./situation";
import { MARGINALS } from "./weights";

/** Places alike in kind and reach are one class; places that exclude others stay alone. */
function classesOf(places: readonly Place[]): PlaceClass[] {
  const classes = new Map<string, Place[]>();
  for (const place of [...places].sort(
    (a, b) => (a.board ?? 99) - (b.board ?? 99) || a.order - b.order || (a.id < b.id ? -1 : 1),
  )) {
    const alone = place.exclusiveWith.length > 0;
    const key = alone
      ? place.id
      : [place.kind, ...[...place.outOfReachOf].sort(), "for", ...[...place.servesOnly].sort()].join(" ");
    classes.set(key, [...(classes.get(key) ?? []), place]);
  }
  return [...classes].map(([id, members]) => ({ id, places: members }));
}

function exclusivePairs(classes: readonly PlaceClass[]): [string, string][] {
  const classOf = new Map(classes.flatMap((one) => one.places.map((place) => [place.id, one.id] as const)));
  return classes.flatMap((one) =>
    one.places.flatMap((place) =>
      place.exclusiveWith.flatMap((other): [string, string][] => {
        const otherClass = classOf.get(other);
        return otherClass && otherClass !== one.id ? [[one.id, otherClass]] : [];
      }),
    ),
  );
}

const indicesWhere = (candidates: readonly Candidate[], is: (c: Candidate) => boolean) =>
  candidates.filter(is).map((c) => c.index);

const distinct = <T>(values: readonly T[]): T[] => [...new Set(values)];

function groupsOf(s: Situation, candidates: readonly Candidate[]): Group[] {
  const { mix, focusArea } = s.household;
  return s.planned
    .flatMap((child): Group[] => {
      const mine = candidates.filter((c) => c.child === child.id);
      const areas = distinct(mine.map((c) => c.activity.area)).map(
        (area): Group => ({
          id: `area ${area} ${child.id}`,
          term: "area",
          text: area === focusArea ? `In your focus: ${area}.` : `Spread over the areas: ${area}.`,
          members: indicesWhere(mine, (c) => c.activity.area === area),
          marginals: area === focusArea ? MARGINALS.focusArea : MARGINALS.area,
        }),
      );
      const forms = distinct(mine.map((c) => c.activity.form)).map(
        (form): Group => ({
          id: `form ${form} ${child.id}`,
          term: "form",
          text: `The same movement twice: ${form}.`,
          members: indicesWhere(mine, (c) => c.activity.form === form),
          marginals: MARGINALS.form,
        }),
      );
      const wanted = (count: number, values: { wanted: number; further: number }) => [
        ...Array<number>(count).fill(values.wanted),
        values.further,
      ];
      return [
        ...areas,
        ...forms,
        {
          id: `anchors ${child.id}`,
          term: "mix",
          text: "An easy, loved one to begin with.",
          members: indicesWhere(mine, (c) => c.band === "anchor"),
          marginals: wanted(mix.anchors, MARGINALS.anchor),
        },
        {
          id: `stretches ${child.id}`,
          term: "mix",
          text: "One that may fail, on purpose.",
          members: indicesWhere(mine, (c) => c.band === "stretch"),
          marginals: wanted(mix.stretches, MARGINALS.stretch),
        },
      ];
    })
    .filter((group) => group.members.length > 0);
}

function capsOf(s: Situation, candidates: readonly Candidate[]): Cap[] {
  const { limits } = s.household;
  const flagged = (id: "wet" | "messy" | "loud", word: string): Cap => ({
    id,
    text: `At most ${limits[id]} ${word}`,
    most: limits[id],
    counts: new Map(candidates.filter((c) => c.activity[id]).map((c) => [c.index, 1])),
  });
  const perActivity = new Map<string, Map<number, number>>();
  for (const c of candidates) {
    const key = `${c.child} ${c.activity.id}`;
    perActivity.set(key, (perActivity.get(key) ?? new Map<number, number>()).set(c.index, 1));
  }
  const onePerActivity = [...perActivity.values()].map(
    (counts): Cap => ({ id: "activity", text: "The same activity once for a child", most: 1, counts }),
  );
  return [
    flagged("wet", "wet"),
    flagged("messy", "messy"),
    flagged("loud", "loud"),
    {
      id: "prepMinutes",
      text: `At most ${limits.prepMinutes} minutes of preparation`,
      most: limits.prepMinutes,
      counts: new Map(candidates.filter((c) => c.prepMinutes > 0).map((c) => [c.index, c.prepMinutes])),
    },
    ...onePerActivity.filter((cap) => cap.counts.size > 1),
  ];
}

function locksOf(s: Situation, candidates: readonly Candidate[]): Problem["locks"] {
  return s.wishes
    .filter((wish) => wish.kind === "lock" && s.planned.some((child) => child.id === wish.child))
    .map((wish) => ({
      text: `${wish.activity} for ${s.planned.find((child) => child.id === wish.child)?.name ?? wish.child}`,
      members: indicesWhere(
        candidates,
        (c) =>
          c.child === wish.child &&
          c.activity.id === wish.activity &&
          (wish.rung === undefined || c.rung.id === wish.rung),
      ),
    }));
}

/** Small enough to decide only between plans that are worth the same: the first written is taken. */
const TIE_BREAK = 1e-5;

/** Everything the planner may choose from and must keep to, for one rotation from `s.on` on. */
export function buildProblem(s: Situation): Problem {
  const classes = classesOf(s.places);
  const stock = new Map(s.stock.map((one) => [one.key, one]));
  const drafted: Drafted[] = [];
  const exclusions: Exclusion[] = [];
  const turns = s.planned.map((child) => ({
    child,
    reaches: new Map(classes.map((one) => [one.id, reachOf(s, child, one)] as const)),
  }));
  const each = (activity: Activity) => {
    for (const { child, reaches } of turns) {
      for (const rung of activity.rungs) {
        const made = candidatesFor(s, stock, classes, reaches, child, activity, rung);
        if (Array.isArray(made)) drafted.push(...made);
        else exclusions.push(made);
      }
    }
  };
  s.catalogue.activities.forEach(each);
  const candidates = drafted.map(
    (c, index): Candidate => ({ ...c, index, value: c.value - TIE_BREAK * index }),
  );
  return {
    candidates,
    classes,
    exclusive: exclusivePairs(classes),
    stock,
    caps: capsOf(s, candidates),
    adultHeld: s.household.limits.adultHeld,
    adultBeside: s.household.limits.adultBeside,
    cents: s.household.limits.cents,
    groups: groupsOf(s, candidates),
    locks: locksOf(s, candidates),
    exclusions,
  };
}
