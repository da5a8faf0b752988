/** Density of the standard normal distribution. */
export const density = (x: number): number => Math.exp(-0.5 * x * x) / Math.sqrt(2 * Math.PI);

/**
 * Distribution function of the standard normal distribution, to 1.2e-7.
 * Chebyshev fit of erfc from Numerical Recipes, 2nd edition, section 6.2 (erfcc).
 */
export function cumulative(x: number): number {
  const z = Math.abs(x) / Math.SQRT2;
  const t = 1 / (1 + 0.5 * z);
  const series = [
    -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398, 1.48851587,
    -0.82215223, 0.17087277,
  ].reduceRight((sum, c) => sum * t + c, 0);
  const upper = 0.5 * t * Math.exp(-z * z + series);
  return x >= 0 ? 1 - upper : upper;
}

/** The point below which nine in ten of a standard normal distribution lie. */
export const Z90 = 1.2815515655446004;

const quantiles = new Map<number, number>();

/** The point below which a share of a standard normal distribution lies, −7 to 7; to a thousandth of the share. */
export function quantile(share: number): number {
  const rounded = Math.round(share * 1000) / 1000;
  const known = quantiles.get(rounded);
  if (known !== undefined) return known;
  let [low, high] = [-7, 7];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (cumulative(middle) < rounded) low = middle;
    else high = middle;
  }
  quantiles.set(rounded, (low + high) / 2);
  return (low + high) / 2;
}
