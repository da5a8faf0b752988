import type { Guide } from "../core/model";
import { asBuilt } from "./asBuilt";
import guides from "./built/guides.json";

/** How to show, watch and vary each built-in activity, by its id. */
export const GUIDES = asBuilt<Readonly<Record<string, Guide>>>(guides);
