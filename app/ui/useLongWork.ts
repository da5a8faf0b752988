import { useState } from "react";
import type { Watched } from "../core/model";

/** How far a long piece of work has come. */
export interface Progress {
  done: number;
  of: number;
}

const isEnded = (error: unknown) => error instanceof DOMException && error.name === "AbortError";

/**
 * A long piece of work that the page does by itself: how far it is, the way to end it, and what came of it, or why nothing
 * did. One that was ended leaves nothing behind but the word that it was.
 */
export function useLongWork<T>() {
  const [control, setControl] = useState<AbortController>();
  const [progress, setProgress] = useState<Progress>({ done: 0, of: 0 });
  const [result, setResult] = useState<T>();
  const [word, setWord] = useState<string>();
  const run = async (work: (watched: Watched) => Promise<T>): Promise<T | undefined> => {
    const started = new AbortController();
    setControl(started);
    setProgress({ done: 0, of: 0 });
    setResult(undefined);
    setWord(undefined);
    try {
      const made = await work({
        signal: started.signal,
        onProgress: (done, of) => setProgress({ done, of }),
      });
      setResult(made);
      return made;
    } catch (error) {
      setWord(isEnded(error) ? "Ended. Nothing has changed." : `It failed: ${String(error)}`);
      return undefined;
    } finally {
      setControl(undefined);
    }
  };
  return { isAtWork: control !== undefined, progress, result, word, run, end: () => control?.abort() };
}
