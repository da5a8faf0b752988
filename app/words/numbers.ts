/** A share as a whole per cent. */
export const percentText = (share: number): string => `${Math.round(share * 100)} %`;
