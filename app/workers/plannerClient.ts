import { type Remote, wrap } from "comlink";
import type { PlanService } from "./planService";

interface Running {
  worker: Worker;
  service: Remote<PlanService>;
  /** Never resolves; rejects when the worker ends, so that no call to it hangs. */
  ended: Promise<never>;
  end(reason: Error): void;
}

let running: Running | undefined;

function start(): Running {
  const worker = new Worker(new URL("./planner.worker.ts", import.meta.url), { type: "module" });
  let end: Running["end"] = () => undefined;
  const ended = new Promise<never>((_, reject) => {
    end = (reason) => {
      worker.terminate();
      if (running?.worker === worker) running = undefined;
      reject(reason);
    };
  });
  // Nobody may be waiting when the worker fails between two calls.
  ended.catch(() => undefined);
  worker.addEventListener("error", (event) => {
    end(new Error(event.message || "The planner stopped unexpectedly. Plan again."));
  });
  return { worker, service: wrap<PlanService>(worker), ended, end };
}

/** Ends whatever the planner is doing; calls under way fail with an AbortError. */
export const stopPlanner = (): void => running?.end(new DOMException("Stopped.", "AbortError"));

/**
 * Runs a job in the planner's worker. A solve under way can't be reached by messages, so
 * stopping it ends the worker; the next job starts a new one.
 */
export async function withPlanner<T>(job: (service: Remote<PlanService>) => Promise<T>): Promise<T> {
  running ??= start();
  return Promise.race([job(running.service), running.ended]);
}
