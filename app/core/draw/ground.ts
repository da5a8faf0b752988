import type { PlaceKind } from "../model";
import type { DrawnThing } from "./things";

/** What things are laid out on, in mm. `grows`: it is as large as need be (a floor), and only its least size is given. */
export interface Ground {
  kind: "tray" | "board" | "table" | "mat" | "floor" | "edge" | "wet" | "line";
  widthMm: number;
  depthMm: number;
  /** How far from the edge things stand. */
  marginMm: number;
  grows: boolean;
}

/** A usual tray of a bay: 40 × 30 cm with its rim. */
export const USUAL_TRAY = { widthMm: 400, depthMm: 300 } as const;
const RIM_MM = 12;

/**
 * The board of a bay itself, a little more than the tray that stands on it: a basket, a box, a board of locks is its own
 * tray.
 */
export const BOARD: Ground = { kind: "board", widthMm: 450, depthMm: 320, marginMm: 8, grows: false };

const GROUNDS: Record<PlaceKind, Ground> = {
  bay: { kind: "tray", ...USUAL_TRAY, marginMm: RIM_MM, grows: false },
  "high-chair": { kind: "tray", widthMm: 420, depthMm: 280, marginMm: RIM_MM, grows: false },
  table: { kind: "table", widthMm: 440, depthMm: 310, marginMm: 20, grows: true },
  tower: { kind: "table", widthMm: 440, depthMm: 310, marginMm: 20, grows: true },
  mat: { kind: "mat", widthMm: 440, depthMm: 310, marginMm: 26, grows: true },
  floor: { kind: "floor", widthMm: 440, depthMm: 310, marginMm: 20, grows: true },
  outdoors: { kind: "floor", widthMm: 440, depthMm: 310, marginMm: 20, grows: true },
  window: { kind: "edge", widthMm: 440, depthMm: 310, marginMm: 20, grows: true },
  routine: { kind: "edge", widthMm: 440, depthMm: 310, marginMm: 20, grows: true },
  "wet-spot": { kind: "wet", widthMm: 440, depthMm: 310, marginMm: 26, grows: true },
  line: { kind: "line", widthMm: 440, depthMm: 310, marginMm: 26, grows: true },
};

const TRAYS: ReadonlySet<string> = new Set(["tray", "baking-sheet"]);
export const isTray = ({ form }: DrawnThing): boolean => TRAYS.has(form);

/** The ground of a place; a tray of the tray's own size, where one is among the things. */
export const groundOf = (place: PlaceKind, tray: DrawnThing | undefined): Ground =>
  tray ? { ...GROUNDS.bay, widthMm: tray.widthMm, depthMm: tray.depthMm } : GROUNDS[place];
