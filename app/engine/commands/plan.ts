import { z } from "zod";
import { latestFirst, openRotations } from "../../core/household";
import {
  fault,
  type Issue,
  ok,
  PlainDate,
  type Result,
  RotationId,
  type Tray,
  type Wish,
} from "../../core/model";
import { MOST_WEEKS, type PlannedRotation, trayFieldsOf } from "../../core/planner";
import { planner } from "../../solver/plannerClient";
import { digestOf, planRequestFor } from "../queries/planRequest";
import type { OrtoDb } from "../store/db";
import type { Home } from "../store/home";
import { inTransaction, livingRow, newId, newRow, softDelete, softDeleteAll, updateRow } from "../store/rows";
import { signatureOf } from "../store/tableCache";
import { command, done } from "./command";

interface Accepted {
  plan: PlannedRotation;
  /** The day from which it stands. */
  from: PlainDate;
  /** The latest rotation that had not ended when the plan was shown, if any. */
  after: string | undefined;
}

/**
 * Accepts a plan from a date on, in one transaction: the standing rotation ends, the new one begins, locks and one-time
 * refusals have done their work. Gives the new rotation's id. Where another than `after` stands by now (accepted by a
 * second tap, or in another tab), nothing is changed and that is said.
 */
export async function acceptPlan(
  { db, site }: Home,
  { plan, from, after }: Accepted,
): Promise<Result<RotationId>> {
  const id = RotationId.parse(newId());
  return inTransaction(db, ["rotations", "trays", "wishes"], async () => {
    const standing = openRotations(await db.rows("rotations").toArray(), site.id);
    const [last] = standing;
    if (last?.id !== after) {
      return fault(STALE_CODE, "from", "Another shelf was accepted meanwhile. Look at the plan after it.");
    }
    if (last && last.from >= from) {
      return fault(
        "not-possible",
        "from",
        `A rotation stands from ${last.from} already. Choose a later day, or undo that one first.`,
      );
    }
    const oldTrays = last
      ? (await db.rows("trays").where("rotation").equals(last.id).toArray()).filter((row) => !row.deletedAt)
      : [];
    for (const row of standing) await updateRow(db, "rotations", row.id, { to: from });
    await db.rows("rotations").add(newRow("rotations", { site: site.id, from }, id));
    await db
      .rows("trays")
      .bulkAdd(plan.trays.map((tray) => newRow("trays", trayFieldsOf(tray, id, from, oldTrays))));
    const isDone = (wish: Wish) =>
      wish.kind === "lock" && !wish.deletedAt && (wish.from === undefined || wish.from < plan.to);
    for (const wish of (await db.rows("wishes").toArray()).filter(isDone)) {
      await softDelete(db, "wishes", wish.id);
    }
    return ok(id);
  });
}

/**
 * Opens an accepted rotation for changes: it is taken back, and its trays are locked where they
 * stood, so that the plan shows the same shelf again until something is changed.
 */
async function reopenRotation(db: OrtoDb, id: RotationId): Promise<Result<null>> {
  return inTransaction(db, ["rotations", "trays", "wishes"], async () => {
    const rotation = await livingRow(db, "rotations", id);
    if (!rotation) return fault("no-rotation", "rotation", "That rotation was taken back already.");
    const trays = (await db.rows("trays").where("rotation").equals(id).toArray()).filter(
      (row) => !row.deletedAt,
    );
    // Of two side by side the first is asked for; the plan sets the second beside it.
    const isFirst = (tray: Tray) =>
      tray === trays.find((one) => one.child === tray.child && one.activity === tray.activity);
    await undoAccept(db, id);
    await db
      .rows("wishes")
      .bulkAdd(
        trays
          .filter(isFirst)
          .map(({ child, activity, rung, place }) =>
            newRow("wishes", { child, activity, rung, place, kind: "lock", on: rotation.from }),
          ),
      );
    return ok(null);
  });
}

/** Takes an accepted rotation back: it goes, and the one before it stands again. */
export async function undoAccept(db: OrtoDb, id: RotationId): Promise<void> {
  await inTransaction(db, ["rotations", "trays"], async () => {
    const rotation = await livingRow(db, "rotations", id);
    if (!rotation) return;
    await softDelete(db, "rotations", id);
    await softDeleteAll(db, "trays", await db.rows("trays").where("rotation").equals(id).primaryKeys());
    const [before] = (await db.rows("rotations").toArray())
      .filter((row) => row.site === rotation.site && row.to === rotation.from && !row.deletedAt)
      .sort(latestFirst);
    if (before) await updateRow(db, "rotations", before.id, { to: undefined });
  });
}

const Accepting = z.object({
  from: PlainDate,
  /** So many rotations were planned. */
  weeks: z.number().int().min(1).max(MOST_WEEKS),
  /** The plan as it was shown: the state of the data it was planned from, and the rotation itself in short. */
  shown: z.string().max(4000),
  digest: z.string().max(40_000),
});

/** The code of what is refused because the data has changed since the plan was shown. */
const STALE_CODE = "changed";
export const isStale = (issue: Issue): boolean => issue.code === STALE_CODE;

const STALE = fault(
  STALE_CODE,
  "from",
  "Something has changed since this plan was shown: a note, a wish, or another tab. It is planned anew; look at it and accept again.",
);

/** Accepts just what was shown; where anything has changed since, nothing is accepted. Gives the new rotation's id. */
async function accept(home: Home, input: z.infer<typeof Accepting>): Promise<Result<RotationId>> {
  if (home.ahead > 0) {
    return fault("not-possible", "from", "This is a preview. Go back to today to accept a plan.");
  }
  if (signatureOf(home.tables) !== input.shown) return STALE;
  const plan = await planner.ask(home.tables, "plan", planRequestFor(home, input.weeks));
  const [next] = plan.rotations;
  if (!next) return fault("not-possible", "from", "There is no plan to accept. Plan again.");
  if (digestOf(next) !== input.digest) return STALE;
  const [last] = openRotations(home.tables.rotations, home.site.id);
  return acceptPlan(home, { plan: next, from: input.from, after: last?.id });
}

const OneRotation = z.object({ rotation: RotationId });

/** Plans: accepted, taken back, opened for changes. */
export const plan = {
  accept: command(Accepting, accept),
  undoAccept: command(OneRotation, ({ db }, { rotation }) => done(undoAccept(db, rotation))),
  reopen: command(OneRotation, ({ db }, { rotation }) => reopenRotation(db, rotation)),
};
