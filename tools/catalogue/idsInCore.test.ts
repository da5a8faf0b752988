import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../app/catalogue/catalogue";
import { SHEET_KINDS } from "../../app/core/print";

/**
 * Files of core that still name a skill, a thing or an activity of the catalogue, and how often. What they ask for by name
 * belongs into the catalogue's own data; none may be added.
 */
const STILL: Readonly<Record<string, number>> = {
  "app/core/content/checkCredits.ts": 21,
  "app/core/day/tonight.ts": 1,
  "app/core/household/focus.ts": 3,
  "app/core/prep/prepSheet.ts": 1,
  "app/core/safety/abilities.ts": 48,
  "app/core/safety/reach.ts": 6,
  "app/core/safety/reacher.ts": 14,
};

/** Codes of core's own that happen to be spelt like an id: kinds of sheets and their fields, forms that are drawn, moves and signs. */
const OWN_CODES = new Set<string>([
  ...SHEET_KINDS.map((one) => one.id),
  ...CATALOGUE.materials.flatMap((one) => one.look?.form ?? []),
  ...["box-slot", "box-tissue", "tin-slot", "cup-open", "egg-box", "baking-sheet", "bag-cloth"],
  ...["marks", "names", "patterns", "points", "snips", "tears"],
  ...["give-back", "one-thing", "put-back"],
]);

/** Words of everyday life are ids as well: only what is spelt in parts is taken for one, and what stands for a skill. */
const ids = new Set<string>([
  ...CATALOGUE.skills.map((one) => one.id),
  ...[
    ...CATALOGUE.materials.map((one) => one.id),
    ...CATALOGUE.activities.flatMap((one) => [one.id, ...one.rungs.map((rung) => rung.id)]),
  ].filter((id) => id.includes("-")),
]);

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((one) => one.isFile() && one.name.endsWith(".ts") && !one.name.endsWith(".test.ts"))
    .map((one) => join(one.parentPath, one.name))
    .filter((file) => !file.includes("/testing/"));

/** The ids that stand in a file as a text or as the name of a field. */
function idsIn(file: string): string[] {
  const found: string[] = [];
  const visit = (node: ts.Node) => {
    const isFieldName =
      ts.isIdentifier(node) && ts.isPropertyAssignment(node.parent) && node.parent.name === node;
    const text = ts.isStringLiteralLike(node) || isFieldName ? node.text : undefined;
    if (text !== undefined && ids.has(text) && !OWN_CODES.has(text)) found.push(text);
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(file, readFileSync(file, "utf8"), ts.ScriptTarget.Latest, true));
  return found;
}

describe("core", () => {
  it("names nothing of the catalogue, but where it still does", () => {
    const named = filesIn("app/core")
      .map((file) => [file, idsIn(file)] as const)
      .filter(([, found]) => found.length > 0);
    const more = named.flatMap(([file, found]) =>
      found.length > (STILL[file] ?? 0) ? [`${file}: ${found.join(" ")}`] : [],
    );
    expect(more).toEqual([]);
    // A file that names fewer ids than its entry says gets a smaller entry, so that none of them comes back.
    const gone = Object.entries(STILL).filter(
      ([file, count]) => (named.find(([one]) => one === file)?.[1].length ?? 0) < count,
    );
    expect(gone).toEqual([]);
  });
});
