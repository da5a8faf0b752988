export * from "./availability";
export * from "./options";
export { type ListedLine, readList } from "./pasteList";
