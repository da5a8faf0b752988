import { z } from "zod";
import { loadWardrobe } from "../../catalogue";
import type { PackContent } from "../../core/content";
import {
  type Danger,
  fault,
  Id,
  OwnActivity,
  OwnMaterial,
  OwnSkill,
  OwnTheme,
  ok,
  PACK_KINDS,
  PACK_TABLES,
  type PackKind,
  type PackPicture,
  type PackRows,
  type PackTable,
  Photo,
  type Result,
  type RowOf,
  type Rung,
  SkillId,
  type Tables,
} from "../../core/model";
import { dangersOfActivity, dangersOfThing } from "../../core/safety";
import type { Home } from "../store/home";
import { keepPictures } from "../store/photos";
import { bytesOf, sha256Of } from "../store/pictureBytes";
import { inTransaction, livingRow, softDelete, softDeleteAll, undelete, upsert } from "../store/rows";
import { command, done } from "./command";

const PackText = z
  .string()
  .min(1, "Choose a pack file first.")
  .max(50_000_000, "at most 50 000 000 characters");
const ids = z.array(Id).max(20_000);

/** Ids of rows that came, by their table. */
const Came = z.object({
  ownSkills: z.array(SkillId).max(20_000),
  ownMaterials: ids,
  ownActivities: ids,
  ownThemes: ids,
  photos: ids,
});
/** Rows as they were before others took their place, by their table. */
const Before = z.object({
  ownSkills: z.array(OwnSkill),
  ownMaterials: z.array(OwnMaterial),
  ownActivities: z.array(OwnActivity),
  ownThemes: z.array(OwnTheme),
  photos: z.array(Photo),
});

const PackFile = z.object({ file: PackText });
const TakenFile = PackFile.extend({ replace: z.literal("yes").optional() });
/** The rows that a pack brought, with those that they replaced, so that it can be taken back. */
const Taken = z.object({ came: Came, before: Before });
export type Taken = z.infer<typeof Taken>;
const OwnRow = z.object({ table: z.enum(["ownSkills", "ownThemes"]), row: Id });
type OwnRow = z.infer<typeof OwnRow>;

/** What a pack would bring, by names. */
export interface PackView {
  fresh: string[];
  changed: string[];
  same: number;
  builtIn: string[];
  pictures: number;
  /** What is not taken, since it names something dangerous. */
  refused: { name: string; danger: Danger }[];
  /** What in the pack bears the name of something dangerous, and is judged by it. */
  dangers: { in: string; danger: Danger }[];
}

const TABLES = [...PACK_KINDS.map((kind) => PACK_TABLES[kind]), "photos"] as const;
type Table = PackTable | "photos";

const nothingYet = () => ({
  ownSkills: [],
  ownMaterials: [],
  ownActivities: [],
  ownThemes: [],
  photos: [],
});

async function contentOf({ catalogue, tables }: Home, text: string): Promise<Result<PackContent>> {
  const [{ readPackText }, { themes }] = await Promise.all([import("../../core/content"), loadWardrobe()]);
  return readPackText(text, { catalogue, own: tables, themes });
}

/** The activities first: what the others are for. */
const NAMED: readonly PackKind[] = ["activities", "materials", "skills", "themes"];
const namesOf = (rows: PackRows) => NAMED.flatMap((kind) => rows[kind].map((one) => one.name));

/** Pictures of a pack, but those that are here already and those that bear the id of a note's: that one stays. */
async function comingPictures({ db }: Home, pictures: readonly PackPicture[]) {
  const rows = await db.rows("photos").bulkGet(pictures.map(({ id }) => id));
  const coming = await Promise.all(
    pictures.map(async ({ id, activity, mime, base64 }, i) => {
      const row = rows[i];
      const bytes = bytesOf(base64);
      const sha256 = await sha256Of(bytes);
      const isHere = row !== undefined && row.deletedAt === undefined;
      if (row?.observation !== undefined || (isHere && row.sha256 === sha256)) return [];
      return [{ row: { id, activity, mime, base64: "", sha256 }, bytes, isHere }];
    }),
  );
  return coming.flat();
}

/** What a pack's text would bring into the household; nothing happens yet. */
async function look(home: Home, { file }: z.infer<typeof PackFile>): Promise<Result<PackView>> {
  const read = await contentOf(home, file);
  if (!read.ok) return read;
  const { fresh, changed, same, builtIn, refused, pictures } = read.value;
  const { dangers } = home.catalogue;
  const named = [fresh, changed].flatMap(({ materials, activities }) => [
    ...materials.map((one) => ({ in: one.name, found: dangersOfThing(one, dangers) })),
    ...activities.map((one) => {
      const { common, rungs } = dangersOfActivity(one, dangers);
      return { in: one.name, found: [...new Set([...common, ...rungs.flat()])] };
    }),
  ]);
  return ok({
    ...{ fresh: namesOf(fresh), changed: namesOf(changed), same, builtIn, refused },
    pictures: (await comingPictures(home, pictures)).length,
    dangers: named.flatMap((one) => one.found.map((danger) => ({ in: one.in, danger }))),
  });
}

/** Brings what is in a pack's text into the household, all or nothing of it. */
async function take(home: Home, { file, replace }: z.infer<typeof TakenFile>): Promise<Result<Taken>> {
  const read = await contentOf(home, file);
  if (!read.ok) return read;
  const { fresh, changed } = read.value;
  const { db } = home;
  const pictures = (await comingPictures(home, read.value.pictures)).filter(
    ({ isHere }) => replace || !isHere,
  );
  const [came, before]: [Taken["came"], Taken["before"]] = [nothingYet(), nothingYet()];
  async function takeRow<T extends Table>(table: T, { id, ...fields }: { id: string }) {
    const row = await livingRow(db, table, id);
    if (row) (before[table] as RowOf<T>[]).push(row);
    else (came[table] as string[]).push(id);
    await upsert(db, table, id, () => fields as never);
  }
  await keepPictures(
    db,
    pictures.map(({ bytes }) => bytes),
  );
  await inTransaction(db, TABLES, async () => {
    for (const rows of replace ? [fresh, changed] : [fresh]) {
      for (const kind of PACK_KINDS) for (const row of rows[kind]) await takeRow(PACK_TABLES[kind], row);
    }
    for (const { row } of pictures) await takeRow("photos", row);
  });
  return ok({ came, before });
}

/** The activities and skills of our own that hang on a skill: without it they would name what is nowhere. */
function hangingOn(
  { ownActivities, ownSkills }: Pick<Tables, "ownActivities" | "ownSkills">,
  skill: SkillId,
) {
  const names = (rung: Rung) =>
    rung.grows.some((id) => id === skill) || rung.needs.some((one) => one.skill === skill);
  return [
    ...ownActivities.filter(({ rungs }) => rungs.some(names)),
    ...ownSkills.filter(({ after }) => after.some((id) => id === skill)),
  ].map(({ name }) => name);
}

const inUse = (by: readonly string[]) =>
  fault("in-use", "row", `It is needed by ${by.join(", ")}. Remove or change that first.`);

/** Takes a skill or a theme of our own away; gives it, so that it can be put back. */
async function removeRow({ db, tables }: Home, own: OwnRow): Promise<Result<OwnRow>> {
  const skill = own.table === "ownSkills" ? tables.ownSkills.find((one) => one.id === own.row) : undefined;
  const hanging = skill ? hangingOn(tables, skill.id) : [];
  if (hanging.length > 0) return inUse(hanging);
  await softDelete(db, own.table, own.row);
  return ok(own);
}

/** Takes a pack back: what came with it goes, what it replaced is as it was before. */
async function takeBack({ db, tables }: Home, { came, before }: Taken): Promise<Result<null>> {
  if (TABLES.every((table) => came[table].length + before[table].length === 0)) {
    return fault("nothing", "", "There is nothing to take back.");
  }
  const rest = {
    ownActivities: tables.ownActivities.filter(({ id }) => !came.ownActivities.includes(id)),
    ownSkills: tables.ownSkills.filter(({ id }) => !came.ownSkills.includes(id)),
  };
  const hanging = came.ownSkills.flatMap((skill) => hangingOn(rest, skill));
  if (hanging.length > 0) return inUse([...new Set(hanging)]);
  await inTransaction(db, TABLES, async () => {
    for (const table of TABLES) {
      await softDeleteAll(db, table, came[table]);
      for (const { id, ...fields } of before[table]) await upsert(db, table, id, () => fields as never);
    }
  });
  return ok(null);
}

/** Packs of activities from others. */
export const packs = {
  look: command(PackFile, look),
  take: command(TakenFile, take),
  takeBack: command(Taken, takeBack),
  removeRow: command(OwnRow, removeRow),
  restoreRow: command(OwnRow, ({ db }, { table, row }) => done(undelete(db, table, row))),
};
