import type { Pack } from "../core/model";
import { asBuilt } from "./asBuilt";
import ladders from "./built/ladders.json";

/** The built-in pack without its guides: everything that planning needs. Checked when it is built. */
export const CATALOGUE = asBuilt<Pack>(ladders);
