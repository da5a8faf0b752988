import type { PieceShape } from "../model";
import { CYLINDER_DIAMETER_MM, DEEP_DEPTH_MM } from "./cylinder";
import { FIT_FROM_SCALE, smallPartFit } from "./smallPartFit";
import { tubeFit } from "./tubeFit";

/** The longest straight line that lies inside the gauge, in mm. */
const LONGEST_INSIDE_MM = Math.hypot(CYLINDER_DIAMETER_MM, DEEP_DEPTH_MM);

/** The longest straight line inside a piece, in mm: the diameter of the ball round it. */
const spanMm = (piece: PieceShape): number =>
  piece.shape === "ellipsoid" ? Math.max(...piece.mm) : Math.hypot(...piece.mm);

/**
 * Does the piece count as a small part? The answer of the search for the best fit, which is asked only where plain
 * bounds leave it open: what fits into a ball that fits, fits; what is longer than any line inside the gauge, or does
 * not go through a tube as wide as it, does not.
 */
export function countsAsSmallPart(piece: PieceShape): boolean {
  const span = spanMm(piece);
  if (span <= CYLINDER_DIAMETER_MM) return true;
  if (span * FIT_FROM_SCALE > LONGEST_INSIDE_MM) return false;
  return tubeFit(piece, CYLINDER_DIAMETER_MM).tubeFits && smallPartFit(piece).fits;
}
