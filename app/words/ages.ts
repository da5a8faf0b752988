import { ageOn, childMonthsOn } from "../core/age";
import { isBeyondActivities, MAX_PLANNED_MONTHS } from "../core/household/planned";
import type { Child, PlainDate } from "../core/model";
import { countText } from "./numbers";

type Born = Pick<Child, "birth" | "due">;

const MONTHS = new Intl.NumberFormat(undefined, { maximumFractionDigits: 1 });

/** The age of a child in full: "18 months 2 weeks, 17.1 from the due date". */
export function ageText({ birth, due }: Born, on: PlainDate): string {
  const age = ageOn(birth, on, due);
  if (!age.ok) return "not born yet";
  const { months, weeks, applies, correctedMonths } = age.value;
  const corrected =
    applies === "due" && correctedMonths !== null
      ? `, ${MONTHS.format(correctedMonths)} from the due date`
      : "";
  return `${countText(months, "month")} ${countText(weeks, "week")}${corrected}`;
}

/** An age in few words, to see at once whether a date was typed right: "5 weeks old", "20 months old". */
export function shortAgeText({ birth }: Born, on: PlainDate): string {
  const age = ageOn(birth, on);
  if (!age.ok) return "not born yet";
  const { months, weeks } = age.value;
  return months === 0 ? `${countText(weeks, "week")} old` : `${countText(months, "month")} old`;
}

/** Says that a child is older than all activities; undefined where the child is not. */
export const beyondText = (name: string, child: Born, on: PlainDate): string | undefined =>
  isBeyondActivities(child, on)
    ? `${name} is ${countText(Math.floor(childMonthsOn(child, on)), "month")} old: everything here is below this age. The activities reach to ${MAX_PLANNED_MONTHS} months.`
    : undefined;
