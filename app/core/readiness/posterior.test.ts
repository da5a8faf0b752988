import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, Child, type Help, inOrderOfDays, Observation, plainDate, SkillNote } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { processorMs } from "../testing/processorTime";
import { foldingSteps, posteriorFrom } from "./posterior";

const ON = plainDate("2026-05-10");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const newChild = () => Child.parse({ ...stamp, id: anId("c"), name: "C", birth: "2024-11-10" });
const RUNGS = FIXTURE.activities.flatMap((activity) =>
  activity.rungs.map((rung) => ({ activity: activity.id, rung: rung.id })),
);

/** A note of the i-th day, one of many. */
function noteOf(i: number, help: Help): Observation {
  const what = RUNGS[(i * 7) % 90];
  const on = addDays(ON, -Math.floor((4000 - i) / 8));
  return Observation.parse({ ...stamp, ...what, id: anId(`o${i}`), child: anId("c"), on, help });
}

const HELPS: readonly Help[] = ["alone", "look", "word", "hand", "not-yet"];
const HISTORY = Array.from({ length: 2600 }, (_, i) => noteOf(i, HELPS[(i * i) % 5] ?? "word"));
const TICKS = FIXTURE.skills.slice(0, 20).map(({ id }, i) =>
  SkillNote.parse({
    ...stamp,
    id: anId(`t${i}`),
    child: anId("c"),
    skill: id,
    on: addDays(ON, -i * 9),
    seen: i % 3 > 0,
  }),
);

describe("folding what was folded before", () => {
  it("comes to the same as from the beginning, whatever changed in between (property)", () => {
    const change = fc.record({
      what: fc.constantFrom("add" as const, "change" as const, "remove" as const),
      at: fc.integer({ min: 0, max: 4000 }),
      help: fc.constantFrom(...HELPS),
    });
    fc.assert(
      fc.property(fc.array(change, { minLength: 1, maxLength: 6 }), (changes) => {
        const child = newChild();
        let rows: readonly Observation[] = HISTORY;
        posteriorFrom(FIXTURE, child, rows, TICKS, ON);
        for (const { what, at, help } of changes) {
          const i = at % rows.length;
          const note = noteOf(at, help);
          if (what === "add") rows = inOrderOfDays([...rows, { ...note, id: anId(`more${at}`) }]);
          else rows = what === "remove" ? rows.toSpliced(i, 1) : rows.with(i, note);
          const again = posteriorFrom(FIXTURE, child, rows, TICKS, ON);
          expect(again).toEqual(posteriorFrom(FIXTURE, newChild(), rows, TICKS, ON));
        }
      }),
      { numRuns: 15 },
    );
  });

  it("starts afresh for a changed birthday, another ladder, another day", () => {
    const child = newChild();
    const now = posteriorFrom(FIXTURE, child, HISTORY, TICKS, ON);
    const older = { ...child, birth: plainDate("2023-11-10") };
    expect(posteriorFrom(FIXTURE, older, HISTORY, TICKS, ON)).not.toEqual(now);
    const later = FIXTURE.activities.map((one) => ({
      ...one,
      rungs: one.rungs.map((rung) => ({ ...rung, window: { p10: 30, median: 40, p90: 50 } })),
    }));
    const changed = { ...FIXTURE, activities: later };
    expect(posteriorFrom(changed, child, HISTORY, TICKS, ON)).toEqual(
      posteriorFrom(changed, newChild(), HISTORY, TICKS, ON),
    );
    const before = addDays(ON, -200);
    expect(posteriorFrom(FIXTURE, child, HISTORY, TICKS, before)).toEqual(
      posteriorFrom(FIXTURE, newChild(), HISTORY, TICKS, before),
    );
    expect(posteriorFrom(FIXTURE, child, HISTORY, TICKS, ON)).toEqual(now);
  });

  it("rests after each thousand facts, and is left to begin anew where nobody steps on", () => {
    const [child, left] = [newChild(), newChild()];
    const evidence = [HISTORY, TICKS, ON] as const;
    expect(Array.from(foldingSteps(FIXTURE, child, ...evidence))).toHaveLength(2);
    foldingSteps(FIXTURE, left, ...evidence).next();
    const whole = posteriorFrom(FIXTURE, newChild(), ...evidence);
    for (const one of [child, left]) expect(posteriorFrom(FIXTURE, one, ...evidence)).toEqual(whole);
    // What was stepped through is not folded again.
    expect(posteriorFrom(FIXTURE, child, ...evidence)).toBe(posteriorFrom(FIXTURE, child, ...evidence));
  });

  it("takes one more note to a long history in far less time than the whole", () => {
    const child = newChild();
    const time = (rows: readonly Observation[]) => {
      const start = processorMs();
      posteriorFrom(FIXTURE, child, rows, TICKS, ON);
      return processorMs() - start;
    };
    const long = Array.from({ length: 20_000 }, (_, i) => ({
      ...noteOf(i % 4000, "word"),
      id: anId(`l${i}`),
    }));
    const rows = inOrderOfDays(long);
    const whole = time(rows);
    const more = [1, 2, 3].map((n) => time([...rows, { ...noteOf(4000, "alone"), id: anId(`new${n}`) }]));
    expect(Math.min(...more)).toBeLessThan(whole / 2);
  });
});
