import { describe, expect, it } from "vitest";
import { addDays, type Help, Observation, plainDate, SkillNote, Worry } from "../model";
import { careFor } from "./care";

const ON = plainDate("2026-05-10");
const stamp = (id: string) => ({
  id,
  createdAt: "2026-01-01T00:00:00.000Z",
  updatedAt: "2026-01-01T00:00:00.000Z",
});
const ticks = (...given: [number, boolean][]) =>
  given.map(([daysAgo, seen], i) =>
    SkillNote.parse({ ...stamp(`s${i}`), child: "c", skill: "walks", on: addDays(ON, -daysAgo), seen }),
  );
const notes = (...given: [number, Help, object?][]) =>
  given.map(([daysAgo, help, more], i) =>
    Observation.parse({
      ...stamp(`o${i}`),
      child: "c",
      activity: "a",
      rung: "r",
      on: addDays(ON, -daysAgo),
      help,
      ...more,
    }),
  );

describe("what to be attentive about", () => {
  it("is a skill that was seen, and later not", () => {
    expect(careFor(ticks([90, true], [20, false], [2, false]), [], [], ON)).toEqual([
      {
        kind: "skill",
        child: "c",
        skill: "walks",
        seenOn: addDays(ON, -90),
        missingOn: addDays(ON, -20),
      },
    ]);
  });

  it("is not a skill that is only still to come, nor one that is back", () => {
    expect(careFor(ticks([90, false], [20, false]), [], [], ON)).toEqual([]);
    expect(careFor(ticks([90, true], [20, false], [2, true]), [], [], ON)).toEqual([]);
    expect(careFor(ticks([90, true]), [], [], ON)).toEqual([]);
  });

  const alone: [number, Help][] = [
    [60, "alone"],
    [55, "alone"],
    [50, "alone"],
  ];

  it("is a rung that went alone, and for two weeks not without a hand", () => {
    const found = careFor([], notes(...alone, [20, "hand"], [12, "not-yet"], [3, "not-yet"]), [], ON);
    expect(found).toMatchObject([
      { kind: "rung", rung: "r", aloneOn: addDays(ON, -50), missingOn: addDays(ON, -20) },
    ]);
  });

  it.each<[string, ReturnType<typeof notes>]>([
    ["a bad week", notes(...alone, [8, "hand"], [5, "not-yet"], [2, "not-yet"])],
    ["only twice", notes(...alone, [20, "hand"], [2, "not-yet"])],
    ["never quite alone", notes([60, "alone"], [20, "hand"], [10, "hand"], [2, "hand"])],
    [
      "ill days",
      notes(...alone, ...[20, 12, 3].map((d): [number, Help, object] => [d, "hand", { condition: "ill" }])),
    ],
    [
      "no interest",
      notes(...alone, ...[20, 12, 3].map((d): [number, Help, object] => [d, "hand", { interest: "none" }])),
    ],
    ["back again", notes(...alone, [20, "hand"], [12, "hand"], [4, "hand"], [1, "look"])],
  ])("is not %s", (_, seen) => {
    expect(careFor([], seen, [], ON)).toEqual([]);
  });

  it("is a worry of the adult, until it is closed", () => {
    const worry = Worry.parse({
      ...stamp("w"),
      child: "c",
      on: addDays(ON, -3),
      words: "turns away from sounds",
    });
    expect(careFor([], [], [worry], ON)).toMatchObject([{ kind: "worry", worry: { id: "w" } }]);
    expect(careFor([], [], [{ ...worry, closedOn: ON }], ON)).toEqual([]);
  });
});
