import { z } from "zod";
import { nextStart, otherwise } from "../../core/household";
import { awayFrom } from "../../core/materials";
import {
  ActivityId,
  activityOf,
  ChildId,
  fault,
  Id,
  NeedId,
  ok,
  PlaceId,
  PlainDate,
  type Result,
  RungId,
  TrayId,
} from "../../core/model";
import { barrierText } from "../../words/barriers";
import type { Home } from "../store/home";
import { inTransaction, livingRow, updateRow } from "../store/rows";
import { recountPrepared } from "./preparing";
import { isAbout, replaceWishes, undoWishes, type WishChange } from "./wishes";

/** A tray that stands is set out otherwise at once: another rung, another child, another place. */
export const OTHERWISE_INPUT = z.object({
  intent: z.literal("otherwise"),
  tray: TrayId,
  rung: RungId,
  child: ChildId.optional(),
  place: PlaceId.optional(),
  also: z.array(ChildId).max(20).optional(),
  /** The needs that stay away, of those that may. */
  without: z.array(NeedId).max(60).optional(),
});
export type OtherwiseInput = z.infer<typeof OTHERWISE_INPUT>;

/** A tray's activity goes on a later shelf of another child's; the plan judges it for that child's reach then. */
export const HAND_ON_INPUTS = [
  z.object({
    intent: z.literal("hand-on-later"),
    activity: ActivityId,
    rung: RungId,
    child: ChildId,
    /** The first day of that shelf. */
    from: PlainDate,
  }),
  z.object({
    intent: z.literal("hand-on-undo"),
    added: z.array(Id).max(20),
    removed: z.array(Id).max(1000),
  }),
] as const;
type HandOn = z.infer<(typeof HAND_ON_INPUTS)[number]>;

/** Asks the plan for it, in place of what was asked about it for that child before; gives what to take back. */
export async function handOnLater(home: Home, input: HandOn): Promise<Result<WishChange | undefined>> {
  const { db, tables, site, household, today: on } = home;
  if (input.intent === "hand-on-undo") {
    await undoWishes(db, input);
    return ok(undefined);
  }
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
  return ok(await replaceWishes(db, [lock], (old) => old.kind === "lock" && isAbout(lock)(old)));
}

/** As it was before: sent back, it is so again. */
export type Was = Pick<OtherwiseInput, "tray" | "rung" | "child" | "place" | "also" | "without">;

/**
 * Sets a tray out otherwise, with what is there and not in use elsewhere, where it is safe for the child and the place;
 * gives how it was. Where what it uses up is counted down already, the difference is taken from the cupboard or goes back.
 */
export async function setOutOtherwise(home: Home, input: OtherwiseInput): Promise<Result<Was>> {
  const { db, tables, situation } = home;
  const before = tables.trays.find((one) => one.id === input.tray);
  if (!before) return fault("no-tray", "tray", "That tray is not out any more.");
  if (home.ahead > 0) {
    return fault("not-possible", "tray", "This is a preview. Go back to today to change a tray.");
  }
  const result = otherwise(situation, tables, before, input);
  if ("fault" in result) return fault("not-possible", "rung", barrierText(result.fault));
  const { tray, takes } = result.otherwise;
  const stood = activityOf(home.catalogue, before.activity)?.rungs.find((one) => one.id === before.rung);
  const awayBefore = stood ? awayFrom(stood, before.allotted) : [];
  return inTransaction(db, ["trays", "holdings", "prepStates"], async () => {
    const row = await livingRow(db, "trays", before.id);
    if (row?.updatedAt !== before.updatedAt) {
      return fault("stale", "tray", "This tray was changed meanwhile: look at it again.");
    }
    const { child, also, rung, place, state, allotted, when } = tray;
    await updateRow(db, "trays", tray.id, { child, also, rung, place, state, allotted, when });
    await recountPrepared(db, tray.rotation, takes);
    return ok({
      tray: before.id,
      rung: before.rung,
      child: before.child,
      place: before.place,
      also: before.also,
      without: awayBefore.map((need) => need.id),
    });
  });
}
