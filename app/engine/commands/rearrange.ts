import { z } from "zod";
import { rearrangeTray } from "../../core/household";
import { awayFrom } from "../../core/materials";
import {
  activityOf,
  ChildId,
  fault,
  NeedId,
  ok,
  PlaceId,
  type Result,
  RungId,
  TrayId,
} from "../../core/model";
import { barrierText } from "../../words/barriers";
import type { Home } from "../store/home";
import { inTransaction, livingRow, updateRow } from "../store/rows";
import { recountPrepared } from "./preparing";

/** A tray that stands is rearranged at once: another rung, another child, another place. */
export const Rearrangement = z.object({
  tray: TrayId,
  rung: RungId,
  child: ChildId.optional(),
  place: PlaceId.optional(),
  also: z.array(ChildId).max(20).optional(),
  /** The needs that stay away, of those that may. */
  without: z.array(NeedId).max(60).optional(),
});
/** A change of a tray that stands. As the answer of one it tells how the tray was: sent back, it is so again. */
export type Rearrangement = z.infer<typeof Rearrangement>;

/**
 * Rearranges a tray, with what is there and not in use elsewhere, where it is safe for the child and the place;
 * gives how it was. Where what it uses up is counted down already, the difference is taken from the cupboard or goes back.
 */
export async function rearrange(home: Home, input: Rearrangement): Promise<Result<Rearrangement>> {
  const { db, tables, situation } = home;
  const before = tables.trays.find((one) => one.id === input.tray);
  if (!before) return fault("no-tray", "tray", "That tray is not out any more.");
  if (home.ahead > 0) {
    return fault("not-possible", "tray", "This is a preview. Go back to today to change a tray.");
  }
  const result = rearrangeTray(situation, tables, before, input);
  if ("fault" in result) return fault("not-possible", "rung", barrierText(result.fault));
  const { tray, takes } = result.change;
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
