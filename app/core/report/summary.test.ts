import { describe, expect, it } from "vitest";
import { careLine, questionsIn, standingLine, summaryDocument, summaryMarkdown } from "../../words/summary";
import { Anecdote, addDays, Observation, plainDate, type Tables, Worry } from "../model";
import { PAPER_IDS, PAPERS } from "../print/paper";
import { textPages } from "../print/textPages";
import { textWidthMm } from "../print/textWidth";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { processorMs } from "../testing/processorTime";
import { summaryOf } from "./summary";

const ON = plainDate("2026-05-10");
const stamp = { createdAt: "2026-05-01T00:00:00.000Z", updatedAt: "2026-05-01T00:00:00.000Z" };
const home = fixtureHome().tables as Tables;
const [tove] = home.children;
if (!tove) throw new Error("a child was expected");
const tables: Tables = {
  ...home,
  anecdotes: [
    Anecdote.parse({
      ...stamp,
      id: "a",
      child: tove.id,
      on: ON,
      words: "Said *boat* | twice.",
      skill: "pincer",
    }),
  ],
  worries: [Worry.parse({ ...stamp, id: "w", child: tove.id, on: ON, words: "Does not look up." })],
};
const asked = (more: object = {}) => ({
  ...{ child: tove, from: addDays(ON, -91), to: ON, areas: [], named: true },
  ...more,
});
const nameOf = (id: string) => FIXTURE.skills.find((one) => one.id === id)?.name ?? id;

describe("a summary for somebody else", () => {
  it("has every note of the span once, under its area, in order of the days", () => {
    const summary = summaryOf(FIXTURE, tables, asked());
    const entries = summary.areas.flatMap((one) => one.entries);
    const notes = entries.flatMap((one) => (one.kind === "note" ? [one.note.id] : []));
    const wanted = tables.observations.filter(
      (one) => one.child === tove.id && one.on >= addDays(ON, -91) && one.on <= ON,
    );
    expect([...notes].sort()).toEqual(wanted.map((one): string => one.id).sort());
    expect(entries.filter((one) => one.kind === "told")).toHaveLength(1);
    for (const { entries: of } of summary.areas) {
      const days = of.map((one) => one.on);
      expect(days).toEqual([...days].sort());
    }
  });

  it("keeps to the areas asked for, and to the days", () => {
    const one = summaryOf(FIXTURE, tables, asked({ areas: ["hands"], from: addDays(ON, -7) }));
    expect(one.areas.map((part) => part.area)).toEqual(["hands"]);
    expect(one.areas[0]?.entries.every((entry) => entry.on >= addDays(ON, -7))).toBe(true);
  });

  it("reads back from its Markdown: a line an entry, the worry first, no per cent, no name where none is wanted", () => {
    const summary = summaryOf(FIXTURE, tables, asked({ named: false }));
    expect(summary.standing.length).toBeGreaterThan(0);
    const text = summaryMarkdown(summary, nameOf);
    const parts = text.split(/^## /m).slice(1);
    expect(parts[0]).toMatch(/^Asked, and to keep an eye on/);
    const lines = text.split("\n").filter((line) => line.startsWith("- "));
    const entries = summary.areas.reduce((sum, one) => sum + one.entries.length, 0);
    const { care, ticks, changes, standing } = summary;
    expect(lines).toHaveLength(care.length + entries + ticks.length + changes.length + standing.length);
    expect(text).not.toContain("%");
    expect(text).not.toContain(tove.name);
    expect(text).toContain("Said \\*boat\\* \\| twice.");
    expect(summary.care.map((one) => careLine(one, nameOf))[0]).toContain("Does not look up.");
  });

  it("tells first what the parent asks, and last what stands ready: theirs, out by then and not taken down", () => {
    const summary = summaryOf(FIXTURE, tables, asked());
    const typed = "Is her grip right?\n\n  When do shoes matter? ";
    const parts = summaryDocument(summary, nameOf, questionsIn(typed)).parts;
    expect(parts[0]?.entries).toEqual(["Is her grip right?", "When do shoes matter?"]);
    expect(parts.at(-1)?.entries).toEqual(summary.standing.map(standingLine));
    const current = tables.rotations.find((one) => one.to === undefined);
    const theirs = tables.trays.filter((one) => one.rotation === current?.id && one.child === tove.id);
    expect(summary.standing.map((one) => one.tray.id).sort()).toEqual(theirs.map((one) => one.id).sort());
    const down = { ...tables, trays: tables.trays.map((one) => ({ ...one, downOn: ON })) };
    expect(summaryOf(FIXTURE, down, asked()).standing).toEqual([]);
  });

  it("stands on pages as it stands in the text: nothing lost, nothing over an edge, no heading alone at a foot", () => {
    const summary = summaryOf(FIXTURE, tables, asked());
    const document = summaryDocument(summary, nameOf);
    for (const paper of PAPER_IDS) {
      const [widthMm, heightMm] = PAPERS[paper];
      const pages = textPages(document, paper, (page, of) => `${page} of ${of}`);
      expect(pages.length).toBeGreaterThan(1);
      const said = pages.flatMap((page) => page.marks).flatMap((one) => (one.kind === "text" ? [one] : []));
      for (const one of said) {
        const wide = textWidthMm(one.text, one.sizeMm, one.bold);
        const left = one.align === "right" ? one.x - wide : one.x;
        expect(left).toBeGreaterThanOrEqual(20 - 0.01);
        expect(left + wide).toBeLessThanOrEqual(widthMm - 20 + 0.01);
        expect(one.y).toBeLessThanOrEqual(heightMm - 10 + 0.01);
      }
      for (const page of pages) {
        const texts = page.marks.filter((one) => one.kind === "text" && one.align === "left");
        const last = texts.at(-1);
        expect(last?.kind === "text" && last.bold).toBe(false);
      }
      const words = (text: string) => text.split(/\s+/).filter(Boolean);
      const all = [
        document.title,
        document.lead,
        ...document.parts.flatMap((one) => [one.title, ...one.entries]),
      ];
      const pageWords = said.filter((one) => one.align === "left").flatMap((one) => words(one.text));
      expect(pageWords).toEqual(all.flatMap(words));
      expect(said.filter((one) => one.align === "right").map((one) => one.text)).toEqual(
        pages.map((_, i) => `${i + 1} of ${pages.length}`),
      );
    }
  });

  it("is made of five years of notes in under two seconds, and of none", () => {
    const activity = FIXTURE.activities[0];
    const observations = Array.from({ length: 20_000 }, (_, i) =>
      Observation.parse({
        ...stamp,
        ...{ id: `o${i}`, child: tove.id, activity: activity?.id, rung: activity?.rungs[0]?.id },
        ...{ on: addDays(ON, -(i % 1500)), help: "alone" },
      }),
    );
    // The best of some: a busy machine takes a multiple of it now and then.
    const times = [0, 1, 2].map(() => {
      const began = processorMs();
      const many = summaryOf(FIXTURE, { ...tables, observations }, asked({ from: addDays(ON, -365) }));
      expect(summaryMarkdown(many, nameOf).length).toBeGreaterThan(100_000);
      expect(textPages(summaryDocument(many, nameOf), "a4", String).length).toBeGreaterThan(20);
      return processorMs() - began;
    });
    expect(Math.min(...times)).toBeLessThan(2000);
    const none = { ...tables, observations: [], anecdotes: [], skillNotes: [], decisions: [], worries: [] };
    const empty = summaryOf(FIXTURE, none, asked());
    expect([empty.areas, empty.care, empty.ticks, empty.changes]).toEqual([[], [], [], []]);
  });
});
