import type { Issue } from "../../core/model";
import { CareInput, changeCare } from "../../engine/commands/care";
import { answered } from "../answered";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, issuesIn } from "../input";

async function actOnCare({ request, context }: ActionArgs): Promise<{ issues: Issue[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, CareInput)]);
  return { issues: read.ok ? issuesIn(await changeCare(home, read.value)) : read.issues };
}

export const clientAction = (args: ActionArgs) => answered(actOnCare(args));
