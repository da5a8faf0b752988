import type { Day, PutAway } from "../../core/day";
import type { Household, Place, PlainDate, TrayId } from "../../core/model";
import type { Change } from "../../core/rotation";
import type { ReachChange } from "../../core/safety";
import type { QueryView } from "../../engine/queries";
import type { CareNote } from "../../engine/queries/careNotes";
import type { DrawnTray } from "../../engine/queries/drawnTrays";
import type { DryingWork, TrayWithMove } from "../../engine/queries/shelfView";

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
  guidance: Promise<QueryView<"shelfToday">>;
  /** In how many ways what spoils can be used, by its holding. */
  ways: Promise<ReadonlyMap<string, number>>;
  smallest?: string;
  preview: boolean;
  units: Household["units"];
  linkTo(trayId: string): string;
}
