import type { PlainDate, Tray } from "../core/model";
import { outSinceOf, type Plan } from "../core/planner";
import { database } from "./db";
import { newId, newRow } from "./rows";

const now = () => new Date().toISOString();

/**
 * Accepts a plan from a date on, in one transaction: the standing rotation ends, the new one
 * begins, locks and one-time refusals have done their work. Gives the new rotation's id.
 */
export async function acceptPlan(plan: Plan, site: string, from: PlainDate): Promise<string> {
  const db = database();
  const id = newId();
  await db.transaction("rw", [db.rows("rotations"), db.rows("trays"), db.rows("wishes")], async () => {
    const rotations = (await db.rows("rotations").toArray()).filter((row) => !row.deletedAt);
    const standing = rotations
      .filter((row) => row.site === site && row.to === undefined)
      .sort((a, b) => (a.from < b.from ? 1 : -1));
    const oldTrays = standing[0]
      ? (await db.rows("trays").where("rotation").equals(standing[0].id).toArray()).filter(
          (row) => !row.deletedAt,
        )
      : [];
    for (const row of standing) await db.rows("rotations").put({ ...row, to: from, updatedAt: now() });
    await db.rows("rotations").add(newRow("rotations", { site, from }, id));
    await db.rows("trays").bulkAdd(plan.trays.map((tray) => trayRow(tray, id, from, oldTrays)));
    const locks = (await db.rows("wishes").toArray()).filter(
      (wish) => wish.kind === "lock" && !wish.deletedAt,
    );
    for (const wish of locks) await db.rows("wishes").put({ ...wish, deletedAt: now(), updatedAt: now() });
  });
  return id;
}

function trayRow(
  tray: Plan["trays"][number],
  rotation: string,
  from: PlainDate,
  oldTrays: readonly Tray[],
): Tray {
  return newRow("trays", {
    rotation,
    child: tray.child,
    activity: tray.activity,
    rung: tray.rung,
    place: tray.place,
    state: tray.state,
    allotted: tray.allotted,
    outSince: outSinceOf(tray, oldTrays, from),
  });
}

/** Takes an accepted rotation back: it goes, and the one before it stands again. */
export async function undoAccept(id: string): Promise<void> {
  const db = database();
  await db.transaction("rw", [db.rows("rotations"), db.rows("trays")], async () => {
    const rotation = await db.rows("rotations").get(id);
    if (!rotation) return;
    const at = now();
    await db.rows("rotations").put({ ...rotation, deletedAt: at, updatedAt: at });
    for (const tray of await db.rows("trays").where("rotation").equals(id).toArray()) {
      await db.rows("trays").put({ ...tray, deletedAt: at, updatedAt: at });
    }
    const before = (await db.rows("rotations").toArray()).filter(
      (row) => row.site === rotation.site && row.to === rotation.from && !row.deletedAt,
    );
    for (const row of before) await db.rows("rotations").put({ ...row, to: undefined, updatedAt: at });
  });
}
