import type { PieceShape } from "../model";
import { FIT_FROM_SCALE } from "./cylinder";
import { boundsOf, smallPartFit } from "./smallPartFit";

/** Does the piece count as a small part? The search for the best fit is asked only where plain bounds leave it open. */
export function countsAsSmallPart(piece: PieceShape): boolean {
  const { least, most } = boundsOf(piece);
  if (least >= 1) return true;
  return most >= FIT_FROM_SCALE && smallPartFit(piece).fits;
}
