import { z } from "zod";
import { loadCatalogue } from "../catalogue";
import { dueDateOf } from "../core/age";
import {
  Approach,
  Household,
  Limits,
  PlaceKind,
  PlainDate,
  type Problem,
  problemsOf,
  type Result,
} from "../core/model";
import { now } from "./clock";
import { database, showHousehold } from "./db";
import { mayBeEmpty } from "./forms";
import { deviceDate } from "./household";
import { newId, newRow } from "./rows";

const whole = (min: number, max: number, what: string) =>
  z.coerce.number(what).int(what).min(min, what).max(max, what);

const optionalText = z
  .string()
  .trim()
  .transform((text) => (text === "" ? undefined : text))
  .optional();

/** What the first form asks. Everything can be changed later. */
export const SetUpForm = z.object({
  name: z.string().trim().min(1, "Give the child's name or an initial.").max(40, "At most 40 characters."),
  birth: PlainDate.refine(
    (date) => date <= deviceDate(),
    "The birth date lies in the future. Check the year.",
  ),
  earlyWeeks: whole(0, 17, "Weeks born early: 0 to 17."),
  mouths: z.enum(["by-age", "yes", "no"]).default("by-age"),
  youngerName: optionalText,
  youngerBirth: mayBeEmpty(
    PlainDate.refine((date) => date <= deviceDate(), "The birth date lies in the future. Check the year."),
  ),
  boards: whole(1, 6, "Boards: 1 to 6."),
  baysPerBoard: whole(1, 6, "Bays on a board: 1 to 6."),
  places: z.array(PlaceKind).default([]),
  approach: Approach.default("quiet-shelf"),
  usual: z.boolean().default(true),
});
export type SetUpForm = z.infer<typeof SetUpForm>;

const PLACE_NAMES: Partial<Record<PlaceKind, string>> = {
  table: "Low table",
  mat: "Mat",
  floor: "Floor",
  outdoors: "Outdoors",
  "wet-spot": "Wet spot",
  window: "Window",
  "high-chair": "High-chair tray",
};

/** Sensible limits to begin with, by approach. */
const LIMITS: Record<Approach, Partial<z.input<typeof Limits>>> = {
  "quiet-shelf": {},
  "open-play": { messy: 3, loud: 3, adultBeside: 2, prepMinutes: 20 },
  "theme-week": { prepMinutes: 90, messy: 3 },
  "strength-and-grasp": { adultBeside: 5, prepMinutes: 30 },
  "in-the-day": { adultBeside: 5, wet: 2, messy: 3, prepMinutes: 10 },
};

export function parseSetUp(form: FormData): Result<SetUpForm> {
  const parsed = SetUpForm.safeParse({
    ...Object.fromEntries(form),
    places: form.getAll("places"),
    usual: form.get("usual") === "on",
  });
  if (!parsed.success) return { ok: false, problems: problemsOf(parsed.error) };
  const { youngerName, youngerBirth } = parsed.data;
  const half: Problem[] =
    Boolean(youngerName) === Boolean(youngerBirth)
      ? []
      : [
          {
            code: "half-given",
            path: youngerName ? "youngerBirth" : "youngerName",
            message: "Give both the name and the birth date of the younger one, or neither.",
          },
        ];
  return half.length > 0 ? { ok: false, problems: half } : { ok: true, value: parsed.data };
}

const SITE = "home";

function placesOf(form: SetUpForm, younger: string | undefined) {
  const bays = Array.from({ length: form.boards * form.baysPerBoard }, (_, i) => {
    const board = Math.floor(i / form.baysPerBoard);
    // A crawling baby reaches the lowest board; a single board is within everyone's reach.
    const high = younger !== undefined && form.boards > 1 && board < form.boards - 1;
    return newRow("places", {
      site: SITE,
      name: `Board ${board + 1}, bay ${(i % form.baysPerBoard) + 1}`,
      kind: "bay",
      board,
      order: i % form.baysPerBoard,
      outOfReachOf: high ? [younger] : [],
      because: "high",
      exclusiveWith: [],
      servesOnly: [],
    });
  });
  const others = form.places.map((kind, order) =>
    newRow("places", {
      site: SITE,
      name: PLACE_NAMES[kind] ?? kind,
      kind,
      order: order + 1,
      outOfReachOf: [],
      because: "high",
      exclusiveWith: [],
      servesOnly: [],
    }),
  );
  return [...bays, ...others];
}

const usualHoldings = async () =>
  (await loadCatalogue()).materials
    .filter((material) => material.usual > 0)
    .map((material) => newRow("holdings", { site: SITE, material: material.id, quantity: material.usual }));

/** Makes the household in one transaction: children, places, and the usual things of a home. */
export async function setUpHousehold(form: SetUpForm): Promise<void> {
  const db = database("ours");
  const child = newRow("children", {
    name: form.name,
    birth: form.birth,
    ...(form.earlyWeeks > 0 ? { due: dueDateOf(form.birth, form.earlyWeeks) } : {}),
    mouths: form.mouths,
    planFor: true,
    interests: [],
    allergies: [],
  });
  const younger =
    form.youngerName && form.youngerBirth
      ? newRow("children", {
          name: form.youngerName,
          birth: form.youngerBirth,
          mouths: "by-age",
          planFor: false,
          interests: [],
          allergies: [],
        })
      : undefined;
  const stamp = now();
  const household = Household.parse({
    id: newId(),
    createdAt: stamp,
    updatedAt: stamp,
    name: "Our home",
    sites: [{ id: SITE, name: "At home" }],
    approach: form.approach,
    limits: Limits.parse(LIMITS[form.approach]),
  });
  const holdings = form.usual ? await usualHoldings() : [];
  await db.transaction(
    "rw",
    [db.rows("household"), db.rows("children"), db.rows("places"), db.rows("holdings")],
    async () => {
      if ((await db.rows("household").toArray()).some((row) => !row.deletedAt)) return;
      await db.rows("household").add(household);
      await db.rows("children").bulkAdd(younger ? [child, younger] : [child]);
      await db.rows("places").bulkAdd(placesOf(form, younger?.id));
      await db.rows("holdings").bulkAdd(holdings);
    },
  );
  showHousehold("ours");
}
