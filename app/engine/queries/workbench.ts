import { loadMakings } from "../../catalogue";
import { openSheet, paperOf } from "./openSheet";
import { AddressParameters } from "./parameters";
import { query } from "./query";
import { workbenchView } from "./workbenchView";

/** The sheets that the shelf needs, and the one that is open. The fields of a sheet stand in the address, each by its name. */
export const workbench = query(AddressParameters, async (home, address) => {
  const paper = paperOf(address, home.household.units);
  const view = workbenchView(home, await loadMakings());
  return { view, paper, open: openSheet(home, view, address, paper), preview: home.ahead > 0 };
});
