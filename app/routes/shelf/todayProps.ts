import type { Day, PutAway } from "../../core/day";
import type { Household, Place, PlainDate, TrayId } from "../../core/model";
import type { Change, InsertState } from "../../core/rotation";
import type { ReachChange } from "../../core/safety";
import type { CareNote } from "../../ui/CareCard";
import type { DrawnTray } from "../../ui/ShelfDrawing";
import type { DryingWork, TrayWithMove } from "./shelfView";

export interface WatchLine {
  tray: DrawnTray<TrayId>;
  text: string;
}
export interface InsertLine {
  tray: DrawnTray<TrayId>;
  insert: InsertState;
}

export interface TodaySheetProps {
  moves: readonly TrayWithMove[];
  due: readonly Change<string>[];
  rhythm: Household["planning"]["rhythm"];
  held: readonly DrawnTray<TrayId>[];
  unsafe: readonly DrawnTray<TrayId>[];
  /** What will be judged harder within the days ahead, each with its day. */
  turning: readonly { tray: TrayId; name: string; from: PlainDate; becomes: string; reason: string }[];
  /** Who will get at which places within the days ahead. */
  reach: readonly ReachChange[];
  /** What only goes out while somebody sleeps. */
  asleep: readonly { tray: DrawnTray<TrayId>; place: Place }[];
  day: Day;
  /** Names of places that could have moments, where none has any. */
  invites: readonly string[];
  care: readonly CareNote[];
  drying: readonly DryingWork[];
  /** What does not stay out overnight. */
  tonight: readonly PutAway[];
  /** Names of what the next shelf would find too little of. */
  restock: readonly string[];
  /** The day of the next change. */
  next: PlainDate;
  told: Promise<{ watch: readonly WatchLine[]; inserts: readonly InsertLine[] }>;
  /** In how many ways what spoils can be used, by its holding. */
  ways: Promise<ReadonlyMap<string, number>>;
  smallest?: string;
  preview: boolean;
  units: Household["units"];
  linkTo(trayId: string): string;
}
