import type { Issue } from "../../core/model";

/** The code of a change that the browser could not keep. The action tells the page of it, whoever shows it besides. */
export const NOT_KEPT = "not-kept";

/** The result of a run as a screen hears it: its faults, or what the command gave. */
export interface Told {
  issues: readonly Issue[];
  answer?: unknown;
}

/** The screens that wait for the result of a run. They and the action that runs commands live in one tab. */
const waiting = new Map<string, (told: Told) => void>();

/** Calls back with the result of a run, as soon as the command has done its work. Returns how to stop waiting. */
export function onResult(runId: string, hear: (told: Told) => void): () => void {
  waiting.set(runId, hear);
  return () => waiting.delete(runId);
}

/** Tells the result of a run to the screen that waits for it. */
export const tellResult = (runId: string, told: Told): void => waiting.get(runId)?.(told);

/** The answer of the action to the router. */
export interface RunAnswer extends Told {
  /** The command only looked at something: nothing was written, so nothing has to be read anew. */
  isOnlyLook?: true;
}

/** Was an action only a look? Then nothing has to be read anew, and the next button works at once. */
export const isOnlyLook = (answer: unknown): boolean =>
  (answer as RunAnswer | undefined)?.isOnlyLook === true;
