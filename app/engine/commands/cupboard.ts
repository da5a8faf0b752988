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
import { readList } from "../../core/paste";
import type { Home } from "../store/home";
import { inTransaction, updateRow } from "../store/rows";
import { command, done } from "./command";
import { mayBeEmpty, ticked } from "./fields";
import { Mix, Mixing, mix, unmix } from "./mixed";
import { addOwnMaterial, OwnMaterialForm } from "./ownMaterials";
import { pieceOf, ShapeName, typedMm } from "./pieces";
import { quantity, setQuantity } from "./quantity";

const ListedLine = z.object({
  /** Empty where the line is left out. */
  material: mayBeEmpty(MaterialId),
  quantity: z.unknown(),
  /** Recognised as dangerous, and the adult says that it is this material and nothing of the kind. */
  danger: mayBeEmpty(DangerId),
});

const Thing = z.object({ site: SiteId, material: MaterialId });
const UsualPart = z.object({ site: SiteId, found: Preset });

const HoldingForm = z.object({
  holding: HoldingId,
  where: z.string().trim().max(60, "Where: at most 60 characters."),
  origin: Origin,
  dueBack: mayBeEmpty(PlainDate),
  useBy: mayBeEmpty(PlainDate),
  worn: ticked,
});

const MeasureForm = z.object({
  holding: HoldingId,
  shape: ShapeName,
  mm1: typedMm,
  mm2: typedMm,
  mm3: typedMm,
});

const ConfirmedList = z.object({ site: SiteId, lines: z.array(ListedLine).max(500) });
type ConfirmedList = z.infer<typeof ConfirmedList>;

const NO_HOLDING = fault("no-holding", "holding", "That is not in the cupboard any more. Reload the page.");

/** Adds what a usual home has of one part of it; what is there already stays as it is. */
async function addUsual({ db, catalogue }: Home, { site, found }: z.infer<typeof UsualPart>) {
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

async function addGathered(
  { db, catalogue }: Home,
  { site, material: id }: z.infer<typeof Thing>,
): Promise<Result<null>> {
  const material = catalogue.materials.find((one) => one.id === id);
  if (!material) return fault("unknown-id", "material", "That thing is not known here.");
  await inTransaction(db, ["holdings"], async () => {
    const holding = await setQuantity(db, site, id, material.usual || FROM_A_WALK);
    if (holding) await updateRow(db, "holdings", holding, { origin: "gathered" });
  });
  return ok(null);
}

async function setAbout({ db, today }: Home, input: z.infer<typeof HoldingForm>): Promise<Result<null>> {
  const { holding, where, dueBack, worn, ...rest } = input;
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
async function measure({ db }: Home, input: z.infer<typeof MeasureForm>): Promise<Result<null>> {
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
function takenLines(lines: ConfirmedList["lines"]): Result<Taken[]> {
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
async function addList({ db, today }: Home, { site, lines }: ConfirmedList): Promise<Result<number>> {
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

const List = z.object({ text: z.string().max(20_000, "At most 20 000 characters at once.") });

/** Cupboard: amounts of things, where they are kept, their sizes, lists, things of one's own, mixtures. */
export const cupboard = {
  set: command(Thing.extend({ quantity }), ({ db }, given) =>
    done(setQuantity(db, given.site, given.material, given.quantity)),
  ),
  step: command(Thing.extend({ by: z.coerce.number().int().min(-1).max(1) }), ({ db }, given) =>
    done(setQuantity(db, given.site, given.material, (now) => now + given.by)),
  ),
  addUsual: command(UsualPart, (home, part) => done(addUsual(home, part))),
  addGathered: command(Thing, addGathered),
  saveHolding: command(HoldingForm, setAbout),
  measure: command(MeasureForm, measure),
  /** Reads a pasted list, to be confirmed; writes nothing. */
  readList: command(List, async ({ catalogue }, { text }) => ok(readList(text, catalogue))),
  /** Gives how many things were taken. */
  addList: command(ConfirmedList, addList),
  addOwn: command(OwnMaterialForm, addOwnMaterial),
  mix: command(Mix, mix),
  unmix: command(Mixing, unmix),
};
