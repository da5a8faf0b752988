import { z } from "zod";
import { ChildId, fault, Id, ok, PlainDate, type Result, SkillId } from "../../core/model";
import type { Home } from "../store/home";
import { inTransaction, livingRow, newId, newRow, softDelete } from "../store/rows";
import { mayBeEmpty } from "./fields";

/** A skill that was seen, or not yet; today, or on a day before. */
export const SkillSeenInput = z.object({
  intent: z.literal("seen"),
  child: ChildId,
  skill: SkillId,
  seen: z.enum(["yes", "no"]),
  /** Made by the form, so that it can be taken back by it. */
  id: mayBeEmpty(Id),
  on: mayBeEmpty(PlainDate),
});

export const SkillUnseenInput = z.object({ intent: z.literal("unseen"), id: Id });

/** Notes what was seen of a skill. */
export async function noteSkill(
  { db, today }: Home,
  { child, skill, seen, id = newId(), on = today }: z.infer<typeof SkillSeenInput>,
): Promise<Result<null>> {
  if (on > today) return fault("not-possible", "on", "That day is still to come.");
  return inTransaction(db, ["skillNotes"], async () => {
    if (await livingRow(db, "skillNotes", id)) return ok(null);
    await db.rows("skillNotes").put(newRow("skillNotes", { child, skill, on, seen: seen === "yes" }, id));
    return ok(null);
  });
}

/** Takes back what was noted of a skill. */
export async function takeBackSkill({ db }: Home, id: string): Promise<Result<null>> {
  return inTransaction(db, ["skillNotes"], async () => {
    if (!(await livingRow(db, "skillNotes", id))) {
      return fault("no-row", "id", "That note is not there any more. Reload the page.");
    }
    await softDelete(db, "skillNotes", id);
    return ok(null);
  });
}
