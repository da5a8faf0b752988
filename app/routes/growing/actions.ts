import { z } from "zod";
import type { Issue, SkillId } from "../../core/model";
import { noteSkill, SkillSeenInput, SkillUnseenInput, takeBackSkill } from "../../engine/commands/skillNotes";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, issuesIn } from "../input";

const Input = z.discriminatedUnion("intent", [SkillSeenInput, SkillUnseenInput]);

export interface GrowingAnswer {
  issues: Issue[];
  /** What was noted a moment ago: it can be taken back. */
  noted?: { id: string; skill: SkillId; seen: boolean };
}

/** Notes what was seen of a skill, or takes it back. */
export async function actOnGrowing({ request, context }: ActionArgs): Promise<GrowingAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, Input)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  if (input.intent === "unseen") return { issues: issuesIn(await takeBackSkill(home, input.id)) };
  const issues = issuesIn(await noteSkill(home, input));
  const { id, skill, seen } = input;
  return issues.length > 0 || !id ? { issues } : { issues, noted: { id, skill, seen: seen === "yes" } };
}
