import { useSyncExternalStore } from "react";

let underWay = 0;
const listeners = new Set<() => void>();

function count(by: number) {
  underWay += by;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

/** Counts as planning until the answer is there, or has failed. */
export function whilePlanning<T>(answer: Promise<T>): Promise<T> {
  count(1);
  const done = () => count(-1);
  answer.then(done, done);
  return answer;
}

/** Is a plan being made? The one before stays on the page meanwhile, so that has to be told. */
export const usePlanning = (): boolean => useSyncExternalStore(subscribe, () => underWay > 0);
