import { z } from "zod";

const edge = z.number().positive("a length above 0 mm").max(5000, "a length up to 5000 mm");

/** A rigid piece in millimetres: sphere [d]; cylinder and disc [d, h]; box [l, w, h]; ellipsoid [three full diameters]. */
export const PieceShape = z.discriminatedUnion("shape", [
  z.object({ shape: z.literal("sphere"), mm: z.tuple([edge]) }),
  z.object({ shape: z.literal("cylinder"), mm: z.tuple([edge, edge]) }),
  z.object({ shape: z.literal("disc"), mm: z.tuple([edge, edge]) }),
  z.object({ shape: z.literal("box"), mm: z.tuple([edge, edge, edge]) }),
  z.object({ shape: z.literal("ellipsoid"), mm: z.tuple([edge, edge, edge]) }),
]);
export type PieceShape = z.infer<typeof PieceShape>;

/** Three lengths in mm. */
export type Extents = readonly [number, number, number];

/** The lengths of the sides of the box that just holds the piece, in mm; the height of a cylinder or disc is the last. */
export function extentsMm(piece: PieceShape): Extents {
  switch (piece.shape) {
    case "sphere": {
      const [diameter] = piece.mm;
      return [diameter, diameter, diameter];
    }
    case "cylinder":
    case "disc": {
      const [diameter, height] = piece.mm;
      return [diameter, diameter, height];
    }
    default:
      return piece.mm;
  }
}

/** The same three lengths in mm, the least first. */
export function sortedExtentsMm(piece: PieceShape): Extents {
  const [a, b, c] = extentsMm(piece);
  const [low, high] = [Math.min(a, b), Math.max(a, b)];
  return [Math.min(low, c), Math.max(low, Math.min(high, c)), Math.max(high, c)];
}
