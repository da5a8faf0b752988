export * from "./availability";
export * from "./finds";
export * from "./fits";
export * from "./materialName";
export * from "./options";
export * from "./runsOut";
export * from "./spares";
export * from "./standIn";
export {
  type Demand,
  demandOf,
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
