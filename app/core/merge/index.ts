export {
  type Clash,
  clashesOf,
  type MergedRow,
  mergeBackups,
  mergeRows,
  mergeTables,
  NOT_THE_SAME,
  sameHousehold,
  whatCame,
} from "./merge";
