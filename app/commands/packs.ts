import { z } from "zod";
import type { PackContent, PackRows } from "../core/content";
import { type Danger, fault, Id, OwnActivity, OwnMaterial, ok, type Result } from "../core/model";
import { dangersOfActivity, dangersOfThing } from "../core/safety";
import type { Home } from "../data/home";
import { inTransaction, livingRow, softDeleteAll, upsert } from "../data/rows";

const PackText = z.string().min(1, "Choose a pack file first.").max(20_000_000);
const ids = z.array(Id).max(20_000);

export const PackInput = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("look"), file: PackText }),
  z.object({ intent: z.literal("take"), file: PackText, replace: z.literal("yes").optional() }),
  z.object({
    intent: z.literal("take-back"),
    materials: ids,
    activities: ids,
    before: z.object({ materials: z.array(OwnMaterial), activities: z.array(OwnActivity) }),
  }),
]);
type Of<I extends string> = Extract<z.infer<typeof PackInput>, { intent: I }>;

/** What a pack would bring, by names. */
export interface PackView {
  fresh: string[];
  changed: string[];
  same: number;
  builtIn: string[];
  /** What in the pack bears the name of something dangerous, and is judged by it. */
  dangers: { in: string; danger: Danger }[];
}

/** What came of a pack, and all that is needed to take it back. */
export interface Taken extends Omit<Of<"take-back">, "intent"> {
  came: number;
  replaced: number;
}

async function contentOf({ catalogue, tables }: Home, text: string): Promise<Result<PackContent>> {
  const { readPackText } = await import("../core/content");
  return readPackText(text, catalogue, tables);
}

const namesOf = ({ materials, activities }: PackRows) => [...activities, ...materials].map((one) => one.name);

/** What a pack's text would bring into the household; nothing happens yet. */
export async function lookAtPack(home: Home, { file }: Of<"look">): Promise<Result<PackView>> {
  const read = await contentOf(home, file);
  if (!read.ok) return read;
  const { fresh, changed, same, builtIn } = read.value;
  const { dangers } = home.catalogue;
  const named = [fresh, changed].flatMap(({ materials, activities }) => [
    ...materials.map((one) => ({ in: one.name, found: dangersOfThing(one, dangers) })),
    ...activities.map((one) => {
      const { common, rungs } = dangersOfActivity(one, dangers);
      return { in: one.name, found: [...new Set([...common, ...rungs.flat()])] };
    }),
  ]);
  return ok({
    ...{ fresh: namesOf(fresh), changed: namesOf(changed), same, builtIn },
    dangers: named.flatMap((one) => one.found.map((danger) => ({ in: one.in, danger }))),
  });
}

/** Brings the activities and things of a pack's text into the household, all or none of them. */
export async function takePack(home: Home, { file, replace }: Of<"take">): Promise<Result<Taken>> {
  const read = await contentOf(home, file);
  if (!read.ok) return read;
  const { fresh, changed } = read.value;
  const { db } = home;
  const taken: Taken = {
    came: 0,
    replaced: 0,
    materials: [],
    activities: [],
    before: { materials: [], activities: [] },
  };
  await inTransaction(db, ["ownMaterials", "ownActivities"], async () => {
    for (const rows of replace ? [fresh, changed] : [fresh]) {
      for (const { id, ...one } of rows.materials) {
        const before = await livingRow(db, "ownMaterials", id);
        if (before) taken.before.materials.push(before);
        else taken.materials.push(id);
        await upsert(db, "ownMaterials", id, () => one);
      }
      for (const { id, ...one } of rows.activities) {
        const before = await livingRow(db, "ownActivities", id);
        if (before) taken.before.activities.push(before);
        else taken.activities.push(id);
        await upsert(db, "ownActivities", id, () => one);
      }
    }
  });
  taken.came = taken.materials.length + taken.activities.length;
  taken.replaced = taken.before.materials.length + taken.before.activities.length;
  return ok(taken);
}

/** Takes a pack back: what came with it goes, what it replaced is as it was before. */
export async function takeBackPack({ db }: Home, taken: Of<"take-back">): Promise<Result<null>> {
  return inTransaction(db, ["ownMaterials", "ownActivities"], async () => {
    const rows = [...taken.materials, ...taken.before.materials.map((one) => one.id)];
    if (rows.length + taken.activities.length + taken.before.activities.length === 0) {
      return fault("nothing", "", "There is nothing to take back.");
    }
    await softDeleteAll(db, "ownActivities", taken.activities);
    await softDeleteAll(db, "ownMaterials", taken.materials);
    for (const { id, ...one } of taken.before.activities) await upsert(db, "ownActivities", id, () => one);
    for (const { id, ...one } of taken.before.materials) await upsert(db, "ownMaterials", id, () => one);
    return ok(null);
  });
}
