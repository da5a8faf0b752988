export * from "./drawing";
export type { Ground } from "./ground";
export type { Layout } from "./layout";
export { colourOf, type Tone } from "./palette";
export { allottedThings, layoutOf, sameNeeds, smallFront, usualThings } from "./setOut";
export { spokenOf, type Way, wayOf } from "./shown";
export { pathData, svgText } from "./svg";
export { drawnThing, fromFront, lookFault } from "./things";
export { pictureOf } from "./trayPicture";
