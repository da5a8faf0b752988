/** Our own words, each explained where it may be met first. */
export const TERMS = {
  rung: "One difficulty of an activity. A ladder of rungs leads from the easiest to the hardest; a step up changes one thing.",
  twin: "The same thing to learn with pieces too large to swallow.",
  insert: "What is laid on the tray anew each day: a page, a mat, a filling. The tray itself stays.",
  "adult-held":
    "Kept high or shut away, opened together, pieces counted out and back. The child is not left alone with it.",
  coming: "Not yet alone, most likely; with help it may be a start.",
  now: "Fits: alone half of the time or more, and still something to find out.",
  settled: "Done alone nearly every time.",
  easy: "Loved, and done alone: it gives the shelf its rest.",
  stretch: "A little beyond what is done alone just now; a few of them are enough.",
  approach: "How trays are shown and how many stand out: from the quiet shelf to routines of the day.",
} as const;
export type TermId = keyof typeof TERMS;
