import type { Material } from "../model";

/** Where the shape in the hand decides: loose things without a size can't be judged. */
export const NAMED_LOOSE =
  /\b(bead|button|counter|ball|stone|block|ring|cap|coin|cork|nut|seed|marble|shell|pebble|pompom)\b/i;
const PLURAL = new RegExp(NAMED_LOOSE.source.replace(")\\b", ")s\\b"), "i");

/** A thing of somebody's own whose name says that it is small and loose, but not how large a piece is. */
export const lacksSize = (one: Pick<Material, "name" | "piece" | "unit">): boolean =>
  one.piece === undefined && one.unit === "piece" && (NAMED_LOOSE.test(one.name) || PLURAL.test(one.name));
