export { agesAhead } from "./agesAhead";
export { type Lately, lately } from "./lately";
export { type RuleChange, rulesAhead } from "./rulesAhead";
export {
  aroundSkill,
  ladderOfSkill,
  type SkillAlong,
  type SkillSign,
  signsOf,
  skillsAlong,
} from "./skillsAlong";
