import { z } from "zod";
import { Row } from "./household";
import { ActivityId, ChildId, SkillId } from "./id";
import { PlainDate } from "./plainDate";

/** Something seen away from any tray, in words: the anecdotal record. A skill that it tells of is ticked with it. */
export const Anecdote = Row.extend({
  child: ChildId,
  on: PlainDate,
  words: z.string().trim().min(1, "Write a few words.").max(2000, "at most 2000 characters"),
  skill: SkillId.optional(),
  activity: ActivityId.optional(),
});
export type Anecdote = z.infer<typeof Anecdote>;
