import { describe, expect, it } from "vitest";
import { Anecdote, type Observation, plainDate, type Tables } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { csvText, readCsv } from "./csv";
import { dateIn, dateOrderOf, guessMapping, listOf, NOTE_FIELDS } from "./fields";
import { readNotes } from "./readNotes";
import { cupboardTable, notesTable, rotationsTable } from "./tables";

const TODAY = plainDate("2026-05-10");
const tables = fixtureHome().tables as Tables;
const empty = { ...tables, observations: [], anecdotes: [] };
const [tove] = tables.children;
const activity = FIXTURE.activities.find((one) => one.rungs.length > 1);
const rung = activity?.rungs[1];
if (!tove || !activity || !rung) throw new Error("a child and an activity of two steps were expected");

const reading = (text: string, more: { child?: string } = {}, known: typeof empty | Tables = empty) => {
  const read = readCsv(text);
  if (!read.ok) throw new Error(read.issues[0]?.message);
  const mapping = guessMapping(read.value.columns, NOTE_FIELDS);
  return readNotes(
    read.value,
    { mapping, order: "day-first", today: TODAY, ...(more.child ? { child: anId(more.child) } : {}) },
    FIXTURE,
    known,
  );
};

describe("a table of notes", () => {
  it("comes back from its own file as it was, and is here already the second time", () => {
    const notes = tables.observations.filter((one) => one.deletedAt === undefined && one.on <= TODAY);
    const text = csvText(notesTable({ ...tables, observations: notes }, FIXTURE));
    const read = reading(text);
    expect(read.faults).toEqual([]);
    expect(read.notes.length + read.known).toBe(notes.length);
    for (const { child, on, activity, rung, words, told } of read.notes) {
      const row = { child: child.id, on, activity: activity?.id, rung: rung?.id };
      const source = notes.find(
        (one) =>
          one.on === on && one.child === child.id && one.activity === row.activity && one.rung === row.rung,
      );
      expect(source).toMatchObject(row);
      expect(source?.words).toBe(words);
      for (const [field, value] of Object.entries(told))
        expect(source?.[field as keyof Observation]).toBe(value);
    }
    expect(reading(text, {}, { ...tables, observations: notes }).notes).toEqual([]);
  });

  it("is read by names in any case, dates as they are written, numbers with a comma", () => {
    const text = `Day;Name;Task;Level;Support;min;Comment\n1.5.2026;${tove.name.toUpperCase()};${activity.name.toLowerCase()};${rung.title};Not yet;2,5;well\n`;
    expect(reading(text)).toEqual({
      notes: [
        {
          ...{ row: 2, on: "2026-05-01", child: tove, activity, rung, words: "well" },
          told: { help: "not-yet", minutes: 2.5 },
        },
      ],
      faults: [],
      known: 0,
    });
  });

  it("keeps what is no activity of ours in the words, as something seen", () => {
    const { notes } = reading(`date,what,words\n2026-05-01,Kicked a ball,far\n`, { child: tove.id });
    expect(notes).toMatchObject([{ words: "Kicked a ball: far", told: {} }]);
    expect(notes[0]?.activity).toBeUndefined();
    const stamp = { createdAt: "2026-05-01T00:00:00.000Z", updatedAt: "2026-05-01T00:00:00.000Z" };
    const told = Anecdote.parse({
      ...stamp,
      ...{ id: anId("a"), child: tove.id, on: "2026-05-01", words: "Kicked a ball: far" },
    });
    const again = reading(
      `date,what,words\n2026-05-01,Kicked a ball,far\n`,
      { child: tove.id },
      { ...empty, anecdotes: [told] },
    );
    expect(again).toMatchObject({ notes: [], known: 1 });
  });

  it.each([
    ["no date", "31/02/2026,Tove,,,,,a", "date", "no-date"],
    ["a day to come", "2026-05-11,Tove,,,,,a", "date", "future"],
    ["nobody of ours", "2026-05-01,Nobody,,,,,a", "child", "no-child"],
    ["nothing told", "2026-05-01,Tove,,,,,", "words", "no-words"],
    ["no such step", `2026-05-01,Tove,"${activity.name}",gone,,,`, "step", "no-step"],
    ["a step left out where there are several", `2026-05-01,Tove,"${activity.name}",,,,`, "step", "no-step"],
    [
      "a word that is none of its own",
      `2026-05-01,Tove,"${activity.name}","${rung.title}",perhaps,,`,
      "help",
      "not-known",
    ],
    [
      "minutes beyond a day's",
      `2026-05-01,Tove,"${activity.name}","${rung.title}",,9999,`,
      "minutes",
      "not-a-number",
    ],
    ["words without end", `2026-05-01,Tove,,,,,${"x".repeat(2001)}`, "words", "too-long"],
  ])("%s is told with its row and column, and the others stand", (_, line, field, code) => {
    const text = `date,child,activity,step,help,minutes,words\n2026-05-02,Tove,,,,,first\n${line}\n`;
    const { notes, faults } = reading(text);
    expect(notes).toHaveLength(1);
    expect(faults).toMatchObject([{ row: 3, field, code }]);
  });
});

describe("dates of a table", () => {
  it.each([
    ["2026-05-01", "2026-05-01"],
    ["2026/5/1", "2026-05-01"],
    ["2026-05-01T18:30", "2026-05-01"],
    ["1.5.2026", "2026-05-01"],
    ["01/05/26", "2026-05-01"],
    ["May 1", undefined],
    ["", undefined],
  ])("%s", (cell, date) => expect(dateIn(cell, "day-first")).toBe(date));

  it("show their order where one of them can be only one", () => {
    expect(dateIn("5/1/2026", "month-first")).toBe("2026-05-01");
    expect(dateOrderOf(["1/2/2026", "13/2/2026"])).toBe("day-first");
    expect(dateOrderOf(["1/2/2026", "2/13/2026"])).toBe("month-first");
    expect(dateOrderOf(["1/2/2026", "2026-05-13"])).toBeUndefined();
  });
});

describe("a table of things", () => {
  it.each([
    ["with amounts and units", "Item,Qty,Units\nrice,500,g\nhoop,2,piece\n,,\n", "500 g rice\n2 hoop"],
    ["with names alone", "at home\nrice\nhoop\n", "rice\nhoop"],
  ])("%s is a list of lines", (_, text, list) => {
    const read = readCsv(text);
    expect(read.ok && listOf(read.value)).toBe(list);
  });
});

describe("tables of the household", () => {
  it("have a row for each living thing and each tray, and no hole", () => {
    const things = cupboardTable(tables, FIXTURE);
    expect(things.rows).toHaveLength(tables.holdings.filter((one) => !one.deletedAt).length);
    const trays = rotationsTable(tables, FIXTURE);
    expect(trays.rows).toHaveLength(tables.trays.filter((one) => !one.deletedAt).length);
    for (const { columns, rows } of [things, trays, notesTable(tables, FIXTURE)])
      for (const row of rows) expect(row).toHaveLength(columns.length);
  });
});
