import { z } from "zod";
import type { Issue } from "../../core/model";
import { type ListedLine, readList } from "../../core/paste";
import { CUPBOARD_INPUTS, changeCupboard } from "../../engine/commands/cupboard";
import { changeMixed, MIXED_INPUTS, type Mixing } from "../../engine/commands/mixed";
import { addOwnMaterial, OwnMaterialInput } from "../../engine/commands/ownMaterials";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf } from "../input";

const Input = z.discriminatedUnion("intent", [
  ...CUPBOARD_INPUTS,
  ...MIXED_INPUTS,
  OwnMaterialInput,
  z.object({
    intent: z.literal("read-list"),
    text: z.string().max(20_000, "At most 20 000 characters at once."),
  }),
]);

export interface CupboardAnswer {
  issues: Issue[];
  added?: string;
  /** A pasted list as it was understood, to be confirmed. */
  listed?: ListedLine[];
  /** What mixing changed; gone once that was taken back. */
  mixing?: Mixing;
}

/** Does one change of the Cupboard screen. */
export async function actOnCupboard({ request, context }: ActionArgs): Promise<CupboardAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, Input)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  if (input.intent === "read-list") return { issues: [], listed: readList(input.text, home.catalogue) };
  if (input.intent === "own") {
    const added = await addOwnMaterial(home, input);
    return added.ok ? { issues: [], added: input.name } : { issues: added.issues };
  }
  if (input.intent === "made" || input.intent === "unmade") {
    const mixed = await changeMixed(home, input);
    if (!mixed.ok) return { issues: mixed.issues };
    return { issues: [], ...(mixed.value ? { mixing: mixed.value } : {}) };
  }
  const changed = await changeCupboard(home, input);
  if (!changed.ok) return { issues: changed.issues };
  return { issues: [], ...(input.intent === "add-list" ? { added: `${changed.value} things` } : {}) };
}
