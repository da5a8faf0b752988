import { z } from "zod";
import { focusFrom } from "../../core/household";
import {
  Approach,
  Focus,
  FocusWeight,
  fault,
  Limits,
  ok,
  PlainDate,
  Planning,
  type Result,
  Rhythm,
} from "../../core/model";
import { APPROACH_DEFAULTS, traysFor } from "../../core/planner";
import { sameWord } from "../../core/text";
import { AREA_NAMES } from "../../words/areas";
import type { Home } from "../store/home";
import { updateRow } from "../store/rows";
import { command } from "./command";
import { mayBeEmpty } from "./fields";

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

const LimitsForm = z.object(
  Object.fromEntries(
    Object.entries(Limits.shape).map(([key, shape]) => [key, limit(shape.unwrap() as z.ZodNumber)]),
  ),
);

const SettingsForm = z.object({
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
});

const FocusForm = z.object({
  on: z.string().trim().min(1, "Say what it is on.").max(60, "At most 60 characters."),
  weight: FocusWeight.default("little"),
  until: mayBeEmpty(PlainDate),
});

/** Sets the mix, the trays out and how they change to what goes with an approach; gives how many trays that are. */
async function setByApproach({ db, household, children }: Home, approach: Approach): Promise<Result<number>> {
  const { mix, planning } = APPROACH_DEFAULTS[approach];
  const trays = traysFor(approach, children.filter((child) => child.planFor).length);
  await updateRow(db, "household", household.id, ({ limits }) => ({
    approach,
    mix,
    planning,
    limits: { ...limits, trays },
  }));
  return ok(trays);
}

/** More would weigh against each other. */
const MOST_FOCUSES = 5;

async function save({ db, household }: Home, input: z.infer<typeof SettingsForm>): Promise<Result<null>> {
  const { anchors, stretches, openEnded, rhythm, newAtOnce, stay, theme, ...rest } = input;
  const mix = { anchors, stretches, openEnded };
  const planning = { rhythm, newAtOnce, stay, theme };
  await updateRow(db, "household", household.id, { ...rest, mix, planning });
  return ok(null);
}

async function setLimits({ db, household }: Home, given: z.infer<typeof LimitsForm>): Promise<Result<null>> {
  const named = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined));
  await updateRow(db, "household", household.id, ({ limits }) => ({
    limits: Limits.parse({ ...limits, ...named }),
  }));
  return ok(null);
}

/** Adds a focus on what the words mean, in the place of another on the same. Words that mean nothing here change nothing. */
async function addFocus(
  { db, household, catalogue }: Home,
  { on, weight, until }: z.infer<typeof FocusForm>,
): Promise<Result<null>> {
  const meant = focusFrom(on, { areas: AREA_NAMES, catalogue });
  if (!meant) return ok(null);
  const focus = Focus.parse({ ...meant, weight, until });

  const others = (all: readonly Focus[]) =>
    all.filter((one) => one.kind !== focus.kind || !sameWord(one.on, focus.on));
  if (others(household.focuses).length >= MOST_FOCUSES) {
    return fault("too-many", "on", `At most ${MOST_FOCUSES} at once: end one of them first.`);
  }
  await updateRow(db, "household", household.id, (row) => ({ focuses: [...others(row.focuses), focus] }));
  return ok(null);
}

const FocusName = Focus.pick({ kind: true, on: true });

async function endFocus({ db, household }: Home, { kind, on }: z.infer<typeof FocusName>) {
  await updateRow(db, "household", household.id, ({ focuses }) => ({
    focuses: focuses.filter((one) => one.kind !== kind || one.on !== on),
  }));
  return ok(null);
}

/** Settings: the household's name and units, its limits, its mix of trays, its focuses. */
export const settings = {
  save: command(SettingsForm, save),
  /** Gives how many trays are out at once from now on. */
  setByApproach: command(z.object({ approach: Approach }), (home, { approach }) =>
    setByApproach(home, approach),
  ),
  setLimits: command(LimitsForm, setLimits),
  addFocus: command(FocusForm, addFocus),
  endFocus: command(FocusName, endFocus),
};
