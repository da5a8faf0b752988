import type { Hazard, Material, PieceShape } from "../core/model";
import { allergenName, isSmallPart, passesTube } from "../core/safety";

/** Each kind of hazard in a few words. */
export const HAZARD_WORDS: Record<Hazard["kind"], string> = {
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
  washable: "not for the mouth",
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
  loop: "loop",
  climb: "climbing",
  find: "found outdoors",
  glue: "glue, small cap",
  salty: "salty: not under 3",
  "raw-flour": "raw flour",
  "raw-egg": "raw egg",
  "covers-face": "over the face",
  "head-control": "head steady first",
  noise: "loud",
  "finger-trap": "pinches",
  slippery: "slips",
  lead: "may hold lead",
  "reused-container": "held chemicals",
  "essential-oil": "essential oil",
  unsized: "size unknown: judged as small",
  tower: "height",
  danger: "dangerous",
};

const detail = (hazard: Hazard): string => {
  if (hazard.kind === "allergen") return `may hold ${allergenName(hazard.allergen)}`;
  if (hazard.kind === "danger") return hazard.why;
  if (hazard.kind === "string" || hazard.kind === "elastic")
    return `${HAZARD_WORDS[hazard.kind]}, ${hazard.freeLengthMm / 10} cm`;
  return HAZARD_WORDS[hazard.kind];
};

/** What a material can do to a child, in a few words each; a piece measured here counts before the usual one. */
export function hazardWords(material: Material, measured?: PieceShape): string[] {
  const piece = measured ?? material.piece;
  const size = piece
    ? isSmallPart(piece)
      ? ["small part"]
      : passesTube(piece)
        ? ["passes the tube"]
        : []
    : [];
  return [...size, ...material.hazards.map(detail)];
}
