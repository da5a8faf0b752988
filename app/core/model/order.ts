import type { ActivityId, ChildId } from "./id";
import type { PlainDate } from "./plainDate";

/** Which of two texts comes first, by their code units: for dates, instants and ids. */
export const compare = (a: string, b: string): number => (a === b ? 0 : a < b ? -1 : 1);

/** Works something out once for as long as the very same rows are asked about; rows are never changed in place. */
function oncePerRows<K extends readonly unknown[], V>(work: (rows: K) => V): (rows: K) => V {
  const known = new WeakMap<K, { value: V }>();
  return (rows) => {
    const found = known.get(rows) ?? { value: work(rows) };
    known.set(rows, found);
    return found.value;
  };
}

interface Dated {
  on: PlainDate;
  createdAt: string;
  id: string;
}

const ordered = oncePerRows((rows: readonly Dated[]): readonly Dated[] => {
  const inOrder = [...rows].sort(
    (a, b) => compare(a.on, b.on) || compare(a.createdAt, b.createdAt) || compare(a.id, b.id),
  );
  return inOrder.every((row, i) => row === rows[i]) ? rows : inOrder;
});

/**
 * Rows about days, oldest first: by day, then by when they were written, then by id, so that nothing hangs on the
 * order of rows in a file. Quick on rows that are nearly in order, as years of notes are, and done once for the same rows.
 */
export const inOrderOfDays = <T extends Dated>(rows: readonly T[]): readonly T[] =>
  ordered(rows) as readonly T[];

interface OfActivity {
  child: ChildId;
  activity: ActivityId;
}

const grouped = oncePerRows((rows: readonly OfActivity[]) => {
  const children = new Map<string, Map<string, OfActivity[]>>();
  for (const row of rows) {
    const activities = children.get(row.child) ?? new Map<string, OfActivity[]>();
    children.set(row.child, activities);
    const group = activities.get(row.activity);
    if (group) group.push(row);
    else activities.set(row.activity, [row]);
  }
  return children;
});

/** The rows of each activity of each child, in the order given. Done once for the same rows. */
export const byChildAndActivity = <T extends OfActivity>(
  rows: readonly T[],
): ReadonlyMap<string, ReadonlyMap<string, readonly T[]>> =>
  grouped(rows) as unknown as ReadonlyMap<string, ReadonlyMap<string, readonly T[]>>;
