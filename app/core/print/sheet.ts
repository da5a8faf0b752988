import type { Mark } from "../draw";
import type { Paper } from "./paper";

/** A sheet that a tray needs, with the fields that follow from it; all else is as usual. */
export interface NeededSheet {
  kind: string;
  values: Readonly<Record<string, number | string>>;
}

/** One thing that can be changed about a sheet. Sizes in mm. */
export type Field =
  | { kind: "number"; least: number; most: number; usual: number; step?: number }
  | { kind: "choice"; options: readonly string[]; usual: string }
  | { kind: "text"; most: number; usual: string };

export type Fields = Readonly<Record<string, Field>>;

/** What the fields of a sheet stand at. */
export type Values<F extends Fields> = {
  [K in keyof F]: F[K] extends { kind: "number" }
    ? number
    : F[K] extends { kind: "choice"; options: readonly (infer O)[] }
      ? O
      : string;
};

export interface Drawn {
  /** What is drawn on each page, in mm on the paper. */
  pages: readonly (readonly Mark[])[];
  /** How many pieces are cut out or counted. */
  pieces: number;
  /** How many things it makes (cards, strips, one wheel), where that is other than its pieces. */
  makes?: number;
  /** The size of one card that is cut out, where cards are. */
  card?: { widthMm: number; heightMm: number };
  /** Part of the paper that is thrown away, where cards are cut: 0 to 1. */
  waste?: number;
  /** How long the cut edges are together, in mm: what the minutes hang on. */
  cutMm: number;
  /** What one should know before printing: a code, and its number. */
  warnings?: readonly { code: "too-fine-to-print" | "not-that-many" | "too-large"; value: number }[];
}

export interface SheetKind<F extends Fields = Fields> {
  id: string;
  fields: F;
  draw(values: Values<F>, paper: Paper): Drawn;
}

/** Types the values by the fields. */
export const sheetKind = <const F extends Fields>(kind: SheetKind<F>): SheetKind =>
  kind as unknown as SheetKind;

export const number = (least: number, most: number, usual: number, step = 1) =>
  ({ kind: "number", least, most, usual, step }) as const;
export const choice = <const O extends readonly [string, ...string[]]>(...options: O) =>
  ({ kind: "choice", options, usual: options[0] }) as const;
export const text = (most: number, usual = "") => ({ kind: "text", most, usual }) as const;
