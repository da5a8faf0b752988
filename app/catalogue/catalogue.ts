import type { Pack } from "../core/model";
import ladders from "./built/ladders.json";

/** The built-in pack without its guides: everything that planning needs. Checked when it is built. */
export const CATALOGUE = ladders as unknown as Pack;
