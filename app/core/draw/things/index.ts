import type { Look, Material, PieceShape } from "../../model";
import { type Mark, scaleBy, transformed } from "../drawing";
import { type Fill, isFill } from "../palette";
import { sketch } from "../sketch";
import type { Form, Forms, ThingBox, View } from "./form";
import { PLAIN, SIZED } from "./sized";

/** The forms that are drawn here; all others are sketches of the catalogue. */
export const FORMS: Readonly<Forms> = { ...SIZED, ...PLAIN };

/** Those of them that hold others. */
const HOLDING: ReadonlySet<string> = new Set([
  "pot",
  "cup",
  "cup-open",
  "wells",
  "egg-box",
  "pegboard",
  "tin-slot",
  "tray",
  "baking-sheet",
]);

/** What is wrong with a look, if anything: a form, a colour or a sketch that can't be drawn. */
export function lookFault({ form, colour, top, front }: Look): string | undefined {
  if (!isFill(colour)) return `"${colour}" is no colour of the palette`;
  if (top === undefined)
    return Object.hasOwn(FORMS, form) ? undefined : `"${form}" is no form that can be drawn`;
  for (const text of [top, front ?? ""])
    try {
      sketch(text, colour);
    } catch (error) {
      return (error as Error).message;
    }
  return undefined;
}

type Drawn = Pick<Material, "piece" | "look" | "openingMm" | "wells">;

/** How a thing without a look of its own is drawn, by its piece. */
const BY_PIECE: Record<PieceShape["shape"], string> = {
  sphere: "ball",
  cylinder: "stick",
  disc: "disc",
  box: "block",
  ellipsoid: "stone",
};

/** Where nothing says how large a thing is. In mm. */
const SOME_SIZE: [number, number, number] = [120, 100, 40];

/** Room taken by a piece as it is set out, in mm: [width, depth, height]; a rod lies, unless it is said to stand. */
function roomOf(piece: PieceShape, stands: boolean): [number, number, number] {
  const [a = 0, b = a, c = b] = piece.mm;
  switch (piece.shape) {
    case "sphere":
      return [a, a, a];
    case "cylinder":
      return stands ? [a, a, b] : [b, a, a];
    case "disc":
      return [a, a, b];
    default:
      return [a, b, c];
  }
}

/** A thing as it is drawn, as plain data. */
export interface DrawnThing extends ThingBox {
  form: string;
  as?: "vessel" | "tool" | undefined;
  /** The sketches of a look that has its own; otherwise its form is one of ours. */
  sketches?: { top: string; front?: string | undefined };
}

const FAULTLESS = new WeakMap<Look, boolean>();

/** Can the look be drawn? It is judged once. */
function isDrawable(look: Look): boolean {
  const known = FAULTLESS.get(look) ?? lookFault(look) === undefined;
  FAULTLESS.set(look, known);
  return known;
}

const viewsOf = ({ sketches, form }: DrawnThing): Form => sketches ?? FORMS[form] ?? { top: "" };

/**
 * The thing as it is drawn: its form, its colour, and its box in mm: as it is set out, where that is told, and else its
 * piece. A look that can't be drawn counts as none.
 */
export function drawnThing({ piece, look: asked, openingMm, wells }: Drawn): DrawnThing {
  const look = asked && isDrawable(asked) ? asked : undefined;
  const form = look?.form ?? (piece ? BY_PIECE[piece.shape] : "heap");
  const sketches = look?.top === undefined ? {} : { sketches: { top: look.top, front: look.front } };
  const [widthMm, depthMm, heightMm] = look?.mm ?? (piece ? roomOf(piece, look?.stands ?? false) : SOME_SIZE);
  const colour: Fill = look && isFill(look.colour) ? look.colour : "wood";
  const as = look?.as ?? (HOLDING.has(form) ? "vessel" : undefined);
  return { form, as, ...sketches, widthMm, depthMm, heightMm, openingMm, wells, colour };
}

/** A sketch is read once for each colour. */
const READ = new Map<string, Mark[]>();
function known(text: string, colour: Fill): Mark[] {
  const key = `${colour} ${text}`;
  const marks = READ.get(key) ?? sketch(text, colour);
  READ.set(key, marks);
  return marks;
}

const drawnView = (view: View, thing: DrawnThing, heightMm: number): Mark[] =>
  typeof view === "function"
    ? view(thing)
    : transformed(known(view, thing.colour), scaleBy(thing.widthMm / 100, heightMm / 100));

/** A thing from above, its box with the corner at 0, 0: width to the right, depth towards the viewer. */
export const fromAbove = (thing: DrawnThing): Mark[] => drawnView(viewsOf(thing).top, thing, thing.depthMm);

/** A thing from before it, its box with the upper corner at 0, 0 and its foot at the height that is told with it. */
export function fromFront(thing: DrawnThing): { marks: Mark[]; heightMm: number } {
  const { front } = viewsOf(thing);
  if (front === undefined) return { marks: fromAbove(thing), heightMm: thing.depthMm };
  return { marks: drawnView(front, thing, thing.heightMm), heightMm: thing.heightMm };
}
