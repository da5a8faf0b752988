import { z } from "zod";
import { ChildId, fault, Id, ok, PlainDate, type Result, SkillId } from "../../core/model";
import type { Home } from "../store/home";
import { inTransaction, livingRow, newId, newRow, softDelete } from "../store/rows";
import { command } from "./command";
import { mayBeEmpty } from "./fields";

/** A skill that was seen, or not yet; today, or on a day before. */
const SkillSeen = z.object({
  child: ChildId,
  skill: SkillId,
  seen: z.enum(["yes", "no"]),
  /** Made by the form, so that it can be taken back by it. */
  id: mayBeEmpty(Id),
  on: mayBeEmpty(PlainDate),
});

/** Notes what was seen of a skill; gives the note, so that it can be taken back. */
async function noteSkill(
  { db, today }: Home,
  { child, skill, seen, id = newId(), on = today }: z.infer<typeof SkillSeen>,
): Promise<Result<{ id: string; skill: SkillId; seen: boolean }>> {
  if (on > today) return fault("not-possible", "on", "That day is still to come.");
  return inTransaction(db, ["skillNotes"], async () => {
    const noted = { skill, seen: seen === "yes" };
    if (await livingRow(db, "skillNotes", id)) return ok({ id, ...noted });
    await db.rows("skillNotes").put(newRow("skillNotes", { child, on, ...noted }, id));
    return ok({ id, ...noted });
  });
}

/** Takes back what was noted of a skill. */
async function takeBack({ db }: Home, id: string): Promise<Result<null>> {
  return inTransaction(db, ["skillNotes"], async () => {
    if (!(await livingRow(db, "skillNotes", id))) {
      return fault("no-row", "id", "That note is not there any more. Reload the page.");
    }
    await softDelete(db, "skillNotes", id);
    return ok(null);
  });
}

/** Skills: one that was seen or not yet, and the taking back of that. */
export const skills = {
  note: command(SkillSeen, noteSkill),
  takeBack: command(z.object({ id: Id }), (home, { id }) => takeBack(home, id)),
};
