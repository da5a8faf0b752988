import { z } from "zod";
import { Approach, type Focus, fault, Limits, ok, Planning, type Result, Rhythm } from "../../core/model";
import { APPROACH_DEFAULTS, traysFor } from "../../core/planner";
import { sameWord } from "../../core/text";
import type { Home } from "../store/home";
import { updateRow } from "../store/rows";

const between = (low: number, high: number) =>
  z.coerce
    .number("A number.")
    .int("A whole number.")
    .min(low, `${low} to ${high}.`)
    .max(high, `${low} to ${high}.`);

/** A limit that a form names: an empty field is no number, and a limit that is not named stays. */
const limit = (shape: z.ZodType<number, number | undefined>) =>
  z
    .preprocess((value) => (typeof value === "string" ? Number(value.trim() || Number.NaN) : value), shape)
    .optional();

const LimitFields = z.object(
  Object.fromEntries(
    Object.entries(Limits.shape).map(([key, shape]) => [key, limit(shape.unwrap() as z.ZodNumber)]),
  ),
);

/** How the household works: its name and measures, how much it carries, what it dwells on. */
export const SETTINGS_INPUTS = [
  z.object({
    intent: z.literal("settings"),
    name: z.string().trim().min(1, "Give the household a name.").max(60, "At most 60 characters."),
    approach: Approach,
    units: z.enum(["metric", "us"]),
    rotationDays: z.coerce
      .number("Days: a number.")
      .int("Whole days.")
      .min(1, "Days: 1 to 60.")
      .max(60, "Days: 1 to 60."),
    anchors: between(0, 10),
    stretches: between(0, 10),
    openEnded: between(0, 10),
    rhythm: Rhythm,
    newAtOnce: between(0, 20),
    stay: Planning.shape.stay.unwrap(),
    theme: Planning.shape.theme.unwrap(),
    hemisphere: z.enum(["north", "south"]),
  }),
  z.object({ intent: z.literal("approach"), approach: Approach }).loose(),
  z.object({ intent: z.literal("limits"), ...LimitFields.shape }),
] as const;
export type SettingsInput = z.infer<(typeof SETTINGS_INPUTS)[number]>;

/** Sets the mix, the trays out and how they change to what goes with an approach; gives how many trays that are. */
async function setByApproach({ db, household, children }: Home, approach: Approach): Promise<number> {
  const { mix, planning } = APPROACH_DEFAULTS[approach];
  const trays = traysFor(approach, children.filter((child) => child.planFor).length);
  await updateRow(db, "household", household.id, ({ limits }) => ({
    approach,
    mix,
    planning,
    limits: { ...limits, trays },
  }));
  return trays;
}

/** More would weigh against each other. */
const MOST_FOCUSES = 5;

/** Changes how the household works; gives how many trays are out at once where that was worked out. */
export async function changeSettings(home: Home, input: SettingsInput): Promise<Result<number | undefined>> {
  const { db, household } = home;
  switch (input.intent) {
    case "settings": {
      const { intent: _, anchors, stretches, openEnded, rhythm, newAtOnce, stay, theme, ...rest } = input;
      const mix = { anchors, stretches, openEnded };
      const planning = { rhythm, newAtOnce, stay, theme };
      await updateRow(db, "household", household.id, { ...rest, mix, planning });
      break;
    }
    case "approach":
      return ok(await setByApproach(home, input.approach));
    case "limits": {
      const { intent: _, ...given } = input;
      const named = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined));
      await updateRow(db, "household", household.id, ({ limits }) => ({
        limits: Limits.parse({ ...limits, ...named }),
      }));
      break;
    }
  }
  return ok(undefined);
}

/** Adds a focus, in the place of another on the same. */
export async function addFocus({ db, household }: Home, focus: Focus): Promise<Result<null>> {
  const others = (all: readonly Focus[]) =>
    all.filter((one) => one.kind !== focus.kind || !sameWord(one.on, focus.on));
  if (others(household.focuses).length >= MOST_FOCUSES) {
    return fault("too-many", "on", `At most ${MOST_FOCUSES} at once: end one of them first.`);
  }
  await updateRow(db, "household", household.id, (row) => ({ focuses: [...others(row.focuses), focus] }));
  return ok(null);
}

/** Ends a focus. */
export const endFocus = ({ db, household }: Home, { kind, on }: Pick<Focus, "kind" | "on">) =>
  updateRow(db, "household", household.id, ({ focuses }) => ({
    focuses: focuses.filter((one) => one.kind !== kind || one.on !== on),
  }));
