import type { Child, SkillNote, Tables } from "../model";

/** Everyone of the household, with what was seen of them: what reach and care are worked out from. */
export interface People {
  children: readonly Child[];
  /** What the adult ticked as seen or not yet. */
  ticks: readonly SkillNote[];
}

export const peopleOf = (tables: Pick<Tables, "children" | "skillNotes">): People => ({
  children: tables.children,
  ticks: tables.skillNotes,
});
