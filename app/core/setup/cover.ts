import { type Extents, extentsMm, type PieceShape } from "../model";
import { type Meeting, type Thing, withPlay } from "./meeting";
import { mouthMm, WALLS_MM } from "./shapes";

/** Lower than that, in mm, a flat thing is a lid and no cup. */
const LID_MM = 15;

/** The ways in which a piece can lie or stand: how high it is then, and how wide at its widest, in mm. */
export function waysOfLying(piece: PieceShape): { heightMm: number; widthMm: number }[] {
  const [a, b, c] = extentsMm(piece);
  switch (piece.shape) {
    case "sphere":
      return [{ heightMm: a, widthMm: a }];
    case "disc":
      return [{ heightMm: c, widthMm: a }];
    case "cylinder":
      return [
        { heightMm: c, widthMm: a },
        { heightMm: a, widthMm: Math.hypot(a, c) },
      ];
    default: {
      const ways: readonly Extents[] = [
        [a, b, c],
        [a, c, b],
        [b, c, a],
      ];
      return ways.map(([width, depth, heightMm]) => ({
        heightMm,
        widthMm: piece.shape === "box" ? Math.hypot(width, depth) : Math.max(width, depth),
      }));
    }
  }
}

/** How high a piece is as it usually stands: a vessel by its depth, anything else by its least side. */
const depthMm = (piece: PieceShape): number => extentsMm(piece)[2];

/** Under a cloth: it reaches over the thing and down on both sides. */
const underCloth = ([width, depth]: readonly [number, number], piece: PieceShape) =>
  withPlay(
    Math.min(width, depth),
    Math.min(...waysOfLying(piece).map((one) => one.widthMm + 2 * one.heightMm)),
  );

/** Under a vessel turned over: below its floor and within its mouth. */
const underVessel = (a: Thing, vessel: PieceShape, piece: PieceShape): Meeting | undefined => {
  const mouth = mouthMm({ ...a.material, openingMm: undefined });
  if (mouth === undefined) return undefined;
  const inside = depthMm(vessel) - WALLS_MM / 2;
  const plays = waysOfLying(piece).map(({ heightMm, widthMm }) =>
    Math.min(mouth - widthMm, inside - heightMm),
  );
  return withPlay(Math.max(...plays), 0);
};

/**
 * Does a hide b? A cloth hangs down over it, a vessel stands over it, a lid lies on its whole mouth. Undefined where a size
 * that it hangs on is not known.
 */
export function covers(a: Thing, b: Thing): Meeting | undefined {
  const { piece, spreadMm, holdsMl } = a.material;
  const under = b.material.piece;
  if (!under) return undefined;
  if (spreadMm) return underCloth(spreadMm, under);
  if (!piece) return undefined;
  if (holdsMl === undefined && depthMm(piece) <= LID_MM) return withPlay(piece.mm[0], mouthMm(b.material));
  return holdsMl === undefined ? undefined : underVessel(a, piece, under);
}

/** The least width of a flat side, in mm; undefined for what rolls. */
const flatMm = (piece: PieceShape): number | undefined => {
  if (piece.shape === "sphere" || piece.shape === "ellipsoid") return undefined;
  const [length, width] = extentsMm(piece);
  return Math.min(length, width);
};

/** So much of what stands on something has to be under it. Half would do; small hands need more. Our judgement. */
const STANDS_FROM = 0.6;

/** Does a stand on b? Both are flat there, and b is wide enough for it. Undefined where a size is not known. */
export function standsOn(a: Thing, b: Thing): Meeting | undefined {
  const [of, below] = [a.material.piece, b.material.piece];
  if (!of || !below) return undefined;
  const [wide, top] = [flatMm(of), flatMm(below)];
  if (wide === undefined || top === undefined) return { ok: false, fault: "no-stand" };
  return top >= STANDS_FROM * wide ? { ok: true, playMm: top - wide } : { ok: false, fault: "no-stand" };
}
