import { changeFamily, type FamilyAnswer, FamilyInput } from "../../engine/commands/family";
import { answered } from "../answered";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf } from "../input";

async function actOnFamily({ request, context }: ActionArgs): Promise<FamilyAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, FamilyInput)]);
  return read.ok ? changeFamily(home, read.value) : { issues: read.issues };
}

export const clientAction = (args: ActionArgs) => answered(actOnFamily(args));
