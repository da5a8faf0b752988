/** Large random runs are made by `npm run test:long`; every `npm test` makes a part of them. */
export const IS_LONG = process.env.ORTO_LONG === "1";

/** How much of something is tried: the usual part, or all of it in the long run. */
export const runs = (usual: number, long: number): number => (IS_LONG ? long : usual);
