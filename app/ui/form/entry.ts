import { createContext, use } from "react";
import type { Issue } from "../../core/model";

/** What the parts of a form get to know of it. */
export interface Entry {
  issues: readonly Issue[];
  /** The names of its fields: faults of others are said at its foot. */
  fields: readonly string[];
  /** Its fields as they stand, with what is sent besides them. */
  values(): Readonly<Record<string, unknown>>;
  /** Sends it. */
  send(): void;
  /** Sets fields that no part of the library's holds, such as what is tapped in a drawing. */
  set(part: object): void;
  /** Says what is wrong with some of its fields; true if nothing is. */
  check(only?: readonly string[]): boolean;
}

export const EntryContext = createContext<Entry | undefined>(undefined);

export function useEntry(): Entry {
  const entry = use(EntryContext);
  if (!entry) throw new Error("A part of a form stands outside of one.");
  return entry;
}
