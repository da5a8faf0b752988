import type { Wardrobe } from "../core/model";
import wardrobe from "./built/wardrobe.json";

/** Themes, and what is swapped to dress an activity in one. */
export const WARDROBE = wardrobe as unknown as Wardrobe;
