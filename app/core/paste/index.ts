export { type ListedLine, linesOf, readLine, readList } from "./readList";
