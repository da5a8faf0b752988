import { useCallback, useMemo, useRef, useState } from "react";
import { href, type SubmitTarget, useSubmit } from "react-router";
import type { Issue } from "../../core/model";
import type { CommandAnswer, CommandInput, CommandName } from "../../engine/commands";
import { searchAhead } from "../useAddressChange";
import { tellPageFault } from "./pageFaults";
import { NOT_KEPT, onResult, type Told } from "./results";

/** The steps that follow once a command has done its work. */
export interface After {
  /** The address that is opened; `ANSWER` in it stands for what the command gave. */
  goTo?: string;
  /** The name of a draft, which is forgotten. */
  draft?: string;
}

export interface RunningCommand<N extends CommandName> {
  /**
   * Sends it. Runs that come quicker than they are answered all count. Resolves once its work is kept and the screen has been read
   * anew, with what the command gave; with undefined where it had faults.
   */
  run(input: CommandInput<N>, after?: After): Promise<CommandAnswer<N> | undefined>;
  /** Sends what a form holds, which the command's schema reads. */
  runForm(input: object, after?: After): Promise<CommandAnswer<N> | undefined>;
  /** The value that the command gave when it was run last; undefined where it had faults. */
  answer: CommandAnswer<N> | undefined;
  /** The faults of the last run. The page tells them where no part of the screen has read them. */
  readonly issues: readonly Issue[];
  /** Another object for each answer, so that a form can tell a new one from the one before. */
  told: unknown;
  /** Its work goes on. With faults nothing was changed, so that the button takes the next try at once. */
  isBusy: boolean;
}

const NO_ISSUES: readonly Issue[] = [];

/** A run as it is sent to the one action that runs all commands. */
interface Sent extends After {
  runId: string;
  command: CommandName;
  input: object;
  monthsAhead?: number;
}

/**
 * Sends a command to the action that runs it, each run by itself.
 * @returns A function that resolves once the screen has been read anew. Meanwhile it calls back with what came of the run, as soon as
 * that is known.
 */
export function useRun() {
  const submit = useSubmit();
  return useCallback(
    async (name: CommandName, input: object, after: After, hear: (told: Told) => void): Promise<void> => {
      const runId = crypto.randomUUID();
      const months = Number(searchAhead().get("ahead") ?? 0);
      const sent: Sent = {
        ...{ runId, command: name, input, ...after },
        ...(months > 0 ? { monthsAhead: months } : {}),
      };
      const stop = onResult(runId, hear);
      try {
        await submit(sent as unknown as SubmitTarget, {
          method: "post",
          encType: "application/json",
          action: href("/run"),
          navigate: false,
          // A sender of its own for each run: one that is used again would drop the run before for this one.
          fetcherKey: runId,
          // A run that leads to the same page leaves it where it was scrolled to.
          preventScrollReset: after.goTo?.split("?")[0] === window.location.pathname,
        });
      } finally {
        stop();
      }
    },
    [submit],
  );
}

interface State {
  told: Told | undefined;
  isBusy: boolean;
}

/** A command of the engine's, with its input, its answer and its faults typed by its name. */
export function useCommand<N extends CommandName>(name: N): RunningCommand<N> {
  const send = useRun();
  const [{ told, isBusy }, setState] = useState<State>({ told: undefined, isBusy: false });
  const latest = useRef(0);
  const [faults] = useState(() => ({ areShown: false }));
  const runForm = useCallback(
    async (input: object, after: After = {}) => {
      const mine = ++latest.current;
      const set = (change: (was: State) => State) => {
        if (latest.current === mine) setState(change);
      };
      set((was) => ({ ...was, isBusy: true }));
      let heard: Told | undefined;
      await send(name, input, after, (result) => {
        heard = result;
        if (!faults.areShown) tellUnshown(result.issues);
        set(() => ({ told: result, isBusy: result.issues.length === 0 }));
      });
      set((was) => ({ ...was, isBusy: false }));
      return answerIn<N>(heard);
    },
    [send, name, faults],
  );
  return useMemo(
    () => ({
      run: runForm as RunningCommand<N>["run"],
      runForm,
      answer: answerIn<N>(told),
      // Whoever reads the faults shows them.
      get issues() {
        faults.areShown = true;
        return told?.issues ?? NO_ISSUES;
      },
      told,
      isBusy,
    }),
    [runForm, told, isBusy, faults],
  );
}

/** Tells the page of faults that no part of the screen shows. A fault of keeping was told by the action already. */
function tellUnshown(issues: readonly Issue[]): void {
  const messages = issues.flatMap(({ code, message }) => (code === NOT_KEPT ? [] : [message]));
  if (messages.length > 0) tellPageFault({ message: messages.join(" "), isNotKept: false });
}

// The action answers with what the command of this very name gave.
const answerIn = <N extends CommandName>(told: Told | undefined) =>
  told?.issues.length === 0 ? (told.answer as CommandAnswer<N>) : undefined;
