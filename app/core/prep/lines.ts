import type { Mixed, StandInChange } from "../materials";
import type {
  Activity,
  Filling,
  Holding,
  Material,
  MaterialId,
  Moment,
  Place,
  PlainDate,
  PrepRule,
  Recipe,
  Rung,
  Tray,
  Unit,
} from "../model";
import type { FilledPieces } from "../setup";
import type { Cutting } from "./cutting";
import type { DryingSpot } from "./drying";

/** The order in which one walks: fetch, mix, cut, count, fill, print, label, set out, and have the cloth beside. */
export const PREP_STEPS = [
  "gather",
  "mix",
  "cut",
  "count",
  "fill",
  "print",
  "label",
  "lay-out",
  "beside",
] as const;
export type PrepStep = (typeof PREP_STEPS)[number];

type RuleOf<K extends PrepRule["kind"]> = Extract<PrepRule, { kind: K }>;

/** What is to be done, with the values that its sentence and its sum name; things, trays and places by name. */
export type PrepTask =
  /** How much of it is for which tray. */
  | { task: "gather"; thing: string; parts: readonly { tray: string; quantity: number }[] }
  | { task: "mix"; thing: string; mixed: Mixed; recipe: Recipe }
  | { task: "each"; thing: string; rule: RuleOf<"each"> }
  | { task: "one-to-n"; thing: string; rule: RuleOf<"one-to-n"> }
  | { task: "cut"; thing: string; pieces: number; rule: RuleOf<"cut">; cutting: Cutting }
  /** `holdsMl`: what all of the vessels hold. */
  | { task: "fill"; thing: string; tray: string; vessel?: { name: string; holdsMl: number } }
  | { task: "print"; sheet: string; tray: string }
  /** Of so many, some lie out for the number or the colours that the tray is filled with, in heaps. */
  | {
      task: "filling-pieces";
      filling: Filling;
      thing: string;
      of: number;
      heaps: FilledPieces["heaps"];
      lacking: number;
      tray: string;
    }
  /** What the tray is filled with is there to be read. */
  | { task: "filling-sheet"; filling: Filling; tray: string }
  | { task: "label"; trays: readonly string[] }
  | { task: "set-out"; tray: string; rung: string; place: string; held: boolean; minutes: number }
  | { task: "beside"; tray: string; wet: boolean }
  | { task: "dry"; tray: string; spot: DryingSpot; hours: number };

/** One thing to do, to be ticked off. */
export interface PrepLine {
  /** The same for the same tray and thing, so that a tick survives. */
  id: string;
  step: PrepStep;
  /** Where in the house it is fetched; for "gather" only. */
  where?: string;
  material?: MaterialId;
  quantity?: number;
  unit?: Unit;
  task: PrepTask;
  /** For a stand-in: what it is instead of, and what is otherwise with it. */
  insteadOf?: { material: string; changes: readonly StandInChange[] };
  /** It was found worn on this day: to be looked over first. */
  worn?: PlainDate;
  /** Names of the trays it is for. */
  trays: string[];
  /** About how long it takes the adult. */
  minutes: number;
  /** Can be done the evening before. */
  evening: boolean;
  /** Done again before each time that the tray comes, so often in the rotation; its minutes are for all of them. */
  times?: number;
}

export interface PrepSheet {
  lines: PrepLine[];
  /** Of all lines together: what the trays that are set out anew take, and mixing. */
  minutes: number;
  clearMinutes: number;
}

/** A tray to be prepared, with all that it names looked up. */
export interface PrepTray {
  tray: Tray;
  activity: Activity;
  rung: Rung;
  placeName: string;
  /** Out already: it is not fetched again, only what it uses up. */
  stays: boolean;
}

export interface Known {
  materials: ReadonlyMap<string, Material>;
  holdings: ReadonlyMap<string, Holding>;
  /** The day for which it is prepared: the first of the rotation, or today where that is past. */
  from: PlainDate;
  /** The places of the home. */
  places: readonly Place[];
  /** Their moments of the day. */
  moments: readonly Moment[];
}
