import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { parse } from "csv-parse/sync";
import { describe, expect, it } from "vitest";
import { demo, orto } from "./testing/orto";

describe("npm run -s orto, from file to file", () => {
  it("merge: two backups of one household as one, whichever comes first; not of another", async () => {
    const folder = mkdtempSync(join(tmpdir(), "orto-merge-"));
    const file = (
      name: string,
      change: (tables: { observations: object[]; household: object[] }) => void,
    ) => {
      const backup = JSON.parse(demo);
      change(backup.tables);
      const path = join(folder, name);
      writeFileSync(path, JSON.stringify(backup));
      return path;
    };
    const a = file("a.json", ({ observations }) => observations.splice(0, 3));
    const b = file("b.json", ({ observations }) => observations.splice(-4));
    const ab = await orto(["merge", a, b]);
    expect(ab.code).toBe(0);
    expect((await orto(["merge", b, a])).out).toBe(ab.out);
    expect(ab.json().tables.observations).toHaveLength(JSON.parse(demo).tables.observations.length);
    expect((await orto(["check"], ab.out)).code).toBe(0);
    const other = file("c.json", ({ household }) => Object.assign(household[0] ?? {}, { id: "another" }));
    expect(await orto(["merge", a, other])).toMatchObject({
      code: 2,
      err: expect.stringMatching(/another household/),
    });
    expect(await orto(["merge", a])).toMatchObject({ code: 2, err: expect.stringMatching(/^B: /) });
  });

  it("sheet: a PDF of its kind and paper; a wrong field is named", async () => {
    const done = await await orto(["sheet", "pairs"], { paper: "letter", pairs: 3, cardMm: 60 });
    expect([done.code, done.out.slice(0, 5)]).toEqual([0, "%PDF-"]);
    expect((await orto(["sheet", "pairs", "--svg"], {})).out).toMatch(/^<svg .*width="210mm" height="297mm"/);
    const wrong = await orto(["sheet", "pairs"], { pairs: 99, size: 2 });
    expect(wrong.code).toBe(2);
    expect(wrong.err).toMatch(/^size: .*\npairs: from 2 to 10/);
    expect((await orto(["sheet", "crossword"], {})).err).toMatch(/kind: one of: shape-match/);
  });

  it("prep: what is to be fetched, cut and counted, with its minutes", async () => {
    const { rotation, minutes, lines } = (await orto(["prep", "--on", "2026-05-10"], demo)).json();
    expect(rotation.from).toBe("2026-05-04");
    expect(lines.length).toBeGreaterThan(10);
    const once = lines.reduce((sum: number, line: { minutes: number }) => sum + line.minutes, 0);
    expect(minutes).toBeCloseTo(once, 6);
    for (const line of lines) expect(line.text).toMatch(/\S/);
    expect(await orto(["prep"], demo)).toMatchObject({ code: 2, err: expect.stringMatching(/^--on: /) });
  });

  it("ics: a calendar with the next change of the shelf in it, the same each time", async () => {
    const { out } = await orto(["ics", "--on", "2026-05-10"], demo);
    expect(out).toMatch(/^BEGIN:VCALENDAR\r\n[\s\S]*END:VCALENDAR\r\n$/);
    expect(out).toMatch(/SUMMARY:Change the shelf\r\n(?:(?!END:VEVENT)[\s\S])*DTSTART;VALUE=DATE:20260511/);
    expect((await orto(["ics", "--on", "2026-05-10"], demo)).out).toBe(out);
  });

  it("csv: the notes, the cupboard and the rotations as tables; of nothing else", async () => {
    const { observations, holdings, trays } = JSON.parse(demo).tables;
    for (const [what, rows] of [
      ["notes", observations],
      ["cupboard", holdings],
      ["rotations", trays],
    ]) {
      const lines: string[][] = parse((await orto(["csv", what], demo)).out, { bom: true });
      expect(lines.length - 1).toBe(rows.length);
    }
    expect(await orto(["csv", "children"], demo)).toMatchObject({
      code: 2,
      err: expect.stringMatching(/^table: /),
    });
  });

  it("summary: what was noted of a child in a span of days, as Markdown", async () => {
    const asked = ["summary", "--child", "tove", "--from", "2026-05-01", "--to", "2026-05-10"];
    const done = await orto(asked, demo);
    expect(done.code).toBe(0);
    expect(done.out).toMatch(/^# Tove: what was noted\n/);
    const notes = JSON.parse(demo).tables.observations.filter(
      (one: { child: string; on: string }) => one.child === "tove" && one.on >= "2026-05-01",
    );
    expect(done.out.split("\n").filter((line) => line.startsWith("- ")).length).toBeGreaterThanOrEqual(
      notes.length,
    );
    expect(
      await orto([...asked.slice(0, 3), "--from", "2026-05-11", "--to", "2026-05-10"], demo),
    ).toMatchObject({
      code: 2,
      err: expect.stringMatching(/^--from: /),
    });
  });
});
