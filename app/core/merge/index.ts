export {
  type Clash,
  clashesOf,
  type MergedRow,
  mergeBackups,
  mergeRows,
  NOT_THE_SAME,
  sameHousehold,
  whatCame,
} from "./merge";
