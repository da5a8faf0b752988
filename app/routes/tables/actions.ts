import { z } from "zod";
import type { Issue } from "../../core/model";
import { changeNotes, TABLE_INPUTS, type Took } from "../../engine/commands/tables";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf } from "../input";

const Input = z.discriminatedUnion("intent", [...TABLE_INPUTS]);

export interface TablesAnswer {
  issues: Issue[];
  /** What was taken or put back, to be taken away again; or what was taken away, to be put back. */
  took?: Took;
  isGone?: boolean;
}

/** Takes the notes of a table, all or none; takes them away again, and puts them back. */
export async function actOnTables({ request, context }: ActionArgs): Promise<TablesAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, Input)]);
  if (!read.ok) return { issues: read.issues };
  const changed = await changeNotes(home, read.value);
  return changed.ok
    ? { issues: [], took: changed.value, isGone: read.value.intent === "drop-notes" }
    : { issues: changed.issues };
}
