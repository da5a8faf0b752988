import { type Danger, ok, type Result } from "../core/model";
import { dangersOfActivity, dangersOfThing } from "../core/safety";
import type { Home } from "../data/home";
import { inTransaction, newRow } from "../data/rows";

export interface Imported {
  activities: number;
  materials: number;
  /** So many were here already and stay as they are. */
  known: number;
  /** What in the pack bears the name of something dangerous, and is judged by it. */
  dangers: { in: string; danger: Danger }[];
}

/** Brings the activities and things of a pack's text into the household, all or none of them. */
export async function importPack({ db, catalogue }: Home, text: string): Promise<Result<Imported>> {
  const { readPackText } = await import("../core/content");
  const read = readPackText(text, catalogue);
  if (!read.ok) return read;
  const { materials, activities, known } = read.value;
  await inTransaction(db, ["ownMaterials", "ownActivities"], async () => {
    for (const { id, ...one } of materials) {
      await db.rows("ownMaterials").put(newRow("ownMaterials", one, id));
    }
    for (const { id, ...one } of activities) {
      await db.rows("ownActivities").put(newRow("ownActivities", one, id));
    }
  });
  const named = [
    ...materials.map((one) => ({ in: one.name, found: dangersOfThing(one, catalogue.dangers) })),
    ...activities.map((one) => {
      const { common, rungs } = dangersOfActivity(one, catalogue.dangers);
      return { in: one.name, found: [...new Set([...common, ...rungs.flat()])] };
    }),
  ];
  return ok({
    activities: activities.length,
    materials: materials.length,
    known,
    dangers: named.flatMap((one) => one.found.map((danger) => ({ in: one.in, danger }))),
  });
}
