import { prepareView } from "../../core/day";
import type { Issue } from "../../core/model";
import { changePrepared, PrepareInput } from "../../engine/commands/preparing";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, issuesIn } from "../input";

/** Does one change of the Prepare screen. */
export async function changePrepare({ request, context }: ActionArgs): Promise<{ issues: Issue[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, PrepareInput)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  const view = prepareView(home.tables, home.situation, home.today);
  if (view?.rotation.id !== input.rotation) {
    const message = "Another rotation is to be prepared by now. Look again.";
    return { issues: [{ code: "other-rotation", path: "rotation", message }] };
  }
  const { db, today } = home;
  const { counted, made, site, known } = view;
  const prepared = { db, today, site, trays: counted, made, materials: known.materials, from: known.from };
  return { issues: issuesIn(await changePrepared(prepared, input)) };
}
