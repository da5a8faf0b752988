import loadHighs, { type Highs } from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { situationOf } from "../household";
import { addDays, Limits, plainDate, type Tables } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { runs } from "../testing/runs";
import { horizonOf, singleWeek } from "./candidates/horizon";
import { swapsFor, whyNot } from "./explain/swaps";
import { whatIf } from "./explain/whatIf";
import { worthBuying } from "./explain/worthBuying";
import { mipModelOf } from "./model/mipModel";
import { makePlan, type PlannedRotation, solveHorizon } from "./plan";
import { sequentialHeuristic } from "./solve/sequentialHeuristic";
import { lpTextOf } from "./solve/solver";
import { horizonValue } from "./solve/value";
import { checkWeeks } from "./testing/checkWeeks";

const ON = plainDate("2026-05-11");
let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const demo = () => fixtureHome().tables;
const withLimits = (tables: Tables, limits: Partial<Limits>): Tables => ({
  ...tables,
  household: tables.household.map((row) => ({ ...row, limits: Limits.parse({ ...row.limits, ...limits }) })),
});
const _names = (made: PlannedRotation) => made.trays.map((tray) => tray.activity);

describe("weeks, swaps and the model as text", () => {
  const DEMO_WEEKS = 4;
  const fourWeeks = () => horizonOf(FIXTURE, demo(), ON, DEMO_WEEKS);

  it("plans four weeks as one, each safe, with change between them, within half a per cent of the best", () => {
    // As long as it takes: how long that is, is measured by the bench.
    const made = makePlan(highs, fourWeeks(), { seconds: 120 });
    expect(made.gap).toBeLessThanOrEqual(0.005);
    expect(made.rotations.map((one) => one.from)).toEqual([0, 7, 14, 21].map((days) => addDays(ON, days)));
    const sets = made.rotations.map((one) => one.trays.map((tray) => `${tray.activity}/${tray.rung}`));
    expect(new Set(sets.flat()).size).toBeGreaterThan(14);
    expect(checkWeeks(demo(), made)).toEqual([]);
  });

  it("plans ahead no worse than one week after the other", () => {
    const horizon = fourWeeks();
    const inTurn = horizonValue(horizon, sequentialHeuristic(highs, horizon));
    const made = makePlan(highs, horizon, { seconds: 30 });
    expect(inTurn).toBeGreaterThan(0);
    expect(made.objective).toBeGreaterThanOrEqual(inTurn);
  });

  it("still gives a safe plan, week by week, where there is no time to search", () => {
    const made = makePlan(highs, fourWeeks(), { seconds: 0.001 });
    expect(made.status).toBe("time-limit");
    expect(checkWeeks(demo(), made)).toEqual([]);
    for (const { trays } of made.rotations) expect(trays.length).toBeGreaterThan(6);
  });

  const found = (horizon = singleWeek(situationOf(FIXTURE, demo(), ON))) => {
    const solved = solveHorizon(highs, horizon, { seconds: 10 });
    if (!solved) throw new Error("no solution");
    return { horizon, solved };
  };

  it("ranks alternatives by what the whole plan loses, and names what they displace", () => {
    const { horizon, solved } = found();
    const out = solved.chosen[0]?.find((one) => one.candidate.placeClass.startsWith("bay"))?.candidate;
    const slot = { week: 0, child: out?.child ?? anId("none"), activity: out?.activity.id ?? anId("none") };
    for (const keepRest of [false, true]) {
      const swaps = swapsFor(highs, horizon, solved, slot, { keepRest });
      expect(swaps.length).toBeGreaterThanOrEqual(3);
      expect(swaps.map((one) => one.loss)).toEqual(swaps.map((one) => one.loss).toSorted((a, b) => a - b));
      for (const swap of swaps) expect(swap.activity).not.toBe(out?.activity.id);
      if (keepRest) for (const swap of swaps) expect(swap.displaces).toEqual([]);
    }
  });

  it("finds alternatives in a later week from that week alone, solved by itself once for all questions", () => {
    const { horizon, solved } = found(fourWeeks());
    const sizes: number[] = [];
    const counting: Highs = Object.create(highs, {
      withModel: {
        value: (model: { numCols: number }, work: never) => {
          sizes.push(model.numCols);
          return highs.withModel(model as never, work);
        },
      },
    });
    const out = solved.chosen[2]?.[0]?.candidate;
    const slot = { week: 2, child: out?.child ?? anId("none"), activity: out?.activity.id ?? anId("none") };
    const ask = () => {
      const before = sizes.length;
      expect(swapsFor(counting, horizon, solved, slot).length).toBeGreaterThan(0);
      return sizes.length - before;
    };
    const first = ask();
    const second = ask();
    expect(second).toBeLessThan(first);
    // Never the model of all four weeks again.
    expect(Math.max(...sizes)).toBeLessThan(mipModelOf(horizon).columns.length / 3);
  });

  it("says why something is not in the plan: the rule, or what it would displace and cost", () => {
    const { horizon, solved } = found();
    const ask = (activity: string, child = "tove") =>
      whyNot(highs, horizon, solved, { week: 0, child: anId(child), activity: anId(activity) });
    const chosen = solved.chosen[0]?.find((one) => one.candidate.child === "tove")?.candidate;
    expect(ask(chosen?.activity.id ?? "")).toEqual({ answer: "in-plan", rung: chosen?.rung.id });
    const late = ask("story-sums");
    expect(late.answer).toBe("rule");
    if (late.answer === "rule")
      for (const one of late.rungs) expect(["too-early", "missing"]).toContain(one.by.code);
    const near = ask("helping-at-home");
    expect(near).toMatchObject({ answer: "displaces", activity: "helping-at-home" });
    if (near.answer === "displaces") expect(near.loss).toBeGreaterThan(0);
  });

  it("says of each rung by itself which limit it breaks, and of those that are no candidate their own reason", () => {
    const strict = singleWeek(situationOf(FIXTURE, withLimits(demo(), { prepMinutes: 0 }), ON));
    const { horizon, solved } = found(strict);
    const { candidates, exclusions } = horizon.weeks[0]?.problem ?? { candidates: [], exclusions: [] };
    const most = (activity: string) =>
      candidates.filter((c) => c.activity.id === activity && c.prepMinutes === 0).length;
    const seen = new Set<string>();
    // Every third in the usual run; all of them in the long one.
    const asked = candidates.filter((c) => most(c.activity.id) === 0).filter((_, i) => i % runs(3, 1) === 0);
    for (const { activity, child } of asked) {
      const answer = whyNot(highs, horizon, solved, { week: 0, child, activity: activity.id });
      expect(answer.answer).toBe("rule");
      if (answer.answer !== "rule") continue;
      for (const { rung, by } of answer.rungs) {
        const own = candidates.some(
          (c) => c.child === child && c.activity.id === activity.id && c.rung.id === rung,
        );
        const barrier = exclusions.find(
          (one) => one.child === child && one.activity === activity.id && one.rung === rung,
        )?.barrier;
        expect(by).toEqual(own ? { code: "breach", breach: { code: "prepMinutes", bound: 0 } } : barrier);
        seen.add(own ? "breach" : "barrier");
      }
    }
    expect([...seen].toSorted()).toEqual(["barrier", "breach"]);
  });

  it("names the purchases that would open up most now", () => {
    const { holdings, ...rest } = demo();
    const few = {
      ...rest,
      holdings: holdings.filter((one) => !["peg-large", "egg-box"].includes(one.material)),
    };
    const found = worthBuying(situationOf(FIXTURE, few, ON));
    const sizes = found.map((one) => one.opens.length);
    expect(sizes).toEqual(sizes.toSorted((a, b) => b - a));
    const [best] = found;
    if (!best) throw new Error("nothing is worth buying");
    const more = {
      ...few,
      holdings: [
        ...few.holdings,
        {
          ...few.holdings[0],
          id: anId("bought"),
          material: best.material.id,
          quantity: 99,
          site: anId("home"),
        } as never,
      ],
    };
    const names = (tables: Tables) =>
      worthBuying(situationOf(FIXTURE, tables, ON)).map((one) => one.material.id);
    expect(names(more)).not.toContain(best.material.id);
  });

  it("says which limit, eased a little, would gain most, and what it would bring", () => {
    const tight = withLimits(demo(), { prepMinutes: 3, adultBeside: 1 });
    const gains = whatIf(highs, situationOf(FIXTURE, tight, ON), 5);
    expect(gains[0]?.gain).toBeGreaterThan(0);
    expect(gains[0]?.brings.length).toBeGreaterThan(0);
    expect(gains.map((one) => one.gain)).toEqual(gains.map((one) => one.gain).toSorted((a, b) => b - a));
    expect(gains.some((one) => "limit" in one.change && one.change.limit === "prepMinutes")).toBe(true);
  });

  it("writes an LP file with every candidate in it", () => {
    const model = mipModelOf(singleWeek(situationOf(FIXTURE, demo(), ON)));
    const text = lpTextOf(highs, model);
    expect(text).toMatch(/^max/im);
    expect(text.toLowerCase()).toContain("end");
    expect(text.split("\n").length).toBeGreaterThan(model.rows.length);
  });
});
