/** Data that the build wrote into a file, typed as `T`: the build checked them by the schema of `T` before. */
export const asBuilt = <T>(data: unknown): T => data as T;
