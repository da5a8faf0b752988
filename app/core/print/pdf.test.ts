import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { words } from "../draw";
import { processorMs } from "../testing/processorTime";
import { SHEET_KINDS, sheetKindOf } from "./kinds";
import { drawSheet, sheetPages, sheetValues } from "./pages";
import { LINE_MM, MARGIN_MM, PAPERS, type Paper, pageOf } from "./paper";
import { type PdfFonts, pdfOf } from "./pdf";
import { textPages } from "./textPages";
import { textWidthMm } from "./textWidth";

const require = createRequire(import.meta.url);
const ttf = (cut: string, file: string) =>
  new Uint8Array(
    readFileSync(
      require.resolve(
        `@expo-google-fonts/atkinson-hyperlegible-next/${cut}/AtkinsonHyperlegibleNext_${file}.ttf`,
      ),
    ),
  );
const fonts: PdfFonts = { regular: ttf("400Regular", "400Regular"), bold: ttf("700Bold", "700Bold") };

let folder = "";
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), "orto-pdf-"));
});
afterAll(() => rmSync(folder, { recursive: true }));

const FOOT = { check: "100 mm: measure this line", title: "Sheet" };
const pagesOf = (id: string, values: Record<string, number | string>, paper: Paper) => {
  const kind = sheetKindOf(id);
  const read = kind && sheetValues(kind, values);
  if (!kind || !read?.ok) throw new Error(`${id} can't be drawn`);
  return sheetPages(drawSheet(kind, read.value, paper), paper, FOOT);
};

interface Raster {
  width: number;
  height: number;
  /** Is the point at x, y (mm) dark? */
  row(yMm: number): boolean[];
  pixelMm: number;
}

const DPI = 600;

/** The first page of a PDF as the printer's own renderer sees it: another program than the one that wrote it. */
function rastered(pdf: Uint8Array, page = 1, dpi = DPI): Raster {
  const file = join(folder, "sheet.pdf");
  writeFileSync(file, pdf);
  execFileSync("pdftoppm", [
    "-gray",
    "-r",
    String(dpi),
    "-f",
    String(page),
    "-l",
    String(page),
    "-singlefile",
    file,
    join(folder, "sheet"),
  ]);
  const bytes = readFileSync(join(folder, "sheet.pgm"));
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString("latin1"));
  if (!head) throw new Error("not a grey picture");
  const [width, height] = [Number(head[1]), Number(head[2])];
  const pixels = bytes.subarray(head[0].length);
  const pixelMm = 25.4 / dpi;
  return {
    width,
    height,
    pixelMm,
    row(yMm) {
      const y = Math.round(yMm / pixelMm);
      return Array.from({ length: width }, (_, x) => (pixels[y * width + x] ?? 255) < 160);
    },
  };
}

/** Where dark runs begin and end in a row, in mm. */
function runs(row: readonly boolean[], pixelMm: number): [number, number][] {
  const found: [number, number][] = [];
  row.forEach((dark, x) => {
    if (dark && !row[x - 1]) found.push([x * pixelMm, (x + 1) * pixelMm]);
    else if (dark) (found.at(-1) ?? [0, 0])[1] = (x + 1) * pixelMm;
  });
  return found;
}

describe("a PDF", () => {
  it("has a line of 100.0 mm on A4 and on Letter", async () => {
    for (const paper of ["a4", "letter"] as const) {
      const [, heightMm] = PAPERS[paper];
      const raster = rastered(await pdfOf([pageOf(paper, [], FOOT)], fonts, "t"));
      expect(raster.width * raster.pixelMm).toBeCloseTo(PAPERS[paper][0], 0);
      // The ticks stand above and under the line: a row between them has only the two.
      const ticks = runs(raster.row(heightMm - MARGIN_MM - 1.5 - 1), raster.pixelMm).filter(([a]) => a < 120);
      expect(ticks).toHaveLength(2);
      const [first, last] = ticks.map(([a, b]) => (a + b) / 2);
      expect(Math.abs((last ?? 0) - (first ?? 0) - 100)).toBeLessThan(0.2);
    }
  });

  it("has words as wide as lines are broken for, in both cuts: another program tells where each begins and ends", async () => {
    const texts = ["Wimmelndes", "illicit-ferry", "0123456789", "„Größe“", "snails(&)keys", "MWQ@%", "éàüñç"];
    const marks = texts.flatMap((text, i) => [
      words(20, 30 + i * 14, text, 10),
      words(110, 30 + i * 14, text, 10, { bold: true }),
    ]);
    const file = join(folder, "words.pdf");
    writeFileSync(file, await pdfOf([{ widthMm: 210, heightMm: 297, lineMm: 0.5, marks }], fonts, "t"));
    const boxes = execFileSync("pdftotext", ["-bbox", file, "-"]).toString();
    const found = [...boxes.matchAll(/xMin="([\d.]+)".*?xMax="([\d.]+)"/g)].map(
      ([, from, to]) => ((Number(to) - Number(from)) / 72) * 25.4,
    );
    expect(found).toHaveLength(marks.length);
    const reckoned = marks.map((one) => textWidthMm(one.text, one.sizeMm, one.bold));
    const sorted = (list: number[]) => [...list].sort((a, b) => a - b);
    sorted(found).forEach((wide, i) => {
      expect(Math.abs(wide - (sorted(reckoned)[i] ?? 0))).toBeLessThan(0.05 * 10 + wide * 0.01);
    });
  });

  it("of a text to hand over is read back by another program, word for word, in order, on as many pages", async () => {
    const parts = ["Hands", "Words"].map((title, p) => ({
      title,
      entries: Array.from(
        { length: 70 },
        (_, i) =>
          `${i + 1} May 2026 (${18 + p}.${i % 10} months): Discs in a slot, “said ${i} times: boat & bridge”`,
      ),
    }));
    const document = {
      title: "Tove: what was noted",
      lead: "Observations by the family, no judgement.",
      parts,
    };
    const pages = textPages(document, "a4", (page, of) => `page ${page} of ${of}`);
    const file = join(folder, "text.pdf");
    writeFileSync(file, await pdfOf(pages, fonts, document.title));
    const read = execFileSync("pdftotext", ["-raw", file, "-"]).toString();
    const wordsOf = (text: string) => text.split(/\s+/).filter(Boolean);
    const body = read.replaceAll(/page \d+ of \d+/g, " ");
    expect(wordsOf(body)).toEqual(
      [document.title, document.lead, ...parts.flatMap((one) => [one.title, ...one.entries])].flatMap(
        wordsOf,
      ),
    );
    expect(read.match(/page \d+ of \d+/g)).toHaveLength(pages.length);
    expect(pages.length).toBeGreaterThan(2);
  });

  it("draws dots and cards as large as they say", async () => {
    const dots = rastered(
      await pdfOf(pagesOf("dots", { form: "line", dotMm: 40, gapMm: 10, sideMm: 160 }, "a4"), fonts, "t"),
    );
    const edges = runs(dots.row(100), dots.pixelMm).map(([a, b]) => (a + b) / 2);
    for (let i = 0; i + 1 < edges.length; i += 2)
      expect(Math.abs((edges[i + 1] ?? 0) - (edges[i] ?? 0) - 40)).toBeLessThan(0.2);
    expect(edges.length).toBeGreaterThanOrEqual(6);
    const cards = rastered(
      await pdfOf(pagesOf("numerals", { from: 1, to: 3, cardMm: 60 }, "a4"), fonts, "t"),
    );
    // The cut lines are dashed: a few rows together show each of them.
    const seen = [14, 15, 16, 17, 18].flatMap((y) =>
      runs(cards.row(y), cards.pixelMm).map(([a, b]) => (a + b) / 2),
    );
    const lines = [...seen].sort((a, b) => a - b).filter((x, i, all) => i === 0 || x - (all[i - 1] ?? 0) > 1);
    expect(lines).toHaveLength(4);
    lines.slice(1).forEach((x, i) => {
      expect(Math.abs(x - (lines[i] ?? 0) - 60)).toBeLessThan(0.2);
    });
  });

  it("is drawn by every kind on each paper, with nothing beyond the margins", async () => {
    for (const paper of ["a4", "letter"] as const) {
      const pages = SHEET_KINDS.flatMap((kind) => pagesOf(kind.id, {}, paper).slice(0, 1));
      const pdf = await pdfOf(pages, fonts, "t");
      for (const page of pages.keys()) {
        const { row, width, height, pixelMm } = rastered(pdf, page + 1, 60);
        const dark = Array.from({ length: height }, (_, y) => row(y * pixelMm));
        const edge = Math.floor((MARGIN_MM - LINE_MM * 3) / pixelMm);
        const beyond = dark.flatMap((cells, y) =>
          cells.flatMap((isDark, x) =>
            isDark && (x < edge || y < edge || x >= width - edge || y >= height - edge) ? [[x, y]] : [],
          ),
        );
        expect(beyond, `${SHEET_KINDS[page]?.id} on ${paper}`).toEqual([]);
        expect(dark.some((cells) => cells.some(Boolean))).toBe(true);
      }
    }
  });

  it("embeds its letters, a part of them only, and reads as text", async () => {
    const pdf = await pdfOf(pagesOf("letters", { word: "Åse Øl" }, "a4"), fonts, "Letters");
    const file = join(folder, "letters.pdf");
    writeFileSync(file, pdf);
    const listed = execFileSync("pdffonts", [file]).toString();
    expect(listed).toMatch(/AtkinsonHyperlegibleNext/);
    expect(
      listed
        .split("\n")
        .slice(2)
        .filter(Boolean)
        .every((line) => / yes /.test(line)),
    ).toBe(true);
    const text = execFileSync("pdftotext", [file, "-"]).toString();
    expect(text).toContain("100 mm: measure this line");
    for (const letter of "ÅseØl") expect(text).toContain(letter);
    expect(pdf.length).toBeLessThan(120_000);
  });

  it("is the same each time, tells how far it is, and of thirty pages takes under 2 s", async () => {
    const pages = SHEET_KINDS.flatMap((kind) => pagesOf(kind.id, {}, "a4")).slice(0, 30);
    expect(pages).toHaveLength(30);
    const told: number[] = [];
    const start = processorMs();
    const once = await pdfOf(pages, fonts, "t", (done) => void told.push(done));
    expect(processorMs() - start).toBeLessThan(2000);
    expect(told).toEqual(Array.from({ length: 30 }, (_, i) => i + 1));
    expect(Buffer.compare(once, await pdfOf(pages, fonts, "t"))).toBe(0);
    await expect(pdfOf([], fonts, "t")).rejects.toThrow(/nothing to print/);
  });
});
