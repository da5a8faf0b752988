import { readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";
import { FORMATS_FOLDER, formatFiles } from "./formats";

it("is told in docs/formats as it is read: after a change, npm run formats", () => {
  for (const [name, text] of Object.entries(formatFiles()))
    expect(readFileSync(join(FORMATS_FOLDER, name), "utf8"), name).toBe(text);
});

it("names every table of a backup and what a row may hold", () => {
  const backup = JSON.parse(formatFiles()["backup.schema.json"] ?? "{}");
  expect(Object.keys(backup.properties.tables.properties)).toContain("observations");
  expect(JSON.stringify(backup)).toContain('"maxLength"');
});
