import { parse } from "csv-parse/sync";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runs } from "../testing/runs";
import { csvText, MOST_ROWS, readCsv } from "./csv";

const cell = fc.oneof(
  fc.string({ unit: "grapheme", maxLength: 30 }),
  fc.constantFrom(
    '"',
    ",",
    "a\r\nb",
    "\n",
    "=1+1",
    "+49",
    "-5",
    "-5,5",
    "@x",
    "\t",
    "'=x",
    " x ",
    "ä;ö",
    "-",
  ),
);
const table = fc
  .integer({ min: 1, max: 6 })
  .chain((width) =>
    fc.record({
      columns: fc.constant(Array.from({ length: width }, (_, i) => `column ${i}`)),
      rows: fc.array(fc.array(cell, { minLength: width, maxLength: width }), { minLength: 1, maxLength: 8 }),
    }),
  )
  // A row of nothing but blanks is no row.
  .filter(({ rows }) => rows.every((row) => row.some((one) => one.trim() !== "")));

describe("a table as comma-separated values", () => {
  it("is read back as it was (property), and by another reader", () => {
    fc.assert(
      fc.property(table, ({ columns, rows }) => {
        const text = csvText({ columns, rows });
        expect(readCsv(text)).toEqual({
          ok: true,
          // An apostrophe of one's own before such a sign goes with the one that makes it harmless.
          value: { columns, rows: rows.map((row) => row.map((one) => one.replace(/^'(?=[=+\-@\t\r])/, ""))) },
        });
        const others: string[][] = parse(text, { bom: true, record_delimiter: "\r\n" });
        expect(others.slice(1).map((row) => row.map((one) => one.replace(/^'(?=[=+\-@\t\r])/, "")))).toEqual(
          rows.map((row) => row.map((one) => one.replace(/^'(?=[=+\-@\t\r])/, ""))),
        );
      }),
      { numRuns: runs(300, 20_000) },
    );
  });

  it("has no cell that a spreadsheet would work out, and leaves numbers alone", () => {
    const dangerous = ["=HYPERLINK(1)", "+1+1", "-1+1", "@SUM(1)", "\t=1", "\r=1"];
    const text = csvText({ columns: ["a"], rows: [...dangerous, "-5", "-2.5"].map((one) => [one]) });
    const cells: string[][] = parse(text, { bom: true, record_delimiter: "\r\n" });
    for (const [one = ""] of cells.slice(1, 1 + dangerous.length)) expect(one.startsWith("'")).toBe(true);
    expect(cells.slice(-2)).toEqual([["-5"], ["-2.5"]]);
  });

  it.each([
    ["semicolons", "date;words\n2026-05-01;a, b\n"],
    ["tabs", "date\twords\r\n2026-05-01\ta, b\r\n"],
    ["commas and quotes, a mark before, blank lines between", '\uFEFFdate,words\n\n2026-05-01,"a, b"\n\n'],
  ])("is read with %s", (_, text) => {
    expect(readCsv(text)).toEqual({
      ok: true,
      value: { columns: ["date", "words"], rows: [["2026-05-01", "a, b"]] },
    });
  });

  it.each([
    ["nothing", "", "empty"],
    ["names alone", "date,words\n", "empty"],
    ["a quotation mark that stays open", 'date,words\n2026-05-01,"a\n', "quotes"],
    ["a row that is wider than the names", "date\na,b\n", "ragged"],
    ["too many rows", `date\n${"x\n".repeat(MOST_ROWS + 1)}`, "too-large"],
    ["too many columns", `${"a,".repeat(80)}\n${"b,".repeat(80)}\n`, "too-large"],
  ])("%s is a fault", (_, text, code) => {
    expect(readCsv(text)).toMatchObject({ ok: false, issues: [{ code }] });
  });

  it("throws at nothing, whatever is in the file (property)", () => {
    fc.assert(
      fc.property(fc.string({ unit: "binary", maxLength: 400 }), (text) => {
        readCsv(text);
      }),
      { numRuns: runs(300, 20_000) },
    );
  });
});
