import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { svgText } from "../../app/core/draw";
import { failed, type Issue, type Result } from "../../app/core/model";
import {
  drawSheet,
  PAPER_IDS,
  type Paper,
  SHEET_KINDS,
  sheetKindOf,
  sheetPages,
  sheetValues,
} from "../../app/core/print";
import { pdfOf } from "../../app/core/print/pdf";
import { CHECK_LINE, sheetName } from "../../app/words/sheets";

const require = createRequire(import.meta.url);
const letters = (cut: string) =>
  new Uint8Array(
    readFileSync(
      require.resolve(
        `@expo-google-fonts/atkinson-hyperlegible-next/${cut}/AtkinsonHyperlegibleNext_${cut}.ttf`,
      ),
    ),
  );

const issue = (path: string, message: string): Issue => ({ code: "bad-value", path, message });

/** A sheet of a kind as PDF, or its first page as SVG; its fields as given, `paper` besides, the usual for what is left out. */
export async function sheetVerb(
  id: string | undefined,
  input: unknown,
  asSvg: boolean,
): Promise<Result<Uint8Array | string>> {
  const kind = id === undefined ? undefined : sheetKindOf(id);
  if (!kind) return failed(issue("kind", `one of: ${SHEET_KINDS.map((one) => one.id).join(", ")}`));
  if (typeof input !== "object" || input === null || Array.isArray(input))
    return failed(issue("", "an object of fields"));
  const { paper = "a4", ...given } = input as Record<string, unknown>;
  if (!PAPER_IDS.includes(paper as Paper)) return failed(issue("paper", `one of: ${PAPER_IDS.join(", ")}`));
  const read = sheetValues(kind, given);
  if (!read.ok) return read;
  const drawn = drawSheet(kind, read.value, paper as Paper);
  if (drawn.pages.length === 0) return failed(issue("", "it does not fit on the paper: make it smaller"));
  const pages = sheetPages(drawn, paper as Paper, { check: CHECK_LINE, title: sheetName(kind.id) });
  const [first] = pages;
  if (asSvg && first) return { ok: true, value: svgText(first) };
  const value = await pdfOf(
    pages,
    { regular: letters("400Regular"), bold: letters("700Bold") },
    sheetName(kind.id),
  );
  return { ok: true, value };
}
