import { z } from "zod";
import { dueDateOf } from "../../core/age";
import {
  addDays,
  ChildId,
  fault,
  Id,
  Mouthing,
  ok,
  Place,
  PlaceId,
  PlaceKind,
  PlainDate,
  type Result,
  SiteId,
} from "../../core/model";
import { traysFor } from "../../core/planner";
import { DOES_SO_FAR, type DoesSoFar, ticksFor } from "../../core/safety";
import { restoreCopy } from "../store/backup";
import { deviceDate, type Home } from "../store/home";
import { insertRow, inTransaction, livingRows, newId, softDelete, undelete, updateRow } from "../store/rows";
import { forgetSetAside } from "./backup";
import { Clash, decideClash } from "./clashes";
import { command, done } from "./command";
import { listOf, mayBeEmpty, ticked } from "./fields";
import { type AddedPlace, addUsualPlace, removeUsualPlace, UsualPlace } from "./places";

/** A word or two, as the adult wrote them. */
const tag = z.string().trim().min(1).max(40, "At most 40 characters each.");

/** No child of this household was born before. */
const EARLIEST_BIRTH = "2000-01-01";

export const BirthDate = PlainDate.refine(
  (date) => date <= deviceDate(),
  "The birth date lies in the future. Check the year. A child who is not born yet can be added on the day.",
).refine((date) => date >= EARLIEST_BIRTH, "The birth date is long past. Check the year.");

/** A row that is removed and put back. */
const HouseholdRow = z.object({ table: z.enum(["children", "places", "moments"]), id: Id });
type HouseholdRow = z.infer<typeof HouseholdRow>;

const ChildForm = z.object({
  id: mayBeEmpty(Id),
  name: z.string().trim().min(1, "Give a name or an initial.").max(40, "At most 40 characters."),
  birth: BirthDate,
  earlyWeeks: z.coerce
    .number("Weeks: 0 to 17.")
    .int("Whole weeks.")
    .min(0, "Weeks: 0 to 17.")
    .max(17, "Weeks: 0 to 17."),
  mouths: Mouthing,
  planFor: ticked,
  interests: listOf(tag),
  allergies: listOf(tag),
});

const PlaceForm = z.object({
  id: mayBeEmpty(Id),
  name: z.string().trim().min(1, "Give the place a name.").max(60, "At most 60 characters."),
  kind: PlaceKind,
  board: mayBeEmpty(
    z.coerce
      .number("Board: a number, 1 to 10.")
      .int("Board: a whole number.")
      .min(1, "Board: 1 to 10.")
      .max(10, "Board: 1 to 10."),
  ),
  site: mayBeEmpty(SiteId),
  because: Place.shape.because.unwrap(),
  heightCm: mayBeEmpty(
    z.coerce
      .number("Height: a number of cm.")
      .min(0, "Height: 0 cm or more.")
      .max(300, "Height: at most 300 cm."),
  ),
  cue: z.string().trim().max(80, "At most 80 characters.").default(""),
  outOfReachOf: listOf(ChildId),
  exclusiveWith: listOf(PlaceId, 60),
  servesOnly: listOf(ChildId),
  /** Was it asked whom the place is for? */
  asksServes: ticked,
});

/** A tap that says of one child at one place whether it gets at it. */
const ReachSaid = z.object({
  place: PlaceId,
  child: ChildId,
  says: z.enum(["worked-out", "reaches", "kept"]),
});

const DoesSaid = z.object({
  child: ChildId,
  does: z.enum(DOES_SO_FAR as [DoesSoFar, ...DoesSoFar[]]),
});

const SiteForm = z.object({
  id: mayBeEmpty(SiteId),
  name: z.string().trim().min(1, "Give the home a name.").max(60, "At most 60 characters."),
});

const GONE = fault("no-row", "id", "That is not there any more. Reload the page.");

/**
 * Does what may change for how many children is planned. Where as many trays are out as goes with the approach, as many are
 * then; a number of one's own stays.
 */
async function withPlanned<T>(
  { db, household: { id } }: Home,
  work: () => Promise<Result<T>>,
): Promise<Result<T>> {
  const planned = async () => (await livingRows(db, "children")).filter((row) => row.planFor).length;
  return inTransaction(db, ["children", "household"], async () => {
    const before = await planned();
    const done = await work();
    const after = await planned();
    if (done.ok && after !== before) {
      await updateRow(db, "household", id, ({ approach, limits }) =>
        limits.trays === traysFor(approach, before)
          ? { limits: { ...limits, trays: traysFor(approach, after) } }
          : {},
      );
    }
    return done;
  });
}

/** Keeps a child; gives the name. */
const saveChild = (home: Home, { id, earlyWeeks, ...child }: z.infer<typeof ChildForm>) =>
  withPlanned(home, async () => {
    const { db } = home;
    const row = { ...child, due: earlyWeeks > 0 ? dueDateOf(child.birth, earlyWeeks) : undefined };
    if (id) return (await updateRow(db, "children", id, row)) ? ok(row.name) : GONE;
    await insertRow(db, "children", row);
    return ok(row.name);
  });

const PlanFor = z.object({ child: ChildId, planFor: z.boolean() });
type PlanFor = z.infer<typeof PlanFor>;

/** Plans trays for a child from now on, or no longer. Gives what was said, so that it can be taken back. */
async function planForChild(home: Home, said: PlanFor): Promise<Result<PlanFor>> {
  const { child, planFor } = said;
  const changed = await withPlanned(home, async () =>
    (await updateRow(home.db, "children", child, { planFor })) ? ok(null) : GONE,
  );
  return changed.ok ? ok(said) : changed;
}

/** Keeps a place; gives its name. */
async function savePlace(
  { db, household, today }: Home,
  input: z.infer<typeof PlaceForm>,
): Promise<Result<string>> {
  const { id, board, site, cue, asksServes, servesOnly, ...rest } = input;
  const home = site ?? household.sites[0]?.id;
  if (!household.sites.some((one) => one.id === home) || !home) {
    return fault("unknown-id", "site", "That home is not there any more. Choose another.");
  }
  const row = {
    ...rest,
    ...(rest.outOfReachOf.length > 0 ? { saidOn: today } : {}),
    board: rest.kind === "bay" ? (board ?? 1) - 1 : undefined,
    cue: cue === "" ? undefined : cue,
    ...(asksServes ? { servesOnly } : {}),
  };
  if (id) {
    const changed = await updateRow(db, "places", id, { ...row, ...(site ? { site } : {}) });
    return changed ? ok(row.name) : GONE;
  }
  await inTransaction(db, ["places"], async () => {
    const order = (await db.rows("places").count()) + 1;
    await insertRow(db, "places", { ...row, site: home, order });
  });
  return ok(row.name);
}

/** Notes that a child does get at a place, or is kept from it by a lock; or leaves it to be worked out. */
async function sayReach(
  { db, today }: Home,
  { place, child, says }: z.infer<typeof ReachSaid>,
): Promise<Result<null>> {
  const changed = await updateRow(db, "places", place, (row) => {
    const without = (ids: readonly ChildId[]) => ids.filter((id) => id !== child);
    const kept = without(row.outOfReachOf);
    return {
      reachedBy: says === "reaches" ? [...without(row.reachedBy), child] : without(row.reachedBy),
      outOfReachOf: says === "kept" ? [...kept, child] : kept,
      // A lock keeps a child away, height does not by itself.
      because: says === "kept" && row.because === "high" ? ("lock" as const) : row.because,
      saidOn: today,
    };
  });
  return changed ? ok(null) : GONE;
}

/** Notes what a child does so far: that, and nothing of what is more. It holds for two weeks, then it is asked again. */
async function sayDoes(
  { db, today: on }: Home,
  { child, does }: z.infer<typeof DoesSaid>,
): Promise<Result<null>> {
  await inTransaction(db, ["skillNotes"], async () => {
    for (const tick of ticksFor(does)) await insertRow(db, "skillNotes", { ...tick, child, on });
  });
  return ok(null);
}

/** Adds a home, or gives one another name; gives the name. */
async function saveSite(
  { db, household }: Home,
  { id, name }: z.infer<typeof SiteForm>,
): Promise<Result<string>> {
  await updateRow(db, "household", household.id, ({ sites }) => ({
    sites: id
      ? sites.map((one) => (one.id === id ? { id, name } : one))
      : [...sites, { id: SiteId.parse(newId()), name }],
  }));
  return ok(name);
}

async function remove(home: Home, { table, id }: HouseholdRow): Promise<Result<null>> {
  const { db } = home;
  const gone = async () => ((await softDelete(db, table, id)) ? ok(null) : GONE);
  if (table !== "children") return gone();
  return withPlanned(home, async () => {
    const planned = (await livingRows(db, "children")).filter((row) => row.planFor);
    if (planned.length !== 1 || planned[0]?.id !== id) return gone();
    const message = "This is the only child the shelf is planned for. Add another before removing it.";
    return fault("last-child", "id", message);
  });
}

/** Puts back what was removed. */
async function putBack(home: Home, { table, id }: HouseholdRow): Promise<Result<null>> {
  const back = async () => ((await undelete(home.db, table, id)) ? ok(null) : GONE);
  return table === "children" ? withPlanned(home, back) : back();
}

async function moveClock({ db, household }: Home, days: number): Promise<Result<null>> {
  const { demoDate } = household;
  if (demoDate) await updateRow(db, "household", household.id, { demoDate: addDays(demoDate, days) });
  return ok(null);
}

/** Adds one of the usual places; gives it, so that it can be taken away again. */
async function addPlace(home: Home, place: UsualPlace): Promise<Result<AddedPlace>> {
  const added = await addUsualPlace(home, place);
  return added.ok ? ok({ id: added.value, place }) : added;
}

/** The household's people, places and homes, and the demo's day. */
export const household = {
  saveChild: command(ChildForm, saveChild),
  planFor: command(PlanFor, planForChild),
  savePlace: command(PlaceForm, savePlace),
  addPlace: command(z.object({ place: UsualPlace }), (home, { place }) => addPlace(home, place)),
  removePlace: command(z.object({ id: PlaceId }), async (home, { id }) =>
    (await removeUsualPlace(home, id)) ? ok(null) : GONE,
  ),
  sayReach: command(ReachSaid, sayReach),
  sayDoes: command(DoesSaid, sayDoes),
  saveSite: command(SiteForm, saveSite),
  remove: command(HouseholdRow, remove),
  putBack: command(HouseholdRow, putBack),
  moveDemo: command(z.object({ days: z.number().int().min(1).max(7) }), (home, { days }) =>
    moveClock(home, days),
  ),
  takeOther: command(Clash, (home, { id }) => decideClash(home, id, true)),
  leaveStanding: command(Clash, (home, { id }) => decideClash(home, id, false)),
  forgetSetAside: command(z.object({}), ({ db }) => done(forgetSetAside(db))),
  restoreCopy: command(z.object({ copy: z.string().max(80) }), ({ db }, { copy }) => restoreCopy(db, copy)),
};
