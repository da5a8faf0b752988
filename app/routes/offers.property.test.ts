import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../catalogue/catalogue";
import { sittingUses } from "../core/day";
import { explainMove, type Situation, situationOf, trayView } from "../core/household";
import { usesOf } from "../core/ladder";
import { optionsFor } from "../core/materials";
import {
  Activity,
  activityOf,
  addDays,
  type Child,
  Holding,
  Material,
  type OwnActivity,
  type OwnMaterial,
  type PieceShape,
  type Place,
  type Rung,
  type Tables,
  type Tray,
} from "../core/model";
import { explainPlacement, worthBuying } from "../core/planner";
import { ON, partFor, randomTables } from "../core/planner/testing/households";
import {
  assess,
  fetchesFrom,
  type SafetyState,
  type SafeWay,
  type TrayThing,
  whileAsleep,
} from "../core/safety";
import { seeded } from "../core/safety/testing/bruteGauge";
import { runs } from "../core/testing/runs";
import { database } from "../data/db";
import type { Home } from "../data/home";
import { safeWayText } from "../words/safeWays";
import { activityView } from "./activities/activityView";
import { allFacts } from "./activities/facts";

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const NAMES = ["thing", "marbles", "dice", "wooden ring", "water beads", "grape", "big cushion", "acorn"];

/** Things and activities of the household's own: some named like what is dangerous, some without a size. */
function ours(seed: number): {
  ownMaterials: OwnMaterial[];
  ownActivities: OwnActivity[];
  holdings: Holding[];
} {
  const random = seeded(seed);
  const int = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const ownMaterials = Array.from({ length: 3 }, (_, i): OwnMaterial => {
    const piece: PieceShape = { shape: "sphere", mm: [int(8, 90)] };
    const made = Material.parse({
      id: `own-${i}`,
      name: `${NAMES[int(0, NAMES.length - 1)]} ${i}`,
      use: "reusable",
      found: "toys",
      ...(random() < 0.7 ? { piece } : {}),
    });
    return { ...stamp, ...made, notDangers: [] };
  });
  const ownActivities = ownMaterials.map(
    (material, i): OwnActivity => ({
      ...stamp,
      notDangers: [],
      ...Activity.parse({
        id: `hand-${i}`,
        name: `By hand ${i}`,
        invitation: "Into the pot.",
        area: "hands",
        family: "our own",
        form: `by hand ${i}`,
        glyph: "basket",
        places: ["bay", "table", "mat", "floor"],
        prepMinutes: 1,
        clearMinutes: 1,
        playMinutes: 5,
        rungs: ["a", "b"].map((id, n) => ({
          id,
          title: `Some ${n}`,
          window: { p10: 4, median: 12 + n, p90: 40 },
          axes: { choices: n },
          grows: ["posts"],
          materials: [{ id: "things", material: material.id, quantity: 2 }],
          ...(n === 1 && random() < 0.5 ? { held: true } : {}),
        })),
      }),
    }),
  );
  const holdings = ownMaterials.map(({ id }) =>
    Holding.parse({
      ...stamp,
      id: `h-${id}`,
      site: "home",
      material: id,
      quantity: 9,
      ...(random() < 0.4 ? { measured: { shape: "sphere", mm: [int(8, 90)] } } : {}),
    }),
  );
  return { ownMaterials, ownActivities, holdings };
}

/** A tray made from what there is of the very things that its rung asks for. */
function filled(tray: Tray, holdings: readonly Holding[]): Tray {
  const rung = activityOf(CATALOGUE, tray.activity)?.rungs.find((one) => one.id === tray.rung);
  const allotted = (rung?.materials ?? []).flatMap((need) => {
    const holding = holdings.find((one) => one.material === need.material);
    return holding
      ? [{ need: need.id, material: need.material, holding: holding.id, quantity: need.quantity }]
      : [];
  });
  return { ...tray, allotted };
}

/** The things on a tray, each as it is measured. */
const thingsOf = (home: Home, s: Situation, tray: Tray, rung: Rung): TrayThing[] =>
  tray.allotted.flatMap((one) => {
    const material = s.materials.get(one.material);
    const loose = rung.materials.find((need) => need.id === one.need)?.loose ?? true;
    const measured = home.tables.holdings.find((holding) => holding.id === one.holding)?.measured;
    return material ? [{ material, loose, measured }] : [];
  });

function randomHome(seed: number): Home {
  const tables = randomTables(seed, "usual", CATALOGUE);
  const own = ours(seed);
  const holdings = [...tables.holdings, ...own.holdings];
  const all: Tables = {
    ...tables,
    ...own,
    holdings,
    trays: tables.trays.map((tray) => filled(tray, holdings)),
  };
  const [household] = all.household;
  const [site] = household?.sites ?? [];
  if (!household || !site) throw new Error("a household was expected");
  const builtIn = partFor(all, seed, 20, CATALOGUE);
  const situation = situationOf(builtIn, all, ON);
  const home: Home = {
    which: "ours",
    db: database("ours"),
    catalogue: situation.catalogue,
    situation,
    tables: all,
    household,
    children: [...all.children],
    today: ON,
    on: ON,
    ahead: 0,
    site,
  };
  return home;
}

const ORDER: readonly SafetyState[] = ["free", "adult-held", "blocked"];

/** Judged day by day, without anything of what the screens are made with: the hardest of the rotation's days. */
function judged(
  s: Situation,
  activity: Activity,
  rung: Rung,
  things: readonly TrayThing[],
  place: Place,
  users: readonly Child[],
  to = s.to,
): SafetyState {
  const hardest = overDays({ ...s, to }, activity, rung, things, place, users);
  const fetched = users.every((user) => fetchesFrom(place, s.people, user, s.on));
  return hardest === "free" && !fetched ? "blocked" : hardest;
}

/** Everything that can serve a need, as it is measured here or bought; the usual thing where nothing does. */
function couldServe(s: Situation, rung: Rung, cents: number): TrayThing[][] {
  return rung.materials.map((need) => {
    const here = optionsFor(need, s.materials, s.stock, cents).flatMap((option): TrayThing[] => {
      const from = s.stock.find((one) => one.key === option.stock);
      return from ? [{ material: from.material, loose: need.loose, measured: from.holding?.measured }] : [];
    });
    const usual = s.materials.get(need.material);
    return here.length > 0 || !usual ? here : [{ material: usual, loose: need.loose }];
  });
}

/** The hardest state of one part of a tray over the days of the rotation. */
function overDays(
  s: Situation,
  activity: Activity,
  rung: Rung,
  things: readonly TrayThing[],
  place: Place,
  users: readonly Child[],
): SafetyState {
  let hardest: SafetyState = "free";
  for (let day = s.on; day < s.to; day = addDays(day, 1)) {
    const { state } = assess({ activity, rung, things, place, users, people: s.people }, day);
    if (ORDER.indexOf(state) > ORDER.indexOf(hardest)) hardest = state;
  }
  return hardest;
}

/**
 * Can a rung stand at a place in any way at all, over everything that can serve? Where the child does not get at the
 * place by itself, only as an adult-held tray.
 */
function mayStand(
  s: Situation,
  activity: Activity,
  rung: Rung,
  place: Place,
  users: readonly Child[],
  cents = 0,
): boolean {
  const base = overDays(s, activity, rung, [], place, users);
  const states = couldServe(s, rung, cents).map((could) =>
    could.map((thing) =>
      overDays(s, activity, { ...rung, hazards: [], held: undefined }, [thing], place, users),
    ),
  );
  if (base === "blocked" || states.some((of) => of.every((state) => state === "blocked"))) return false;
  const fetched = users.every((user) => fetchesFrom(place, s.people, user, s.on));
  return fetched || base === "adult-held" || states.some((of) => of.includes("adult-held"));
}

const asleepIn = ({ asleep }: Extract<SafeWay, { way: "time" }>) => asleep.map((one) => one.id);

/** What is wrong with a way that is offered: nothing, or what it would be in truth. */
function faultOfWay(
  s: Situation,
  way: SafeWay,
  asked: {
    activity: Activity;
    rung: Rung;
    things: readonly TrayThing[];
    place: Place;
    users: readonly Child[];
  },
): string[] {
  const { activity, rung, things, place, users } = asked;
  const fault = (state: SafetyState) => (state === "blocked" ? [`${safeWayText(way)} is blocked`] : []);
  switch (way.way) {
    case "twin":
    case "rung": {
      const other = activity.rungs.find((one) => one.id === way.rung.id);
      return other && mayStand(s, activity, other, place, users) ? [] : fault("blocked");
    }
    case "size": {
      const made = things.map((thing) =>
        thing.material.id === way.material.id
          ? {
              ...thing,
              measured: {
                shape: (thing.measured ?? thing.material.piece)?.shape,
                mm: way.leastMm,
              } as PieceShape,
            }
          : thing,
      );
      return fault(judged(s, activity, rung, made, place, users));
    }
    case "stand-in": {
      const here = s.stock.filter((one) => one.material.id === way.material.id);
      const states = things.flatMap((_, i) =>
        here.map((one) =>
          judged(
            s,
            activity,
            rung,
            things.map((thing, j) =>
              i === j
                ? { material: one.material, loose: thing.loose, measured: one.holding?.measured }
                : thing,
            ),
            place,
            users,
          ),
        ),
      );
      return states.some((state) => state !== "blocked") ? [] : fault("blocked");
    }
    case "place": {
      const other = s.places.find((one) => one.id === way.place.id);
      return other ? fault(judged(s, activity, rung, things, other, users)) : [`no place ${way.place.name}`];
    }
    case "time":
      return fault(judged(s, activity, rung, things, whileAsleep(place, asleepIn(way)), users));
  }
}

const safeAnywhere = (s: Situation, activity: Activity, rung: Rung, users: readonly Child[]) =>
  s.places
    .filter((place) => (rung.places ?? activity.places).includes(place.kind))
    .filter(
      (place) => place.servesOnly.length === 0 || users.every((user) => place.servesOnly.includes(user.id)),
    )
    .some((place) => mayStand(s, activity, rung, place, users));

/** Activities: the list, one opened, a sitting from one thing. */
function faultsOfActivities(
  home: Home,
  s: Situation,
  child: Child,
  seed: number,
): { faults: string[]; offers: number } {
  const faults: string[] = [];
  let offers = 0;
  for (const facts of allFacts(s, child)) {
    const activity = s.catalogue.activities.find((one) => one.id === facts.id);
    const rung = activity?.rungs.find((one) => one.id === facts.rung);
    if (!activity || !rung || facts.here !== "safe") continue;
    offers++;
    if (!safeAnywhere(s, activity, rung, [child])) faults.push(`listed as safe: ${activity.id}/${rung.id}`);
  }
  const opened = s.catalogue.activities.filter(
    (one, i) => one.id.startsWith("hand-") || (i + seed) % 5 === 0,
  );
  for (const activity of opened) {
    for (const rung of activity.rungs) {
      const view = activityView(home, s, child, activity, rung.id);
      for (const { place, safety } of view?.places ?? []) {
        if (safety.state === "blocked") continue;
        offers++;
        if (!mayStand(s, activity, rung, place, [child]))
          faults.push(`opened: ${activity.id}/${rung.id} at ${place.id}`);
      }
      const [best] = view?.places ?? [];
      for (const way of view?.ways ?? []) {
        offers++;
        const things = couldServe(s, rung, 0).map((could) => {
          const safe = could.find(
            (thing) =>
              best &&
              overDays(s, activity, { ...rung, hazards: [] }, [thing], best.place, [child]) !== "blocked",
          );
          return safe ?? could[0];
        });
        if (!best) faults.push("a way without a place");
        else if (way.way !== "place" && way.way !== "stand-in" && way.way !== "time")
          faults.push(
            ...faultOfWay(s, way, {
              activity,
              rung,
              things: things.flatMap((one) => one ?? []),
              place: best.place,
              users: [child],
            }),
          );
      }
    }
  }
  const material = s.catalogue.materials[seed % s.catalogue.materials.length];
  for (const { activity, rung } of material ? sittingUses(s, material.id, [child]).uses : []) {
    offers++;
    // The adult brings it to any place, whosever it is.
    const shared = { ...s, places: s.places.map((place) => ({ ...place, servesOnly: [] })) };
    if (!safeAnywhere(shared, activity, rung, [child])) faults.push(`sitting: ${activity.id}/${rung.id}`);
  }
  expect(material && usesOf(s.catalogue, material.id).length).toBeGreaterThanOrEqual(0);
  return { faults, offers };
}

/** The Shelf: where a tray may go, what would be safe instead, what it is to become. */
function faultsOfShelf(home: Home, s: Situation): { faults: string[]; offers: number } {
  const faults: string[] = [];
  let offers = 0;
  for (const tray of home.tables.trays) {
    const view = trayView(home, s, tray);
    if (!view) continue;
    const { activity, rung } = view;
    const users = home.children.filter((one) => one.id === tray.child || tray.also.includes(one.id));
    const place = s.places.find((one) => one.id === tray.place);
    const things = thingsOf(home, s, tray, rung);
    for (const other of view.otherPlaces) {
      offers++;
      if (judged(s, activity, rung, things, other, users, addDays(s.on, 1)) === "blocked")
        faults.push(`may be put at ${other.id}: ${activity.id}/${rung.id}`);
      expect(explainMove(s, home.tables, tray, other.id)).toBeUndefined();
    }
    for (const way of view.ways) {
      offers++;
      if (place) faults.push(...faultOfWay(s, way, { activity, rung, things, place, users }));
    }
    const ways = [
      ...view.steps.map((one) => one.result),
      ...view.heirs.flatMap((heir) => heir.rungs.map((one) => one.result)),
    ];
    for (const made of ways.flatMap((one) => ("otherwise" in one ? [one.otherwise] : []))) {
      offers++;
      const to = s.places.find((one) => one.id === made.tray.place);
      const own = home.children.filter(
        (one) => one.id === made.tray.child || made.tray.also.includes(one.id),
      );
      const on = thingsOf(home, s, made.tray, made.rung);
      if (!to || judged(s, activity, made.rung, on, to, own, addDays(s.on, 1)) === "blocked")
        faults.push(`on the spot: ${activity.id}/${made.rung.id} for ${made.tray.child}`);
    }
    const { suggestion } = view;
    const decided = home.tables.decisions.some((one) => one.tray === tray.id);
    const next = activity.rungs.find((one) => one.id === suggestion?.toRung);
    if (next && !decided) {
      offers++;
      if (!safeAnywhere(s, activity, next, users)) faults.push(`step to ${activity.id}/${next.id}`);
    }
  }
  return { faults, offers };
}

/** Plan: what may be put by hand, and what a small purchase is said to open up. */
function faultsOfPlan(s: Situation, child: Child, seed: number): { faults: string[]; offers: number } {
  const faults: string[] = [];
  let offers = 0;
  const tried = s.catalogue.activities.filter((one, i) => one.id.startsWith("hand-") || (i + seed) % 7 === 0);
  for (const activity of tried) {
    for (const rung of activity.rungs) {
      for (const place of s.places) {
        if (explainPlacement(s, child.id, activity.id, rung.id, place.id) !== undefined) continue;
        offers++;
        if (!mayStand(s, activity, rung, place, [child], s.household.limits.cents))
          faults.push(`by hand: ${activity.id}/${rung.id} at ${place.id}`);
      }
    }
  }
  for (const { material, opens } of worthBuying(s)) {
    for (const name of opens) {
      offers++;
      const activity = s.catalogue.activities.find((one) => one.name === name);
      const safe = activity?.rungs.some(
        (rung) =>
          rung.materials.some((need) => need.material === material.id) &&
          s.planned.some((one) => safeAnywhere(s, activity, rung, [one])),
      );
      if (!safe) faults.push(`to buy ${material.id} for ${name}`);
    }
  }
  return { faults, offers };
}

const BATCHES = runs(2, 50);
const BATCH = runs(10, 20);

describe(`${BATCHES * BATCH} random homes`, () => {
  it.each(Array.from({ length: BATCHES }, (_, i) => 70_000 + i * BATCH))(
    "offer on no screen what the judgement would not give; seeds from %i",
    (from) => {
      let offers = 0;
      for (let seed = from; seed < from + BATCH; seed++) {
        const home = randomHome(seed);
        const s = home.situation;
        const [child] = s.planned;
        if (!child) continue;
        const parts = [
          faultsOfActivities(home, s, child, seed),
          faultsOfShelf(home, s),
          faultsOfPlan(s, child, seed),
        ];
        expect({ seed, faults: parts.flatMap((one) => one.faults) }).toEqual({ seed, faults: [] });
        offers += parts.reduce((sum, one) => sum + one.offers, 0);
      }
      expect(offers).toBeGreaterThan(BATCH * 10);
    },
    240_000,
  );
});
