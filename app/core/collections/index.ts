/** What has to be there. That it is missing is a fault which names itself, never an empty default. */
export function present<T>(value: T | undefined, what: string): T {
  if (value === undefined) throw new Error(`There is no ${what}.`);
  return value;
}

/** The element at an index that is within the list. */
export function elementAt<T>(
  list: { readonly length: number; readonly [index: number]: T },
  index: number,
): T {
  const value = list[index];
  if (value === undefined) throw new Error(`There is no element ${index} in a list of ${list.length}.`);
  return value;
}

/** How much was counted under a key; nothing was counted under one that never came. */
export const countOf = <K>(counts: ReadonlyMap<K, number>, key: K): number => counts.get(key) ?? 0;

/** Counts more under a key. */
export function addTo<K>(counts: Map<K, number>, key: K, by: number): void {
  counts.set(key, countOf(counts, key) + by);
}

/** What was gathered under a key; nothing under one that never came. */
export const listOf = <K, V>(lists: ReadonlyMap<K, readonly V[]>, key: K): readonly V[] =>
  lists.get(key) ?? [];

/** Gathers more under a key. */
export function pushTo<K, V>(lists: Map<K, V[]>, key: K, ...values: V[]): void {
  const list = lists.get(key);
  if (list) list.push(...values);
  else lists.set(key, values);
}

/** Each value once, in the order in which it first comes. */
export const distinct = <T>(values: readonly T[]): T[] => [...new Set(values)];
