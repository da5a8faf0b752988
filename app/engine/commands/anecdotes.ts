import { z } from "zod";
import {
  ActivityId,
  Anecdote,
  ChildId,
  fault,
  Id,
  type Issue,
  ok,
  PlainDate,
  type Result,
  SkillId,
} from "../../core/model";
import type { Home } from "../store/home";
import { inTransaction, livingRow, newRow, softDelete, undelete } from "../store/rows";
import { mayBeEmpty } from "./fields";

/** Something seen away from any tray. The skill that it tells of is ticked with it, and goes with it. */
export const AnecdoteInput = z.discriminatedUnion("intent", [
  z.object({
    intent: z.literal("anecdote"),
    /** Made by the form, so that what is sent twice is one note. */
    id: Id,
    child: ChildId,
    words: Anecdote.shape.words,
    on: mayBeEmpty(PlainDate),
    skill: mayBeEmpty(SkillId),
    activity: mayBeEmpty(ActivityId),
  }),
  z.object({ intent: z.literal("remove-anecdote"), id: Id }),
  z.object({ intent: z.literal("restore-anecdote"), id: Id }),
]);
export type AnecdoteInput = z.infer<typeof AnecdoteInput>;

/** What a form gets to hear: what was kept, taken away or put back can be undone. */
export interface SeenAnswer {
  issues: Issue[];
  done?: { intent: AnecdoteInput["intent"]; id: string };
}

const GONE = fault("no-row", "id", "That note is not there any more. Reload the page.");

/** Keeps what was seen, takes it away, or puts it back; with the tick of its skill, in one transaction. */
export async function changeAnecdote(home: Home, input: AnecdoteInput): Promise<Result<null>> {
  const { db, today, children, catalogue } = home;
  return inTransaction(db, ["anecdotes", "skillNotes"], async () => {
    switch (input.intent) {
      case "anecdote": {
        const { intent: _, id, on = today, ...row } = input;
        if (!children.some((one) => one.id === row.child)) {
          return fault("unknown-id", "child", "That child is not there any more. Reload the page.");
        }
        if (on > today) return fault("not-possible", "on", "That day is still to come.");
        if (row.skill && !catalogue.skills.some((one) => one.id === row.skill)) {
          return fault("unknown-id", "skill", "Choose a skill from the list, or none.");
        }
        if (await livingRow(db, "anecdotes", id)) return ok(null);
        await db.rows("anecdotes").put(newRow("anecdotes", { ...row, on }, id));
        if (row.skill) {
          const tick = { child: row.child, skill: row.skill, on, seen: true };
          await db.rows("skillNotes").put(newRow("skillNotes", tick, id));
        }
        return ok(null);
      }
      case "remove-anecdote": {
        if (!(await livingRow(db, "anecdotes", input.id))) return GONE;
        await softDelete(db, "anecdotes", input.id);
        if (await livingRow(db, "skillNotes", input.id)) await softDelete(db, "skillNotes", input.id);
        return ok(null);
      }
      case "restore-anecdote": {
        const row = await db.rows("anecdotes").get(input.id);
        if (!row) return GONE;
        await undelete(db, "anecdotes", input.id);
        if (row.skill) await undelete(db, "skillNotes", input.id);
        return ok(null);
      }
    }
  });
}
