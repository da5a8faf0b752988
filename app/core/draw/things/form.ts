import type { Mark } from "../drawing";
import type { Fill } from "../palette";

/** What a drawing of a thing hangs on. All in mm. */
export interface ThingBox {
  widthMm: number;
  depthMm: number;
  heightMm: number;
  /** The opening it has: a bore, a slot, a mouth. */
  openingMm?: number | undefined;
  wells?: { count: number; widthMm: number } | undefined;
  colour: Fill;
}

/** A sketch in a field of 100 × 100, which is stretched over the thing's own box, or a function that draws in mm. */
export type View = string | ((box: ThingBox) => Mark[]);

/**
 * How a form of thing is drawn: `top` is seen from above (width × depth); `front` from before it (width × height), and
 * where there is none, what lies flat is drawn as it would lean against a wall.
 */
export interface Form {
  top: View;
  front?: View;
}

export type Forms = Record<string, Form>;
