export * from "./availability";
export * from "./finds";
export * from "./fits";
export * from "./materialName";
export * from "./options";
export * from "./runsOut";
export * from "./standIn";
export * from "./ways";
