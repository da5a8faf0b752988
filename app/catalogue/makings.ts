import type { Makings } from "../core/model";
import makings from "./built/makings.json";

/** How things are made at home, by the material. */
export const MAKINGS = makings as unknown as Makings;
