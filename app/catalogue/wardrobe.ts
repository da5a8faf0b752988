import type { Wardrobe } from "../core/model";
import { asBuilt } from "./asBuilt";
import wardrobe from "./built/wardrobe.json";

/** Themes, and what is swapped to dress an activity in one. */
export const WARDROBE = asBuilt<Wardrobe>(wardrobe);
