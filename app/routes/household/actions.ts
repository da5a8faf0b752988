import { href, redirect } from "react-router";
import { z } from "zod";
import type { Issue, Result } from "../../core/model";
import { forgetSetAside } from "../../engine/commands/backup";
import { ClashInput, decideClash } from "../../engine/commands/clashes";
import { openDemo } from "../../engine/commands/demo";
import { changeHousehold, HOUSEHOLD_INPUTS, type HouseholdInput } from "../../engine/commands/household";
import { changeSettings, SETTINGS_INPUTS, type SettingsInput } from "../../engine/commands/settings";
import { restoreCopy } from "../../engine/store/backup";
import type { Home } from "../../engine/store/home";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf } from "../input";

const Input = z.discriminatedUnion("intent", [
  ...HOUSEHOLD_INPUTS,
  ...SETTINGS_INPUTS,
  z.object({ intent: z.literal("restore-safety"), copy: z.string().max(80) }),
  z.object({ intent: z.literal("demo-again") }),
  ClashInput,
  z.object({ intent: z.literal("forget-set-aside") }),
]);
type Input = z.infer<typeof Input>;

export interface HouseholdAnswer {
  issues: Issue[];
  done?: string;
}

const isSettings = (input: Input): input is SettingsInput =>
  SETTINGS_INPUTS.some((one) => one.shape.intent.value === input.intent);

/** What is said of a change that was made. */
function doneText(input: HouseholdInput): string | undefined {
  switch (input.intent) {
    case "child":
    case "place":
      return `${input.name} is saved.`;
    case "moment":
      return "The moment is saved. The next plan goes by it.";
    case "reach":
    case "does":
      return "Noted.";
    case "site":
      return input.id
        ? "Saved."
        : `${input.name} is added. Give it a place or two below, and fill its cupboard.`;
    case "put-back":
      return "It is back.";
    case "demo-day":
    case "demo-week":
      return "The demo's day has moved on.";
    case "remove":
      return undefined;
  }
}

const answer = (result: Result<unknown>, done: string | undefined): HouseholdAnswer =>
  result.ok ? { issues: [], done } : { issues: result.issues };

async function settle(home: Home, input: SettingsInput): Promise<HouseholdAnswer> {
  const changed = await changeSettings(home, input);
  const trays = changed.ok ? changed.value : undefined;
  return answer(changed, trays ? `Set for this approach: ${trays} trays out at once.` : "Saved.");
}

/** Does one change of the Household screen. Faulty input changes nothing. */
export async function actOnHousehold({ request, context }: ActionArgs): Promise<HouseholdAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, Input)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  if (isSettings(input)) return settle(home, input);
  switch (input.intent) {
    case "restore-safety":
      return answer(await restoreCopy(home.db, input.copy), "The safety copy is back.");
    case "forget-set-aside":
      await forgetSetAside(home.db);
      return { issues: [] };
    case "take-other":
      return answer(await decideClash(home, input), "Taken.");
    case "leave-standing":
      return answer(await decideClash(home, input), undefined);
    case "demo-again":
      await openDemo(true);
      throw redirect(href("/"));
    default:
      return answer(await changeHousehold(home, input), doneText(input));
  }
}
