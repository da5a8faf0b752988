import type { TrayView } from "../../core/household";
import type { Guide, Material, Photo, PlainDate } from "../../core/model";
import type { Units } from "../../core/units";
import type { Way } from "../../words/ways";

export interface TraySheetProps {
  view: TrayView;
  /** Absent for an activity of one's own that has none. */
  guide?: Guide;
  way: Way;
  noteId: string | null;
  /** Pictures of the note that is open. */
  photos: readonly Photo[];
  /** The newest picture that goes with a note of this rung. */
  trayPhoto: Photo | undefined;
  removedId: string | null;
  decided: boolean;
  preview: boolean;
  units: Units;
  materials: ReadonlyMap<string, Material>;
  /** The first days of the shelves to come. */
  shelvesAhead: readonly PlainDate[];
  closeTo: string;
}
