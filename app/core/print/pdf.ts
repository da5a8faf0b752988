import { jsPDF } from "jspdf";
import { colourOf, type Drawing, type Mark, type Op, type TextMark } from "../draw";

/** The bytes of the two cuts of the typeface, as TrueType; they are embedded, and no more of them than is used. */
export interface PdfFonts {
  regular: Uint8Array;
  bold: Uint8Array;
}

const FACE = "AtkinsonHyperlegibleNext";
const MM_A_POINT = 25.4 / 72;
/** The same file for the same drawing: no clock and no chance in it. */
const NO_DATE = new Date(Date.UTC(2000, 0, 1));
const NO_ID = "0".repeat(32);

/** Bytes as a text of one character each, as the library takes a font. */
function binary(bytes: Uint8Array): string {
  let out = "";
  for (let i = 0; i < bytes.length; i += 8192) out += String.fromCharCode(...bytes.subarray(i, i + 8192));
  return out;
}

function embed(doc: jsPDF, fonts: PdfFonts): void {
  for (const [style, bytes] of [
    ["normal", fonts.regular],
    ["bold", fonts.bold],
  ] as const) {
    doc.addFileToVFS(`${style}.ttf`, binary(bytes));
    doc.addFont(`${style}.ttf`, FACE, style);
  }
}

const OPERATORS = { M: "m", L: "l", C: "c", Z: "h" } as const;

const pathOf = (ops: readonly Op[]) =>
  ops.map(([letter, ...numbers]) => ({ op: OPERATORS[letter], c: numbers.map(Number) }));

function text(doc: jsPDF, mark: TextMark): void {
  doc.setFont(FACE, mark.bold ? "bold" : "normal");
  doc.setFontSize(mark.sizeMm / MM_A_POINT);
  doc.setTextColor(colourOf(mark.tone));
  doc.text(mark.text, mark.x, mark.y, { align: mark.align === "middle" ? "center" : mark.align });
}

function draw(doc: jsPDF, mark: Mark, lineMm: number): void {
  if (mark.kind === "text") {
    text(doc, mark);
    return;
  }
  if (mark.fill) doc.setFillColor(colourOf(mark.fill));
  if (mark.line) {
    doc.setDrawColor(colourOf(mark.line.tone));
    doc.setLineWidth(mark.line.weight * lineMm);
    doc.setLineDashPattern([...(mark.line.dashMm ?? [])], 0);
  }
  doc.path(pathOf(mark.ops));
  if (mark.fill && mark.line) doc.fillStroke();
  else if (mark.fill) doc.fill();
  else doc.stroke();
}

/** Told after each page; a rejected promise or a throw ends the work. */
export type OnPage = (done: number, of: number) => void | Promise<void>;

/**
 * Pages as one PDF, everything as lines and letters at their size in mm. The same pages give the same bytes. Throws where
 * there is no page.
 */
export async function pdfOf(
  pages: readonly Drawing[],
  fonts: PdfFonts,
  title: string,
  onPage: OnPage = () => {},
): Promise<Uint8Array<ArrayBuffer>> {
  const [first] = pages;
  if (!first) throw new Error("there is nothing to print");
  const formatOf = ({ widthMm, heightMm }: Drawing) => [widthMm, heightMm];
  const doc = new jsPDF({ unit: "mm", format: formatOf(first), compress: true, putOnlyUsedFonts: true });
  doc.setCreationDate(NO_DATE);
  doc.setFileId(NO_ID);
  doc.setProperties({ title });
  doc.setLineCap("round");
  doc.setLineJoin("round");
  embed(doc, fonts);
  for (const [i, page] of pages.entries()) {
    if (i > 0) {
      doc.addPage(formatOf(page));
      doc.setLineCap("round");
      doc.setLineJoin("round");
    }
    for (const mark of page.marks) draw(doc, mark, page.lineMm);
    await onPage(i + 1, pages.length);
  }
  return new Uint8Array(doc.output("arraybuffer"));
}
