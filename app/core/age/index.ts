export * from "./ageOn";
