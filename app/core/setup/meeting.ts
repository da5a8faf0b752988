import type { Material } from "../model";

/** A thing that is set out, with its size as it is here, and how much of it. */
export interface Thing {
  material: Pick<Material, "piece" | "openingMm" | "holdsMl" | "wells"> &
    Partial<
      Pick<
        Material,
        "unit" | "bulkMl" | "stemMm" | "spreadMm" | "massG" | "inWater" | "magnetic" | "opensBy" | "soft"
      >
    >;
  quantity: number;
}

/** How two things of a rung meet. */
export interface Meeting {
  ok: boolean;
  /** How much wider the place is than what goes there, in mm; below 0 only what is soft goes, pressed in. */
  playMm?: number;
  /**
   * Which of it fails: the way in, the room for all of them at once, a hollow deep enough to hold it, a flat side to stand on,
   * that the two differ as they should, that they are alike, or that it can be opened.
   */
  fault?: "too-narrow" | "too-many" | "too-shallow" | "no-stand" | "no-difference" | "not-alike" | "shut";
}

/** What is soft goes through a place narrower by up to this share of its width, pressed by a small hand. Our judgement. */
const GIVES = 0.1;

/** There is so much room for what takes so much; undefined where either is not known. */
export const withPlay = (
  room: number | undefined,
  takes: number | undefined,
  isSoft = false,
): Meeting | undefined => {
  if (room === undefined || takes === undefined) return undefined;
  const playMm = room - takes;
  return playMm >= (isSoft ? -GIVES * takes : 0)
    ? { ok: true, playMm }
    : { ok: false, playMm, fault: "too-narrow" };
};
