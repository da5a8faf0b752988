import { CareInput, changeCare } from "../../commands/care";
import type { Problem } from "../../core/model";
import { actionResult } from "../../ui/actionResult";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, problemsIn } from "../input";

async function actOnCare({ request, context }: ActionArgs): Promise<{ problems: Problem[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, CareInput)]);
  return { problems: read.ok ? problemsIn(await changeCare(home, read.value)) : read.problems };
}

export const clientAction = async (args: ActionArgs) => actionResult(await actOnCare(args));
