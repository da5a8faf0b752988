import type { AreaId, Catalogue, Focus } from "../core/model";
import { AREA_NAMES } from "./areas";

const isArea = (text: string): text is AreaId => text in AREA_NAMES;

/** The focus in words, as it can be typed. */
export function focusText(focus: Focus, catalogue: Pick<Catalogue, "skills" | "materials">): string {
  switch (focus.kind) {
    case "area":
      return isArea(focus.on) ? AREA_NAMES[focus.on] : focus.on;
    case "skill":
      return catalogue.skills.find((one) => one.id === focus.on)?.name ?? focus.on;
    case "material":
      return catalogue.materials.find((one) => one.id === focus.on)?.name ?? focus.on;
    case "theme":
      return focus.on;
  }
}
