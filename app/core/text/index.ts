export { canonical } from "./canonical";
export * from "./phrases";
export { sameWord } from "./sameWord";
export * from "./tokens";
