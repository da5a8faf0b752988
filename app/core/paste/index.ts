export { type LineNote, type ListedLine, readLine, readList } from "./readList";
