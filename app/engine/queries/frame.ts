import { ageOn, applicableMonths } from "../../core/age";
import { standingRotation, upcomingRotation } from "../../core/household";
import { addDays, type Child, type PlainDate } from "../../core/model";
import { keysAreOn } from "../store/device";
import type { Home } from "../store/home";
import { NoParameters } from "./parameters";
import { query } from "./query";

/** The pin of a child on the month rule: at the corrected age, with a ghost at the age from birth. */
function pinOf(child: Child, on: PlainDate) {
  const age = ageOn(child.birth, on, child.due);
  if (!age.ok) return [];
  const isCorrected = age.value.applies === "due";
  return [
    {
      id: child.id,
      name: child.name,
      months: Math.max(0, applicableMonths(age.value)),
      ...(isCorrected ? { ghostMonths: age.value.decimalMonths } : {}),
    },
  ];
}

/** Rungs that are "now" are spread about this far round the age: a fifth down, a quarter up. */
const SPREAD = { down: 0.8, up: 1.25 };

/** The standing rotation has had its days, and no other is accepted. */
function isChangeDue({ tables, site, today, household }: Home): boolean {
  const standing = standingRotation(tables, site.id, today);
  return (
    standing !== undefined &&
    upcomingRotation(tables, site.id, today) === undefined &&
    addDays(standing.from, household.rotationDays) <= today
  );
}

/** The month rule and the frame round every screen. */
export const frame = query(NoParameters, async (home) => {
  const { children, on, ahead, today, which, site, household, catalogue } = home;
  const pins = children.flatMap((child) => pinOf(child, on));
  const eldestPlanned = children.find((child) => child.planFor);
  const main = pins.find((pin) => pin.id === eldestPlanned?.id);
  return {
    pins,
    span: main ? ([main.months * SPREAD.down, main.months * SPREAD.up] as const) : undefined,
    ahead,
    on,
    today,
    which,
    isDue: isChangeDue(home),
    site: site.id,
    sites: household.sites,
    keys: await keysAreOn(),
    children: children.map(({ id, name }) => ({ id, name })),
    skills: catalogue.skills.map(({ id, name }) => ({ id, name })),
  };
});
