import { extentsMm, type Material, type PieceShape, sortedExtentsMm } from "../model";

/** How wide an opening has to be, in mm, for a piece to pass: a disc on its edge, a stick lengthwise. */
export const passingWidthMm = (piece: PieceShape): number => {
  switch (piece.shape) {
    case "sphere":
    case "cylinder":
      return piece.mm[0];
    case "disc":
      return piece.mm[1];
    default:
      return sortedExtentsMm(piece)[1];
  }
};

/** How wide a round place has to be for a piece to lie in it, in mm: a disc flat, all else by its narrowest way in. */
export const lyingWidthMm = (piece: PieceShape): number =>
  piece.shape === "disc" ? piece.mm[0] : passingWidthMm(piece);

/** How high a piece stands in a round place that it lies in, in mm: a disc flat, all else along its longest side. */
export const lyingHeightMm = (piece: PieceShape): number =>
  piece.shape === "disc" ? piece.mm[1] : Math.max(...piece.mm);

/** The room that a piece takes by itself, in ml. */
export const volumeMl = (piece: PieceShape): number => {
  const [a, b, c] = extentsMm(piece);
  switch (piece.shape) {
    case "sphere":
      return (Math.PI * a ** 3) / 6000;
    case "cylinder":
    case "disc":
      return (Math.PI * a ** 2 * c) / 4000;
    case "box":
      return (a * b * c) / 1000;
    case "ellipsoid":
      return (Math.PI * a * b * c) / 6000;
  }
};

/** The walls of a usual vessel, both together. */
export const WALLS_MM = 4;

/** How wide the mouth of a vessel is, in mm: its opening, where it has one, and else its width within the walls. */
export function mouthMm({ openingMm, piece }: Pick<Material, "openingMm" | "piece">): number | undefined {
  if (openingMm !== undefined) return openingMm;
  if (!piece) return undefined;
  const [a = 0, b = a] = piece.mm;
  return (piece.shape === "box" ? Math.min(a, b) : a) - WALLS_MM;
}
