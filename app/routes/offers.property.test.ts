import { describe, expect, it } from "vitest";
import { sittingUses, suggestDay } from "../core/day";
import { explainMove, type Situation, trayView } from "../core/household";
import { usesOf } from "../core/ladder";
import { addDays, type Child, DAY_KINDS } from "../core/model";
import { explainPlacement, worthBuying } from "../core/planner";
import type { Why } from "../core/rotation";
import { whileAsleep } from "../core/safety";
import { runs } from "../core/testing/runs";
import { allFacts } from "../engine/queries/activityFacts";
import { activityView } from "../engine/queries/activityView";
import type { Home } from "../engine/store/home";
import { randomHome, thingsOf } from "./testing/homes";
import { couldServe, faultOfWay, judged, mayStand, overDays, safeAnywhere } from "./testing/judging";

/** What a reason says has to be got for the step. */
function lacksOf(why: Why): readonly string[] {
  if ("lacks" in why) return why.lacks;
  return "next" in why && typeof why.next === "object" && "lacks" in why.next ? why.next.lacks : [];
}

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
        const things = couldServe(s, rung, 0).map((could, i) => {
          const safe = could.find(
            (thing) =>
              best &&
              overDays(s, activity, { ...rung, hazards: [] }, [thing], best.place, [child]) !== "blocked",
          );
          return safe ?? (rung.materials[i]?.spare ? undefined : could[0]);
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
    for (const made of ways.flatMap((one) => ("change" in one ? [one.change] : []))) {
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
      const now = view.steps.find((one) => one.rung === next);
      if (now && "change" in now.result && suggestion && lacksOf(suggestion.why).length > 0)
        faults.push(`told to be lacking, and can be set out: ${activity.id}/${next.id}`);
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

/** A day that is made from what there is: with all children about, who sleep as its moments say. */
function faultsOfDays(home: Home, s: Situation): { faults: string[]; offers: number } {
  const today = { ...s, to: addDays(s.on, 1) };
  const uses = DAY_KINDS.flatMap((kind) => suggestDay(s, home.tables, s.on, kind));
  const faults = uses.flatMap(({ activity, rung, place, moment }) => {
    const hours = moment && moment.asleep.length > 0 ? whileAsleep(place, moment.asleep) : place;
    const here = { ...hours, servesOnly: [] };
    return mayStand(today, activity, rung, here, s.planned)
      ? []
      : [`made day: ${activity.id}/${rung.id} at ${place.id}`];
  });
  return { faults, offers: uses.length };
}

const BATCHES = runs(1, 50);
const BATCH = runs(8, 20);

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
          faultsOfDays(home, s),
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
