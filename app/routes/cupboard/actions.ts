import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { catalogueOf } from "../../core/household";
import {
  addDays,
  type Hazard,
  Id,
  Material,
  Origin,
  PieceShape,
  PlainDate,
  Preset,
  type Problem,
  problemsOf,
  Unit,
} from "../../core/model";
import { type ListedLine, readList } from "../../core/paste";

import { ALLERGEN_GROUPS, dangersOfThing, isSmallByName } from "../../core/safety";
import { database } from "../../data/db";
import { mayBeEmpty } from "../../data/forms";
import { deviceDate, readHome } from "../../data/household";
import { addRow, changeRow, newId } from "../../data/rows";

const quantity = z.coerce
  .number("The quantity is a number, for example 6.")
  .min(0, "The quantity is 0 or more.")
  .max(100_000, "The quantity is at most 100 000.");

const ShapeName = z.enum(["sphere", "disc", "cylinder", "box", "ellipsoid"]);

const CupboardForm = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("set"), site: Id, material: Id, quantity }),
  z.object({ intent: z.literal("step"), site: Id, material: Id, by: z.enum(["1", "-1"]) }),
  z.object({ intent: z.literal("usual"), site: Id, found: Preset }),
  z.object({ intent: z.literal("gathered"), site: Id, material: Id }),
  z.object({
    intent: z.literal("about"),
    holding: Id,
    where: z.string().trim().max(60, "Where: at most 60 characters."),
    origin: Origin,
    dueBack: mayBeEmpty(PlainDate),
    useBy: mayBeEmpty(PlainDate),
    worn: z.literal("yes").optional(),
  }),
  z.object({ intent: z.literal("made"), holding: Id, quantity }),
  z.object({
    intent: z.literal("measure"),
    holding: Id,
    shape: ShapeName,
    mm1: z.string(),
    mm2: z.string(),
    mm3: z.string(),
  }),
  z.object({ intent: z.literal("own") }).loose(),
  z.object({
    intent: z.literal("read-list"),
    text: z.string().max(20_000, "At most 20 000 characters at once."),
  }),
  z.object({ intent: z.literal("add-list"), site: Id }).loose(),
]);

const mm = z.coerce
  .number("Sizes are numbers in mm.")
  .positive("Sizes are above 0 mm.")
  .max(5000, "Sizes are at most 5000 mm.");

const lengthCm = mayBeEmpty(
  z.coerce.number("A length in cm is a number.").min(0, "0 cm or more.").max(2000, "At most 2000 cm."),
);

const OwnForm = z.object({
  site: Id,
  name: z.string().trim().min(1, "Give the thing a name.").max(80, "At most 80 characters."),
  found: Preset,
  use: z.enum(["reusable", "consumable"]),
  unit: Unit,
  quantity,
  shape: z.union(
    [ShapeName, z.literal("soft-or-large")],
    "Choose what one piece is like, and give its sizes.",
  ),
  mm1: z.string().default(""),
  mm2: z.string().default(""),
  mm3: z.string().default(""),
  hazards: z.array(
    z.enum([
      "sharp",
      "pointed",
      "glass",
      "irritant",
      "washable",
      "toxic",
      "breaks-up",
      "powder",
      "bag",
      "heavy",
      "heat",
      "hanging",
      "climb",
      "find",
      "expanding",
      "button-battery",
      "strong-magnet",
      "balloon",
      "honey",
      "glue",
      "salty",
      "raw-flour",
      "raw-egg",
      "lead",
      "reused-container",
      "essential-oil",
      "noise",
      "finger-trap",
      "slippery",
    ]),
  ),
  cordCm: lengthCm,
  elasticCm: lengthCm,
  loopCm: lengthCm,
  chokeMonths: mayBeEmpty(z.coerce.number("Months: a number.").min(1).max(120, "At most 120 months.")),
  allergens: z.array(
    z.string().refine((id) => ALLERGEN_GROUPS.some((one) => one.id === id), "An allergen of the list."),
  ),
  /** Dangers that its name recalls, of which the adult says that it is something else. */
  notDangers: z.array(Id).default([]),
});

const EDGES = { sphere: 1, disc: 2, cylinder: 2, box: 3, ellipsoid: 3 } as const;

/** Sets how much there is of a thing, or changes it from what it is; never below nothing. Gives its holding, if there is one. */
async function setQuantity(
  site: string,
  material: string,
  amount: number | ((now: number) => number),
): Promise<string | undefined> {
  const holdings = database().rows("holdings");
  // In one transaction, so that a thing that is set twice in a hurry is not there twice.
  return database().transaction("rw", holdings, async () => {
    const rows = await holdings.where("site").equals(site).toArray();
    const living = rows.find((row) => row.material === material && !row.deletedAt);
    const quantity = typeof amount === "number" ? amount : Math.max(0, amount(living?.quantity ?? 0));
    if (living) await changeRow("holdings", living.id, { quantity });
    else if (quantity > 0) return (await addRow("holdings", { site, material, quantity })).id;
    return living?.id;
  });
}

/** Adds what a usual home has of one part of it; what is there already stays as it is. */
async function addUsual(site: string, found: z.infer<typeof Preset>) {
  const db = database();
  const have = new Set(
    (await db.rows("holdings").where("site").equals(site).toArray())
      .filter((row) => !row.deletedAt && row.quantity > 0)
      .map((row) => row.material),
  );
  for (const material of (await loadCatalogue()).materials) {
    if (material.found === found && material.usual > 0 && !have.has(material.id)) {
      await setQuantity(site, material.id, material.usual);
    }
  }
}

/** As many as a walk brings of a find. */
const FROM_A_WALK = 6;

async function addGathered(site: string, id: string) {
  const material = (await loadCatalogue()).materials.find((one) => one.id === id);
  if (!material) return;
  await setQuantity(site, id, material.usual || FROM_A_WALK);
  const rows = await database().rows("holdings").where("site").equals(site).toArray();
  const row = rows.find((one) => one.material === id && !one.deletedAt);
  if (row) await changeRow("holdings", row.id, { origin: "gathered" });
}

/** Something was mixed: so much more of it is there, and it keeps as long as its recipe says. */
async function addMade(holding: string, amount: number, today: PlainDate) {
  const row = await database().rows("holdings").get(holding);
  const material = row && (await loadCatalogue()).materials.find((one) => one.id === row.material);
  if (!row || !material?.recipe) return;
  const useBy = addDays(today, material.recipe.keepsDays);
  await changeRow("holdings", row.id, (before) => {
    const isFresh = before.useBy !== undefined && before.useBy >= today;
    return { quantity: isFresh ? before.quantity + amount : amount, useBy };
  });
}

interface GivenPiece {
  shape: "" | z.infer<typeof ShapeName>;
  mm1: string;
  mm2: string;
  mm3: string;
}

/** The piece from shape and edges; a fault where an edge that the shape has is missing. */
function pieceOf(form: GivenPiece): { piece?: PieceShape; problems: Problem[] } {
  if (form.shape === "") return { problems: [] };
  const edges = [form.mm1, form.mm2, form.mm3].slice(0, EDGES[form.shape]);
  const read = z.array(mm).safeParse(edges);
  if (!read.success) {
    return {
      problems: problemsOf(read.error).map((problem) => ({
        ...problem,
        path: "mm",
        message: `${problem.message} A ${form.shape} has ${edges.length} of them.`,
      })),
    };
  }
  return { piece: PieceShape.parse({ shape: form.shape, mm: read.data }), problems: [] };
}

const hazardsIn = (form: z.infer<typeof OwnForm>): Hazard[] => [
  ...form.hazards.map((kind) => ({ kind })),
  ...(form.cordCm ? [{ kind: "string" as const, freeLengthMm: form.cordCm * 10 }] : []),
  ...(form.elasticCm ? [{ kind: "elastic" as const, freeLengthMm: form.elasticCm * 10 }] : []),
  ...(form.loopCm ? [{ kind: "loop" as const, aroundMm: form.loopCm * 10 }] : []),
  ...(form.chokeMonths ? [{ kind: "choking-food" as const, untilMonths: form.chokeMonths }] : []),
  ...form.allergens.map((allergen) => ({ kind: "allergen" as const, allergen })),
];

/** "soft-or-large": nothing of it is smaller than a fist, so that no size is needed. */
const SoftOrLarge = "soft-or-large";

async function addOwn(data: FormData): Promise<{ problems: Problem[]; added?: string }> {
  const parsed = OwnForm.safeParse({
    ...Object.fromEntries(data),
    hazards: data.getAll("hazards"),
    allergens: data.getAll("allergens"),
    notDangers: data.getAll("notDangers"),
  });
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const form = parsed.data;
  const { piece, problems } = pieceOf({ ...form, shape: form.shape === SoftOrLarge ? "" : form.shape });
  if (problems.length > 0) return { problems };
  if (isSmallByName({ name: form.name, unit: form.unit, piece })) {
    const message = "Whether it can be swallowed hangs on its size: choose a shape and give the sizes.";
    return { problems: [{ code: "no-size", path: "mm", message }] };
  }
  const id = newId();
  const material = Material.parse({
    id,
    name: form.name,
    use: form.use,
    unit: form.unit,
    found: form.found,
    hazards: hazardsIn(form),
    ...(piece ? { piece } : {}),
  });
  const { id: _, ...rest } = material;
  // Only what the name does recall can be said not to be meant.
  const recalled = dangersOfThing(material, (await loadCatalogue()).dangers).map((one) => one.id);
  const notDangers = form.notDangers
    .filter((danger) => recalled.includes(danger))
    .map((danger) => ({ danger, on: deviceDate() }));
  const db = database();
  await db.transaction("rw", [db.rows("ownMaterials"), db.rows("holdings")], async () => {
    await addRow("ownMaterials", { ...rest, notDangers }, id);
    if (form.quantity > 0)
      await addRow("holdings", { site: form.site, material: id, quantity: form.quantity });
  });
  return { problems: [], added: form.name };
}

/** Notes the piece as measured here; all sizes left empty means: as usual. */
async function measure(form: GivenPiece & { holding: string }): Promise<Problem[]> {
  const empty = [form.mm1, form.mm2, form.mm3].every((text) => text.trim() === "");
  const { piece, problems } = empty ? { piece: undefined, problems: [] } : pieceOf(form);
  if (problems.length === 0) await changeRow("holdings", form.holding, { measured: piece });
  return problems;
}

export interface CupboardAnswer {
  problems: Problem[];
  added?: string;
  /** A pasted list as it was understood, to be confirmed. */
  listed?: ListedLine[];
}

/** Takes the confirmed lines of a list: what is left without a material is left out. */
async function addList(site: string, data: FormData): Promise<CupboardAnswer> {
  const materials = data.getAll("material").map(String);
  const quantities = data.getAll("quantity").map(String);
  const dangers = data.getAll("danger").map(String);
  const read = materials.map((material, i) => ({
    material,
    amount: quantity.safeParse(quantities[i]),
    danger: dangers[i] ?? "",
  }));
  const problems = read.flatMap(({ material, amount }, i): Problem[] =>
    material !== "" && !amount.success
      ? problemsOf(amount.error).map((one) => ({
          ...one,
          path: `line ${i + 1}`,
          message: `Line ${i + 1}: ${one.message}`,
        }))
      : [],
  );
  if (problems.length > 0) return { problems };
  const taken = read.flatMap(({ material, amount, danger }) =>
    material !== "" && amount.success ? [{ material, amount: amount.data, danger }] : [],
  );
  for (const { material, amount, danger } of taken) {
    const holding = await setQuantity(site, material, amount);
    // Recognised as dangerous, and the adult says that it is this: kept with the day.
    if (holding && danger !== "") {
      await changeRow("holdings", holding, (before) => ({
        notDangers: [...before.notDangers, { danger, on: deviceDate() }],
      }));
    }
  }
  return { problems: [], added: `${taken.length} things` };
}

/** Everything that a list may name: built in, and of our own. */
const withOwn = async () =>
  catalogueOf(await loadCatalogue(), {
    ownMaterials: (await database().rows("ownMaterials").toArray()).filter((row) => !row.deletedAt),
    ownActivities: [],
  });

const todayOf = async (request: Request): Promise<PlainDate> =>
  (await readHome(request))?.today ?? deviceDate();

/** Does one change of the Cupboard screen. */
export async function changeCupboard(request: Request): Promise<CupboardAnswer> {
  const data = await request.formData();
  const parsed = CupboardForm.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const form = parsed.data;
  if (form.intent === "own") return addOwn(data);
  if (form.intent === "measure") return { problems: await measure(form) };
  if (form.intent === "read-list") {
    return { problems: [], listed: readList(form.text, await withOwn()) };
  }
  if (form.intent === "add-list") return addList(form.site, data);
  switch (form.intent) {
    case "usual":
      await addUsual(form.site, form.found);
      break;
    case "gathered":
      await addGathered(form.site, form.material);
      break;
    case "about": {
      const { intent: _, holding, where, dueBack, worn, ...rest } = form;
      const today = await todayOf(request);
      // A date to give it back means that it is not ours.
      const origin = dueBack && rest.origin === "owned" ? "borrowed" : rest.origin;
      await changeRow("holdings", holding, (before) => ({
        where: where || undefined,
        ...rest,
        origin,
        dueBack: origin === "borrowed" ? dueBack : undefined,
        worn: worn && (before.worn ?? today),
      }));
      break;
    }
    case "made":
      await addMade(form.holding, form.quantity, await todayOf(request));
      break;
    case "step": {
      const by = Number(form.by);
      await setQuantity(form.site, form.material, (now) => now + by);
      break;
    }
    case "set":
      await setQuantity(form.site, form.material, form.quantity);
      break;
  }
  return { problems: [] };
}
