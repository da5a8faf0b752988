/** The longest edge of a picture that is kept, in pixels. */
export const MOST_PIXELS = 1600;

/** The size of a picture once its longest edge is at most so long; small ones stay as they are. Whole pixels, at least 1. */
export function scaledSize(
  width: number,
  height: number,
  most: number = MOST_PIXELS,
): { width: number; height: number } {
  const factor = Math.min(1, most / Math.max(width, height));
  return {
    width: Math.max(1, Math.round(width * factor)),
    height: Math.max(1, Math.round(height * factor)),
  };
}
