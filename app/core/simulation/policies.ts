import type { Activity, Catalogue, Rung } from "../model";
import { randomFrom } from "../random";

export interface Choice {
  activity: Activity;
  rung: Rung;
}

/** What a policy without a memory of what was seen knows: the age, the week, what was out lately. */
export interface Week {
  months: number;
  week: number;
  bays: number;
  /** Activities that were out in the last weeks. */
  lately: ReadonlySet<string>;
  seed: number;
}

export const SIMPLE_POLICIES = ["printed-ages", "random-fitting", "weekly-themes"] as const;
export type SimplePolicy = (typeof SIMPLE_POLICIES)[number];

/** How far a printed age is from the child's, as a share of either. */
const farFrom = (rung: Rung, months: number) => Math.abs(Math.log(rung.window.median / months));

/** Of each activity the rung whose printed age is nearest, the nearest activities first. */
function byPrintedAge(catalogue: Catalogue, months: number): Choice[] {
  return catalogue.activities
    .flatMap((activity): Choice[] => {
      const [rung] = [...activity.rungs].sort((a, b) => farFrom(a, months) - farFrom(b, months));
      return rung ? [{ activity, rung }] : [];
    })
    .sort(
      (a, b) => farFrom(a.rung, months) - farFrom(b.rung, months) || (a.activity.id < b.activity.id ? -1 : 1),
    );
}

const fitting = (rung: Rung, months: number) => rung.window.p10 <= months && months <= rung.window.p90;

function shuffled<T>(all: readonly T[], seed: number): T[] {
  const random = randomFrom(seed);
  return all
    .map((one) => ({ one, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one);
}

const notLately = (choices: readonly Choice[], { lately, bays }: Week): Choice[] =>
  [
    ...choices.filter((one) => !lately.has(one.activity.id)),
    ...choices.filter((one) => lately.has(one.activity.id)),
  ].slice(0, bays);

/** The trays of a week by a policy that learns nothing from what it sees. */
export function simpleChoice(policy: SimplePolicy, catalogue: Catalogue, week: Week): Choice[] {
  const nearest = byPrintedAge(catalogue, week.months);
  switch (policy) {
    case "printed-ages":
      return notLately(nearest, week);
    case "random-fitting":
      return notLately(
        shuffled(
          nearest.filter((one) => fitting(one.rung, week.months)),
          week.seed * 1009 + week.week,
        ),
        week,
      );
    case "weekly-themes": {
      const families = [...new Set(catalogue.activities.map((one) => one.family))];
      const theme = families[(week.seed + week.week) % families.length];
      const inTheme = nearest.filter(
        (one) => one.activity.family === theme && fitting(one.rung, week.months),
      );
      const rest = nearest.filter((one) => one.activity.family !== theme);
      return [...inTheme, ...notLately(rest, week)].slice(0, week.bays);
    }
  }
}
