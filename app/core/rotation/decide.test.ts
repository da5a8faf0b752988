import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { whyText } from "../../words/suggestions";
import { addDays, Ended, HELP_LEVELS, Interest, Move, SIGNS } from "../model";
import { REST_DAYS } from "./decide";
import {
  activity,
  alone,
  beyond,
  bored,
  cases,
  decided,
  dull,
  EASY,
  hand,
  LAST,
  MIDDLE,
  marked,
  NEAR,
  NOW,
  next,
  notYet,
  ON,
  tired,
  upset,
  younger,
} from "./testing/histories";

describe("decide", () => {
  it.each(cases)("%s", (_, rung, notes, move, setting) => {
    const suggestion = decided(rung, notes, setting);
    expect(suggestion.move).toBe(move);
    const text = whyText(suggestion.why);
    expect(text.length).toBeGreaterThan(10);
    expect(text).toMatch(/^[A-Z].*[.]$/);
    expect(text).not.toContain("undefined");
  });

  it("knows every move there is", () => {
    expect(new Set(cases.map(([, , , move]) => move))).toEqual(new Set(Move.options));
    expect(cases.length).toBeGreaterThanOrEqual(40);
  });

  it("names the next rung up and down, and the one beyond for a leap", () => {
    expect(decided(MIDDLE, [alone, alone, alone]).toRung).toBe(activity.rungs[3]?.id);
    expect(decided(MIDDLE, [hand, hand, hand]).toRung).toBe(activity.rungs[1]?.id);
    const leapt = decided(MIDDLE, [marked(alone, "knew-it")], {
      chances: { ...next(EASY), ...beyond(NEAR) },
    });
    expect(leapt.toRung).toBe(activity.rungs[4]?.id);
  });

  it("steps to the very next rung from any rung, as long as there is one", () => {
    const ids = activity.rungs.map((rung) => rung.id);
    for (const [at, id] of ids.entries()) {
      const up = decided(id, [dull, dull, alone, dull, dull], { chances: { [ids[at + 1] ?? ""]: NOW } });
      if (up.move === "harder") expect([at, up.toRung]).toEqual([at, ids[at + 1]]);
      else expect([at, up.toRung]).toEqual([at, undefined]);
      const down = decided(id, [upset, upset]);
      expect([at, down.move, down.toRung]).toEqual(
        at > 0 ? [at, "easier", ids[at - 1]] : [0, "rest", undefined],
      );
    }
    expect(
      decided(ids[0] ?? "", [dull, dull, alone, dull, dull], { chances: { [ids[1] ?? ""]: NOW } }),
    ).toMatchObject({
      move: "harder",
      toRung: ids[1],
    });
  });

  it("says what a step up lacks, and steps down to what is there", () => {
    const [first, second, , fourth] = activity.rungs.map((rung) => rung.id);
    const up = decided(MIDDLE, [alone, alone, alone], { lacks: { [fourth ?? ""]: ["felted ball"] } });
    expect(up).toMatchObject({ move: "harder", toRung: fourth, why: { next: { lacks: ["felted ball"] } } });
    expect(whyText(up.why)).toMatch(/Not there for it yet: felted ball\.$/);
    const further = decided(MIDDLE, [upset, upset], { lacks: { [second ?? ""]: ["cup"] } });
    expect(further).toMatchObject({ move: "easier", toRung: first, why: { next: { lacks: [] } } });
    const none = decided(MIDDLE, [upset, upset], {
      lacks: { [first ?? ""]: ["tin"], [second ?? ""]: ["cup"] },
    });
    expect(none).toMatchObject({ move: "easier", toRung: second, why: { next: { lacks: ["cup"] } } });
  });

  it("puts away for four weeks, and says until when", () => {
    expect(decided(MIDDLE, [bored, bored, bored]).until).toBe(addDays(ON, REST_DAYS));
    expect(decided(LAST, [dull, dull, dull, dull], { siblings: [younger] })).toMatchObject({
      toChild: "p",
      until: addDays(ON, REST_DAYS),
    });
  });

  it("names the notes behind it, newest first, and only those that count", () => {
    expect(decided(MIDDLE, [alone, alone, tired(notYet), alone]).evidence).toEqual(["o3", "o1", "o0"]);
    expect(decided(MIDDLE, []).evidence).toEqual([]);
  });

  it("takes two weeks without a note for gone cold", () => {
    expect(decided(MIDDLE, [], { daysOut: 13 }).move).toBe("leave");
    expect(decided(MIDDLE, [], { daysOut: 14 }).move).toBe("rest");
    // Nobody could get at what was taken down.
    expect(decided(MIDDLE, [], { daysOut: 14, down: true }).move).toBe("leave");
  });

  it("never suggests a rung that is not there, whatever was noted", () => {
    const note = fc.record(
      {
        help: fc.constantFrom(...HELP_LEVELS),
        interest: fc.constantFrom(...Interest.options),
        ended: fc.constantFrom(...Ended.options),
        condition: fc.constantFrom("usual" as const, "tired" as const, "ill" as const),
        signs: fc.subarray([...SIGNS]),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...activity.rungs.map((one) => one.id)),
        fc.array(note, { maxLength: 9 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        (rung, notes, chance, daysOut) => {
          const chances = Object.fromEntries(activity.rungs.map((one) => [one.id, chance]));
          const found = decided(rung, notes, {
            chances,
            daysOut,
            siblings: [younger],
            interests: ["snails"],
          });
          const needsRung = ["harder", "easier", "skip-rung"].includes(found.move);
          expect(found.toRung !== undefined).toBe(needsRung);
          if (found.toRung) expect(activity.rungs.some((one) => one.id === found.toRung)).toBe(true);
          if (found.until) expect(found.until > ON).toBe(true);
          expect(found.move === "hand-on").toBe(found.toChild !== undefined);
        },
      ),
    );
  });
});
