import type { Limits } from "../core/model";

/** The limits of a rotation in the order in which they are shown. */
export const LIMIT_LABELS: { key: keyof Limits; label: string }[] = [
  { key: "trays", label: "Trays out at once" },
  { key: "prepMinutes", label: "Preparation, minutes" },
  { key: "adultBeside", label: "With the adult beside" },
  { key: "adultHeld", label: "Adult-held" },
  { key: "wet", label: "Wet" },
  { key: "messy", label: "Messy" },
  { key: "loud", label: "Loud" },
  { key: "cents", label: "Small purchases, cents" },
];
