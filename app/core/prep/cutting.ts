/** What a cut through foam, card or a straw takes away, in mm, where the catalogue does not say. */
export interface Cutting {
  /** Slices that one stock length gives. */
  slicesEach: number;
  /** Stock lengths needed for so many slices. */
  lengths: number;
  /** Cuts to make in all. */
  cuts: number;
  /** What is left over in all, in mm: the ends, without what the cuts took. */
  wasteMm: number;
}

/**
 * Slices of so many mm from stock lengths, each cut taking `cutMm`: a length of L gives n slices where
 * n·slice + (n − 1)·cut ≤ L; if something is left after the last slice, it is cut off, too.
 */
export function cuttingOf(
  count: number,
  stockMm: number,
  sliceMm: number,
  cutMm: number,
): Cutting | undefined {
  const slicesEach = Math.floor((stockMm + cutMm) / (sliceMm + cutMm) + 1e-9);
  if (slicesEach < 1 || count < 1) return undefined;
  const lengths = Math.ceil(count / slicesEach);
  let cuts = 0;
  let wasteMm = 0;
  for (let left = count; left > 0; left -= slicesEach) {
    const here = Math.min(left, slicesEach);
    const rest = stockMm - here * sliceMm - (here - 1) * cutMm;
    const ends = rest > 1e-9 ? 1 : 0;
    cuts += here - 1 + ends;
    wasteMm += Math.max(0, rest - ends * cutMm);
  }
  return { slicesEach, lengths, cuts, wasteMm };
}

/** 1, 2, … n. */
export const oneToN = (n: number): number[] => Array.from({ length: n }, (_, i) => i + 1);

/** 1 + 2 + … + n. */
export const triangular = (n: number): number => (n * (n + 1)) / 2;
