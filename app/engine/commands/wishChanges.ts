import type { Wish, WishId } from "../../core/model";
import type { OrtoDb } from "../store/db";
import { insertRow, inTransaction, livingRows, softDelete, undelete } from "../store/rows";

export type NewWish = Omit<Wish, "id" | "createdAt" | "updatedAt" | "deletedAt">;

/** What was changed, so that it can be taken back: ids of wishes added and of wishes removed. */
export interface WishChange {
  added: WishId[];
  removed: WishId[];
}

/** Adds wishes in place of those that were said about the same activity before, as far as `replaces` says so. */
export const replaceWishes = (
  db: OrtoDb,
  wishes: readonly NewWish[],
  replaces: (old: Wish) => boolean,
): Promise<WishChange> =>
  inTransaction(db, ["wishes"], async () => {
    const before = (await livingRows(db, "wishes")).filter(replaces);
    for (const old of before) await softDelete(db, "wishes", old.id);
    const added: WishId[] = [];
    for (const wish of wishes) added.push((await insertRow(db, "wishes", wish)).id);
    return { added, removed: before.map((old) => old.id) };
  });

export const undoWishes = (db: OrtoDb, { added, removed }: WishChange): Promise<void> =>
  inTransaction(db, ["wishes"], async () => {
    for (const id of added) await softDelete(db, "wishes", id);
    for (const id of removed) await undelete(db, "wishes", id);
  });

/** Is the wish about this child and activity? */
export const isAbout =
  ({ child, activity }: Pick<Wish, "child" | "activity">) =>
  (old: Wish): boolean =>
    old.child === child && old.activity === activity;
