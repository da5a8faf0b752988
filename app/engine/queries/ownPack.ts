import { ownPackText } from "../commands/packs";
import { NoParameters } from "./parameters";
import { query } from "./query";

/** Our own activities, things, skills and themes as the text of a pack; pictures are read only then. */
export const ownPack = query(NoParameters, (home) => ownPackText(home));
