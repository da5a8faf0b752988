import type { Holding, Material, RowOf, Tray } from "../core/model";
import { type Left, usedUp } from "../core/prep";
import { database } from "./db";
import { addRow, changeRow, storeRow } from "./rows";

/** What has been done for a rotation. */
export type PrepDone = Pick<RowOf<"prepStates">, "ticked" | "before" | "back" | "kept">;

const NOTHING: PrepDone = { ticked: [], back: [], kept: [] };
const idOf = (rotation: string) => `prep-${rotation}`;

export const prepStateOf = (rows: readonly RowOf<"prepStates">[], rotation: string): PrepDone =>
  rows.find((row) => row.rotation === rotation) ?? NOTHING;

/** Changes what has been done for a rotation, in one transaction with what the change does to the cupboard. */
async function change(
  rotation: string,
  work: (state: PrepDone) => PrepDone,
  quantities: (state: PrepDone) => Left[] = () => [],
) {
  const db = database();
  await db.transaction("rw", [db.rows("prepStates"), db.rows("holdings")], async () => {
    const state = (await db.rows("prepStates").get(idOf(rotation))) ?? NOTHING;
    for (const { holding, quantity } of quantities(state)) await changeRow("holdings", holding, { quantity });
    const { ticked, before, back, kept } = work(state);
    await storeRow("prepStates", idOf(rotation), () => ({ rotation, ticked, before, back, kept }));
  });
}

export const tick = (rotation: string, line: string, done: boolean) =>
  change(rotation, (state) => ({
    ...state,
    ticked: done ? [...new Set([...state.ticked, line])] : state.ticked.filter((one) => one !== line),
  }));

/** Counts down what the trays use up, once. */
export async function markPrepared(
  rotation: string,
  trays: readonly Tray[],
  holdings: ReadonlyMap<string, Holding>,
  materials: ReadonlyMap<string, Material>,
) {
  const left = usedUp(trays, holdings, materials);
  const before = left.map(({ holding }) => ({ holding, quantity: holdings.get(holding)?.quantity ?? 0 }));
  await change(
    rotation,
    (state) => (state.before ? state : { ...state, before }),
    (state) => (state.before ? [] : left),
  );
}

/** Takes the counting down back. */
export const unmarkPrepared = (rotation: string) =>
  change(
    rotation,
    ({ before: _, ...state }) => state,
    (state) => state.before ?? [],
  );

/** Notes that a thing was put back, and how many of it were missing: so many fewer there are. */
export async function putBack(rotation: string, holding: Holding, missing: number) {
  await change(
    rotation,
    (state) => ({
      ...state,
      back: [...state.back.filter((one) => one.holding !== holding.id), { holding: holding.id, missing }],
    }),
    (state) => {
      const noted = state.back.find((one) => one.holding === holding.id)?.missing ?? 0;
      return [{ holding: holding.id, quantity: Math.max(0, holding.quantity + noted - missing) }];
    },
  );
}

/** What a tray made is kept for other trays: it goes to the cupboard, where there may be some already. */
export async function keepMade(
  rotation: string,
  site: string,
  made: { tray: string; material: string; quantity: number },
) {
  const db = database();
  await db.transaction("rw", [db.rows("prepStates"), db.rows("holdings")], async () => {
    const state = (await db.rows("prepStates").get(idOf(rotation))) ?? NOTHING;
    if (state.kept.some((one) => one.tray === made.tray && one.material === made.material)) return;
    const known = (await db.rows("holdings").where("site").equals(site).toArray()).find(
      (row) => row.material === made.material && !row.deletedAt,
    );
    const holding = known
      ? await changeRow("holdings", known.id, { quantity: known.quantity + made.quantity })
      : await addRow("holdings", {
          site,
          material: made.material,
          quantity: made.quantity,
          origin: "owned",
        });
    if (holding)
      await change(rotation, (so) => ({ ...so, kept: [...so.kept, { ...made, holding: holding.id }] }));
  });
}

/** Takes the keeping back: it is gone after all. */
export const dropMade = (rotation: string, tray: string, material: string) => {
  const isIt = (one: PrepDone["kept"][number]) => one.tray === tray && one.material === material;
  const db = database();
  return db.transaction("rw", [db.rows("prepStates"), db.rows("holdings")], async () => {
    const state = (await db.rows("prepStates").get(idOf(rotation))) ?? NOTHING;
    for (const one of state.kept.filter(isIt)) {
      const holding = await db.rows("holdings").get(one.holding);
      if (holding)
        await changeRow("holdings", holding.id, { quantity: Math.max(0, holding.quantity - one.quantity) });
    }
    await change(rotation, (so) => ({ ...so, kept: so.kept.filter((one) => !isIt(one)) }));
  });
};
