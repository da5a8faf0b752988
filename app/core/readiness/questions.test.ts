import { describe, expect, it } from "vitest";
import { addDays, Child, plainDate, SkillNote } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { ASK_AGAIN_DAYS, expectedDrop, openSkills, questionsFor } from "./questions";
import { readinessOf } from "./readiness";

const ON = plainDate("2026-05-11");
const stamp = { createdAt: "2026-05-01T00:00:00.000Z", updatedAt: "2026-05-01T00:00:00.000Z" };
const child = Child.parse({ ...stamp, id: "c", name: "C", birth: "2024-10-11" });
const note = (skill: string, daysAgo: number, seen = true) =>
  SkillNote.parse({
    ...stamp,
    id: `${skill}-${daysAgo}`,
    child: "c",
    skill,
    on: addDays(ON, -daysAgo),
    seen,
  });
const ask = (notes: SkillNote[], count = 5) =>
  questionsFor(FIXTURE, readinessOf(FIXTURE, child, [], notes, ON), notes, anId("c"), ON, count);

describe("skills worth a look", () => {
  it("are open ones that bear on rungs that could come next", () => {
    const ready = readinessOf(FIXTURE, child, [], [], ON);
    const questions = ask([]);
    expect(questions).toHaveLength(5);
    for (const { skill, bearsOn } of questions) {
      expect(bearsOn).toBeGreaterThan(0);
      expect(ready.skill(skill.id)?.chance).toBeGreaterThan(0.15);
      expect(ready.skill(skill.id)?.chance).toBeLessThan(0.95);
    }
  });

  it("are not asked about again for four weeks, whatever the answer was", () => {
    const [first] = ask([], 1);
    const id = first?.skill.id ?? "";
    for (const seen of [true, false]) {
      expect(ask([note(id, ASK_AGAIN_DAYS - 1, seen)], 200).map((one) => one.skill.id)).not.toContain(id);
    }
    const other = SkillNote.parse({ ...note(id, 3), child: "another" });
    expect(ask([other], 200).map((one) => one.skill.id)).toContain(id);
  });

  it("are those with the largest expected drop in uncertainty, worked out by both answers", () => {
    const ready = readinessOf(FIXTURE, child, [], [], ON);
    const rungs = FIXTURE.activities.flatMap((activity) =>
      activity.rungs.map((rung) => ({ activity, rung })),
    );
    const even = (within: number) => 4 * within * (1 - within);
    const left = (notes: SkillNote[]) => {
      const after = readinessOf(FIXTURE, child, [], notes, ON);
      return rungs.reduce((sum, one) => sum + even(after.rung(one.activity, one.rung).within), 0);
    };
    for (const { skill } of ask([])) {
      const seen = ready.skill(skill.id)?.chance ?? 0;
      const byHand =
        left([]) - seen * left([note(skill.id, 0, true)]) - (1 - seen) * left([note(skill.id, 0, false)]);
      expect(expectedDrop(ready, skill.id, rungs)).toBeCloseTo(byHand, 9);
    }
    const drops = ask([], 12).map((one) => one.drop);
    expect(drops).toEqual([...drops].sort((a, b) => b - a));
    expect(drops[0]).toBeGreaterThan(0);
    expect(expectedDrop(ready, anId("no-such-skill"), rungs)).toBe(0);
  });

  it("are open: each bears on a rung, and what is settled or far off tells nothing", () => {
    const ready = readinessOf(FIXTURE, child, [], [], ON);
    const open = openSkills(FIXTURE, ready, [], anId("c"), ON);
    expect(open.length).toBeGreaterThan(10);
    for (const one of open) expect(one.promise).toBeGreaterThan(0);
  });

  it("tell more than others would: after the answers the chances of rungs have moved further", () => {
    const before = readinessOf(FIXTURE, child, [], [], ON);
    const moved = (skill: string) => {
      const notes = [note(skill, 0)];
      const after = readinessOf(FIXTURE, child, [], notes, ON);
      return FIXTURE.activities
        .flatMap((activity) => activity.rungs.map((rung) => [activity, rung] as const))
        .reduce((sum, [activity, rung]) => {
          const chance = before.rung(activity, rung).chance;
          const could = chance > 0.2 && chance < 0.95;
          return could ? sum + Math.abs(after.rung(activity, rung).chance - chance) : sum;
        }, 0);
    };
    const all = ask([], 200).map((one) => moved(one.skill.id));
    const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / values.length;
    expect(mean(all.slice(0, 5))).toBeGreaterThan(mean(all) * 1.2);
  });
});
