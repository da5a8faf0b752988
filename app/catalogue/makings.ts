import type { Makings } from "../core/model";
import { asBuilt } from "./asBuilt";
import makings from "./built/makings.json";

/** How things are made at home, by the material. */
export const MAKINGS = asBuilt<Makings>(makings);
