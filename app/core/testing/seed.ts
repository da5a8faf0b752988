import fc from "fast-check";
import { IS_LONG } from "./runs";

/**
 * The usual run tries the same values each time, so that it says the same of the same program. The long run tries others each time.
 * `ORTO_SEED` names the seed for either; a failure tells the seed that it came from.
 */
const USUAL_SEED = 20_261_202;

const named = process.env.ORTO_SEED;
if (named !== undefined || !IS_LONG) fc.configureGlobal({ seed: Number(named ?? USUAL_SEED) });
