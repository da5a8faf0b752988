import { z } from "zod";
import {
  DangerId,
  fault,
  type Hazard,
  Material,
  MaterialId,
  ok,
  type PieceShape,
  Preset,
  type Result,
  SiteId,
  Unit,
} from "../../core/model";
import { ALLERGEN_GROUPS, dangersOfThing, isSmallByName } from "../../core/safety";
import type { Home } from "../store/home";
import { insertRow, inTransaction, newId } from "../store/rows";
import { listOf, mayBeEmpty } from "./fields";
import { pieceOf, ShapeName, typedMm } from "./pieces";
import { quantity } from "./quantity";

const lengthCm = mayBeEmpty(
  z.coerce.number("A length in cm is a number.").min(0, "0 cm or more.").max(2000, "At most 2000 cm."),
);

/** Hazards that can be ticked for a thing of one's own, the commonest first. */
export const TICKED_HAZARDS = [
  "sharp",
  "pointed",
  "glass",
  "breaks-up",
  "irritant",
  "salty",
  "washable",
  "glue",
  "toxic",
  "raw-flour",
  "raw-egg",
  "powder",
  "bag",
  "heavy",
  "heat",
  "hanging",
  "climb",
  "finger-trap",
  "slippery",
  "noise",
  "find",
  "lead",
  "reused-container",
  "essential-oil",
  "expanding",
  "button-battery",
  "strong-magnet",
  "balloon",
  "honey",
] as const;
const TickedHazard = z.enum(TICKED_HAZARDS);

/** A thing of one's own, as its form asks for it. */
export const OwnMaterialForm = z.object({
  site: SiteId,
  name: z.string().trim().min(1, "Give the thing a name.").max(80, "At most 80 characters."),
  found: Preset,
  use: z.enum(["reusable", "consumable"]),
  unit: Unit,
  quantity,
  /** "soft-or-large": nothing of it is smaller than a fist, so that no size is needed. */
  shape: z.union(
    [ShapeName, z.literal("soft-or-large")],
    "Choose what one piece is like, and give its sizes.",
  ),
  ...{ mm1: typedMm, mm2: typedMm, mm3: typedMm },
  hazards: listOf(TickedHazard, 40),
  cordCm: lengthCm,
  elasticCm: lengthCm,
  loopCm: lengthCm,
  chokeMonths: mayBeEmpty(z.coerce.number("Months: a number.").min(1).max(120, "At most 120 months.")),
  allergens: listOf(
    z.string().refine((id) => ALLERGEN_GROUPS.some((one) => one.id === id), "An allergen of the list."),
    40,
  ),
  /** Dangers that its name recalls, of which the adult says that it is something else. */
  notDangers: listOf(DangerId),
});
export type OwnMaterialForm = z.infer<typeof OwnMaterialForm>;

const hazardsIn = (input: OwnMaterialForm): Hazard[] => [
  ...input.hazards.map((kind) => ({ kind })),
  ...(input.cordCm ? [{ kind: "string" as const, freeLengthMm: input.cordCm * 10 }] : []),
  ...(input.elasticCm ? [{ kind: "elastic" as const, freeLengthMm: input.elasticCm * 10 }] : []),
  ...(input.loopCm ? [{ kind: "loop" as const, aroundMm: input.loopCm * 10 }] : []),
  ...(input.chokeMonths ? [{ kind: "choking-food" as const, untilMonths: input.chokeMonths }] : []),
  ...input.allergens.map((allergen) => ({ kind: "allergen" as const, allergen })),
];

/** Adds a thing of one's own, and as much of it as there is; gives its name. */
export async function addOwnMaterial(home: Home, input: OwnMaterialForm): Promise<Result<string>> {
  const { db, catalogue, today } = home;
  const read: Result<PieceShape | undefined> =
    input.shape === "soft-or-large" ? ok(undefined) : pieceOf({ ...input, shape: input.shape });
  if (!read.ok) return read;
  const piece = read.value;
  if (isSmallByName({ name: input.name, unit: input.unit, piece })) {
    return fault(
      "no-size",
      "shape",
      "Whether it can be swallowed hangs on its size: choose a shape and give the sizes.",
    );
  }
  const { name, use, unit, found } = input;
  const id = MaterialId.parse(newId());
  const material = Material.parse({
    ...{ id, name, use, unit, found, hazards: hazardsIn(input) },
    ...(piece ? { piece } : {}),
  });
  const { id: _, ...fields } = material;
  // Only what the name does recall can be said not to be meant.
  const recalled = dangersOfThing(material, catalogue.dangers).map((one) => one.id);
  const notDangers = input.notDangers
    .filter((danger) => recalled.includes(danger))
    .map((danger) => ({ danger, on: today }));
  await inTransaction(db, ["ownMaterials", "holdings"], async () => {
    await insertRow(db, "ownMaterials", { ...fields, notDangers }, id);
    if (input.quantity > 0) {
      await insertRow(db, "holdings", { site: input.site, material: id, quantity: input.quantity });
    }
  });
  return ok(name);
}
