import { z } from "zod";
import { Anecdote, type ChildId, fault, Id, Observation, ok, type Result } from "../../core/model";
import type { Home } from "../store/home";
import { inTransaction, newRow, softDeleteAll, undeleteAll } from "../store/rows";
import { command } from "./command";

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
const Took = z.object({
  observations: z.array(Id).max(MOST),
  anecdotes: z.array(Id).max(MOST),
});
export type Took = z.infer<typeof Took>;

const GivenNotes = z.object({
  observations: z.array(GivenNote).max(MOST, `at most ${MOST}`),
  anecdotes: z.array(GivenAnecdote).max(MOST, `at most ${MOST}`),
});

/** Takes the notes of a table, all or none; gives the rows that they became. */
async function takeNotes({ db, children }: Home, input: z.infer<typeof GivenNotes>): Promise<Result<Took>> {
  const isHere = (child: ChildId) => children.some((one) => one.id === child);
  const stranger = [...input.observations, ...input.anecdotes].find((one) => !isHere(one.child));
  if (stranger) return fault("no-child", "child", "A child of these notes is not here any more.");
  const observations = input.observations.map((one) => newRow("observations", one));
  const anecdotes = input.anecdotes.map((one) => newRow("anecdotes", one));
  await inTransaction(db, ["observations", "anecdotes"], async () => {
    await db.rows("observations").bulkAdd(observations);
    await db.rows("anecdotes").bulkAdd(anecdotes);
  });
  return ok({
    observations: observations.map((one) => one.id),
    anecdotes: anecdotes.map((one) => one.id),
  });
}

/** Takes away again what was taken, or puts it back. */
async function changeAll(
  { db }: Home,
  { observations, anecdotes }: Took,
  change: typeof softDeleteAll,
): Promise<Result<null>> {
  await inTransaction(db, ["observations", "anecdotes"], async () => {
    await change(db, "observations", observations);
    await change(db, "anecdotes", anecdotes);
  });
  return ok(null);
}

/** Notes that come from a spreadsheet. */
export const tables = {
  takeNotes: command(GivenNotes, takeNotes),
  dropNotes: command(Took, (home, took) => changeAll(home, took, softDeleteAll)),
  retakeNotes: command(Took, (home, took) => changeAll(home, took, undeleteAll)),
};
