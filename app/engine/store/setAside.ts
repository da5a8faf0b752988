import type { OrtoDb } from "./db";
import type { SetAside } from "./stored";

/** How the issues were called in rows that were set aside before. */
interface Earlier {
  problems?: SetAside["issues"];
}

/** Stored rows that were mended or set aside when the database was brought up to date; none, as a rule. */
export const setAsideRows = async (db: OrtoDb): Promise<SetAside[]> =>
  ((await db.setAside.toArray()) as (SetAside & Earlier)[]).map(({ problems, ...one }) => ({
    ...one,
    issues: one.issues ?? problems ?? [],
  }));
