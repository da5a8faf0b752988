/** A share as a whole per cent. */
export const percentText = (share: number): string => `${Math.round(share * 100)} %`;

/** "1 note", "3 notes"; of a word whose plural ends in s. */
export const countText = (count: number, one: string): string => `${count} ${one}${count === 1 ? "" : "s"}`;
