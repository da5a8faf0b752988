import { href, redirect } from "react-router";
import { z } from "zod";
import type { Issue } from "../../core/model";
import { changeSitting, SITTING_INPUTS } from "../../engine/commands/sittings";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf } from "../input";

const Input = z.discriminatedUnion("intent", SITTING_INPUTS);

/** Does one change of a sitting; one that was kept is opened, one that was dropped is left. */
export async function actOnSitting({ request, context }: ActionArgs): Promise<{ issues: Issue[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, Input)]);
  if (!read.ok) return { issues: read.issues };
  const changed = await changeSitting(home, read.value);
  if (!changed.ok) return { issues: changed.issues };
  if ((read.value.intent === "keep-sitting" || read.value.intent === "keep-day") && changed.value) {
    throw redirect(href("/sittings/:id", { id: changed.value }));
  }
  if (read.value.intent === "drop-sitting") throw redirect(href("/"));
  return { issues: [] };
}
