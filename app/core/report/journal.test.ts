import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { Anecdote, addDays, Interest, Observation, plainDate, type Skill, Tray } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import {
  areasOf,
  interestByWeek,
  journalAnecdotes,
  journalEntries,
  journalRows,
  trayCourses,
  weekOf,
} from "./journal";

const ON = plainDate("2026-05-10");
const activities = new Map(FIXTURE.activities.map((one) => [one.id, one]));
const note = (id: string, daysAgo: number, more: object = {}) =>
  Observation.parse({
    id,
    createdAt: "2026-05-01T08:00:00.000Z",
    updatedAt: "2026-05-01T08:00:00.000Z",
    child: anId("tove"),
    activity: anId("discs-in-a-slot"),
    rung: anId("discs"),
    on: addDays(ON, -daysAgo),
    ...more,
  });
const idsOf = (filter: Parameters<typeof journalEntries>[2], ...notes: Observation[]) =>
  journalEntries(notes, activities, filter).map((one) => one.note.id);

describe("the journal", () => {
  const notes = [
    note("old", 9, { words: "Turned it FIRST." }),
    note("new", 1, { child: anId("pim") }),
    note("pour", 3, { activity: anId("pour-jug-to-jug"), rung: anId("water"), tray: anId("t") }),
    note("gone", 2, { activity: anId("no-longer-there") }),
  ];

  it.each<[string, Parameters<typeof journalEntries>[2], string[]]>([
    ["everything, newest first", {}, ["new", "gone", "pour", "old"]],
    ["one child", { child: anId("pim") }, ["new"]],
    ["one activity", { activity: anId("pour-jug-to-jug") }, ["pour"]],
    ["one tray", { tray: anId("t") }, ["pour"]],
    ["one day", { from: addDays(ON, -9), to: addDays(ON, -9) }, ["old"]],
    [
      "an area",
      { area: activities.get(anId("pour-jug-to-jug"))?.area },
      expect.arrayContaining(["pour"]) as never,
    ],
    ["words of the note, in any case", { words: "turned it first" }, ["old"]],
    ["words of the name", { words: "JUG" }, ["pour"]],
    ["nothing", { words: "zzyzx" }, []],
  ])("finds %s", (_, filter, ids) => {
    expect(idsOf(filter, ...notes)).toEqual(ids);
  });

  it("lists every note once, under its day, whatever the notes", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 5 }), { maxLength: 40 }), (days) => {
        const rows = journalRows(
          journalEntries(
            days.map((ago, i) => note(`n${i}`, ago)),
            activities,
            {},
          ),
        );
        expect(rows.filter((row) => row.kind === "note")).toHaveLength(days.length);
        const headings = rows.flatMap((row) => (row.kind === "day" ? [row] : []));
        expect(headings.map((row) => row.on)).toEqual(
          [...new Set(headings.map((row) => row.on))].sort().reverse(),
        );
        expect(headings.reduce((sum, row) => sum + row.notes, 0)).toBe(days.length);
        let day = "";
        for (const row of rows) {
          if (row.kind === "day") day = row.on;
          else if (row.kind === "note") expect(row.entry.note.on).toBe(day);
        }
      }),
    );
  });
});

describe("what was seen away from trays", () => {
  const seen = (id: string, daysAgo: number, more: object = {}) =>
    Anecdote.parse({
      ...{ id, createdAt: "2026-05-01T08:00:00.000Z", updatedAt: "2026-05-01T08:00:00.000Z" },
      ...{ child: anId("tove"), on: addDays(ON, -daysAgo), words: "Turned the tap.", ...more },
    });
  const skills = new Map<string, Skill>(FIXTURE.skills.map((one) => [one.id, one]));
  const found = (filter: Parameters<typeof journalEntries>[2], ...all: Anecdote[]) =>
    journalAnecdotes(all, skills, activities, filter).map((one) => one.anecdote.id);
  const all = [
    seen("a", 3),
    seen("b", 1, { child: anId("pim"), words: "Waved." }),
    seen("c", 2, { skill: anId("pincer") }),
  ];

  it("is found by child, words, day, the area of its skill, and by no tray", () => {
    expect(found({}, ...all)).toEqual(["b", "c", "a"]);
    expect(found({ child: anId("pim") }, ...all)).toEqual(["b"]);
    expect(found({ words: "TAP" }, ...all)).toEqual(["c", "a"]);
    expect(found({ area: skills.get("pincer")?.area }, ...all)).toEqual(["c"]);
    expect(found({ from: addDays(ON, -2), to: addDays(ON, -2) }, ...all)).toEqual(["c"]);
    expect(found({ tray: anId("t") }, ...all)).toEqual([]);
  });

  it("stands under its own day among the notes, each once", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 12 }),
        fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 12 }),
        (notes, others) => {
          const rows = journalRows(
            journalEntries(
              notes.map((ago, i) => note(`n${i}`, ago)),
              activities,
              {},
            ),
            journalAnecdotes(
              others.map((ago, i) => seen(`a${i}`, ago)),
              skills,
              activities,
              {},
            ),
          );
          const days = rows.flatMap((row) => (row.kind === "day" ? [row] : []));
          expect(days.map((one) => one.on)).toEqual([...new Set(days.map((one) => one.on))].sort().reverse());
          expect(days.reduce((sum, one) => sum + one.notes, 0)).toBe(notes.length + others.length);
          let day = "";
          for (const row of rows) {
            if (row.kind === "day") day = row.on;
            if (row.kind === "anecdote") expect(row.entry.anecdote.on).toBe(day);
            if (row.kind === "note") expect(row.entry.note.on).toBe(day);
          }
        },
      ),
    );
  });
});

describe("what the charts show", () => {
  const entries = (...notes: Observation[]) => journalEntries(notes, activities, {});

  it("minutes and repeats over a tray's days out, also after it was carried over", () => {
    const tray = (id: string, rotation: string) =>
      Tray.parse({
        ...note("x", 0),
        id,
        rotation,
        place: anId("p"),
        state: "free",
        allotted: [],
        outSince: addDays(ON, -10),
      });
    const courses = trayCourses(
      entries(
        note("b", 2, { tray: anId("t2"), minutes: 4, repeats: 3 }),
        note("a", 9, { tray: anId("t1"), minutes: 8 }),
        note("none", 1, { tray: anId("t2") }),
      ),
      [tray("t1", "r1"), tray("t2", "r2")],
    );
    expect(courses).toMatchObject([
      {
        tray: "t2",
        points: [
          { note: "a", dayOut: 2, minutes: 8 },
          { note: "b", dayOut: 9, minutes: 4, repeats: 3 },
        ],
      },
    ]);
  });

  it("the mean interest by activity and week", () => {
    expect(weekOf(ON)).toBe("2026-05-04");
    expect(weekOf(plainDate("2026-05-11"))).toBe("2026-05-11");
    const cells = interestByWeek(
      entries(
        note("a", 0, { interest: "again" }),
        note("b", 1, { interest: "liked" }),
        note("c", 8, { interest: "none" }),
      ),
    );
    expect(cells.map((cell) => [cell.week, cell.interest, cell.notes])).toEqual([
      ["2026-05-04", 0.8, 2],
      ["2026-04-27", -0.5, 1],
    ]);
  });

  it("keeps every mean between the least and the most there is", () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...Interest.options), { minLength: 1, maxLength: 30 }),
        (interests) => {
          const cells = interestByWeek(
            entries(...interests.map((interest, i) => note(`n${i}`, i, { interest }))),
          );
          for (const cell of cells) {
            expect(cell.interest).toBeGreaterThanOrEqual(-0.5);
            expect(cell.interest).toBeLessThanOrEqual(1);
          }
          expect(cells.reduce((sum, cell) => sum + cell.notes, 0)).toBe(interests.length);
        },
      ),
    );
  });

  it("which areas have been missing: never noted first, with the day it was last", () => {
    const area = activities.get(anId("discs-in-a-slot"))?.area;
    const areas = areasOf(entries(note("a", 3), note("b", 40)), ON, 4);
    expect(areas).toHaveLength(10);
    expect(areas.at(-1)).toEqual({ area, notes: 1, lastOn: addDays(ON, -3) });
    expect(areas[0]?.lastOn).toBeUndefined();
  });
});
