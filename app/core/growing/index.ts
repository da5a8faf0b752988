export { agesAhead } from "./agesAhead";
export { type Lately, lately } from "./lately";
export {
  aroundSkill,
  ladderOfSkill,
  type SkillAlong,
  type SkillSign,
  signsOf,
  skillsAlong,
} from "./skillsAlong";
