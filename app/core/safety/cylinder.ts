/**
 * The small-parts cylinder of 16 CFR 1501.4: inside diameter 31.7 mm, a flat bottom that
 * slants so that the depth runs from 25.4 mm at one side to 57.1 mm at the other.
 * All numbers in mm.
 */
export const CYLINDER_DIAMETER_MM = 31.7;
export const SHALLOW_DEPTH_MM = 25.4;
export const DEEP_DEPTH_MM = 57.1;

/** Within 1.5 % of the limit counts as fitting: the safe side. */
export const FIT_FROM_SCALE = 0.985;
