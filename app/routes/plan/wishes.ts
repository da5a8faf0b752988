import type { Wish } from "../../core/model";
import { database } from "../../data/db";
import { addRow, removeRow, restoreRow } from "../../data/rows";

type NewWish = Omit<Wish, "id" | "createdAt" | "updatedAt" | "deletedAt">;

/** What was changed, so that it can be taken back: ids of wishes added and of wishes removed. */
export interface Change {
  added: string[];
  removed: string[];
}

/** A change as it stands in the address, and back. */
export const changeText = ({ added, removed }: Change): string =>
  [...added.map((id) => `+${id}`), ...removed.map((id) => `-${id}`)].join(" ");

export function changeFrom(text: string): Change {
  const marked = text.split(" ").filter((part) => part.length > 1);
  const of = (mark: string) => marked.filter((part) => part[0] === mark).map((part) => part.slice(1));
  return { added: of("+"), removed: of("-") };
}

/** Adds wishes in place of those that were said about the same activity before, as far as `replaces` says so. */
export async function wishInstead(
  wishes: readonly NewWish[],
  replaces: (old: Wish) => boolean,
): Promise<Change> {
  const rows = database().rows("wishes");
  return database().transaction("rw", rows, async () => {
    const before = (await rows.toArray()).filter((old) => !old.deletedAt && replaces(old));
    for (const old of before) await removeRow("wishes", old.id);
    const added: string[] = [];
    for (const wish of wishes) added.push((await addRow("wishes", wish)).id);
    return { added, removed: before.map((old) => old.id) };
  });
}

export async function takeBack({ added, removed }: Change): Promise<void> {
  for (const id of added) await removeRow("wishes", id);
  for (const id of removed) await restoreRow("wishes", id);
}
