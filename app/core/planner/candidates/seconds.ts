import { focusesOn, isFillingFocus, type Situation, servesFocus } from "../../household";
import { childrenOf, type Drafted } from "./problem";
import type { Term } from "./reasons";
import { SECOND_LEARNT, WEIGHTS } from "./weights";

/** What a second of the same earns as well: it is as hard, in as much focus and in as much season. */
const SAME: ReadonlySet<Term["term"]> = new Set([
  ...(["anchor", "reach", "stretch", "focus", "theme", "season", "adult-held"] as const),
]);
const BANDS: ReadonlySet<Term["term"]> = new Set(["anchor", "reach", "stretch"]);

const total = (terms: readonly Term[]) => terms.reduce((sum, term) => sum + term.value, 0);

/**
 * A frame that two letters or numbers of the household's suit can stand twice side by side, each filled with one of them. The
 * second earns half of what is learnt at it, as the movement is the same. None for what comes by a moment: it may come again.
 */
export function secondOf(s: Situation, drafted: Drafted): Drafted[] {
  const { activity, rung } = drafted;
  if (drafted.times || !activity.fills) return [];
  const users = childrenOf(drafted);
  const fillings = focusesOn(s.household, s.on).filter(
    (focus) => isFillingFocus(focus) && servesFocus(s, focus, activity, rung, users),
  );
  if (fillings.length < 2) return [];
  const stands = users.every((child) => s.history(child, activity).second?.rung === rung.id);
  const carried = stands && s.on === s.first;
  const prepMinutes = carried ? 0 : (rung.prepMinutes ?? activity.prepMinutes);
  const same = drafted.terms.filter(({ term }) => SAME.has(term));
  const prep = -WEIGHTS.prepMinute * prepMinutes;
  const terms: Term[] = [
    ...same,
    { term: "second", value: (SECOND_LEARNT - 1) * total(same.filter(({ term }) => BANDS.has(term))) },
    ...(prepMinutes > 0 ? [{ term: "prep" as const, value: prep, minutes: prepMinutes }] : []),
  ];
  return [
    {
      ...drafted,
      second: true,
      carried,
      locked: false,
      prepMinutes,
      terms,
      value: total(terms),
      startValue: prep,
    },
  ];
}
