import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { nextStart, situationOf } from "../../core/household";
import {
  ActivityId,
  activityOf,
  addDays,
  ChildId,
  fault,
  ok,
  PlaceId,
  PlainDate,
  type Result,
  RungId,
  type Wish,
  WishId,
} from "../../core/model";
import { explainPlacement } from "../../core/planner";
import { barrierText } from "../../words/barriers";
import type { Home } from "../store/home";
import { softDelete } from "../store/rows";
import { command, done } from "./command";
import { mayBeEmpty } from "./fields";
import { isAbout, type NewWish, replaceWishes, undoWishes, type WishChange } from "./wishChanges";

const About = z.object({ child: ChildId, activity: ActivityId });

/** A tray of a plan: `on` is the first day of the rotation that it is in, `first` that of the plan. */
const PlannedTray = z.object({ ...About.shape, rung: RungId, on: PlainDate, first: PlainDate });
type PlannedTray = z.infer<typeof PlannedTray>;

const Swap = PlannedTray.extend({ inActivity: ActivityId, inRung: RungId });
const Moved = PlannedTray.extend({ toPlace: PlaceId, toOn: PlainDate });
const Soon = About.extend({ on: mayBeEmpty(PlainDate) });
const OnPlan = About.extend({ rung: RungId });
export const WishesUndone = z.object({ added: z.array(WishId).max(20), removed: z.array(WishId).max(1000) });
/** A tray's activity goes on a later shelf of another child's, which begins on the day `from`. */
const HandedOn = OnPlan.extend({ from: PlainDate });

/** "Not now" keeps an activity away for so many days: a month. */
const NOT_NOW_DAYS = 30;

const isLockOn = (input: Pick<Wish, "child" | "activity">) => (old: Wish) =>
  old.kind === "lock" && isAbout(input)(old);

/** A lock holds for the next rotation; for a later one it names a day of it. */
const heldFor = ({ on, first }: { on: PlainDate; first: PlainDate }) => (on === first ? {} : { from: on });

/** Keeps a wish in the place of all that was said about the activity for the child before. */
const wish = async ({ db }: Home, fields: NewWish): Promise<Result<WishChange>> =>
  ok(await replaceWishes(db, [fields], isAbout(fields)));

async function lock({ db }: Home, input: PlannedTray): Promise<Result<WishChange>> {
  const { child, activity, rung, first: on } = input;
  const kept = { child, activity, rung, kind: "lock" as const, on, ...heldFor(input) };
  return ok(await replaceWishes(db, [kept], isLockOn(input)));
}

const notNow = (home: Home, { child, activity, first, on }: PlannedTray) =>
  wish(home, { child, activity, kind: "not-until", on: first, until: addDays(on, NOT_NOW_DAYS) });

/** Another activity comes in the place of a tray, which waits until the next rotation. */
async function swap({ db }: Home, input: z.infer<typeof Swap>): Promise<Result<WishChange>> {
  const { child, activity, first, on } = input;
  const comes = { child, activity: input.inActivity };
  const wishes: NewWish[] = [
    { child, activity, kind: "not-until", on: first, until: on },
    { ...comes, rung: input.inRung, kind: "lock", on: first, ...heldFor(input) },
  ];
  return ok(await replaceWishes(db, wishes, (old) => isAbout(input)(old) || isLockOn(comes)(old)));
}

/** Puts a tray elsewhere: at another place, or into another rotation of the plan, where that is possible. */
async function move(home: Home, input: z.infer<typeof Moved>): Promise<Result<WishChange>> {
  const { first, toOn, toPlace, child, activity, rung } = input;
  const now = situationOf(await loadCatalogue(), home.tables, first, home.site.id);
  const then = toOn === first ? now : situationOf(await loadCatalogue(), home.tables, toOn, now.site, now);
  const why = explainPlacement(then, child, activity, rung, toPlace);
  if (why) return fault("not-possible", "toPlace", barrierText(why));
  const named = { child, activity, on: first };
  const lock = { ...named, rung, kind: "lock" as const, place: toPlace, ...heldFor({ on: toOn, first }) };
  const waits = toOn > first ? [{ ...named, kind: "not-until" as const, until: addDays(toOn, -1) }] : [];
  return ok(await replaceWishes(home.db, [lock, ...waits], isAbout(input)));
}

/**
 * Asks the plan for an activity on a later shelf of another child's, in place of what was asked about it for that child before. The
 * plan judges it for that child's reach then.
 */
async function handOn(home: Home, input: z.infer<typeof HandedOn>): Promise<Result<WishChange>> {
  const { db, tables, site, household, today: on } = home;
  const { activity, rung, child, from } = input;
  if (!home.children.some((one) => one.id === child && one.planFor)) {
    return fault("no-child", "child", "Nothing is planned for that child. Say so in Household first.");
  }
  if (!activityOf(home.catalogue, activity)?.rungs.some((one) => one.id === rung)) {
    return fault("no-row", "rung", "That is no longer there.");
  }
  const next = nextStart(tables, site.id, on, household);
  if (from < next) return fault("too-early", "from", "That shelf stands already: give it on the spot.");
  const lock = { child, activity, rung, kind: "lock" as const, on, ...(from === next ? {} : { from }) };
  return ok(await replaceWishes(db, [lock], isLockOn(lock)));
}

/** Wishes: the adult asks the planner something about an activity. Each command gives the change, so that it can be undone. */
export const wishes = {
  lock: command(PlannedTray, lock),
  unlock: command(About, async ({ db }, about) => ok(await replaceWishes(db, [], isLockOn(about)))),
  notNow: command(PlannedTray, notNow),
  never: command(PlannedTray, (home, { child, activity, first: on }) =>
    wish(home, { child, activity, kind: "never", on }),
  ),
  soon: command(Soon, (home, { on = home.today, ...about }) => wish(home, { ...about, kind: "soon", on })),
  putOnPlan: command(OnPlan, (home, about) => wish(home, { ...about, kind: "lock", on: home.today })),
  swap: command(Swap, swap),
  move: command(Moved, move),
  handOn: command(HandedOn, handOn),
  takeBack: command(z.object({ wish: WishId }), ({ db }, given) =>
    done(softDelete(db, "wishes", given.wish)),
  ),
  undo: command(WishesUndone, ({ db }, change) => done(undoWishes(db, change))),
};
