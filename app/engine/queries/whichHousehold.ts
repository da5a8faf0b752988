import { NoParameters } from "./parameters";
import { query } from "./query";

/** Whether this tab shows our own household or the demo. */
export const whichHousehold = query(NoParameters, ({ which }) => ({ which }));
