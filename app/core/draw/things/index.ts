import type { Look, Material, PieceShape } from "../../model";
import { type Mark, scaleBy, transformed } from "../drawing";
import { type Fill, isFill } from "../palette";
import { sketch } from "../sketch";
import { FOODS } from "./foods";
import type { Form, ThingBox } from "./form";
import { PAPERS } from "./papers";
import { PIECES } from "./pieces";
import { SOFT } from "./soft";
import { TOOLS } from "./tools";
import { OUTDOORS, TOYS } from "./toys";
import { BOXES, VESSELS } from "./vessels";

export type { ThingBox } from "./form";

/** Every form by its name. */
export const FORMS: Readonly<Record<string, Form>> = {
  ...VESSELS,
  ...BOXES,
  ...TOOLS,
  ...PIECES,
  ...SOFT,
  ...PAPERS,
  ...FOODS,
  ...TOYS,
  ...OUTDOORS,
};

/** Forms that stand upright though their piece is given as a rod: its length is their height. */
const STANDING: ReadonlySet<string> = new Set([
  "bottle",
  "bottle-sealed",
  "bottle-squeeze",
  "colander",
  "glue-bottle",
  "timer",
  "bell",
  "tube-short",
  "peg-fat",
  "peg-bench",
  "cylinders",
]);

/** What is wrong with a look, if anything: a form or a colour that is not known. */
export const lookFault = ({ form, colour }: Look): string | undefined =>
  !Object.hasOwn(FORMS, form)
    ? `"${form}" is no form that can be drawn`
    : isFill(colour)
      ? undefined
      : `"${colour}" is no colour of the palette`;

type Drawn = Pick<Material, "piece" | "look" | "openingMm" | "wells">;

/** How a thing without a look of its own is drawn, by its piece. */
const PLAIN: Record<PieceShape["shape"], string> = {
  sphere: "ball",
  cylinder: "stick",
  disc: "disc",
  box: "block",
  ellipsoid: "stone",
};

/** Where nothing says how large a thing is. In mm. */
const SOME_SIZE: [number, number, number] = [120, 100, 40];

/** Room taken by a piece as it is set out, in mm: [width, depth, height]; rods lie, but for those forms that stand. */
function roomOf(piece: PieceShape, form: string): [number, number, number] {
  const [a = 0, b = a, c = b] = piece.mm;
  switch (piece.shape) {
    case "sphere":
      return [a, a, a];
    case "cylinder":
      return STANDING.has(form) ? [a, a, b] : [b, a, a];
    case "disc":
      return [a, a, b];
    default:
      return [a, b, c];
  }
}

export interface DrawnThing extends ThingBox {
  form: string;
}

/** The thing as it is drawn: its form, its colour, and its box in mm: as it is set out, where that is told, and else its piece. */
export function drawnThing({ piece, look, openingMm, wells }: Drawn): DrawnThing {
  const form = look && Object.hasOwn(FORMS, look.form) ? look.form : piece ? PLAIN[piece.shape] : "heap";
  const [widthMm, depthMm, heightMm] = look?.mm ?? (piece ? roomOf(piece, form) : SOME_SIZE);
  const colour: Fill = look && isFill(look.colour) ? look.colour : "wood";
  return { form, widthMm, depthMm, heightMm, openingMm, wells, colour };
}

/** A sketch is read once for each colour. */
const READ = new Map<string, Mark[]>();
function known(text: string, colour: Fill): Mark[] {
  const key = `${colour} ${text}`;
  const marks = READ.get(key) ?? sketch(text, colour);
  READ.set(key, marks);
  return marks;
}

/** The marks of a field of 100 × 100 stretched over a box. */
const stretched = (text: string, colour: Fill, wMm: number, hMm: number): Mark[] =>
  transformed(known(text, colour), scaleBy(wMm / 100, hMm / 100));

/** A thing from above, its box with the corner at 0, 0: width to the right, depth towards the viewer. */
export function fromAbove(thing: DrawnThing): Mark[] {
  const view = FORMS[thing.form]?.top;
  if (view === undefined) return [];
  if (typeof view === "function") return view(thing);
  return stretched(view, thing.colour, thing.widthMm, thing.depthMm);
}

/** A thing from before it, its box with the upper corner at 0, 0 and its foot at the height that is told with it. */
export function fromFront(thing: DrawnThing): { marks: Mark[]; heightMm: number } {
  const form = FORMS[thing.form];
  if (form?.front === undefined) return { marks: fromAbove(thing), heightMm: thing.depthMm };
  if (typeof form.front === "function") return { marks: form.front(thing), heightMm: thing.heightMm };
  return {
    marks: stretched(form.front, thing.colour, thing.widthMm, thing.heightMm),
    heightMm: thing.heightMm,
  };
}
