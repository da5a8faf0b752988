export * from "./availability";
export * from "./finds";
export * from "./fits";
export * from "./options";
export * from "./runsOut";
export * from "./sizes";
export * from "./standIn";
export * from "./ways";
