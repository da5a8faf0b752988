import { href, redirect } from "react-router";
import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { focusFrom, openRotations } from "../../core/household";
import { Focus, FocusWeight, fault, type Issue, PlainDate, type Result, RotationId } from "../../core/model";
import { mayBeEmpty } from "../../engine/commands/fields";
import { acceptPlan, reopenRotation, undoAccept } from "../../engine/commands/plan";
import { changeWish, WISH_INPUTS, type WishInput } from "../../engine/commands/planWishes";
import { addFocus, changeSettings, endFocus, SETTINGS_INPUTS } from "../../engine/commands/settings";
import { noteSkill, SkillSeenInput } from "../../engine/commands/skillNotes";
import type { Home } from "../../engine/store/home";
import { signatureOf } from "../../engine/store/tableCache";
import { AREA_NAMES } from "../../words/areas";

import { planner } from "../../workers/plannerClient";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, issuesIn } from "../input";
import { changeText, digestOf, requestFor } from "./asked";

const AcceptInput = z.object({
  intent: z.literal("accept"),
  from: PlainDate,
  /** What was shown: the state of the data it was planned from, and the rotation itself in short. */
  shown: z.string().max(4000),
  digest: z.string().max(40_000),
});
const FocusInput = z.object({
  intent: z.literal("focus"),
  on: z.string().trim().min(1, "Say what it is on.").max(60, "At most 60 characters."),
  weight: FocusWeight.default("little"),
  until: mayBeEmpty(PlainDate),
});
const EndFocusInput = Focus.pick({ kind: true, on: true }).extend({ intent: z.literal("end-focus") });
const Input = z.discriminatedUnion("intent", [
  ...WISH_INPUTS,
  ...SETTINGS_INPUTS,
  SkillSeenInput,
  AcceptInput,
  FocusInput,
  EndFocusInput,
  z.object({ intent: z.literal("undo-accept"), rotation: RotationId }),
  z.object({ intent: z.literal("reopen"), rotation: RotationId }),
]);
type Input = z.infer<typeof Input>;

export interface PlanAnswer {
  issues: Issue[];
  /** The data has changed since the plan was shown: it is planned anew. */
  isStale?: true;
}

const STALE: PlanAnswer = {
  issues: [
    {
      code: "changed",
      path: "from",
      message:
        "Something has changed since this plan was shown: a note, a wish, or another tab. It is planned anew; look at it and accept again.",
    },
  ],
  isStale: true,
};

/** Accepts just what was shown. */
async function accept(
  request: Request,
  home: Home,
  input: z.infer<typeof AcceptInput>,
): Promise<Result<string> | PlanAnswer> {
  if (home.ahead > 0) {
    return fault("not-possible", "from", "This is a preview. Go back to today to accept a plan.");
  }
  if (signatureOf(home.tables) !== input.shown) return STALE;
  const plan = await planner.ask(home.tables, "plan", requestFor(request, home), request.signal);
  const [next] = plan.rotations;
  if (!next) return fault("not-possible", "from", "There is no plan to accept. Plan again.");
  if (digestOf(next) !== input.digest) return STALE;
  const [last] = openRotations(home.tables.rotations, home.site.id);
  return acceptPlan(home, { plan: next, from: input.from, after: last?.id });
}

const WISHES: ReadonlySet<string> = new Set(WISH_INPUTS.map((one) => one.shape.intent.value));
const isWish = (input: Input): input is WishInput => WISHES.has(input.intent);

/** Back to the plan, with the change to be undone where there is one; a tray that stays is left open. */
function backToPlan(request: Request, change: Parameters<typeof changeText>[0] | undefined, stays: boolean) {
  const search = new URL(request.url).searchParams;
  for (const key of ["else", "undo", "why", ...(stays ? [] : ["tray"])]) search.delete(key);
  if (change) search.set("undo", changeText(change));
  return redirect(`${href("/plan")}?${search}`);
}

async function wish(request: Request, home: Home, input: WishInput): Promise<PlanAnswer> {
  const changed = await changeWish(home, await loadCatalogue(), input);
  if (!changed.ok) return { issues: changed.issues };
  if (input.intent === "take-back") return { issues: [] };
  throw backToPlan(request, changed.value, input.intent === "lock" || input.intent === "unlock");
}

/** Does one change of the Plan screen; the next proposal follows it. */
export async function changePlan({ request, context }: ActionArgs): Promise<PlanAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, Input)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  if (isWish(input)) return wish(request, home, input);
  switch (input.intent) {
    case "accept": {
      const accepted = await accept(request, home, input);
      if ("issues" in accepted) return accepted;
      const today = input.from <= home.today;
      throw redirect(today ? `${href("/")}?accepted=${accepted.value}` : href("/plan"));
    }
    case "undo-accept":
      await undoAccept(home.db, input.rotation);
      return { issues: [] };
    case "reopen":
      return { issues: issuesIn(await reopenRotation(home.db, input.rotation)) };
    case "focus": {
      const meant = focusFrom(input.on, { areas: AREA_NAMES, catalogue: home.catalogue });
      if (!meant) return { issues: [] };
      const focus = Focus.parse({ ...meant, weight: input.weight, until: input.until });
      return { issues: issuesIn(await addFocus(home, focus)) };
    }
    case "end-focus":
      await endFocus(home, input);
      return { issues: [] };
    case "seen":
      return { issues: issuesIn(await noteSkill(home, input)) };
    default:
      return { issues: issuesIn(await changeSettings(home, input)) };
  }
}
