import { type PairwiseRow, pairwiseRows } from "./pairwise";

/** The answers that a family can give in setting up. */
export const SET_UP_FACTORS = {
  months: [0, 1, 4, 9, 12, 18, 30, 47, 60, 70],
  children: [1, 2, 3, 4, 5, 6, 7, 8],
  doesSoFar: ["by age", "lies, at most rolls", "sits", "crawls", "pulls up, stands or walks", "climbs"],
  boards: [0, 1, 2, 3, 4, 5],
  place: [
    ...["Low table", "Mat", "Free floor", "Balcony or outdoors", "Wet spot (bath, sink)"],
    ...["Window at child's height", "High-chair tray", "In the day: dressing, meals, bath, walk"],
  ],
  approach: ["Quiet shelf", "Open play", "Theme week", "Strength and grasp", "In the day"],
  earlyWeeks: [0, 6],
} as const;
export type SetUpRow = PairwiseRow<typeof SET_UP_FACTORS>;

/** Every two answers meet in one of these rows. */
export const SET_UP_TABLE: readonly SetUpRow[] = pairwiseRows(SET_UP_FACTORS);
