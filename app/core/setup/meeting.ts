import type { Material } from "../model";

/** A thing that is set out, with its size as it is here, and how much of it. */
export interface Thing {
  material: Pick<Material, "piece" | "openingMm" | "holdsMl" | "wells"> &
    Partial<
      Pick<Material, "unit" | "bulkMl" | "stemMm" | "spreadMm" | "massG" | "inWater" | "magnetic" | "opensBy">
    >;
  quantity: number;
}

/** How two things of a rung meet. */
export interface Meeting {
  ok: boolean;
  /** How much wider the place is than what goes there, in mm; below 0 it does not go. */
  playMm?: number;
  /**
   * Which of it fails: the way in, the room for all of them at once, a flat side to stand on, that the two differ as they
   * should, that they are alike, or that it can be opened.
   */
  fault?: "too-narrow" | "too-many" | "no-stand" | "no-difference" | "not-alike" | "shut";
}

/** There is so much room for what takes so much; undefined where either is not known. */
export const withPlay = (room: number | undefined, takes: number | undefined): Meeting | undefined => {
  if (room === undefined || takes === undefined) return undefined;
  const playMm = room - takes;
  return playMm >= 0 ? { ok: true, playMm } : { ok: false, playMm, fault: "too-narrow" };
};
