import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, Insert, Move, Observation, plainDate } from "../model";
import type { Suggestion } from "./decide";
import { engagementDecline } from "./engagementDecline";
import { insertOn } from "./inserts";
import { changesDue } from "./rhythm";

const ON = plainDate("2026-05-10");
const stamp = (at: number) => {
  const instant = new Date(Date.UTC(2026, 0, 1, 0, 0, at)).toISOString();
  return { createdAt: instant, updatedAt: instant };
};

describe("inserts", () => {
  const LABELS = ["one", "two", "three", "four"];
  const rows = (...given: [number, string, "used" | "skipped" | "again"][]) =>
    given.map(([day, label, what], i) =>
      Insert.parse({
        ...stamp(i),
        id: `i${i}`,
        tray: "t",
        child: "c",
        activity: "a",
        rung: "r",
        on: addDays(ON, day),
        label,
        what,
      }),
    );

  it.each<[string, ReturnType<typeof rows>, string | undefined, boolean, number]>([
    ["the first, to begin with", rows(), "one", false, 4],
    ["used today: still today's", rows([0, "one", "used"]), "one", true, 3],
    ["used yesterday: the next", rows([-1, "one", "used"]), "two", false, 3],
    ["a week without use passes nothing", rows([-8, "one", "used"]), "two", false, 3],
    ["skipped today: the next at once", rows([0, "one", "skipped"]), "two", false, 3],
    ["used and to come again", rows([-1, "one", "used"], [-1, "one", "again"]), "two", false, 3],
    ["to come again instead of used", rows([-1, "one", "again"]), "one", false, 4],
    ["another one's row is no row", rows([-1, "three", "used"]), "one", false, 4],
    ["the last", rows([-3, "one", "used"], [-2, "two", "used"], [-1, "three", "used"]), "four", false, 1],
    [
      "all through",
      rows([-4, "one", "used"], [-3, "two", "used"], [-2, "three", "used"], [-1, "four", "used"]),
      undefined,
      false,
      0,
    ],
  ])("%s", (_, given, label, used, left) => {
    const state = insertOn(LABELS, given, ON);
    expect(state?.today.label).toBe(label);
    if (state) expect([state.today.used, state.left]).toEqual([used, left]);
  });

  it("never goes back, and passes at most one used piece a day", () => {
    fc.assert(
      fc.property(fc.array(fc.boolean(), { maxLength: 12 }), (used) => {
        const given: Insert[] = [];
        let last = -1;
        used.forEach((isUsed, day) => {
          const on = addDays(ON, day);
          const state = insertOn(LABELS, given, on);
          const at = state ? LABELS.indexOf(state.today.label) : LABELS.length;
          expect(at).toBeGreaterThanOrEqual(last);
          expect(at - last).toBeLessThanOrEqual(1);
          last = at;
          if (isUsed && state) given.push(...rows([day, state.today.label, "used"]));
        });
        expect(last).toBeLessThanOrEqual(used.filter(Boolean).length);
      }),
    );
  });
});

describe("changes by rhythm", () => {
  const ready = (...moves: Move[]) =>
    moves.map((move, i) => ({
      tray: `${i} ${move}`,
      suggestion: { move, why: { code: "decided" }, evidence: [] } satisfies Suggestion,
    }));
  const all = ready("leave", "harder", "rest", "easier", "new-tool", "leave-standing", "retire");
  const trays = (planning: Parameters<typeof changesDue>[1], due: boolean) =>
    changesDue(all, planning, due).map((one) => one.tray);

  it("all on one day: everything that moves, the most urgent first; before the day only what hurts", () => {
    expect(trays({ rhythm: "all-at-once", newAtOnce: 2 }, true)).toEqual([
      "3 easier",
      "2 rest",
      "1 harder",
      "6 retire",
      "4 new-tool",
    ]);
    expect(trays({ rhythm: "all-at-once", newAtOnce: 2 }, false)).toEqual(["3 easier"]);
    // Of all moves only those that end what hurts do not wait for the day.
    const each = ready(...Move.options);
    const before = changesDue(each, { rhythm: "all-at-once", newAtOnce: 2 }, false);
    expect(before.map((one) => one.tray.replace(/^\d+ /, "")).sort()).toEqual(["easier", "loved-setting"]);
  });

  it("a few at a time: the most urgent ones, with the reason, whatever the day", () => {
    expect(changesDue(all, { rhythm: "few-at-a-time", newAtOnce: 2 }, false)).toEqual([
      { tray: "3 easier", because: "too-hard" },
      { tray: "2 rest", because: "idle" },
    ]);
  });

  it("when it goes cold: only what lies idle or hurts", () => {
    expect(trays({ rhythm: "when-cold", newAtOnce: 2 }, true)).toEqual(["3 easier", "2 rest"]);
  });
});

describe("gone cold", () => {
  const notes = (...interests: ("again" | "liked" | "little" | "none")[]) =>
    interests.map((interest, i) =>
      Observation.parse({
        ...stamp(i),
        id: `o${i}`,
        child: "c",
        activity: "a",
        rung: "r",
        on: addDays(ON, i - interests.length),
        interest,
      }),
    );
  const kind = (seen: Observation[], out = 10) => engagementDecline(seen, addDays(ON, -out), ON)?.kind;

  it.each<[string, ReturnType<typeof notes>, string | undefined]>([
    ["liked throughout", notes("liked", "liked", "again", "liked"), undefined],
    ["one weak day", notes("liked", "again", "liked", "none"), undefined],
    ["two weak ones after good ones", notes("liked", "again", "little", "none"), "fading"],
    ["weak from the start", notes("little", "none", "little"), "little"],
    ["weak three times of four", notes("liked", "little", "none", "little"), "little"],
    ["weak twice of four", notes("little", "liked", "none", "liked"), undefined],
    ["twice weak is too little to go by", notes("little", "none"), undefined],
  ])("%s", (_, seen, cold) => {
    expect(kind(seen)).toBe(cold);
  });

  it("is silence for two weeks, from the last note or from when it went out", () => {
    expect(kind([], 13)).toBeUndefined();
    expect(kind([], 14)).toBe("silent");
    expect(engagementDecline(notes("liked"), addDays(ON, -60), addDays(ON, 14))).toEqual({
      kind: "silent",
      days: 15,
      noted: true,
    });
  });
});
