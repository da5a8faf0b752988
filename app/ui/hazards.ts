import type { Hazard, Material } from "../core/model";
import { isSmallPart, passesTube } from "../core/safety";

const WORDS: Record<Hazard["kind"], string> = {
  string: "cord",
  elastic: "elastic",
  water: "water",
  allergen: "allergen",
  "choking-food": "can choke",
  sharp: "cuts",
  pointed: "pointed",
  glass: "glass",
  heat: "hot",
  irritant: "stings",
  toxic: "poisonous raw",
  expanding: "swells: never",
  "button-battery": "button battery: never",
  "strong-magnet": "strong magnet: never",
  balloon: "balloon: never",
  bag: "film over the face",
  powder: "dust",
  hanging: "hangs",
  heavy: "heavy",
  "breaks-up": "bits come off",
  honey: "not before 12 months",
};

const detail = (hazard: Hazard): string => {
  if (hazard.kind === "allergen") return `allergen: ${hazard.allergen}`;
  if (hazard.kind === "string" || hazard.kind === "elastic")
    return `${WORDS[hazard.kind]}, ${hazard.freeLengthMm / 10} cm`;
  return WORDS[hazard.kind];
};

/** What a material can hurt, in a few words each; empty where nothing is known. */
export function hazardWords(material: Material): string[] {
  const { piece } = material;
  const size = piece
    ? isSmallPart(piece)
      ? ["small part"]
      : passesTube(piece)
        ? ["passes the tube"]
        : []
    : [];
  return [...size, ...material.hazards.map(detail)];
}

/** The typical piece in words: "52 × 8 mm". */
export const sizeText = (material: Material): string =>
  material.piece ? `${material.piece.mm.map((mm) => Math.round(mm * 10) / 10).join(" × ")} mm` : "";
