import type { Drawing } from "../draw";
import type { Issue, Result } from "../model";
import { type Paper, pageOf } from "./paper";
import type { Drawn, Field, SheetKind, Values } from "./sheet";

type Plain = Record<string, number | string>;

const fault = (path: string, message: string): Issue => ({ code: "bad-value", path, message });

function readField(path: string, field: Field, value: unknown): { value: number | string } | Issue {
  switch (field.kind) {
    case "number": {
      if (typeof value !== "number" || !Number.isFinite(value)) return fault(path, "a number");
      if (value < field.least || value > field.most)
        return fault(path, `from ${field.least} to ${field.most}`);
      return { value };
    }
    case "choice":
      return typeof value === "string" && field.options.includes(value)
        ? { value }
        : fault(path, `one of: ${field.options.join(", ")}`);
    case "text": {
      if (typeof value !== "string" || value.trim() === "") return fault(path, "is empty");
      return value.length > field.most ? fault(path, `at most ${field.most} characters`) : { value };
    }
  }
}

/** What a sheet's fields stand at: as given, the usual where nothing is given, or what is wrong with each. */
export function sheetValues(kind: SheetKind, given: Readonly<Record<string, unknown>>): Result<Plain> {
  const values: Plain = {};
  const issues: Issue[] = Object.keys(given)
    .filter((name) => !Object.hasOwn(kind.fields, name))
    .map((name) => fault(name, `not known here; known are: ${Object.keys(kind.fields).join(", ")}`));
  for (const [name, field] of Object.entries(kind.fields)) {
    const read = readField(name, field, given[name] ?? field.usual);
    if ("value" in read) values[name] = read.value;
    else issues.push(read);
  }
  return issues.length > 0 ? { ok: false, issues } : { ok: true, value: values };
}

/** Values that follow from what was measured or counted, brought within the bounds of their fields. */
export const nearestValues = (kind: SheetKind, values: Readonly<Plain>): Plain =>
  Object.fromEntries(
    Object.entries(values).map(([name, value]) => {
      const field = kind.fields[name];
      if (field?.kind !== "number" || typeof value !== "number") return [name, value];
      return [name, Math.min(field.most, Math.max(field.least, value))];
    }),
  );

/** What a sheet draws with these values. */
export const drawSheet = (kind: SheetKind, values: Plain, paper: Paper): Drawn =>
  kind.draw(values as Values<SheetKind["fields"]>, paper);

/** The sheet as pages of the paper, each with the line that is measured. */
export const sheetPages = (drawn: Drawn, paper: Paper, foot: { check: string; title: string }): Drawing[] =>
  drawn.pages.map((marks, i) =>
    pageOf(paper, marks, {
      ...foot,
      title: drawn.pages.length > 1 ? `${foot.title} ${i + 1}/${drawn.pages.length}` : foot.title,
    }),
  );

/** Cutting with scissors goes about so fast, in mm a minute; so long is each piece taken up. Measured by nobody: our estimate. */
const CUT_MM_A_MINUTE = 900;

/** About how many minutes of an adult's cutting a sheet asks for. */
export const cutMinutes = ({ cutMm }: Pick<Drawn, "cutMm">): number => Math.ceil(cutMm / CUT_MM_A_MINUTE);
