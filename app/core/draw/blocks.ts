import type { NeedId } from "../model";
/** A thing or a pile of equal things as one box: what is packed. */
export interface Block {
  need: NeedId;
  /** The box of one thing, in mm. */
  widthMm: number;
  depthMm: number;
  count: number;
  /** How far each lies beyond the one under it, where they lie on each other. */
  piledMm?: number;
  /** It may be laid the other way round. */
  turns: boolean;
  /** Room between its things, in mm. */
  gapMm: number;
}

/** One way to lay a block: its columns and rows, and whether its things are turned by a quarter. */
export interface Arrangement {
  block: Block;
  columns: number;
  rows: number;
  isTurned: boolean;
  widthMm: number;
  depthMm: number;
}

/** Where an arrangement stands: its left far corner, in mm. */
export interface Placed extends Arrangement {
  x: number;
  y: number;
}

/** Room between two things, in mm: where there is enough of it, and where it is scarce. */
export const GAP_MM = 10;
export const TIGHT_GAP_MM = 4;
/** So many things lie in a pile, at the most, with a step each. */
export const MOST_STEPS = 6;

/** All ways to lay a block that are no deeper than it may be, the narrowest first. */
export function arrangementsOf(block: Block, mostDepthMm: number): Arrangement[] {
  const { count, piledMm } = block;
  const ways = block.turns && block.widthMm !== block.depthMm ? [false, true] : [false];
  const found = ways.flatMap((isTurned): Arrangement[] => {
    const [w, d] = isTurned ? [block.depthMm, block.widthMm] : [block.widthMm, block.depthMm];
    if (piledMm !== undefined) {
      const over = piledMm * (Math.min(count, MOST_STEPS) - 1);
      return [{ block, columns: 1, rows: 1, isTurned, widthMm: w + over, depthMm: d + over }];
    }
    return Array.from({ length: count }, (_, i) => i + 1).flatMap((columns): Arrangement[] => {
      const rows = Math.ceil(count / columns);
      // Fewer columns would do for so many rows.
      if (columns > 1 && Math.ceil(count / (columns - 1)) === rows) return [];
      return [
        {
          block,
          columns,
          rows,
          isTurned,
          widthMm: columns * (w + block.gapMm) - block.gapMm,
          depthMm: rows * (d + block.gapMm) - block.gapMm,
        },
      ];
    });
  });
  return found
    .filter((one) => one.depthMm <= mostDepthMm)
    .sort(
      (a, b) => a.widthMm - b.widthMm || a.depthMm - b.depthMm || Number(a.isTurned) - Number(b.isTurned),
    );
}

interface Column {
  ways: Arrangement[];
  widthMm: number;
  depthMm: number;
}

/** The narrowest column in which these blocks lie behind each other, in order; undefined where they are too deep. */
function columnOf(choices: readonly Arrangement[][], mostDepthMm: number): Column | undefined {
  let best: Column | undefined;
  const visit = (i: number, ways: Arrangement[], widthMm: number, depthMm: number) => {
    if (depthMm > mostDepthMm || (best && widthMm > best.widthMm)) return;
    if (i === choices.length) {
      if (!best || widthMm < best.widthMm || depthMm < best.depthMm) best = { ways, widthMm, depthMm };
      return;
    }
    for (const way of choices[i] ?? []) {
      const gap = i === 0 ? 0 : 2 * way.block.gapMm;
      visit(i + 1, [...ways, way], Math.max(widthMm, way.widthMm), depthMm + gap + way.depthMm);
    }
  };
  visit(0, [], 0, 0);
  return best;
}

/** Room between a column and the one before it, in mm. */
const between = ({ ways: [first] }: Column): number => 2 * (first?.block.gapMm ?? GAP_MM);

/** So many blocks stand behind each other in a column, at the most. */
const MOST_IN_COLUMN = 4;

/** How the blocks may be laid: in which arrangements, and how many behind each other. */
interface Freedom {
  choices: readonly Arrangement[][];
  mostInColumn: number;
}

/** The partition of the order into columns that is least wide, by dynamic programming; of equal ones that of most columns. */
function narrowest({ choices, mostInColumn }: Freedom, depthMm: number): Column[] | undefined {
  const best: ({ widthMm: number; columns: Column[] } | undefined)[] = [{ widthMm: 0, columns: [] }];
  for (let end = 1; end <= choices.length; end++) {
    for (let start = Math.max(0, end - mostInColumn); start < end; start++) {
      const before = best[start];
      const column = before && columnOf(choices.slice(start, end), depthMm);
      if (!column) continue;
      const widthMm = before.widthMm + (start === 0 ? 0 : between(column)) + column.widthMm;
      const known = best[end];
      const more = known && before.columns.length + 1 > known.columns.length;
      if (!known || widthMm < known.widthMm || (widthMm === known.widthMm && more))
        best[end] = { widthMm, columns: [...before.columns, column] };
    }
  }
  return best[choices.length]?.columns;
}

const widthOf = (columns: readonly Column[]): number =>
  columns.reduce((sum, one, i) => sum + one.widthMm + (i === 0 ? 0 : between(one)), 0);

/** The arrangement that looks calmest: nearest to a square; one long thing along the depth. */
function calmest(ways: readonly Arrangement[]): Arrangement[] {
  const off = ({ block, widthMm, depthMm, columns }: Arrangement) =>
    block.count === 1
      ? widthMm > depthMm
        ? 1
        : 0
      : Math.abs(Math.log(widthMm / depthMm)) + (columns < 2 ? 0.5 : 0);
  const [first, ...rest] = ways;
  return first ? [rest.reduce((best, one) => (off(one) < off(best) ? one : best), first)] : [];
}

/**
 * Packs blocks from left to right in their order, in columns of blocks that stand behind each other: each calmly by itself
 * where there is room, then behind each other, then in any arrangement, and of these the narrowest (exact, over all
 * partitions of the order). Undefined where none fits.
 */
export function pack(blocks: readonly Block[], widthMm: number, depthMm: number): Placed[] | undefined {
  const choices = blocks.map((block) => arrangementsOf(block, depthMm));
  const calm = choices.map(calmest);
  for (const freedom of [
    { choices: calm, mostInColumn: 1 },
    { choices: calm, mostInColumn: MOST_IN_COLUMN },
    { choices, mostInColumn: MOST_IN_COLUMN },
  ]) {
    const columns = narrowest(freedom, depthMm);
    if (columns && widthOf(columns) <= widthMm) return spread(columns, widthMm, depthMm);
  }
  return undefined;
}

/** The columns with equal room between them, each in the middle of the depth. */
function spread(columns: readonly Column[], widthMm: number, depthMm: number): Placed[] {
  const used = columns.reduce((sum, one) => sum + one.widthMm, 0);
  const room = Math.min((widthMm - used) / (columns.length + 1), 60);
  let x = (widthMm - used - room * (columns.length - 1)) / 2;
  return columns.flatMap((column) => {
    let y = (depthMm - column.depthMm) / 2;
    const placed = column.ways.map((way): Placed => {
      const one = { ...way, x: x + (column.widthMm - way.widthMm) / 2, y };
      y += way.depthMm + 2 * way.block.gapMm;
      return one;
    });
    x += column.widthMm + room;
    return placed;
  });
}
