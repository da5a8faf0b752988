import { NoParameters } from "./parameters";
import { query } from "./query";

/** The household that this tab shows: our own or the demo. */
export const whichHousehold = query(NoParameters, ({ which }) => ({ which }));
