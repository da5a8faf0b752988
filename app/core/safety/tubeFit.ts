import { type PieceShape, sortedExtentsMm } from "../model";
import { FIT_FROM_SCALE } from "./cylinder";

/** Inside diameter of a toilet-roll tube, and of the ball gauge of 16 CFR 1500.18(a)(17): 1.75 inches. */
export const TUBE_DIAMETER_MM = 44.4;
/** Usual length of a toilet-roll tube; a longer piece sticks out and is no home-rule case. */
export const TUBE_LENGTH_MM = 100;

export interface TubeFit {
  /** True where the piece passes through the tube (within 1.5 % counts as passing). */
  tubeFits: boolean;
  /** The least inside diameter of an open tube that it passes through, in mm. */
  tubeDiameterMm: number;
}

/**
 * The narrowest tube: the least, over all directions, of the circle round the shape's outline.
 * Cylinder and disc: every outline is at least d wide, end on it is just that. Box: the mean
 * square of the outline's corners is least along the longest edge, where all are equally far.
 * Ellipsoid: every outline is at least as long as the middle diameter.
 */
export function tubeDiameterMm(piece: PieceShape): number {
  const [smallest, middle] = sortedExtentsMm(piece);
  switch (piece.shape) {
    case "sphere":
    case "cylinder":
    case "disc":
      return piece.mm[0];
    case "box":
      return Math.hypot(smallest, middle);
    case "ellipsoid":
      return middle;
  }
}

/** Does a rigid piece pass through an open tube of `diameter` mm, in any orientation? */
export function tubeFit(piece: PieceShape, diameter = TUBE_DIAMETER_MM): TubeFit {
  const least = tubeDiameterMm(piece);
  return { tubeFits: diameter / least >= FIT_FROM_SCALE, tubeDiameterMm: least };
}
