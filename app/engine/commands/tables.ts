import { z } from "zod";
import { csvText, cupboardTable, notesTable, rotationsTable } from "../../core/csv";
import { Anecdote, type ChildId, fault, Id, Observation, ok, type Result } from "../../core/model";
import type { Home } from "../store/home";
import { inTransaction, newRow, softDeleteAll, undeleteAll } from "../store/rows";
import type { SavedFile } from "./backup";

export type SavedTable = "notes" | "cupboard" | "rotations";

/** One of the household's tables as a file that spreadsheets open. */
export function tableFile(
  { tables, catalogue, today }: Pick<Home, "tables" | "catalogue" | "today">,
  what: SavedTable,
): SavedFile {
  const table = {
    notes: () => notesTable(tables, catalogue),
    cupboard: () => cupboardTable(tables, catalogue),
    rotations: () => rotationsTable(tables, catalogue),
  }[what]();
  return { name: `orto-${what}-${today}.csv`, content: new Blob([csvText(table)], { type: "text/csv" }) };
}

const GivenNote = Observation.pick({ child: true, on: true, activity: true, rung: true, words: true }).extend(
  Observation.pick({
    help: true,
    interest: true,
    minutes: true,
    repeats: true,
    ended: true,
    hand: true,
    grasp: true,
    mouthed: true,
    condition: true,
  }).partial().shape,
);
const GivenAnecdote = Anecdote.pick({ child: true, on: true, words: true });

const MOST = 20_000;

/** Rows that were taken together, and go together. */
export const Took = z.object({
  observations: z.array(Id).max(MOST),
  anecdotes: z.array(Id).max(MOST),
});
export type Took = z.infer<typeof Took>;

export const TABLE_INPUTS = [
  z.object({
    intent: z.literal("take-notes"),
    observations: z.array(GivenNote).max(MOST, `at most ${MOST}`),
    anecdotes: z.array(GivenAnecdote).max(MOST, `at most ${MOST}`),
  }),
  z.object({ intent: z.literal("drop-notes"), took: Took }),
  z.object({ intent: z.literal("retake-notes"), took: Took }),
] as const;
export type TableInput = z.infer<(typeof TABLE_INPUTS)[number]>;

/** Takes the notes of a table, all or none; or takes them away again, and back. */
export async function changeNotes(home: Home, input: TableInput): Promise<Result<Took>> {
  const { db, children } = home;
  return inTransaction(db, ["observations", "anecdotes"], async () => {
    if (input.intent !== "take-notes") {
      const change = input.intent === "drop-notes" ? softDeleteAll : undeleteAll;
      await change(db, "observations", input.took.observations);
      await change(db, "anecdotes", input.took.anecdotes);
      return ok(input.took);
    }
    const isHere = (child: ChildId) => children.some((one) => one.id === child);
    const stranger = [...input.observations, ...input.anecdotes].find((one) => !isHere(one.child));
    if (stranger) return fault("no-child", "child", "A child of these notes is not here any more.");
    const observations = input.observations.map((one) => newRow("observations", one));
    const anecdotes = input.anecdotes.map((one) => newRow("anecdotes", one));
    await db.rows("observations").bulkAdd(observations);
    await db.rows("anecdotes").bulkAdd(anecdotes);
    return ok({
      observations: observations.map((one) => one.id),
      anecdotes: anecdotes.map((one) => one.id),
    });
  });
}
