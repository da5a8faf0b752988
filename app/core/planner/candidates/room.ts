import { standsInBay } from "../../draw";
import { asMeasured, type Option, type Served, type Stock } from "../../materials";
import type { Rung } from "../../model";
import type { SetOut } from "../../setup";

/** A need served in one way, as large as it is here. */
function setOutOf(stock: ReadonlyMap<string, Stock>, { need }: Served, option: Option): SetOut[] {
  const thing = stock.get(option.stock);
  if (!thing) return [];
  return [{ need: need.id, material: asMeasured(thing), quantity: option.quantity }];
}

/** The ground that a way takes, by one piece: the widest and the narrowest are told apart by it. */
const widthOf = (out: readonly SetOut[]): number =>
  Math.max(0, ...out.flatMap(({ material: { piece, look } }) => [...(piece?.mm ?? look?.mm ?? [])]));

const known = new WeakMap<readonly Served[], readonly Served[] | undefined>();

function waysWithRoom(
  rung: Rung,
  ways: readonly Served[],
  stock: ReadonlyMap<string, Stock>,
): readonly Served[] | undefined {
  const sized = ways.map((way) =>
    way.options
      .map((option) => ({ option, out: setOutOf(stock, way, option) }))
      .sort((a, b) => widthOf(a.out) - widthOf(b.out)),
  );
  const stands = (chosen: (need: number) => readonly SetOut[]) =>
    standsInBay(
      rung,
      sized.flatMap((_, i) => chosen(i)),
    );
  const narrowest = (i: number) => sized[i]?.[0]?.out ?? [];
  if (stands((i) => sized[i]?.at(-1)?.out ?? [])) return ways;
  if (!stands(narrowest)) return undefined;
  const left = sized.map((outs, i) =>
    outs.filter(({ out }) => stands((other) => (other === i ? out : narrowest(other)))),
  );
  // Two that each have room with the narrowest of the rest may have none together.
  const kept = stands((i) => left[i]?.at(-1)?.out ?? []) ? left : sized.map((outs) => outs.slice(0, 1));
  return ways.map((way, i) => {
    const options = new Set(kept[i]?.map((one) => one.option));
    return { ...way, options: way.options.filter((option) => options.has(option)) };
  });
}

/** The ways that leave room in a bay, the widest of them together as well; undefined where even the narrowest have none. */
export function waysInBay(
  rung: Rung,
  ways: readonly Served[],
  stock: ReadonlyMap<string, Stock>,
): readonly Served[] | undefined {
  if (!known.has(ways)) known.set(ways, waysWithRoom(rung, ways, stock));
  return known.get(ways);
}
