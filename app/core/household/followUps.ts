import {
  type ActivityId,
  activityOf,
  addDays,
  type Catalogue,
  type Child,
  type ChildId,
  type Decision,
  type Move,
  type PlainDate,
  type SkillId,
  type Tables,
} from "../model";

/** What a decision about one tray asks of others: activities that grow these skills, or share this property. */
export interface FollowUp {
  child: ChildId;
  /** The activity that it came from: it does not pull itself. */
  from: string;
  form: string;
  skills: readonly SkillId[];
  interests: readonly string[];
  /** The one activity that is meant, for what a sibling hands on. */
  only?: ActivityId;
  /** The move that was decided, and the name of the activity that it came from. */
  move: Move;
  activity: string;
}

/** A decision is followed for so long. */
export const FOLLOWED_DAYS = 28;

const FOLLOWED: ReadonlySet<Move> = new Set(["other-form", "more-of-liked", "loved-setting", "hand-on"]);

/** The pulls of all decisions that are followed on a day. */
export function recentFollowUps(tables: Tables, catalogue: Catalogue, on: PlainDate): FollowUp[] {
  const recent = tables.decisions.filter(
    (one) => FOLLOWED.has(one.move) && one.on <= on && addDays(one.on, FOLLOWED_DAYS) > on,
  );
  return recent.flatMap((decision) => followUpsOf(decision, catalogue, tables.children));
}

function followUpsOf(decision: Decision, catalogue: Catalogue, children: readonly Child[]): FollowUp[] {
  const activity = activityOf(catalogue, decision.activity);
  const rung = activity?.rungs.find((one) => one.id === decision.rung);
  if (!activity || !rung) return [];
  const base = {
    child: decision.child,
    from: activity.id,
    form: activity.form,
    interests: [],
    move: decision.move,
    activity: activity.name,
  };
  switch (decision.move) {
    case "other-form":
      return [{ ...base, skills: rung.grows }];
    case "more-of-liked":
      return [{ ...base, skills: [], interests: activity.interests }];
    case "loved-setting": {
      const loved = children.find((one) => one.id === decision.child)?.interests ?? [];
      return [{ ...base, skills: rung.grows, interests: loved }];
    }
    case "hand-on":
      return decision.toChild ? [{ ...base, child: decision.toChild, skills: [], only: activity.id }] : [];
    default:
      return [];
  }
}
