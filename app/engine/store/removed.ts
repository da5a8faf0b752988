import type { Routine } from "../../core/model";
import type { OrtoDb } from "./db";

export interface RemovedRow {
  table: "children" | "places" | "moments";
  id: string;
  /** A name of one's own; a moment has its routine instead. */
  name?: string;
  routine?: Routine;
  deletedAt: string;
}

/** Children, places and moments that were removed, newest first: each can be put back. */
export async function removedRows(db: OrtoDb): Promise<RemovedRow[]> {
  const gone = await Promise.all(
    (["children", "places", "moments"] as const).map(async (table) =>
      (await db.rows(table).toArray()).flatMap((row): RemovedRow[] => {
        const { id, deletedAt } = row;
        if (!deletedAt) return [];
        return [{ table, id, deletedAt, ...("name" in row ? { name: row.name } : { routine: row.routine }) }];
      }),
    ),
  );
  return gone.flat().sort((a, b) => (a.deletedAt < b.deletedAt ? 1 : -1));
}
