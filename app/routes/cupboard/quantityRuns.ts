import { createContext, use, useCallback, useSyncExternalStore } from "react";
import type { Issue, Material } from "../../core/model";
import { useRun } from "../../ui/command/useCommand";
import { useInside } from "./inside";

/** The state of the amount that was typed or ticked last. */
export interface QuantityRun {
  /** The amount that is on its way. */
  underway?: string;
  isSaved: boolean;
  issues: readonly Issue[];
}

const NONE: QuantityRun = { isSaved: false, issues: [] };

/** The amounts that are being kept, by home and thing: all cells of a row show the same. */
export class QuantityRuns {
  readonly #runs = new Map<string, QuantityRun>();
  readonly #listeners = new Set<() => void>();

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  of(key: string): QuantityRun {
    return this.#runs.get(key) ?? NONE;
  }

  set(key: string, run: QuantityRun): void {
    this.#runs.set(key, run);
    for (const listener of this.#listeners) listener();
  }
}

export const QuantityRunsContext = createContext<QuantityRuns | undefined>(undefined);

/** Sets how many there are of a thing. */
export function useQuantity({ id }: Material) {
  const { site } = useInside();
  const runs = use(QuantityRunsContext);
  if (!runs) throw new Error("An amount stands outside of the cupboard.");
  const key = `${site} ${id}`;
  const send = useRun();
  const current = useSyncExternalStore(runs.subscribe, () => runs.of(key));
  const set = useCallback(
    async (quantity: string) => {
      let issues: readonly Issue[] = [];
      const mine: QuantityRun = { underway: quantity, isSaved: false, issues };
      runs.set(key, mine);
      await send("cupboard.set", { site, material: id, quantity }, {}, (told) => {
        issues = told.issues;
      });
      if (runs.of(key) === mine) runs.set(key, { isSaved: issues.length === 0, issues });
    },
    [send, runs, site, id, key],
  );
  const setNow = useCallback((quantity: string) => void set(quantity), [set]);
  return { current, set: setNow };
}
