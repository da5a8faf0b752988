/** The values that each factor of a test can have. */
export type Factors = Readonly<Record<string, readonly (string | number)[]>>;
export type PairwiseRow<F extends Factors> = { [K in keyof F]: F[K][number] };

/**
 * Rows in which every value of a factor meets every value of every other factor at least once. Each row is made greedily: it
 * begins with a pair that no row has yet, and takes for each further factor the value that adds most new pairs. Same input,
 * same rows.
 */
export function pairwiseRows<F extends Factors>(factors: F): PairwiseRow<F>[] {
  const names = Object.keys(factors);
  const keyOf = (a: string, x: string | number, b: string, y: string | number) =>
    names.indexOf(a) < names.indexOf(b) ? `${a}=${x}|${b}=${y}` : `${b}=${y}|${a}=${x}`;
  const open = new Map<string, Record<string, string | number>>();
  names.forEach((a, i) => {
    for (const b of names.slice(i + 1))
      for (const x of factors[a] ?? [])
        for (const y of factors[b] ?? []) open.set(keyOf(a, x, b, y), { [a]: x, [b]: y });
  });
  const rows: PairwiseRow<F>[] = [];
  for (let first = open.values().next().value; first; first = open.values().next().value) {
    const row: Record<string, string | number> = { ...first };
    for (const name of names.filter((one) => !(one in row))) {
      const gain = (value: string | number) =>
        Object.entries(row).filter(([other, with_]) => open.has(keyOf(name, value, other, with_))).length;
      row[name] = [...(factors[name] ?? [])].reduce((best, value) =>
        gain(value) > gain(best) ? value : best,
      );
    }
    for (const [a, x] of Object.entries(row))
      for (const [b, y] of Object.entries(row)) if (a !== b) open.delete(keyOf(a, x, b, y));
    rows.push(row as PairwiseRow<F>);
  }
  return rows;
}
