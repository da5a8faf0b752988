import type { LineNote } from "../core/paste";

/** What to look at in a line of a pasted list. */
export function noteText(note: LineNote): string {
  switch (note.code) {
    case "no-number":
      return "No number was given: this is what a usual home has.";
    case "taken-for-size":
      return "The measure was taken for its size: how many are there?";
    case "not-counted":
      return `It is counted in ${note.unit}: how much is there?`;
    case "odd-of-pairs":
      return "Counted in pairs: one is left over.";
    case "smaller":
      return `It is smaller than “${note.material}”. Choose a thing of that size, or add it as a thing of your own with its size: then it is judged as small as it is.`;
    case "long-cord":
      return `It is longer than “${note.material}”: a long cord. Cut it to 22 cm, or add it as a thing of your own.`;
  }
}
