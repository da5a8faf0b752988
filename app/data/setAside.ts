import type { OrtoDb, SetAside } from "./db";

/** Stored rows that were mended or set aside when the database was brought up to date; none, as a rule. */
export const setAsideRows = (db: OrtoDb): Promise<SetAside[]> => db.setAside.toArray();
