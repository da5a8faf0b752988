import type { Material, PlainDate, RowOf, Tray } from "../core/model";
import { type Share, takenFrom, usedUp } from "../core/prep";
import { giveToCupboard, takeFromCupboard } from "./cupboard";
import { database } from "./db";
import { addRow, changeRow, storeRow } from "./rows";

/** What has been done for a rotation. */
export type PrepDone = Pick<RowOf<"prepStates">, "ticked" | "before" | "back" | "kept">;

const NOTHING: PrepDone = { ticked: [], back: [], kept: [] };
const idOf = (rotation: string) => `prep-${rotation}`;

export const prepStateOf = (rows: readonly RowOf<"prepStates">[], rotation: string): PrepDone =>
  rows.find((row) => row.rotation === rotation) ?? NOTHING;

/** Changes what has been done for a rotation, in one transaction with what the change does to the cupboard. */
async function change(rotation: string, work: (state: PrepDone) => PrepDone | Promise<PrepDone>) {
  const db = database();
  await db.transaction("rw", [db.rows("prepStates"), db.rows("holdings")], async () => {
    const { ticked, before, back, kept } = await work(
      (await db.rows("prepStates").get(idOf(rotation))) ?? NOTHING,
    );
    await storeRow("prepStates", idOf(rotation), () => ({ rotation, ticked, before, back, kept }));
  });
}

export const tick = (rotation: string, line: string, done: boolean) =>
  change(rotation, (state) => ({
    ...state,
    ticked: done ? [...new Set([...state.ticked, line])] : state.ticked.filter((one) => one !== line),
  }));

/** How much there is now of what is named. */
async function quantitiesOf(shares: readonly Share[]): Promise<Share[]> {
  const rows = await database()
    .rows("holdings")
    .bulkGet(shares.map((one) => one.holding));
  return rows.flatMap((row) => (row ? [{ holding: row.id, quantity: row.quantity }] : []));
}

/** Counts down what the trays use up, once. */
export const markPrepared = (
  rotation: string,
  trays: readonly Tray[],
  materials: ReadonlyMap<string, Material>,
) =>
  change(rotation, async (state) => {
    if (state.before) return state;
    const wanted = usedUp(trays, materials);
    const before = await quantitiesOf(wanted);
    await takeFromCupboard(wanted);
    return { ...state, before };
  });

/** Takes the counting down back: what was taken of each thing, whatever was bought or used since. */
export const unmarkPrepared = (
  rotation: string,
  trays: readonly Tray[],
  materials: ReadonlyMap<string, Material>,
) =>
  change(rotation, async ({ before = [], ...state }) => {
    const had = new Map(before.map((one) => [one.holding, one.quantity]));
    await giveToCupboard(
      usedUp(trays, materials).map(({ holding, quantity }) => ({
        holding,
        quantity: takenFrom(had.get(holding) ?? 0, quantity),
      })),
    );
    return state;
  });

/** Notes that a thing was put back, how many of it were missing (so many fewer there are), and whether it is worn. */
export const putBack = (rotation: string, holding: string, missing: number, worn: PlainDate | undefined) =>
  change(rotation, async (state) => {
    await changeRow("holdings", holding, { worn });
    const noted = state.back.find((one) => one.holding === holding)?.missing ?? 0;
    await giveToCupboard([{ holding, quantity: noted }]);
    const [gone] = await takeFromCupboard([{ holding, quantity: missing }]);
    const others = state.back.filter((one) => one.holding !== holding);
    return { ...state, back: [...others, { holding, missing: gone?.quantity ?? 0 }] };
  });

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
