import { describe, expect, it } from "vitest";
import { situationOf } from "../household";
import { addDays, Holding, plainDate } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { buildProblem } from "./candidates/buildProblem";

const ON = plainDate("2026-05-11");
const { tables: demo } = fixtureHome();
const activity = FIXTURE.activities.find((one) => one.rungs.some((rung) => rung.id === "flat-stick"));
const at = activity?.rungs.findIndex((rung) => rung.id === "flat-stick") ?? -1;
const [rung, harder] = [activity?.rungs[at], activity?.rungs[at + 1]];

/** The problem for one child at the rung's own age, whose sticks are so wide. */
function withSticks(widthMm: number) {
  if (!rung) throw new Error("the catalogue has changed");
  const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
  const sticks = Holding.parse({
    ...stamp,
    id: "sticks",
    site: "home",
    material: "sticks-flat",
    quantity: 20,
    measured: { shape: "box", mm: [150, widthMm, 2] },
  });
  const [child] = demo.children;
  if (!child) throw new Error("the demo has changed");
  const tables = {
    ...demo,
    children: [
      {
        ...child,
        birth: addDays(ON, -Math.round((rung.window.median + 2) * 30.4375)),
        due: undefined,
        mouths: "no" as const,
      },
    ],
    observations: [],
    trays: [],
    rotations: [],
    holdings: [...demo.holdings.filter((one) => one.material !== "sticks-flat"), sticks],
  };
  const situation = situationOf(FIXTURE, tables, ON);
  const problem = buildProblem(situation);
  return {
    chanceOf: (id: string) => {
      const one = activity?.rungs.find((other) => other.id === id);
      return activity && one ? situation.readiness.get("tove")?.rung(activity, one).chance : undefined;
    },
    candidate: problem.candidates.find((c) => c.activity.id === activity?.id && c.rung.id === "flat-stick"),
    exclusion: problem.exclusions.find((e) => e.activity === activity?.id && e.rung === "flat-stick"),
  };
}

describe("a pair that fits tighter than usual", () => {
  it("counts as the harder rung that it is: its chance, and the reason with it", () => {
    const usual = withSticks(18);
    expect(usual.candidate?.chance).toBe(usual.chanceOf("flat-stick"));
    const tight = withSticks(23);
    const next = tight.chanceOf(harder?.id ?? "") ?? 0;
    if (next < 0.2) {
      expect(tight.candidate).toBeUndefined();
      expect(tight.exclusion?.barrier).toEqual({ code: "too-early", chance: next, asHardAs: harder?.title });
    } else {
      expect(tight.candidate?.chance).toBe(next);
      expect(tight.candidate?.terms[0]).toMatchObject({ tight: { playMm: 1, asHardAs: harder?.title } });
    }
    expect(next).toBeLessThan(usual.candidate?.chance ?? 0);
  });

  it("is left out where it does not fit at all", () => {
    const wide = withSticks(30);
    expect(wide.candidate).toBeUndefined();
    expect(wide.exclusion?.barrier.code).toBe("wrong-pair");
  });
});
