import { prepareView } from "../../core/day";
import { NoParameters } from "./parameters";
import { query } from "./query";

/** All that has to be done before a rotation stands. */
export const prepare = query(NoParameters, ({ tables, situation, today, household, ahead }) => ({
  view: prepareView(tables, situation, today),
  units: household.units,
  today,
  preview: ahead > 0,
}));
