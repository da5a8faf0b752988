import type { Fit, Material, Need, PieceShape } from "../model";

/** How wide an opening has to be, in mm, for a piece to pass: a disc on its edge, a stick lengthwise. */
export const passingWidthMm = (piece: PieceShape): number => {
  const [d = 0, h = d] = piece.mm;
  switch (piece.shape) {
    case "sphere":
      return d;
    case "cylinder":
      return d;
    case "disc":
      return h;
    default:
      return [...piece.mm].sort((a, b) => a - b)[1] ?? 0;
  }
};

/** Play in mm between the two things of a fit, above 0 where they fit; undefined where a size is not known. */
export function playMm(how: Fit["how"], a: Material, b: Material): number | undefined {
  if (how === "through") {
    const width = a.piece && passingWidthMm(a.piece);
    return width === undefined || b.openingMm === undefined ? undefined : b.openingMm - width;
  }
  if (how === "onto") {
    const stem = b.piece && passingWidthMm(b.piece);
    return stem === undefined || a.openingMm === undefined ? undefined : a.openingMm - stem;
  }
  return undefined;
}

/** Does the pair suit? For filling: is there no more than the vessel holds; undefined where a size is not known. */
export function pairSuits(
  fit: Fit,
  needs: readonly Need[],
  materials: ReadonlyMap<string, Material>,
): boolean | undefined {
  const [a, b] = [fit.a, fit.b].map((id) => needs.find((need) => need.id === id));
  const [of, into] = [a, b].map((need) => need && materials.get(need.material));
  if (!a || !of || !into) return undefined;
  if (fit.how === "pours-into") return into.holdsMl === undefined ? undefined : a.quantity <= into.holdsMl;
  const play = playMm(fit.how, of, into);
  return play === undefined ? undefined : play >= 0;
}
