import { z } from "zod";
import {
  ActivityId,
  Anecdote,
  ChildId,
  fault,
  Id,
  ok,
  PlainDate,
  type Result,
  SkillId,
} from "../../core/model";
import type { Home } from "../store/home";
import { inTransaction, livingRow, newRow, softDelete, undelete } from "../store/rows";
import { command } from "./command";
import { mayBeEmpty } from "./fields";

/** Something seen away from any tray. The skill that it tells of is ticked with it, and goes with it. */
export const AnecdoteForm = z.object({
  /** Made by the form, so that what is sent twice is one note. */
  id: Id,
  child: ChildId,
  words: Anecdote.shape.words,
  on: mayBeEmpty(PlainDate),
  skill: mayBeEmpty(SkillId),
  activity: mayBeEmpty(ActivityId),
});
type AnecdoteForm = z.infer<typeof AnecdoteForm>;

const ById = z.object({ id: Id });
/** The note that a command was about, so that it can be undone. */
type Changed = z.infer<typeof ById>;

const GONE = fault("no-row", "id", "That note is not there any more. Reload the page.");

/** Keeps what was seen, with the tick of its skill, in one transaction. */
async function keep(home: Home, { id, on = home.today, ...row }: AnecdoteForm): Promise<Result<Changed>> {
  const { db, today, children, catalogue } = home;
  if (!children.some((one) => one.id === row.child)) {
    return fault("unknown-id", "child", "That child is not there any more. Reload the page.");
  }
  if (on > today) return fault("not-possible", "on", "That day is still to come.");
  if (row.skill && !catalogue.skills.some((one) => one.id === row.skill)) {
    return fault("unknown-id", "skill", "Choose a skill from the list, or none.");
  }
  return inTransaction(db, ["anecdotes", "skillNotes"], async () => {
    if (await livingRow(db, "anecdotes", id)) return ok({ id });
    await db.rows("anecdotes").put(newRow("anecdotes", { ...row, on }, id));
    if (row.skill) {
      const tick = { child: row.child, skill: row.skill, on, seen: true };
      await db.rows("skillNotes").put(newRow("skillNotes", tick, id));
    }
    return ok({ id });
  });
}

const remove = ({ db }: Home, { id }: Changed): Promise<Result<Changed>> =>
  inTransaction(db, ["anecdotes", "skillNotes"], async () => {
    if (!(await livingRow(db, "anecdotes", id))) return GONE;
    await softDelete(db, "anecdotes", id);
    if (await livingRow(db, "skillNotes", id)) await softDelete(db, "skillNotes", id);
    return ok({ id });
  });

const restore = ({ db }: Home, { id }: Changed): Promise<Result<Changed>> =>
  inTransaction(db, ["anecdotes", "skillNotes"], async () => {
    const row = await db.rows("anecdotes").get(id);
    if (!row) return GONE;
    await undelete(db, "anecdotes", id);
    if (row.skill) await undelete(db, "skillNotes", id);
    return ok({ id });
  });

/** Anecdotes: something seen away from any tray, kept, removed and put back. */
export const anecdotes = {
  keep: command(AnecdoteForm, keep),
  remove: command(ById, remove),
  restore: command(ById, restore),
};
