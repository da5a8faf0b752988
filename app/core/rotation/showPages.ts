import type { Guide } from "../model";

export type ShowWay = "quiet" | "talk" | "explore";

/**
 * One page of showing: what to mind first, then what keeps safe, where there is such a thing, then one step each, and at
 * the end what to say and what to watch.
 */
export type ShowPage =
  | { kind: "mind" }
  | { kind: "safe"; acts: readonly string[] }
  | { kind: "step"; text: string; number: number; of: number; words: readonly string[] }
  | { kind: "end"; wonder: string; guess: string; watchFor: readonly string[] };

/**
 * The pages of showing an activity. In talk-through every step has words to use: those that the step itself says are
 * left out. A quiet showing has none. What keeps safe (`acts`) is the same in every way of showing.
 */
export function showPages(guide: Guide, way: ShowWay, acts: readonly string[]): ShowPage[] {
  const steps = guide[way];
  const said = (text: string) =>
    way === "talk" ? guide.words.filter((word) => !text.toLowerCase().includes(word.toLowerCase())) : [];
  return [
    { kind: "mind" },
    ...(acts.length > 0 ? [{ kind: "safe" as const, acts }] : []),
    ...steps.map(
      (text, i): ShowPage => ({
        kind: "step",
        text,
        number: i + 1,
        of: steps.length,
        // Two a step, so that all have their turn.
        words: said(text).filter((_, w) => w % steps.length === i || steps.length >= guide.words.length * 2),
      }),
    ),
    { kind: "end", wonder: guide.wonder, guess: guide.guess, watchFor: guide.watchFor },
  ];
}

/** The page that is shown, kept within what there is. */
export const pageAt = (pages: number, step: string | null): number => {
  const n = Number(step ?? 0);
  return Number.isInteger(n) ? Math.min(Math.max(0, n), pages - 1) : 0;
};
