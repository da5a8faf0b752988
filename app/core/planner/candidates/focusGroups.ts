import { focusesOn, type Situation, servesFocus } from "../../household";
import type { Focus } from "../../model";
import { type Candidate, type ConcaveTerm, childrenOf, type PlaceClass } from "./problem";
import { MARGINALS, thingsAt } from "./weights";

/** So many trays a shelf has at most: what stands, and the different things that moments have room for. */
function shelfSize(s: Situation, classes: readonly PlaceClass[]): number {
  const standing = classes.reduce((sum, one) => sum + (one.opening ? 0 : one.places.length), 0);
  const coming = classes.reduce(
    (sum, { opening }) => sum + (opening ? thingsAt(opening.days.length, s.household.planning.stay) : 0),
    0,
  );
  return Math.min(standing, s.household.limits.trays) + coming;
}

/** So many trays a focus is to have at least; none where it only weighs a little. */
export const wantedInFocus = (s: Situation, { weight }: Focus, classes: readonly PlaceClass[]): number => {
  const size = shelfSize(s, classes);
  return { little: 0, half: Math.ceil(size / 2), whole: size }[weight];
};

/** Each focus that is to have half of the shelf or all of it: what serves it, whoever it is for. */
export const focusGroups = (
  s: Situation,
  candidates: readonly Candidate[],
  classes: readonly PlaceClass[],
): ConcaveTerm[] =>
  focusesOn(s.household, s.on).flatMap((focus, i): ConcaveTerm[] => {
    const { weight } = focus;
    if (weight === "little") return [];
    const count = wantedInFocus(s, focus, classes);
    const each = weight === "whole" ? MARGINALS.focusWhole : MARGINALS.focusHalf;
    return [
      {
        id: `focus ${i}`,
        reason: { term: "in-focus", weight },
        members: candidates
          .filter((c) => servesFocus(s, focus, c.activity, c.rung, childrenOf(c)))
          .map((c) => c.index),
        marginals: weight === "whole" ? [each] : [...Array<number>(count).fill(each), 0],
      },
    ];
  });
