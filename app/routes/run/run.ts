import { data, redirect, replace } from "react-router";
import { z } from "zod";
import { parseJson, parseWith, type Result } from "../../core/model";
import { type CommandName, isLook } from "../../engine/commands";
import { run } from "../../engine/engine";
import { addressAfter } from "../../ui/command/after";
import { tellPageFault } from "../../ui/command/pageFaults";
import { NOT_KEPT, type RunAnswer, type Told, tellResult } from "../../ui/command/results";
import { forgetDraft } from "../../ui/form/draft";
import { unkeptText } from "../../words/storage";
import { MOST_MONTHS_AHEAD } from "../askFor";

/** A command as a screen sends it. */
const SentRun = z.object({
  runId: z.string().max(80),
  command: z.string().max(80),
  input: z.unknown(),
  monthsAhead: z.number().int().min(0).max(MOST_MONTHS_AHEAD).catch(0),
  goTo: z.string().max(100_000).optional(),
  draft: z.string().max(200).optional(),
});

const UNREADABLE: RunAnswer = {
  issues: [{ code: "unreadable", path: "", message: "What was sent could not be read. Reload the page." }],
};

/**
 * The result of a run as a screen hears it. Where the browser could not keep it, that is a fault like any other, so that what was typed
 * stays where it is; and the page is told, for those who sent it without waiting for an answer.
 */
async function answered(work: () => Promise<Result<unknown>>): Promise<Told> {
  try {
    const done = await work();
    if (!done.ok) return { issues: done.issues };
    tellPageFault(undefined);
    return { issues: [], answer: done.value };
  } catch (error) {
    const message = unkeptText(error);
    if (message === undefined) throw error;
    tellPageFault({ message, isNotKept: true });
    return { issues: [{ code: NOT_KEPT, path: "", message }] };
  }
}

/** Leads to an address: in the place of the very same address, otherwise after the one that stands there. */
function leadTo(address: string): never {
  const here = globalThis.location;
  const isHere = here !== undefined && here.pathname + here.search === address;
  throw isHere ? replace(address) : redirect(address);
}

/** Runs one command of the engine's, whatever screen it comes from. Faulty input changes nothing. */
export async function runCommand({ request }: { request: Request }): Promise<RunAnswer> {
  // Before anything is waited for: a tap that follows at once ends the request, and its text can't be read any more.
  const json = parseJson(await request.text());
  const sent = json.ok ? parseWith(SentRun, json.value) : json;
  if (!sent.ok) return UNREADABLE;
  const { runId, command, input, monthsAhead, goTo, draft } = sent.value;
  const told = await answered(() => run(command as CommandName, input, { monthsAhead }));
  tellResult(runId, told);
  if (told.issues.length > 0) return told;
  if (draft !== undefined) forgetDraft(draft);
  if (goTo !== undefined) leadTo(addressAfter(goTo, told.answer));
  return { ...told, ...(isLook(command) ? { isOnlyLook: true } : {}) };
}

/** With faults nothing was changed, so nothing is read again. */
export async function clientAction({ request }: { request: Request }) {
  const answer = await runCommand({ request });
  return answer.issues.length > 0 ? data(answer, { status: 422 }) : answer;
}
