import { z } from "zod";
import { maybeText } from "./parameters";
import { query } from "./query";

/** The thing whose size the gauge was opened for, and what of it is in the cupboard here. */
export const gauge = query(z.object({ material: maybeText }), (home, { material: wanted }) => ({
  units: home.household.units,
  material: home.catalogue.materials.find((one) => one.id === wanted),
  holding: home.tables.holdings.find(
    (one) => one.site === home.site.id && one.material === wanted && one.quantity > 0,
  ),
}));
