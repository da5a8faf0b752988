import type { Clash } from "../../core/merge";
import type { Aside } from "../../core/model";

/** The bytes of a picture, named by their SHA-256: kept once, whichever notes and safety copies speak of them. */
export interface StoredPicture {
  id: string;
  bytes: Uint8Array;
}

/** A backup taken by the app itself before something replaced everything. */
export interface SafetyCopy {
  id: string;
  savedAt: string;
  /** One that was made by an earlier version: as a file was saved then, or as a text. */
  file?: Blob;
  json?: string;
  /** The pictures that its rows speak of, by their SHA-256; the rows are in `safetyRows`. */
  pictures?: string[];
  /** Its contents in numbers, and its state; older copies do not say. */
  holds?: { notes: number; pictures: number; trays: number };
  state?: string;
}

/** A row that two devices have changed and nobody has decided about: what the other one said is in no row. */
export interface OpenClash extends Omit<Clash, "now"> {
  id: string;
  at: string;
}

/** A stored row that was mended or set aside when the database was brought up to date. */
export interface SetAside extends Aside {
  id: string;
  at: string;
}
