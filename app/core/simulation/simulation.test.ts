import loadHighs from "highs";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { normalFrom, randomFrom } from "../random";
import { anId } from "../testing/ids";
import { runs } from "../testing/runs";
import { madeUpChild } from "./child";
import { compareLooks } from "./looks";
import { simpleChoice } from "./policies";
import { calibrationOf, LEARNING_WEEKS, reportOf } from "./report";
import { play, type Run, simulate, type TrayWeek } from "./simulate";

const mean = (numbers: number[]) => numbers.reduce((sum, one) => sum + one, 0) / numbers.length;
const [slots] = CATALOGUE.activities.filter((one) => one.id === "discs-in-a-slot");
const discs = slots?.rungs.find((one) => one.id === "discs");
if (!slots || !discs) throw new Error("a rung was expected");

describe("made-up numbers", () => {
  it("are the same for a seed, spread evenly, and normal where they should be", () => {
    const draw = (seed: number) => Array.from({ length: 5 }, randomFrom(seed));
    expect(draw(3)).toEqual(draw(3));
    expect(draw(3)).not.toEqual(draw(4));
    const normal = normalFrom(randomFrom(9));
    const many = Array.from({ length: 20_000 }, normal);
    expect(mean(many)).toBeCloseTo(0, 1);
    expect(mean(many.map((x) => x * x))).toBeCloseTo(1, 1);
  });
});

describe("a made-up child", () => {
  it("can more the older it is, and differs from the next", () => {
    const child = madeUpChild(CATALOGUE, 1);
    const chances = [10, 14, 18, 22, 30, 48].map((months) => child.chance(slots, discs, months));
    expect(chances).toEqual([...chances].sort((a, b) => a - b));
    expect(madeUpChild(CATALOGUE, 2).chance(slots, discs, 18)).not.toBe(child.chance(slots, discs, 18));
    expect(madeUpChild(CATALOGUE, 1).chance(slots, discs, 18)).toBe(child.chance(slots, discs, 18));
  });

  it("does alone on usual days as often as its true chance says", () => {
    for (const seed of [1, 2, 3, 4]) {
      const child = madeUpChild(CATALOGUE, seed);
      const tries = Array.from({ length: 3000 }, () => child.tries(slots, discs, 19));
      const usual = tries.filter((one) => one.condition === "usual");
      const alone = mean(usual.map((one) => Number(one.help === "alone")));
      expect(Math.abs(alone - child.chance(slots, discs, 19))).toBeLessThan(0.035);
    }
  });

  it("is spread over all children as the printed window says", () => {
    const at = (months: number) =>
      mean(
        Array.from({ length: 1500 }, (_, seed) =>
          madeUpChild(CATALOGUE, seed).chance(slots, { ...discs, needs: [] }, months),
        ),
      );
    expect(at(discs.window.median)).toBeCloseTo(0.5, 1);
    expect(at(discs.window.p90)).toBeCloseTo(0.9, 1);
  });
});

describe("policies that learn nothing", () => {
  const week = { months: 20, week: 3, bays: 8, lately: new Set<string>(), seed: 5 };

  it.each(["printed-ages", "random-fitting", "weekly-themes"] as const)(
    "%s: eight activities, none twice, those out lately last",
    (policy) => {
      const first = simpleChoice(policy, CATALOGUE, week);
      expect(new Set(first.map((one) => one.activity.id)).size).toBe(8);
      expect(simpleChoice(policy, CATALOGUE, week)).toEqual(first);
      if (policy === "weekly-themes") return;
      const lately = new Set(first.map((one) => one.activity.id));
      const next = simpleChoice(policy, CATALOGUE, { ...week, lately });
      expect(next.filter((one) => lately.has(one.activity.id))).toEqual([]);
    },
  );

  it("random among fitting ages keeps to the printed windows", () => {
    for (const { rung } of simpleChoice("random-fitting", CATALOGUE, week)) {
      expect(rung.window.p10).toBeLessThanOrEqual(20);
      expect(rung.window.p90).toBeGreaterThanOrEqual(20);
    }
  });
});

describe("the report", () => {
  const tray = (part: Partial<TrayWeek>): TrayWeek => ({
    week: LEARNING_WEEKS,
    activity: anId("a"),
    area: "hands",
    meant: "reach",
    truth: 0.6,
    alone: [],
    ...part,
  });

  it("counts within, too easy and too hard after the first weeks, anchors and stretches apart", () => {
    const run: Run = {
      policy: "orto",
      child: 1,
      trays: [
        tray({}),
        tray({ truth: 0.95 }),
        tray({ truth: 0.2, area: "body" }),
        tray({ truth: 0.5 }),
        tray({ truth: 0.99, meant: "anchor" }),
        tray({ truth: 0.1, week: 0 }),
      ],
    };
    const { policies, meant } = reportOf([run]);
    expect(policies).toMatchObject([{ within: 0.5, tooEasy: 0.25, tooHard: 0.25, worstTenth: 0.5 }]);
    expect(meant.map((one) => one.trays)).toEqual([1, 4, 0]);
  });

  it("measures calibration: none off where predictions come true", () => {
    const alone = Array.from({ length: 100 }, (_, i) => i < 70);
    const run: Run = { policy: "orto", child: 1, trays: [tray({ predicted: 0.7, alone })] };
    expect(calibrationOf([run]).error).toBeCloseTo(0, 10);
    expect(calibrationOf([run]).brier).toBeCloseTo(0.21, 10);
    expect(calibrationOf([{ ...run, trays: [tray({ predicted: 0.9, alone })] }]).error).toBeCloseTo(0.2, 10);
  });
});

describe("a simulation", () => {
  it("is the same for the same seeds, and Orto hits more often than printed ages", async () => {
    const highs = await loadHighs();
    const weeks = 20;
    expect(play(highs, CATALOGUE, "orto", 3, 2, weeks)).toEqual(play(highs, CATALOGUE, "orto", 3, 2, weeks));
    const { policies } = reportOf(simulate(highs, CATALOGUE, { children: 2, weeks: 8 }));
    const within = (policy: string) => policies.find((one) => one.policy === policy)?.within ?? 0;
    expect(within("orto")).toBeGreaterThan(within("printed-ages"));
  });
});

describe("looks alone", () => {
  it("tell half as much again where they are chosen by what they are expected to tell, against any open ones", () => {
    const [told, random] = compareLooks(CATALOGUE, runs(8, 60));
    if (!told || !random) throw new Error("two ways to choose were expected");
    expect(told.before).toBeCloseTo(random.before, 9);
    expect(told.before - told.off).toBeGreaterThan(1.5 * (random.before - random.off));
    expect(random.off).toBeLessThan(random.before);
  });
});
