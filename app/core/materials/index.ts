export { allotmentOf } from "./allot";
export * from "./availability";
export * from "./finds";
export * from "./fits";
export * from "./materialName";
export { withMixed } from "./mixable";
export * from "./options";
export * from "./recipe";
export * from "./runsOut";
export * from "./spares";
export * from "./standIn";
export {
  type Demand,
  demandOf,
  drawnFrom,
  howUsed,
  isPreparedEachTime,
  mixingEachTime,
  mixingMinutes,
  neededFor,
  type Tracks,
  timesOut,
  type Use,
} from "./taken";
export * from "./ways";
