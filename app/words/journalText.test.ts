import { describe, expect, it } from "vitest";
import { journalRows } from "../core/report/journal";
import { fixtureHome } from "../core/testing/fixtures";
import { journalMarkdown } from "./journalText";

describe("the journal as text", () => {
  const { observations, children } = fixtureHome().tables;
  const notes = observations.slice(0, 3).map((note) => ({ ...note, words: "1 * 2\n# <b>so</b> [x](y)" }));
  const rows = journalRows(
    notes.map((note) => ({ note })),
    [],
  );

  it("has a heading a day and a line a note", () => {
    const text = journalMarkdown(rows, children);
    const lines = text.split("\n");
    expect(lines[0]).toBe("# Journal");
    expect(lines.filter((line) => line.startsWith("## "))).toHaveLength(
      new Set(notes.map((one) => one.on)).size,
    );
    expect(lines.filter((line) => line.startsWith("- "))).toHaveLength(notes.length);
    expect(text).toContain("an activity that is no longer there");
  });

  it("writes what was noted as it stands, whatever it would mean to Markdown", () => {
    const text = journalMarkdown(rows, children);
    expect(text).toContain("“1 \\* 2 \\# \\<b\\>so\\</b\\> \\[x\\](y)”");
    expect(text.split("\n").filter((line) => line.startsWith("# "))).toHaveLength(1);
  });
});
