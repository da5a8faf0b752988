/** What a slip asks, to ring one of each. */
export const SLIP_LINES: readonly string[] = [
  "alone · after a look · with a word · with a hand · not yet",
  "lost in it · looked on · moved on",
];
