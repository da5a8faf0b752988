import {
  type ActivityHistory,
  focusesOn,
  isFillingFocus,
  type Situation,
  servesFocus,
} from "../../household";
import {
  type Activity,
  type Child,
  type Focus,
  type Move,
  type Rung,
  seasonOn,
  type Wish,
} from "../../model";
import { type Chance, NOW_FROM, SETTLED_FROM } from "../../readiness";
import { sameWord } from "../../text";
import type { Band } from "./problem";
import type { Term, TightPair } from "./reasons";

import { STAY, STRETCH_FROM, THEME, WEIGHTS } from "./weights";

const SEASONS_IN_YEAR = 4;

export const bandOf = (chance: number): Band => {
  if (chance > SETTLED_FROM) return "anchor";
  return chance >= NOW_FROM ? "reach" : "stretch";
};

/**
 * How near a rung is to the child, and what that is worth.
 * @param isNoted Whether anything was noted of the child: otherwise the chance comes from the age alone.
 * @param tight Where it fits so tightly that it counts as a harder rung.
 */
export function reachTerm({ chance, within }: Chance, isNoted: boolean, tight?: TightPair): Term {
  switch (bandOf(chance)) {
    case "anchor":
      return {
        term: "anchor",
        chance,
        isNoted,
        tight,
        value: WEIGHTS.anchor * (1 - 0.4 * ((chance - SETTLED_FROM) / (1 - SETTLED_FROM))),
      };
    case "reach":
      return {
        term: "reach",
        chance,
        tight,
        value:
          WEIGHTS.reach *
          (WEIGHTS.sureShare * within + (1 - WEIGHTS.sureShare) * (1 - ((chance - 0.65) / 0.3) ** 2)),
      };
    case "stretch": {
      const share = (chance - STRETCH_FROM) / (NOW_FROM - STRETCH_FROM);
      return {
        term: "stretch",
        chance,
        tight,
        value: WEIGHTS.stretchLow + (WEIGHTS.stretchHigh - WEIGHTS.stretchLow) * share,
      };
    }
  }
}

export function interestTerms(child: Child, activity: Activity, history: ActivityHistory): Term[] {
  const loved = child.interests.find((interest) => activity.interests.some((one) => sameWord(one, interest)));
  const terms: Term[] = [];
  if (loved) {
    terms.push({
      term: "interest",
      value: WEIGHTS.namedInterest,
      child: child.name,
      loved,
    });
  }
  if (history.interest !== undefined) {
    terms.push({
      term: "noted-interest",
      value: WEIGHTS.notedInterest * history.interest,
      liked: history.interest >= 0.5,
    });
  }
  return terms;
}

/** Moves by which a tray stays where it is, as it is or dressed anew. */
const STAYS: ReadonlySet<Move> = new Set<Move>([
  "leave",
  "more-of-liked",
  "new-tool",
  "add-movement",
  "loved-setting",
  "change-filling",
]);

/** What it earns by going on as the notes say: it stays, or the next rung comes. */
export function suggestedTerms(s: Situation, rung: Rung, { tray, suggestion }: ActivityHistory): Term[] {
  if (!tray || !suggestion || s.on !== s.first) return [];
  if (suggestion.toRung === rung.id) return [{ term: "step", value: WEIGHTS.step, why: suggestion.why }];
  if (tray.rung !== rung.id) return [];
  const stays = WEIGHTS.carryOver * STAY[s.household.planning.stay];
  if (suggestion.move === "leave-standing") {
    return [{ term: "carry-over", value: WEIGHTS.leaveStanding, why: suggestion.why }];
  }
  if (STAYS.has(suggestion.move)) return [{ term: "carry-over", value: stays, why: suggestion.why }];
  return [];
}

/** What it earns only by being set out anew: being new, or rested, or asked for. */
export function startTerms(history: ActivityHistory, wishes: readonly Wish[]): Term[] {
  const terms: Term[] = [];
  if (!history.tray && history.daysAway === undefined) {
    terms.push({ term: "novelty", value: WEIGHTS.brandNew });
  }
  if (!history.tray && history.daysAway !== undefined) {
    const value = WEIGHTS.rested * (1 - Math.exp(-history.daysAway / WEIGHTS.restedDays));
    terms.push({ term: "novelty", value, daysAway: history.daysAway });
  }
  if (wishes.some((wish) => wish.kind === "soon")) {
    terms.push({ term: "wish", value: WEIGHTS.wish });
  }
  return terms;
}

/** What a focus adds to each tray that serves it; of an area it is a group's value (MARGINALS). */
function focusTerm(s: Situation, focus: Focus): Term | undefined {
  switch (focus.kind) {
    case "area":
      return undefined;
    case "theme":
      return {
        term: "theme",
        value: WEIGHTS.theme * THEME[s.household.planning.theme],
        theme: focus.on,
      };
    default:
      return { term: "focus", value: WEIGHTS.focus, on: focus.kind };
  }
}

/** What the focuses, the theme and the season add for these children. */
export function occasionTerms(
  s: Situation,
  activity: Activity,
  rung: Rung,
  children: readonly string[],
): Term[] {
  const focuses = focusesOn(s.household, s.on).filter((focus) =>
    servesFocus(s, focus, activity, rung, children),
  );
  // It is filled with one letter or number, however many would suit it.
  const filling = focuses.find(isFillingFocus);
  const terms = focuses
    .filter((focus) => focus === filling || !isFillingFocus(focus))
    .flatMap((focus) => focusTerm(s, focus) ?? []);
  if (activity.seasons.length > 0 && activity.seasons.length < SEASONS_IN_YEAR) {
    const inSeason = activity.seasons.includes(seasonOn(s.on, s.household.hemisphere));
    terms.push({
      term: "season",
      value: inSeason ? WEIGHTS.season : -WEIGHTS.season,
      inSeason,
    });
  }
  return terms;
}
