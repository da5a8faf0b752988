import { type Remote, wrap } from "comlink";
import type { TableName, Tables } from "../core/model";
import type {
  Answer,
  Asked,
  PlannerService,
  QuestionName,
  TableChange,
  TableChanges,
} from "./plannerSession";

/** What has changed from one reading of the tables to the next; a row that did not change is the same object in both. */
export function changesBetween(before: Tables, after: Tables): TableChanges {
  const changes: TableChanges = {};
  for (const name of Object.keys(after) as TableName[]) {
    const [was, is]: (readonly { id: string }[])[] = [before[name], after[name]];
    if (was === is || !was || !is) continue;
    const known = new Map(was.map((row) => [row.id, row]));
    const ids = new Set(is.map((row) => row.id));
    const change: TableChange = {
      changed: is.filter((row) => known.get(row.id) !== row),
      gone: was.flatMap((row) => (ids.has(row.id) ? [] : [row.id])),
    };
    if (change.changed.length + change.gone.length > 0) changes[name] = change;
  }
  return changes;
}

interface Running {
  worker: Worker;
  service: Remote<PlannerService>;
  /** The household as the worker has it. */
  known: Tables | undefined;
  /** Never resolves; rejects when the worker ends, so that no call to it hangs. */
  ended: Promise<never>;
  end(reason: Error): void;
}

const aborted = () => new DOMException("Stopped.", "AbortError");

/** So many answers are remembered: enough for a plan, and what is asked about its trays. */
const REMEMBERED = 12;

/**
 * A session with the planner in its worker. The household is sent once, and after that only what has changed. An answer
 * is remembered as long as the household stays the same, so that opening a tray does not plan anew.
 */
export class PlannerClient {
  private running: Running | undefined;
  private tables: Tables | undefined;
  private answers = new Map<string, Promise<unknown>>();
  private readonly underWay: QuestionName[] = [];
  private readonly listeners = new Set<() => void>();

  constructor(private readonly startWorker: () => Worker) {}

  /** Asks the planner about a household; a signal ends the work. */
  ask<K extends QuestionName>(
    tables: Tables,
    name: K,
    asked: Asked<K>,
    signal?: AbortSignal,
  ): Promise<Answer<K>> {
    if (tables !== this.tables) {
      this.tables = tables;
      this.answers.clear();
    }
    const key = `${name} ${JSON.stringify(asked)}`;
    const known = this.answers.get(key);
    if (known) return known as Promise<Answer<K>>;
    const answer = this.work(tables, name, asked, signal);
    this.answers.set(key, answer);
    const [oldest] = this.answers.keys();
    if (this.answers.size > REMEMBERED && oldest !== undefined) this.answers.delete(oldest);
    // A failure is forgotten: it can be asked again.
    answer.catch(() => this.answers.get(key) === answer && this.answers.delete(key));
    return answer;
  }

  /** Ends whatever the planner is doing; questions under way fail with an AbortError. Idle, it stays as it is. */
  stop(): void {
    if (this.underWay.length > 0) this.running?.end(aborted());
  }

  /** Is a plan being made? For `useSyncExternalStore`. */
  readonly isPlanning = (): boolean => this.underWay.includes("plan");
  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  private begin(name: QuestionName) {
    this.underWay.push(name);
    for (const listener of this.listeners) listener();
  }

  private done(name: QuestionName) {
    this.underWay.splice(this.underWay.indexOf(name), 1);
    for (const listener of this.listeners) listener();
  }

  private async work<K extends QuestionName>(
    tables: Tables,
    name: K,
    asked: Asked<K>,
    signal: AbortSignal | undefined,
  ): Promise<Answer<K>> {
    if (signal?.aborted) throw aborted();
    this.running ??= this.start();
    const running = this.running;
    const onAbort = () => running.end(aborted());
    signal?.addEventListener("abort", onAbort);
    this.begin(name);
    try {
      this.inform(running, tables);
      return await Promise.race([running.service.ask(name, asked) as Promise<Answer<K>>, running.ended]);
    } finally {
      signal?.removeEventListener("abort", onAbort);
      this.done(name);
    }
  }

  /** Tells the worker of the household what it does not know yet. Messages come in order, so nothing is waited for. */
  private inform(running: Running, tables: Tables) {
    const { known } = running;
    if (known === tables) return;
    running.known = tables;
    const told = known ? running.service.apply(changesBetween(known, tables)) : running.service.open(tables);
    told.catch((error: Error) => running.end(error));
  }

  private start(): Running {
    const worker = this.startWorker();
    let end: Running["end"] = () => undefined;
    const ended = new Promise<never>((_, reject) => {
      end = (reason) => {
        worker.terminate();
        if (this.running?.worker === worker) this.running = undefined;
        reject(reason);
      };
    });
    // Nobody may be waiting when the worker fails between two questions.
    ended.catch(() => undefined);
    worker.addEventListener("error", (event) => {
      end(new Error(event.message || "The planner stopped unexpectedly. Plan again."));
    });
    return { worker, service: wrap<PlannerService>(worker), known: undefined, ended, end };
  }
}

/** The planner of this tab. A solve under way can't be reached by messages: to stop it ends its worker. */
export const planner = new PlannerClient(
  () => new Worker(new URL("./planner.worker.ts", import.meta.url), { type: "module" }),
);
