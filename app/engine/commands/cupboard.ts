import { z } from "zod";
import {
  DangerId,
  fault,
  HoldingId,
  type Issue,
  MaterialId,
  Origin,
  ok,
  type PieceShape,
  PlainDate,
  Preset,
  type Result,
  SiteId,
} from "../../core/model";
import type { OrtoDb } from "../store/db";
import type { Home } from "../store/home";
import { insertRow, inTransaction, updateRow } from "../store/rows";
import { mayBeEmpty, ticked } from "./fields";
import { pieceOf, ShapeName } from "./pieces";

const MOST = 100_000;

export const quantity = z.coerce
  .number("The quantity is a number, for example 6.")
  .min(0, "The quantity is 0 or more.")
  .max(MOST, "The quantity is at most 100 000.");

const ListedLine = z.object({
  /** Empty where the line is left out. */
  material: mayBeEmpty(MaterialId),
  quantity: z.unknown(),
  /** Recognised as dangerous, and the adult says that it is this material and nothing of the kind. */
  danger: mayBeEmpty(DangerId),
});

/** How much there is of what, where it lies and how it is. */
export const CUPBOARD_INPUTS = [
  z.object({ intent: z.literal("set"), site: SiteId, material: MaterialId, quantity }),
  z.object({
    intent: z.literal("step"),
    site: SiteId,
    material: MaterialId,
    by: z.coerce.number().int().min(-1).max(1),
  }),
  z.object({ intent: z.literal("usual"), site: SiteId, found: Preset }),
  z.object({ intent: z.literal("gathered"), site: SiteId, material: MaterialId }),
  z.object({
    intent: z.literal("about"),
    holding: HoldingId,
    where: z.string().trim().max(60, "Where: at most 60 characters."),
    origin: Origin,
    dueBack: mayBeEmpty(PlainDate),
    useBy: mayBeEmpty(PlainDate),
    worn: ticked,
  }),
  z.object({
    intent: z.literal("measure"),
    holding: HoldingId,
    shape: ShapeName,
    mm1: z.string().default(""),
    mm2: z.string().default(""),
    mm3: z.string().default(""),
  }),
  z.object({ intent: z.literal("add-list"), site: SiteId, lines: z.array(ListedLine).max(500) }),
] as const;
export type CupboardInput = z.infer<(typeof CUPBOARD_INPUTS)[number]>;
type Of<I extends CupboardInput["intent"]> = Extract<CupboardInput, { intent: I }>;

const NO_HOLDING = fault("no-holding", "holding", "That is not in the cupboard any more. Reload the page.");

/** Sets how much there is of a thing, or changes it from what it is; never below nothing nor above the most. Gives its holding, if there is one. */
export async function setQuantity(
  db: OrtoDb,
  site: SiteId,
  material: MaterialId,
  amount: number | ((now: number) => number),
): Promise<string | undefined> {
  // In one transaction, so that a thing that is set twice in a hurry is not there twice.
  return inTransaction(db, ["holdings"], async () => {
    const rows = await db.rows("holdings").where("site").equals(site).toArray();
    const living = rows.find((row) => row.material === material && !row.deletedAt);
    const quantity =
      typeof amount === "number" ? amount : Math.min(MOST, Math.max(0, amount(living?.quantity ?? 0)));
    if (living) await updateRow(db, "holdings", living.id, { quantity });
    else if (quantity > 0) return (await insertRow(db, "holdings", { site, material, quantity })).id;
    return living?.id;
  });
}

/** Adds what a usual home has of one part of it; what is there already stays as it is. */
async function addUsual({ db, catalogue }: Home, { site, found }: Of<"usual">) {
  await inTransaction(db, ["holdings"], async () => {
    const have = new Set(
      (await db.rows("holdings").where("site").equals(site).toArray())
        .filter((row) => !row.deletedAt && row.quantity > 0)
        .map((row) => row.material),
    );
    for (const material of catalogue.materials) {
      if (material.found === found && material.usual > 0 && !have.has(material.id)) {
        await setQuantity(db, site, material.id, material.usual);
      }
    }
  });
}

/** As many as a walk brings of a find. */
const FROM_A_WALK = 6;

async function addGathered({ db, catalogue }: Home, { site, material: id }: Of<"gathered">) {
  const material = catalogue.materials.find((one) => one.id === id);
  if (!material) return fault("unknown-id", "material", "That thing is not known here.");
  await inTransaction(db, ["holdings"], async () => {
    const holding = await setQuantity(db, site, id, material.usual || FROM_A_WALK);
    if (holding) await updateRow(db, "holdings", holding, { origin: "gathered" });
  });
  return ok(null);
}

async function setAbout({ db, today }: Home, input: Of<"about">): Promise<Result<null>> {
  const { intent: _, holding, where, dueBack, worn, ...rest } = input;
  // A date to give it back means that it is not ours.
  const origin = dueBack && rest.origin === "owned" ? "borrowed" : rest.origin;
  const changed = await updateRow(db, "holdings", holding, (before) => ({
    where: where || undefined,
    ...rest,
    origin,
    dueBack: origin === "borrowed" ? dueBack : undefined,
    worn: worn ? (before.worn ?? today) : undefined,
  }));
  return changed ? ok(null) : NO_HOLDING;
}

/** Notes the piece as measured here; all sizes left empty means: as usual. */
async function measure({ db }: Home, input: Of<"measure">): Promise<Result<null>> {
  const isEmpty = [input.mm1, input.mm2, input.mm3].every((text) => text.trim() === "");
  const read: Result<PieceShape | undefined> = isEmpty ? ok(undefined) : pieceOf(input);
  if (!read.ok) return read;
  return (await updateRow(db, "holdings", input.holding, { measured: read.value })) ? ok(null) : NO_HOLDING;
}

interface Taken {
  material: MaterialId;
  amount: number;
  danger: DangerId | undefined;
}

/** The lines that name a material, with their amounts; a fault for each whose amount is none. */
function takenLines(lines: Of<"add-list">["lines"]): Result<Taken[]> {
  const issues: Issue[] = [];
  const taken = lines.flatMap(({ material, danger, quantity: given }, i): Taken[] => {
    if (!material) return [];
    const amount = quantity.safeParse(given);
    if (amount.success) return [{ material, amount: amount.data, danger }];
    for (const { message } of amount.error.issues) {
      issues.push({ code: "quantity", path: `line ${i + 1}`, message: `Line ${i + 1}: ${message}` });
    }
    return [];
  });
  return issues.length > 0 ? { ok: false, issues } : ok(taken);
}

/** Takes the confirmed lines of a list, all or none; gives how many things they are. */
async function addList({ db, today }: Home, { site, lines }: Of<"add-list">): Promise<Result<number>> {
  const read = takenLines(lines);
  if (!read.ok) return read;
  await inTransaction(db, ["holdings"], async () => {
    for (const { material, amount, danger } of read.value) {
      const holding = await setQuantity(db, site, material, amount);
      // Kept with the day on which the adult said so.
      if (holding && danger) {
        await updateRow(db, "holdings", holding, (before) => ({
          notDangers: [...before.notDangers, { danger, on: today }],
        }));
      }
    }
  });
  return ok(read.value.length);
}

/** Does one change of what is in the cupboard; a list gives how many things were taken. */
export async function changeCupboard(home: Home, input: CupboardInput): Promise<Result<number | null>> {
  const { db } = home;
  switch (input.intent) {
    case "usual":
      await addUsual(home, input);
      break;
    case "gathered":
      return addGathered(home, input);
    case "about":
      return setAbout(home, input);
    case "measure":
      return measure(home, input);
    case "add-list":
      return addList(home, input);
    case "step":
      await setQuantity(db, input.site, input.material, (now) => now + input.by);
      break;
    case "set":
      await setQuantity(db, input.site, input.material, input.quantity);
      break;
  }
  return ok(null);
}
