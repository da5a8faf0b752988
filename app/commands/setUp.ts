import { z } from "zod";
import { loadCatalogue } from "../catalogue";
import { dueDateOf } from "../core/age";
import {
  Approach,
  type Catalogue,
  fault,
  Household,
  Limits,
  ok,
  type Place,
  PlaceKind,
  type Result,
  type Routine,
} from "../core/model";
import { APPROACH_DEFAULTS, traysFor } from "../core/planner";
import { DOES_SO_FAR, type DoesSoFar, ticksFor } from "../core/safety";
import { now } from "../data/clock";
import { database } from "../data/db";
import { deviceDate } from "../data/home";
import { inTransaction, livingRows, newId, newRow } from "../data/rows";
import { USUAL_TIMES } from "../words/moments";
import { listOf, ticked } from "./fields";
import { BirthDate } from "./household";

const whole = (min: number, max: number, what: string) =>
  z.coerce.number(what).int(what).min(min, what).max(max, what);

/** What the first form asks. Everything can be changed later. */
export const SetUpInput = z.object({
  intent: z.literal("set-up"),
  name: z.string().trim().min(1, "Give the child's name or an initial.").max(40, "At most 40 characters."),
  birth: BirthDate,
  earlyWeeks: whole(0, 17, "Weeks born early: 0 to 17."),
  mouths: z.enum(["by-age", "yes", "no"]).default("by-age"),
  allergies: listOf(z.string().trim().min(1).max(40, "At most 40 characters each.")),
  /** Everyone else who may get at the shelf: siblings, older or younger, and children who visit. */
  others: listOf(
    z.object({
      name: z.string().trim().min(1, "Give a name or an initial.").max(40, "At most 40 characters."),
      birth: BirthDate,
    }),
  ),
  /** Height of each board above the floor in cm, from the top. */
  heightsCm: listOf(z.number("A height in cm.").min(0, "0 cm or more.").max(300, "At most 300 cm."))
    .refine((heights) => heights.length >= 1 && heights.length <= 6, "Boards: 1 to 6.")
    .refine(
      (heights) => heights.every((cm, i) => i === 0 || cm < (heights[i - 1] ?? 0)),
      "Each board stands lower than the one above it.",
    ),
  /** What the adult said of a board, against the arithmetic; children by their order, the first is 0. */
  reach: listOf(
    z.object({ board: z.number().int(), child: z.number().int(), says: z.enum(["reaches", "kept"]) }),
  ),
  /** What children do so far, as the adult says; children by their order, the first is 0. */
  does: listOf(
    z.object({ child: z.number().int(), does: z.enum(DOES_SO_FAR as [DoesSoFar, ...DoesSoFar[]]) }),
  ),
  baysPerBoard: whole(1, 6, "Bays on a board: 1 to 6."),
  places: listOf(PlaceKind),
  approach: Approach.default("quiet-shelf"),
  usual: ticked,
  /** Table, mat, wet spot and outdoors have their usual hours, so that several activities share them through the week. */
  hours: ticked,
});
export type SetUpInput = z.infer<typeof SetUpInput>;

const PLACE_NAMES: Partial<Record<PlaceKind, string>> = {
  table: "Low table",
  mat: "Mat",
  floor: "Floor",
  outdoors: "Outdoors",
  "wet-spot": "Wet spot",
  window: "Window",
  "high-chair": "High-chair tray",
  routine: "In the day",
};

/** Sensible limits to begin with, by approach, besides how many trays are out. */
const LIMITS: Record<Approach, Partial<z.input<typeof Limits>>> = {
  "quiet-shelf": {},
  "open-play": { messy: 3, loud: 3, adultBeside: 2, prepMinutes: 20 },
  "theme-week": { prepMinutes: 90, messy: 3 },
  "strength-and-grasp": { adultBeside: 5, prepMinutes: 30 },
  "in-the-day": { adultBeside: 5, wet: 2, messy: 3, prepMinutes: 10 },
};

const SITE = "home";

/** The bays of each board, with its height and what the adult said of it; then the other places. */
function placesOf(form: SetUpInput, children: readonly string[]) {
  const { heightsCm, baysPerBoard, reach } = form;
  const said = (board: number, says: "reaches" | "kept") =>
    reach.flatMap((one) => (one.board === board && one.says === says ? (children[one.child] ?? []) : []));
  const bays = heightsCm.flatMap((heightCm, board) => {
    const kept = said(board, "kept");
    const reachedBy = said(board, "reaches");
    return Array.from({ length: baysPerBoard }, (_, order) =>
      newRow("places", {
        site: SITE,
        name: `Board ${board + 1}, bay ${order + 1}`,
        kind: "bay",
        board,
        order,
        heightCm,
        outOfReachOf: kept,
        because: kept.length > 0 ? "lock" : "high",
        reachedBy,
        ...(kept.length + reachedBy.length > 0 ? { saidOn: deviceDate() } : {}),
      }),
    );
  });
  const others = otherPlaces(form).map((kind, order) =>
    newRow("places", { site: SITE, name: PLACE_NAMES[kind] ?? kind, kind, order: order + 1 }),
  );
  return [...bays, ...others];
}

const usualHoldings = ({ materials }: Catalogue) =>
  materials
    .filter((material) => material.usual > 0)
    .map((material) => newRow("holdings", { site: SITE, material: material.id, quantity: material.usual }));

/** The hours at which places are mostly used. What is done in the day is nothing but its hours. */
const USUAL_HOURS: Partial<Record<PlaceKind, readonly Routine[]>> = {
  table: ["after-breakfast", "after-nap"],
  mat: ["morning"],
  "wet-spot": ["bath"],
  outdoors: ["walk"],
  routine: ["dressing", "walk", "at-meal", "before-nap", "bath", "evening"],
};

const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];

/** The moments of the places that have hours; what another place has them for, the routines of the day leave to it. */
const momentsOf = (places: readonly Place[], withHours: boolean) =>
  places
    .filter(({ kind }) => withHours || kind === "routine")
    .flatMap(({ id, kind }) => {
      const others = places
        .filter((one) => withHours && one.kind !== "routine")
        .flatMap((one) => USUAL_HOURS[one.kind] ?? []);
      return (USUAL_HOURS[kind] ?? [])
        .filter((routine) => kind !== "routine" || !others.includes(routine))
        .map((routine) =>
          newRow("moments", { place: id, routine, ...USUAL_TIMES[routine], weekdays: EVERY_DAY }),
        );
    });

/** The places besides the shelf: who works in the day has the day itself among them. */
const otherPlaces = ({ places, approach }: SetUpInput): readonly PlaceKind[] =>
  approach === "in-the-day" && !places.includes("routine") ? [...places, "routine"] : places;

/** Makes the household in one transaction: children, places, and the usual things of a home. There is one at most. */
export async function setUpHousehold(form: SetUpInput): Promise<Result<null>> {
  const db = database("ours");
  const child = newRow("children", {
    name: form.name,
    birth: form.birth,
    ...(form.earlyWeeks > 0 ? { due: dueDateOf(form.birth, form.earlyWeeks) } : {}),
    mouths: form.mouths,
    planFor: true,
    interests: [],
    allergies: form.allergies,
  });
  const others = form.others.map(({ name, birth }) =>
    newRow("children", { name, birth, mouths: "by-age", planFor: false, interests: [], allergies: [] }),
  );
  const children = [child, ...others];
  const ticks = form.does.flatMap(({ child: order, does }) => {
    const id = children[order]?.id;
    return id
      ? ticksFor(does).map((tick) => newRow("skillNotes", { ...tick, child: id, on: deviceDate() }))
      : [];
  });
  const stamp = now();
  const { mix, planning } = APPROACH_DEFAULTS[form.approach];
  const household = Household.parse({
    id: newId(),
    createdAt: stamp,
    updatedAt: stamp,
    name: "Our home",
    sites: [{ id: SITE, name: "At home" }],
    approach: form.approach,
    // One child is planned for so far; of each further one as many trays come in Household.
    limits: Limits.parse({ ...LIMITS[form.approach], trays: traysFor(form.approach, 1) }),
    mix,
    planning,
  });
  const holdings = form.usual ? usualHoldings(await loadCatalogue()) : [];
  const places = placesOf(
    form,
    children.map((one) => one.id),
  );
  const tables = ["household", "children", "places", "holdings", "skillNotes", "moments"] as const;
  return inTransaction(db, tables, async () => {
    if ((await livingRows(db, "household")).length > 0) {
      return fault("has-household", "", "There is a household in this browser already. Open it instead.");
    }
    await db.rows("household").add(household);
    await db.rows("children").bulkAdd(children);
    await db.rows("places").bulkAdd(places);
    await db.rows("moments").bulkAdd(momentsOf(places, form.hours || form.approach === "in-the-day"));
    await db.rows("holdings").bulkAdd(holdings);
    await db.rows("skillNotes").bulkAdd(ticks);
    return ok(null);
  });
}
