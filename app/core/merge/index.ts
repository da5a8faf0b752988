export { type Clash, clashesOf, standsStill } from "./clashes";
export {
  type MergedRow,
  mergeBackups,
  mergeRows,
  NOT_THE_SAME,
  sameHousehold,
  whatCame,
} from "./merge";
export { stamped } from "./registers";
