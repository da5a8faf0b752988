/** What the build wrote into a file of data, which it checked by the schema of `T` before. */
export const asBuilt = <T>(data: unknown): T => data as T;
