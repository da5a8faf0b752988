import type { MaterialId } from "../../core/model";
import type { Home } from "../store/home";

/** The holding of a material that has to be used up first, with how much of it there is. */
export function toUseUp(home: Home, material: MaterialId) {
  return home.tables.holdings
    .filter((one) => one.site === home.site.id && one.material === material && one.quantity > 0)
    .sort((a, b) => ((a.useBy ?? "9999") < (b.useBy ?? "9999") ? -1 : 1))[0];
}
