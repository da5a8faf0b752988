import type { Cut, Measure, PieceShape } from "../model";

/** One size to cut, in mm. */
export interface CutSize {
  is: Cut["sizes"][number]["is"];
  mm: number;
}

/** A measure of a piece in mm: round pieces are as wide as their diameter. */
export function measureMm(piece: PieceShape, measure: Measure): number {
  const sorted = [...piece.mm].sort((a, b) => a - b);
  const [thinnest = 0] = sorted;
  switch (measure) {
    case "thick":
      return thinnest;
    case "long":
      return sorted.at(-1) ?? 0;
    case "across":
      return piece.shape === "box" || piece.shape === "ellipsoid" ? (sorted[1] ?? 0) : (piece.mm[0] ?? 0);
  }
}

/** The sizes of a cut for a piece as it is here, in mm. */
export const cutSizes = (cut: Pick<Cut, "sizes">, piece: PieceShape): CutSize[] =>
  cut.sizes.map(({ is, of, plusMm }) => ({ is, mm: measureMm(piece, of) + plusMm }));
