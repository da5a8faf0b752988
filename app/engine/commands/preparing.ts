import { z } from "zod";
import { addTo, countOf } from "../../core/collections";
import { prepareView } from "../../core/day";
import {
  fault,
  HoldingId,
  type Material,
  MaterialId,
  type PlainDate,
  RotationId,
  type SiteId,
  type Tray,
  TrayId,
} from "../../core/model";
import { NOTHING_DONE, type PrepDone, readyFor, type Share, takenFrom, usedUp } from "../../core/prep";
import type { OrtoDb } from "../store/db";
import { insertRow, inTransaction, updateRow, upsert } from "../store/rows";
import { command, done } from "./command";
import { ticked } from "./fields";
import { giveToCupboard, takeFromCupboard } from "./takeStock";

const OneRotation = z.object({ rotation: RotationId });

const Ticked = OneRotation.extend({ line: z.string().min(1).max(300), done: ticked });

/** A thing that a tray has made. */
const Made = OneRotation.extend({ tray: TrayId, material: MaterialId });
type Made = z.infer<typeof Made>;

const PutBack = OneRotation.extend({
  holding: HoldingId,
  missing: z.coerce
    .number("How many are missing is a number.")
    .min(0, "0 or more are missing.")
    .max(10_000, "At most 10 000."),
  worn: ticked,
});

/** The rotation that is prepared, as it was read for the screen. */
interface Prepared {
  db: OrtoDb;
  today: PlainDate;
  /** The day for which it is prepared. */
  from: PlainDate;
  site: SiteId;
  trays: readonly Tray[];
  materials: ReadonlyMap<string, Material>;
  /** What other trays make that can be kept. */
  made: readonly { tray: Tray; material: Material; quantity: number }[];
}

const idOf = (rotation: RotationId) => `prep-${rotation}`;

/** Changes what has been done for a rotation, in one transaction with what the change does to the cupboard. */
async function change(
  db: OrtoDb,
  rotation: RotationId,
  work: (state: PrepDone) => PrepDone | Promise<PrepDone>,
): Promise<void> {
  await inTransaction(db, ["prepStates", "holdings"], async () => {
    const { ticked, before, took, back, kept } = await work(
      (await db.rows("prepStates").get(idOf(rotation))) ?? NOTHING_DONE,
    );
    await upsert(db, "prepStates", idOf(rotation), () => ({ rotation, ticked, before, took, back, kept }));
  });
}

const tick = ({ db }: Prepared, { rotation, line, done }: z.infer<typeof Ticked>) =>
  change(db, rotation, (state) => ({
    ...state,
    ticked: done ? [...new Set([...state.ticked, line])] : state.ticked.filter((one) => one !== line),
  }));

/** How much there is now of what is named. */
async function quantitiesOf(db: OrtoDb, shares: readonly Share[]): Promise<Share[]> {
  const rows = await db.rows("holdings").bulkGet(shares.map((one) => one.holding));
  return rows.flatMap((row) => (row ? [{ holding: row.id, quantity: row.quantity }] : []));
}

/** Counts down what the trays use up, once. */
const markPrepared = (
  { db, trays, materials, from, site }: Prepared,
  { rotation }: z.infer<typeof OneRotation>,
) =>
  change(db, rotation, async (state) => {
    if (state.before) return state;
    const rows = await db.rows("holdings").where("site").equals(site).toArray();
    const here = rows.filter((row) => !row.deletedAt);
    const wanted = usedUp(trays, materials, readyFor(trays, materials, here, from));
    const before = await quantitiesOf(db, wanted);
    return { ...state, before, took: await takeFromCupboard(db, wanted) };
  });

/** Shares of the same holding added up, those that come to nothing left out. */
function together(shares: readonly Share[]): Share[] {
  const sums = new Map<HoldingId, number>();
  for (const { holding, quantity } of shares) addTo(sums, holding, quantity);
  return [...sums].flatMap(([holding, quantity]) => (quantity > 0 ? [{ holding, quantity }] : []));
}

/**
 * A tray of a prepared rotation takes more of some holdings than was counted down, or (less than nothing) less of them;
 * within a transaction. What each had before is kept, so that the counting down can be taken back as a whole.
 */
export async function recountPrepared(
  db: OrtoDb,
  rotation: RotationId,
  takes: readonly Share[],
): Promise<void> {
  const row = await db.rows("prepStates").get(idOf(rotation));
  if (!row?.before) return;
  const known = new Set<string>(row.before.map((one) => one.holding));
  const added = await quantitiesOf(
    db,
    takes.filter((one) => !known.has(one.holding)),
  );
  const taken = await takeFromCupboard(
    db,
    takes.filter((one) => one.quantity > 0),
  );
  const given = takes.filter((one) => one.quantity < 0);
  await giveToCupboard(
    db,
    given.map((one) => ({ ...one, quantity: -one.quantity })),
  );
  await updateRow(db, "prepStates", row.id, {
    before: [...row.before, ...added] as typeof row.before,
    ...(row.took ? { took: together([...row.took, ...taken, ...given]) as typeof row.took } : {}),
  });
}

/** What was counted down before that was noted: what the trays use up, as far as it was there. */
function countedDown({ trays, materials }: Prepared, before: readonly Share[]): Share[] {
  const had = new Map(before.map((one) => [one.holding, one.quantity]));
  return usedUp(trays, materials).map(({ holding, quantity }) => ({
    holding,
    quantity: takenFrom(countOf(had, holding), quantity),
  }));
}

/** Takes the counting down back: what was taken of each thing, whatever was bought or used since. */
const unmarkPrepared = (prepared: Prepared, { rotation }: z.infer<typeof OneRotation>) =>
  change(prepared.db, rotation, async ({ before = [], took, ...state }) => {
    await giveToCupboard(prepared.db, took ?? countedDown(prepared, before));
    return state;
  });

/** Notes that a thing was put back, how many of it were missing (so many fewer there are), and whether it is worn. */
const putBack = ({ db, today }: Prepared, input: z.infer<typeof PutBack>) =>
  change(db, input.rotation, async (state) => {
    const { holding, missing, worn } = input;
    await updateRow(db, "holdings", holding, (row) => ({ worn: worn ? (row.worn ?? today) : undefined }));
    const noted = state.back.find((one) => one.holding === holding)?.missing ?? 0;
    await giveToCupboard(db, [{ holding, quantity: noted }]);
    const [gone] = await takeFromCupboard(db, [{ holding, quantity: missing }]);
    const others = state.back.filter((one) => one.holding !== holding);
    return { ...state, back: [...others, { holding, missing: gone?.quantity ?? 0 }] };
  });

/** What a tray made is kept for other trays: it goes to the cupboard, where there may be some already. */
const keepMade = ({ db, site, made }: Prepared, { rotation, tray, material }: Made) =>
  change(db, rotation, async (state) => {
    const quantity = made.find((one) => one.tray.id === tray && one.material.id === material)?.quantity;
    if (quantity === undefined) return state;
    if (state.kept.some((one) => one.tray === tray && one.material === material)) return state;
    const known = (await db.rows("holdings").where("site").equals(site).toArray()).find(
      (row) => row.material === material && !row.deletedAt,
    );
    const holding = known
      ? await updateRow(db, "holdings", known.id, { quantity: known.quantity + quantity })
      : await insertRow(db, "holdings", { site, material, quantity, origin: "owned" });
    return holding
      ? { ...state, kept: [...state.kept, { tray, material, quantity, holding: holding.id }] }
      : state;
  });

/** Takes the keeping back: it is gone after all. */
const dropMade = ({ db }: Prepared, { rotation, tray, material }: Made) =>
  change(db, rotation, async (state) => {
    const isIt = (one: PrepDone["kept"][number]) => one.tray === tray && one.material === material;
    for (const one of state.kept.filter(isIt)) {
      await updateRow(db, "holdings", one.holding, (row) => ({
        quantity: Math.max(0, row.quantity - one.quantity),
      }));
    }
    return { ...state, kept: state.kept.filter((one) => !isIt(one)) };
  });

/** A command about the rotation that is to be prepared. It is refused where that is another one by now. */
const prepareCommand = <Input extends z.ZodType<{ rotation: RotationId }>>(
  input: Input,
  work: (prepared: Prepared, input: z.output<Input>) => Promise<unknown>,
) =>
  command(input, async (home, given) => {
    const view = prepareView(home.tables, home.situation, home.today);
    if (view?.rotation.id !== given.rotation) {
      return fault("other-rotation", "rotation", "Another rotation is to be prepared by now. Look again.");
    }
    const { db, today } = home;
    const { counted: trays, made, site, known } = view;
    const { materials, from } = known;
    return done(work({ db, today, site, trays, made, materials, from }, given));
  });

/** Preparing: lines ticked while a rotation is prepared, and things put back when it is put away. */
export const preparing = {
  tick: prepareCommand(Ticked, tick),
  markPrepared: prepareCommand(OneRotation, markPrepared),
  unmarkPrepared: prepareCommand(OneRotation, unmarkPrepared),
  keepMade: prepareCommand(Made, keepMade),
  dropMade: prepareCommand(Made, dropMade),
  putBack: prepareCommand(PutBack, putBack),
};
