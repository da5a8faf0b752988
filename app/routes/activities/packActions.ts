import { loadCatalogue } from "../../catalogue";
import { catalogueOf } from "../../core/household";
import type { Danger, Problem } from "../../core/model";

import { dangersOfActivity, dangersOfThing } from "../../core/safety";
import { database } from "../../data/db";
import { readHome } from "../../data/household";
import { newRow } from "../../data/rows";

export interface PackAnswer {
  problems: Problem[];
  done?: string;
  /** What in the pack bears the name of something dangerous, and is judged by it. */
  dangers?: { in: string; danger: Danger }[];
}

/** Brings the activities and things of a pack into the household, all or none of them. */
export async function importPack(request: Request): Promise<PackAnswer> {
  const file = (await request.formData()).get("file");
  if (!(file instanceof File) || file.size === 0) {
    return { problems: [{ code: "no-file", path: "file", message: "Choose a pack file first." }] };
  }
  const [home, builtIn] = await Promise.all([readHome(request), loadCatalogue()]);
  if (!home) return { problems: [] };
  const { readPackText } = await import("../../core/content");
  const read = readPackText(await file.text(), catalogueOf(builtIn, home.tables));
  if (!read.ok) return { problems: read.problems };
  const { materials, activities, known } = read.value;
  const db = database();
  await db.transaction("rw", [db.rows("ownMaterials"), db.rows("ownActivities")], async () => {
    for (const { id, ...one } of materials)
      await db.rows("ownMaterials").put(newRow("ownMaterials", one, id));
    for (const { id, ...one } of activities) {
      await db.rows("ownActivities").put(newRow("ownActivities", one, id));
    }
  });
  const more = known > 0 ? ` ${known} were here already and stay as they are.` : "";
  const named = [
    ...materials.map((one) => ({ in: one.name, found: dangersOfThing(one, builtIn.dangers) })),
    ...activities.map((one) => {
      const { common, rungs } = dangersOfActivity(one, builtIn.dangers);
      return { in: one.name, found: [...new Set([...common, ...rungs.flat()])] };
    }),
  ];
  return {
    problems: [],
    dangers: named.flatMap((one) => one.found.map((danger) => ({ in: one.in, danger }))),
    done: `${activities.length} activities and ${materials.length} things are added.${more}`,
  };
}
