import type { FollowUp } from "../../household";
import type { Activity, ChildId, Rung } from "../../model";
import { sameWord } from "../../text/sameWord";
import type { Term } from "./reasons";
import { WEIGHTS } from "./weights";

const shares = (a: readonly string[], b: readonly string[]) => a.some((one) => b.includes(one));

function isPulled(pull: FollowUp, activity: Activity, rung: Rung): boolean {
  if (pull.only !== undefined) return activity.id === pull.only;
  if (activity.id === pull.from) return false;
  const skill = pull.skills.length > 0 && shares(rung.grows, pull.skills) && activity.form !== pull.form;
  const property = activity.interests.some((one) => pull.interests.some((other) => sameWord(one, other)));
  return pull.skills.length > 0 ? skill && (pull.interests.length === 0 || property) : property;
}

/** What a rung earns for a child by what was decided about other trays. */
export const followTerms = (
  followUps: readonly FollowUp[],
  child: ChildId,
  activity: Activity,
  rung: Rung,
): Term[] =>
  followUps
    .filter((pull) => pull.child === child && isPulled(pull, activity, rung))
    .slice(0, 1)
    .map(({ move, activity: name }) => ({
      term: "follows",
      value: WEIGHTS.follows,
      move,
      activity: name,
    }));
