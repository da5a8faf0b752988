export { type ListedLine, readLine, readList } from "./readList";
