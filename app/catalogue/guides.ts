import type { Guide } from "../core/model";
import guides from "./built/guides.json";

/** How to show, watch and vary each built-in activity, by its id. */
export const GUIDES = guides as unknown as Readonly<Record<string, Guide>>;
