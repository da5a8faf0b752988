import { z } from "zod";
import type { Holding, Material, Tray } from "../core/model";
import { Id } from "../core/model";
import { type Left, usedUp } from "../core/prep";
import { database } from "./db";
import { changeRow, newRow } from "./rows";

/** What has been done for a rotation: lines ticked, and what was in the cupboard before things were used up. */
export const PrepState = z.object({
  ticked: z.array(z.string()).default([]),
  /** Set once all is prepared: what each holding had before, so that it can be undone. */
  before: z.array(z.object({ holding: Id, quantity: z.number() })).optional(),
  /** Things that were put back, by holding, with how many were missing. */
  back: z.array(z.object({ holding: Id, missing: z.number() })).default([]),
});
export type PrepState = z.infer<typeof PrepState>;

const idOf = (rotation: string) => `prep-${rotation}`;

export const prepStateOf = (
  settings: readonly { id: string; value?: unknown }[],
  rotation: string,
): PrepState => PrepState.parse(settings.find((row) => row.id === idOf(rotation))?.value ?? {});

/** Changes what has been done for a rotation, in one transaction with what the change does to the cupboard. */
async function change(
  rotation: string,
  work: (state: PrepState) => PrepState,
  quantities: (state: PrepState) => Left[] = () => [],
) {
  const db = database();
  await db.transaction("rw", [db.rows("settings"), db.rows("holdings")], async () => {
    const row = await db.rows("settings").get(idOf(rotation));
    const state = PrepState.parse(row?.value ?? {});
    for (const { holding, quantity } of quantities(state)) await changeRow("holdings", holding, { quantity });
    const value = work(state);
    await db
      .rows("settings")
      .put(
        row
          ? { ...row, value, updatedAt: new Date().toISOString() }
          : newRow("settings", { value }, idOf(rotation)),
      );
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
