import { z } from "zod";
import { ChildId, ok, type Result, SkillId } from "../core/model";
import type { Home } from "../data/home";
import { insertRow } from "../data/rows";

/** A skill that was seen, or not yet. */
export const SkillSeenInput = z.object({
  intent: z.literal("seen"),
  child: ChildId,
  skill: SkillId,
  seen: z.enum(["yes", "no"]),
});

/** Notes of today what was seen of a skill. */
export async function noteSkill(
  { db, today: on }: Home,
  { child, skill, seen }: z.infer<typeof SkillSeenInput>,
): Promise<Result<null>> {
  await insertRow(db, "skillNotes", { child, skill, on, seen: seen === "yes" });
  return ok(null);
}
