export * from "./availability";
export * from "./fits";
export * from "./options";
export { type ListedLine, readList } from "./pasteList";
export * from "./sizes";
