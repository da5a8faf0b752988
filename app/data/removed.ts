import type { OrtoDb } from "./db";

export interface RemovedRow {
  table: "children" | "places";
  id: string;
  name: string;
  deletedAt: string;
}

/** Children and places that were removed, newest first: each can be put back. */
export async function removedRows(db: OrtoDb): Promise<RemovedRow[]> {
  const gone = await Promise.all(
    (["children", "places"] as const).map(async (table) =>
      (await db.rows(table).toArray()).flatMap(({ id, name, deletedAt }) =>
        deletedAt ? [{ table, id, name, deletedAt }] : [],
      ),
    ),
  );
  return gone.flat().sort((a, b) => (a.deletedAt < b.deletedAt ? 1 : -1));
}
