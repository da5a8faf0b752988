import type { Household, Place, PlainDate } from "../../core/model";
import type { Change, InsertState } from "../../core/rotation";
import type { CareNote } from "../../ui/CareCard";
import type { DrawnTray } from "../../ui/ShelfDrawing";
import type { DryingWork, TrayWithMove } from "./shelfView";

export interface WatchLine {
  tray: DrawnTray;
  text: string;
}
export interface InsertLine {
  tray: DrawnTray;
  insert: InsertState;
}

export interface TodaySheetProps {
  moves: readonly TrayWithMove[];
  due: readonly Change<string>[];
  rhythm: Household["planning"]["rhythm"];
  held: readonly DrawnTray[];
  unsafe: readonly DrawnTray[];
  /** What only goes out while somebody sleeps. */
  asleep: readonly { tray: DrawnTray; place: Place }[];
  care: readonly CareNote[];
  drying: readonly DryingWork[];
  /** Names of what the next shelf would find too little of. */
  restock: readonly string[];
  /** The day of the next change. */
  next: PlainDate;
  told: Promise<{ watch: readonly WatchLine[]; inserts: readonly InsertLine[] }>;
  smallest?: string;
  on: PlainDate;
  preview: boolean;
  linkTo(trayId: string): string;
}
