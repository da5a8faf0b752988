import type { Hazard, Material, PieceShape } from "../core/model";
import { allergenName, HAZARD_RULES, isSmallPart, PIECE_RULES, passesTube, type Rule } from "../core/safety";

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
  "warm-water": "water at 37 °C",
  eaten: "eaten seated",
  window: "window shut",
  outdoors: "sun, ticks, plants",
  road: "near cars",
  tips: "can tip",
  "runs-with": "not for walking with",
  entrapment: "openings for a head",
  hob: "hot kitchen",
  soil: "soil",
  electric: "wet and electric",
  sleep: "asleep: into the cot",
  animals: "animals",
  "deep-water-near": "near deep water",
  strips: "strips counted back",
  "wet-floor": "slips when wet",
  "stings-eyes": "stings in the eyes",
  "made-piece": "small bits come off",
  danger: "dangerous",
};

const detail = (hazard: Hazard): string => {
  if (hazard.kind === "allergen") return `may hold ${allergenName(hazard.allergen)}`;
  if (hazard.kind === "danger") return hazard.why;
  if (hazard.kind === "string" || hazard.kind === "elastic")
    return `${HAZARD_WORDS[hazard.kind]}, ${hazard.freeLengthMm / 10} cm`;
  return HAZARD_WORDS[hazard.kind];
};

/** A word for a hazard, and the whole of what can happen and what to do; no tip where the word says it all. */
export interface HazardTip {
  word: string;
  tip?: string;
}

const tipOf = (rules: readonly Rule[]): string | undefined => {
  const [rule] = rules;
  return rule && `${rule.reason} ${rule.advice}`;
};

/** What a material can do to a child, in a few words each; a piece measured here counts before the usual one. */
export function hazardTips(material: Material, measured?: PieceShape): HazardTip[] {
  const piece = measured ?? material.piece;
  const ofPiece = (id: string) => tipOf(PIECE_RULES.filter((rule) => rule.id === id));
  const size: HazardTip[] = !piece
    ? []
    : isSmallPart(piece)
      ? [{ word: "small part", tip: ofPiece("small-part") }]
      : passesTube(piece)
        ? [{ word: "passes the tube", tip: ofPiece("tube") }]
        : [];
  return [
    ...size,
    ...material.hazards.map((hazard) => ({
      word: detail(hazard),
      tip:
        hazard.kind === "danger"
          ? undefined
          : tipOf(HAZARD_RULES.filter((rule) => rule.kind === hazard.kind)),
    })),
  ];
}
