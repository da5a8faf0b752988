import type { ActivityHistory, Situation } from "../../household";
import { type Activity, type Child, type Move, type Rung, seasonOn, type Wish } from "../../model";
import { type Chance, NOW_FROM, SETTLED_FROM } from "../../readiness";
import { sameWord } from "../../text";
import type { Band, Term } from "./problem";

import { STAY, STRETCH_FROM, THEME, WEIGHTS } from "./weights";

const SEASONS_IN_YEAR = 4;

export const bandOf = (chance: number): Band => {
  if (chance > SETTLED_FROM) return "anchor";
  return chance >= NOW_FROM ? "reach" : "stretch";
};

export const percent = (chance: number) => `${Math.round(chance * 100)} %`;

export function reachTerm({ chance, within }: Chance): Term {
  switch (bandOf(chance)) {
    case "anchor":
      return {
        term: "anchor",
        value: WEIGHTS.anchor * (1 - 0.4 * ((chance - SETTLED_FROM) / (1 - SETTLED_FROM))),
        text: "Settled: done with ease.",
      };
    case "reach":
      return {
        term: "reach",
        value:
          WEIGHTS.reach *
          (WEIGHTS.sureShare * within + (1 - WEIGHTS.sureShare) * (1 - ((chance - 0.65) / 0.3) ** 2)),
        text: `Just within reach: about ${percent(chance)} alone.`,
      };
    case "stretch": {
      const share = (chance - STRETCH_FROM) / (NOW_FROM - STRETCH_FROM);
      return {
        term: "stretch",
        value: WEIGHTS.stretchLow + (WEIGHTS.stretchHigh - WEIGHTS.stretchLow) * share,
        text: `A stretch: about ${percent(chance)} alone, it may fail.`,
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
      text: `Can be dressed in what ${child.name} loves: ${loved}.`,
    });
  }
  if (history.interest !== undefined) {
    const liked = history.interest >= 0.5;
    terms.push({
      term: "noted-interest",
      value: WEIGHTS.notedInterest * history.interest,
      text: liked ? "It was liked, as your notes say." : "It found little interest so far.",
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
  if (suggestion.toRung === rung.id) return [{ term: "step", value: WEIGHTS.step, text: suggestion.why }];
  if (tray.rung !== rung.id) return [];
  const stays = WEIGHTS.carryOver * STAY[s.household.planning.stay];
  if (suggestion.move === "leave-standing") {
    return [{ term: "carry-over", value: WEIGHTS.leaveStanding, text: suggestion.why }];
  }
  if (STAYS.has(suggestion.move)) return [{ term: "carry-over", value: stays, text: suggestion.why }];
  return [];
}

/** What it earns only by being set out anew: being new, or rested, or asked for. */
export function startTerms(history: ActivityHistory, wishes: readonly Wish[]): Term[] {
  const terms: Term[] = [];
  if (!history.tray && history.daysAway === undefined) {
    terms.push({ term: "novelty", value: WEIGHTS.brandNew, text: "Never out before." });
  }
  if (!history.tray && history.daysAway !== undefined) {
    const value = WEIGHTS.rested * (1 - Math.exp(-history.daysAway / WEIGHTS.restedDays));
    terms.push({ term: "novelty", value, text: `Rested ${history.daysAway} days.` });
  }
  if (wishes.some((wish) => wish.kind === "soon")) {
    terms.push({ term: "wish", value: WEIGHTS.wish, text: "You asked for it soon." });
  }
  return terms;
}

/** What the focus, the theme and the season add, whoever it is for. */
export function occasionTerms(s: Situation, activity: Activity, rung: Rung): Term[] {
  const { focus, planning } = s.household;
  const terms: Term[] = [];
  const inFocus = (text: string) => terms.push({ term: "focus", value: WEIGHTS.focus, text });
  if (focus && (focus.until === undefined || focus.until >= s.on)) {
    if (focus.kind === "skill" && rung.grows.includes(focus.on)) inFocus("Grows the skill in your focus.");
    if (focus.kind === "material" && rung.materials.some((need) => need.material === focus.on)) {
      inFocus("Made from what is in your focus.");
    }
    if (focus.kind === "theme" && activity.interests.some((one) => sameWord(one, focus.on))) {
      const value = WEIGHTS.theme * THEME[planning.theme];
      terms.push({ term: "theme", value, text: `Fits the theme: ${focus.on}.` });
    }
  }
  if (activity.seasons.length > 0 && activity.seasons.length < SEASONS_IN_YEAR) {
    const fits = activity.seasons.includes(seasonOn(s.on, s.household.hemisphere));
    terms.push({
      term: "season",
      value: fits ? WEIGHTS.season : -WEIGHTS.season,
      text: fits ? "It is the season for it." : "Another season suits it better.",
    });
  }
  return terms;
}
