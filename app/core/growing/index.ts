export { upcomingRungs } from "./agesAhead";
export { type Lately, recentActivity } from "./recentActivity";
export { type RuleChange, upcomingRuleChanges } from "./rulesAhead";
export {
  aroundSkill,
  ladderOfSkill,
  type SkillAlong,
  type SkillSign,
  signsOf,
  skillTimeline,
} from "./skillsAlong";
