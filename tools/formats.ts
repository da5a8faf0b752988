// npm run formats: the shapes of our files as JSON Schema, from the schemas that read them, into docs/formats.
import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { z } from "zod";
import { Backup, Pack } from "../app/core/model";

export const FORMATS_FOLDER = join(import.meta.dirname, "../docs/formats");

/** A schema of what may be written: fields that have a default may be left out, and rules beyond the shape are not told. */
const schemaText = (schema: z.ZodType, title: string): string => {
  const json = z.toJSONSchema(schema, { io: "input", unrepresentable: "any", reused: "ref" });
  return `${JSON.stringify({ title, ...json }, null, 2)}\n`;
};

/** The files of the folder by their names. */
export const formatFiles = (): Record<string, string> => ({
  "backup.schema.json": schemaText(Backup, "Orto backup: orto-backup.json, by itself or in a zip"),
  "pack.schema.json": schemaText(Pack, "Orto pack: activities, skills and things"),
});

if (process.argv[1] === import.meta.filename) {
  mkdirSync(FORMATS_FOLDER, { recursive: true });
  for (const [name, text] of Object.entries(formatFiles())) writeFileSync(join(FORMATS_FOLDER, name), text);
}
