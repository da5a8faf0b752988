export { TOOLS } from "./tools";
export { BOXES, VESSELS } from "./vessels";
