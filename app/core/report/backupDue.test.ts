import { describe, expect, it } from "vitest";
import { addDays, Observation, plainDate } from "../model";
import { backupDue } from "./backupDue";

const TODAY = plainDate("2026-05-10");

/** So many notes, one a day, the last of them so many days ago. */
const notes = (count: number, lastAgo: number) =>
  Array.from({ length: count }, (_, i) => {
    const on = addDays(TODAY, -lastAgo - i);
    const at = `${on}T18:00:00.000Z`;
    return Observation.parse({
      ...{ id: `n${i}`, createdAt: at, updatedAt: at, child: "c", activity: "a", rung: "r", on },
    });
  });
const due = (observations: Observation[], savedAgo?: number) =>
  backupDue(
    { observations, anecdotes: [] },
    savedAgo === undefined ? undefined : addDays(TODAY, -savedAgo),
    TODAY,
  );

describe("a backup file", () => {
  it("is asked for from twenty notes and thirty days on, where none was saved", () => {
    expect(due(notes(31, 0))).toEqual({ notes: 31, since: addDays(TODAY, -30) });
    expect(due(notes(30, 0))).toBeUndefined();
    expect(due(notes(19, 40))).toBeUndefined();
    expect(due(notes(20, 11))).toEqual({ notes: 20, since: addDays(TODAY, -30) });
    expect(due([])).toBeUndefined();
  });

  it("is asked for by what came after the last one", () => {
    expect(due(notes(100, 0), 29)).toBeUndefined();
    expect(due(notes(100, 0), 30)).toEqual({ notes: 30, since: addDays(TODAY, -29) });
    // Little was noted since.
    expect(due(notes(100, 15), 30)).toBeUndefined();
  });
});
