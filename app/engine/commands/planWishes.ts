import { z } from "zod";
import { situationOf } from "../../core/household";
import {
  ActivityId,
  addDays,
  type Catalogue,
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
import { isAbout, type NewWish, replaceWishes, undoWishes, type WishChange } from "./wishes";

/** `on` is the first day of the rotation that the tray is in, `first` that of the plan. */
const tray = { child: ChildId, activity: ActivityId, rung: RungId, on: PlainDate, first: PlainDate };

/** What the adult asks of the planner about one activity, and the undoing of it. */
export const WISH_INPUTS = [
  z.object({ intent: z.literal("lock"), ...tray }),
  z.object({ intent: z.literal("unlock"), child: ChildId, activity: ActivityId }),
  z.object({ intent: z.literal("not-now"), ...tray }),
  z.object({ intent: z.literal("never"), ...tray }),
  z.object({ intent: z.literal("soon"), child: ChildId, activity: ActivityId, on: PlainDate }),
  z.object({ intent: z.literal("swap"), ...tray, inActivity: ActivityId, inRung: RungId }),
  z.object({ intent: z.literal("move"), ...tray, toPlace: PlaceId, toOn: PlainDate }),
  z.object({ intent: z.literal("take-back"), wish: WishId }),
  z.object({ intent: z.literal("undo"), added: z.array(WishId).max(20), removed: z.array(WishId).max(60) }),
] as const;
export type WishInput = z.infer<(typeof WISH_INPUTS)[number]>;
type Of<I extends WishInput["intent"]> = Extract<WishInput, { intent: I }>;
type Said = Exclude<WishInput, { intent: "take-back" | "undo" | "move" }>;

/** How long "not now" keeps an activity away: a month. */
const NOT_NOW_DAYS = 30;

const isLockOn = (input: Pick<Wish, "child" | "activity">) => (old: Wish) =>
  old.kind === "lock" && isAbout(input)(old);

/** A lock holds for the next rotation; for a later one it names a day of it. */
const heldFor = ({ on, first }: { on: PlainDate; first: PlainDate }) => (on === first ? {} : { from: on });

interface Replacement {
  wishes: NewWish[];
  replaces(old: Wish): boolean;
}

/** The wishes that an input asks for, and those that they take the place of. */
function replacementFor(input: Said): Replacement {
  const { child, activity } = input;
  const named = { child, activity };
  switch (input.intent) {
    case "lock": {
      const lock = { ...named, rung: input.rung, kind: "lock" as const, on: input.first };
      return { wishes: [{ ...lock, ...heldFor(input) }], replaces: isLockOn(input) };
    }
    case "unlock":
      return { wishes: [], replaces: isLockOn(input) };
    case "not-now": {
      const until = addDays(input.on, NOT_NOW_DAYS);
      return {
        wishes: [{ ...named, kind: "not-until", on: input.first, until }],
        replaces: isAbout(input),
      };
    }
    case "never":
      return { wishes: [{ ...named, kind: "never", on: input.first }], replaces: isAbout(input) };
    case "soon":
      return { wishes: [{ ...named, kind: "soon", on: input.on }], replaces: isAbout(input) };
    case "swap": {
      const comes = { child, activity: input.inActivity };
      return {
        wishes: [
          { ...named, kind: "not-until", on: input.first, until: input.on },
          { ...comes, rung: input.inRung, kind: "lock", on: input.first, ...heldFor(input) },
        ],
        replaces: (old) => isAbout(input)(old) || isLockOn(comes)(old),
      };
    }
  }
}

/** Puts a tray elsewhere: at another place, or into another rotation of the plan, where that is possible. */
async function move(home: Home, builtIn: Catalogue, input: Of<"move">): Promise<Result<WishChange>> {
  const { first, toOn, toPlace, child, activity, rung } = input;
  const now = situationOf(builtIn, home.tables, first, home.site.id);
  const then = toOn === first ? now : situationOf(builtIn, home.tables, toOn, now.site, now);
  const why = explainPlacement(then, child, activity, rung, toPlace);
  if (why) return fault("not-possible", "toPlace", barrierText(why));
  const named = { child, activity, on: first };
  const lock = { ...named, rung, kind: "lock" as const, place: toPlace, ...heldFor({ on: toOn, first }) };
  const waits = toOn > first ? [{ ...named, kind: "not-until" as const, until: addDays(toOn, -1) }] : [];
  return ok(await replaceWishes(home.db, [lock, ...waits], isAbout(input)));
}

/** Keeps what was asked of the planner; gives what can be undone, where something can. */
export async function changeWish(
  home: Home,
  builtIn: Catalogue,
  input: WishInput,
): Promise<Result<WishChange | undefined>> {
  switch (input.intent) {
    case "move":
      return move(home, builtIn, input);
    case "undo":
      await undoWishes(home.db, input);
      return ok(undefined);
    case "take-back":
      await softDelete(home.db, "wishes", input.wish);
      return ok(undefined);
    default: {
      const { wishes, replaces } = replacementFor(input);
      return ok(await replaceWishes(home.db, wishes, replaces));
    }
  }
}
