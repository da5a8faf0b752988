import { childMonthsOn } from "../../core/age";
import { recentActivity, skillTimeline, upcomingRuleChanges, upcomingRungs } from "../../core/growing";
import type { AreaId, Child } from "../../core/model";
import { questionsFor } from "../../core/readiness";
import { nextReachChanges } from "../../core/safety";
import type { Home } from "../store/home";

export const GROWING_TABS = ["skills", "look", "lately", "ahead"] as const;
export type GrowingTab = (typeof GROWING_TABS)[number];

/** The choices that the address holds. */
interface Asked {
  view: GrowingTab;
  area: AreaId | undefined;
  /** All ages, and not only those around the child's. */
  wide: boolean;
}

/** So many things are worth watching for in a week. */
const LOOKS = 8;
const WEEKS = 8;
const MONTHS_AHEAD = [1, 2, 3] as const;
/** Days ahead in which who gets at what is foreseen. */
const FORESEEN_DAYS = 92;
/** Months around the child's age that are shown at first; and all of them. */
const AROUND = { before: 5, after: 8 };
const ALL = { from: 0, to: 66 };

/** Everything that the Growing screen shows of a child. */
export function growingView(home: Home, child: Child, { view, area, wide }: Asked) {
  const { catalogue, tables, situation, on } = home;
  const months = childMonthsOn(child, on);
  const ready = situation.readiness.get(child.id);
  const near = {
    from: Math.max(0, Math.floor(months - AROUND.before)),
    to: Math.ceil(months + AROUND.after),
  };
  const span = wide ? ALL : near;
  return {
    ...{ view, area, wide, child, months, span },
    skills:
      view === "skills" && ready ? skillTimeline(catalogue, child, tables, ready, on, { area, ...span }) : [],
    looks:
      view === "look" && ready
        ? questionsFor(catalogue, ready, tables.skillNotes, child.id, on, LOOKS).map(({ skill }) => skill)
        : [],
    /** What was ticked today: it can be taken back. */
    answered:
      view === "look"
        ? tables.skillNotes
            .filter((one) => one.child === child.id && one.on === on)
            .flatMap(({ id, skill: skillId, seen }) => {
              const skill = catalogue.skills.find((one) => one.id === skillId);
              return skill ? [{ id, name: skill.name, seen }] : [];
            })
        : [],
    lately: view === "lately" ? recentActivity(catalogue, tables, child.id, on, WEEKS) : undefined,
    ahead: view === "ahead" ? upcomingRungs(situation, tables, child, MONTHS_AHEAD) : undefined,
    rules: view === "ahead" ? upcomingRuleChanges(situation, child, FORESEEN_DAYS) : [],
    reach:
      view === "ahead"
        ? nextReachChanges(situation.places, situation.people, on, FORESEEN_DAYS).filter(
            (one) => one.child.id === child.id,
          )
        : [],
  };
}
export type GrowingView = ReturnType<typeof growingView>;
