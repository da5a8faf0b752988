import { href, redirect } from "react-router";
import { z } from "zod";
import type { Issue } from "../../core/model";
import { SetUpInput, setUpHousehold } from "../../engine/commands/setUp";
import { showHousehold } from "../../engine/store/device";
import { forgetDraft } from "../../ui/form/draft";
import { inputOf } from "../input";
import { SET_UP_DRAFT } from "./values";

const Input = z.discriminatedUnion("intent", [SetUpInput, z.object({ intent: z.literal("open-ours") })]);

/** Sets the household up, or opens the one that is there. */
export async function actOnStart({ request }: { request: Request }): Promise<{ issues: Issue[] }> {
  const read = await inputOf(request, Input);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  if (input.intent === "set-up") {
    const made = await setUpHousehold(input);
    if (!made.ok) return { issues: made.issues };
    forgetDraft(SET_UP_DRAFT);
  }
  await showHousehold("ours");
  throw redirect(input.intent === "set-up" ? href("/plan") : href("/"));
}
