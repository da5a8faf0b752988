import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { dueDateOf } from "../../core/age";
import { isBeyondActivities } from "../../core/household/planned";
import {
  Approach,
  type Catalogue,
  type ChildId,
  FIRST_SITE,
  fault,
  Household,
  Limits,
  Mouthing,
  ok,
  type Result,
} from "../../core/model";
import { APPROACH_DEFAULTS, traysFor } from "../../core/planner";
import { DOES_SO_FAR, type DoesSoFar, ticksFor } from "../../core/safety";
import { now } from "../store/clock";
import { database } from "../store/db";
import { deviceDate } from "../store/home";
import { inTransaction, livingRows, newId, newRow } from "../store/rows";
import { listOf, ticked } from "./fields";
import { BirthDate } from "./household";
import { newUsualPlaces, UsualPlace, usualPlacesFor } from "./places";

const whole = (min: number, max: number, what: string) =>
  z.coerce.number(what).int(what).min(min, what).max(max, what);

export const MAX_CHILDREN = 8;
export const MAX_BOARDS = 6;

/** Whether trays are planned for a child: by the age (to 66 months), or as the adult says. */
const Plans = z.enum(["by-age", "yes", "no"]);
export type Plans = z.infer<typeof Plans>;

/** A child of the first form: everybody is asked the same. */
const SetUpChild = z.object({
  name: z.string().trim().min(1, "Give the child's name or an initial.").max(40, "At most 40 characters."),
  birth: BirthDate,
  earlyWeeks: whole(0, 17, "Weeks born early: 0 to 17."),
  mouths: Mouthing.default("by-age"),
  allergies: listOf(z.string().trim().min(1).max(40, "At most 40 characters each.")),
  plans: Plans.default("by-age"),
});
type SetUpChild = z.infer<typeof SetUpChild>;

/** The fields of the first form. Everything can be changed later. */
export const SetUpInput = z
  .object({
    /** Everyone who may get at the shelf: at home or visiting, planned for or not. */
    children: listOf(SetUpChild, MAX_CHILDREN).refine((children) => children.length > 0, "Add a child."),
    /** Height of each board above the floor in cm, from the top; none where there is no shelf. */
    heightsCm: listOf(z.number("A height in cm.").min(0, "0 cm or more.").max(300, "At most 300 cm."))
      .refine((heights) => heights.length <= MAX_BOARDS, `Boards: 0 to ${MAX_BOARDS}.`)
      .refine(
        (heights) => heights.every((cm, i) => i === 0 || cm < (heights[i - 1] ?? 0)),
        "Each board stands lower than the one above it.",
      ),
    /** The adult's word on a board, against the arithmetic; children by their order, the first is 0. */
    reach: listOf(
      z.object({ board: z.number().int(), child: z.number().int(), says: z.enum(["reaches", "kept"]) }),
      MAX_CHILDREN * MAX_BOARDS,
    ),
    /** The abilities of children so far, as the adult says; children by their order, the first is 0. */
    does: listOf(
      z.object({ child: z.number().int(), does: z.enum(DOES_SO_FAR as [DoesSoFar, ...DoesSoFar[]]) }),
    ),
    baysPerBoard: whole(1, 6, "Bays on a board: 1 to 6."),
    /** The places beside the shelf; where nothing was said, those that such a home has as a rule. */
    places: z.preprocess(
      // A form sends an empty text for what was left as it is.
      (value) => (value === "" || value === undefined ? null : value),
      z.union([z.null(), listOf(UsualPlace)]),
    ),
    approach: Approach.default("quiet-shelf"),
    usual: ticked,
    /** Table, mat, wet spot and outdoors have their usual hours, so that several activities share them through the week. */
    hours: ticked,
  })
  .refine(
    ({ heightsCm, places, approach }) =>
      heightsCm.length > 0 || places === null || places.length > 0 || approach === "in-the-day",
    {
      path: ["places"],
      message: "Without a shelf, tick one place at least: a mat, a table, the floor, or the day itself.",
    },
  );
export type SetUpInput = z.infer<typeof SetUpInput>;

/** Sensible limits to begin with, by approach, besides how many trays are out. */
const LIMITS: Record<Approach, Partial<z.input<typeof Limits>>> = {
  "quiet-shelf": {},
  "open-play": { messy: 3, loud: 3, adultBeside: 2, prepMinutes: 20 },
  "theme-week": { prepMinutes: 90, messy: 3 },
  "strength-and-grasp": { adultBeside: 5, prepMinutes: 30 },
  "in-the-day": { adultBeside: 5, wet: 2, messy: 3, prepMinutes: 10 },
};

/** The bays of each board, with its height and what the adult said of it. */
function baysOf({ heightsCm, baysPerBoard, reach }: SetUpInput, children: readonly ChildId[]) {
  const said = (board: number, says: "reaches" | "kept") =>
    reach.flatMap((one) => (one.board === board && one.says === says ? (children[one.child] ?? []) : []));
  return heightsCm.flatMap((heightCm, board) => {
    const kept = said(board, "kept");
    const reachedBy = said(board, "reaches");
    return Array.from({ length: baysPerBoard }, (_, order) =>
      newRow("places", {
        site: FIRST_SITE,
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
}

const usualHoldings = ({ materials }: Catalogue) =>
  materials
    .filter((material) => material.usual > 0)
    .map((material) =>
      newRow("holdings", { site: FIRST_SITE, material: material.id, quantity: material.usual }),
    );

/** The places besides the shelf: who works in the day has the day itself among them. */
function otherPlaces({ places, approach, children }: SetUpInput): readonly UsualPlace[] {
  const said = places ?? usualPlacesFor(children.map(bornOf), deviceDate());
  return approach === "in-the-day" && !said.includes("routine") ? [...said, "routine"] : said;
}

const bornOf = ({ birth, earlyWeeks }: SetUpChild) => ({
  birth,
  ...(earlyWeeks > 0 ? { due: dueDateOf(birth, earlyWeeks) } : {}),
});

function childRow(child: SetUpChild) {
  const { name, mouths, allergies, plans } = child;
  const born = bornOf(child);
  const planFor = plans === "by-age" ? !isBeyondActivities(born, deviceDate()) : plans === "yes";
  return newRow("children", { name, ...born, mouths, planFor, interests: [], allergies });
}

/** Makes the household in one transaction: children, places, and the usual things of a home. There is one at most. */
export async function setUpHousehold(form: SetUpInput): Promise<Result<null>> {
  const db = database("ours");
  const children = form.children.map(childRow);
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
    sites: [{ id: FIRST_SITE, name: "At home" }],
    approach: form.approach,
    limits: Limits.parse({
      ...LIMITS[form.approach],
      trays: traysFor(form.approach, children.filter((child) => child.planFor).length),
    }),
    mix,
    planning,
  });
  const holdings = form.usual ? usualHoldings(await loadCatalogue()) : [];
  const bays = baysOf(
    form,
    children.map((one) => one.id),
  );
  const hasHours = form.hours || form.approach === "in-the-day";
  const others = newUsualPlaces(otherPlaces(form), FIRST_SITE, hasHours);
  const tables = ["household", "children", "places", "holdings", "skillNotes", "moments"] as const;
  return inTransaction(db, tables, async () => {
    if ((await livingRows(db, "household")).length > 0) {
      return fault("has-household", "", "There is a household in this browser already. Open it instead.");
    }
    await db.rows("household").add(household);
    await db.rows("children").bulkAdd(children);
    await db.rows("places").bulkAdd([...bays, ...others.places]);
    await db.rows("moments").bulkAdd(others.moments);
    await db.rows("holdings").bulkAdd(holdings);
    await db.rows("skillNotes").bulkAdd(ticks);
    return ok(null);
  });
}
