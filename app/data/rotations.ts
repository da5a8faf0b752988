import type { PlainDate, Rotation, Wish } from "../core/model";
import { type PlannedRotation, trayFieldsOf } from "../core/planner";
import { now } from "./clock";
import { database } from "./db";
import { newId, newRow } from "./rows";

/** The latest first: by its day, then by when it was accepted. */
const latestFirst = (a: Rotation, b: Rotation) =>
  `${a.from} ${a.createdAt}` < `${b.from} ${b.createdAt}` ? 1 : -1;

/** The rotations of a site that have not ended, the latest first. */
export const openRotations = (rotations: readonly Rotation[], site: string): Rotation[] =>
  rotations.filter((row) => row.site === site && row.to === undefined && !row.deletedAt).sort(latestFirst);

/**
 * Accepts a plan from a date on, in one transaction: the standing rotation ends, the new one
 * begins, locks and one-time refusals have done their work. Gives the new rotation's id. Where another
 * than `after` stands by now (accepted by a second tap, or in another tab), that one is kept and given.
 */
export async function acceptPlan(
  plan: PlannedRotation,
  site: string,
  from: PlainDate,
  after: string | undefined,
): Promise<string> {
  const db = database();
  const id = newId();
  return db.transaction("rw", [db.rows("rotations"), db.rows("trays"), db.rows("wishes")], async () => {
    const standing = openRotations(await db.rows("rotations").toArray(), site);
    if (standing[0] && standing[0].id !== after) return standing[0].id;
    const oldTrays = standing[0]
      ? (await db.rows("trays").where("rotation").equals(standing[0].id).toArray()).filter(
          (row) => !row.deletedAt,
        )
      : [];
    for (const row of standing) await db.rows("rotations").put({ ...row, to: from, updatedAt: now() });
    await db.rows("rotations").add(newRow("rotations", { site, from }, id));
    await db
      .rows("trays")
      .bulkAdd(plan.trays.map((tray) => newRow("trays", trayFieldsOf(tray, id, from, oldTrays))));
    const isDone = (wish: Wish) =>
      wish.kind === "lock" && !wish.deletedAt && (wish.from === undefined || wish.from < plan.to);
    const locks = (await db.rows("wishes").toArray()).filter(isDone);
    for (const wish of locks) await db.rows("wishes").put({ ...wish, deletedAt: now(), updatedAt: now() });
    return id;
  });
}

/**
 * Opens an accepted rotation for changes: it is taken back, and its trays are locked where they
 * stood, so that the plan shows the same shelf again until something is changed.
 */
export async function reopenRotation(id: string): Promise<void> {
  const db = database();
  await db.transaction("rw", [db.rows("rotations"), db.rows("trays"), db.rows("wishes")], async () => {
    const rotation = await db.rows("rotations").get(id);
    if (!rotation || rotation.deletedAt) return;
    const trays = (await db.rows("trays").where("rotation").equals(id).toArray()).filter(
      (row) => !row.deletedAt,
    );
    await undoAccept(id);
    await db
      .rows("wishes")
      .bulkAdd(
        trays.map(({ child, activity, rung, place }) =>
          newRow("wishes", { child, activity, rung, place, kind: "lock", on: rotation.from }),
        ),
      );
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
    const [before] = (await db.rows("rotations").toArray())
      .filter((row) => row.site === rotation.site && row.to === rotation.from && !row.deletedAt)
      .sort(latestFirst);
    if (before) await db.rows("rotations").put({ ...before, to: undefined, updatedAt: at });
  });
}
