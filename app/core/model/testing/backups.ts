import { readFileSync } from "node:fs";

/** Backups of the demo household, each made by the program of its time and kept as it was. */
export const EARLIER_VERSIONS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const;

interface Stored {
  version: number;
  tables: Record<string, { id: string }[]>;
}

export const earlierBackup = (version: number): Stored =>
  JSON.parse(readFileSync(new URL(`./backups/version-${version}.json`, import.meta.url), "utf8"));
