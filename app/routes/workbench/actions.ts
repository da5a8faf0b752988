import type { Issue } from "../../core/model";
import { changeSheets, SheetInput } from "../../engine/commands/sheets";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, issuesIn } from "../input";

/** Says of a sheet that it is made, or that it is to be made again. */
export async function actOnSheets({ request, context }: ActionArgs): Promise<{ issues: Issue[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, SheetInput)]);
  return { issues: read.ok ? issuesIn(await changeSheets(home, read.value)) : read.issues };
}
