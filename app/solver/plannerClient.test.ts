import { expose } from "comlink";
import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { CATALOGUE } from "../catalogue/catalogue";
import { plainDate, type Tables } from "../core/model";
import { anId } from "../core/testing/ids";
import { demoBackup } from "../demo";
import { changesBetween, PlannerClient } from "./plannerClient";
import { type Asked, type TableChanges, withChanges } from "./plannerSession";

let plans: (asked: Asked<"plan">) => Promise<unknown> = () => Promise.reject(new Error("not set"));
/** What the workers were told of the household, in order. */
const told: (["open", Tables] | ["apply", TableChanges])[] = [];
const workers: FakeWorker[] = [];

/** A message channel in place of a worker. */
class FakeWorker {
  readonly near: MessagePort;
  readonly far: MessagePort;
  ended = false;
  private fail: ((event: { message: string }) => void) | undefined;
  constructor() {
    const { port1, port2 } = new MessageChannel();
    [this.near, this.far] = [port1, port2];
    expose(
      {
        open: async (tables: Tables) => void told.push(["open", tables]),
        apply: async (changes: TableChanges) => void told.push(["apply", changes]),
        ask: (_name: string, asked: Asked<"plan">) => plans(asked),
      },
      port2,
    );
    workers.push(this);
  }
  postMessage(message: unknown, transfer: Transferable[] = []) {
    this.near.postMessage(message, transfer);
  }
  addEventListener(type: string, listener: (event: never) => void) {
    if (type === "error") this.fail = listener as typeof this.fail;
    else this.near.addEventListener(type, listener as EventListener);
    this.near.start();
  }
  removeEventListener(type: string, listener: (event: never) => void) {
    this.near.removeEventListener(type, listener as EventListener);
  }
  terminate() {
    this.ended = true;
    this.near.close();
    this.far.close();
  }
  die(message: string) {
    this.fail?.({ message });
  }
}

const { tables } = demoBackup(CATALOGUE);
let client: PlannerClient;
beforeEach(() => {
  client = new PlannerClient(() => new FakeWorker() as unknown as Worker);
  told.length = 0;
});
afterEach(() => client.stop());

const request = (weeks = 1) => ({ site: anId("home"), on: plainDate("2026-05-11"), weeks });
const plan = (weeks = 1, signal?: AbortSignal, of = tables) => client.ask(of, "plan", request(weeks), signal);
const never = () => new Promise<never>(() => undefined);

describe("a session with the planner", () => {
  it("uses one worker for several questions, and remembers an answer while the household is the same", async () => {
    let asked = 0;
    plans = async ({ weeks }) => {
      asked++;
      return { weeks };
    };
    const before = workers.length;
    expect(await plan(1)).toEqual({ weeks: 1 });
    expect(await plan(2)).toEqual({ weeks: 2 });
    expect(await plan(1)).toEqual({ weeks: 1 });
    expect([workers.length - before, asked]).toEqual([1, 2]);
    await plan(1, undefined, { ...tables });
    expect(asked).toBe(3);
  });

  it("tells the household once, and after that only what has changed", async () => {
    plans = async () => ({});
    await plan();
    const [first, ...rest] = tables.holdings;
    if (!first) throw new Error("the demo has changed");
    const added = { ...first, id: anId("added") };
    const next = { ...tables, holdings: [...rest.slice(1), { ...first, quantity: 77 }, added] };
    await plan(1, undefined, next);
    expect(told.map(([what]) => what)).toEqual(["open", "apply"]);
    const changes = told[1]?.[1] as TableChanges;
    expect(Object.keys(changes)).toEqual(["holdings"]);
    expect(changes.holdings).toEqual({
      changed: [{ ...first, quantity: 77 }, added],
      gone: [rest[0]?.id],
    });
  });

  it("ends with any changes at what there is, rows that did not change as they were", () => {
    const rows = fc.uniqueArray(fc.record({ id: fc.nat(9).map(String), of: fc.nat(3) }), {
      selector: (row) => row.id,
    });
    fc.assert(
      fc.property(rows, rows, (was, is) => {
        const before = { ...tables, settings: was } as unknown as Tables;
        const kept = is.map((row) => was.find((one) => one.id === row.id && one.of === row.of) ?? row);
        const after = { ...tables, settings: kept } as unknown as Tables;
        const known = withChanges(before, changesBetween(before, after));
        const byId = (all: readonly { id: string }[]) => [...all].sort((a, b) => (a.id < b.id ? -1 : 1));
        expect(byId(known.settings)).toEqual(byId(after.settings));
        // The very same objects where a row did not change, and otherwise the new ones.
        for (const row of known.settings) expect(after.settings.includes(row)).toBe(true);
      }),
    );
  });

  it("hands on what went wrong in the question, and can be asked again", async () => {
    plans = () => Promise.reject(new Error("no such place"));
    await expect(plan()).rejects.toThrow("no such place");
    plans = async () => "again";
    expect(await plan()).toBe("again");
  });

  it("ends every question under way when it is stopped, and starts anew after", async () => {
    plans = never;
    const [one, two] = [plan(1), plan(2)];
    await vi.waitFor(() => expect(client.isPlanning()).toBe(true));
    const worker = workers.at(-1);
    client.stop();
    await expect(one).rejects.toMatchObject({ name: "AbortError" });
    await expect(two).rejects.toMatchObject({ name: "AbortError" });
    expect(worker?.ended).toBe(true);
    expect(client.isPlanning()).toBe(false);
    plans = async () => "again";
    expect(await plan()).toBe("again");
  });

  it("keeps its worker, and what that knows, when it is stopped while nothing is under way", async () => {
    plans = async () => "done";
    await plan();
    const worker = workers.at(-1);
    client.stop();
    await plan(2);
    expect(workers.at(-1)).toBe(worker);
    expect(worker?.ended).toBe(false);
  });

  it("ends with the signal of who asked, and does not begin where that has ended", async () => {
    plans = never;
    const leaving = new AbortController();
    const one = plan(1, leaving.signal);
    leaving.abort();
    await expect(one).rejects.toMatchObject({ name: "AbortError" });
    expect(workers.at(-1)?.ended).toBe(true);
    const before = workers.length;
    await expect(plan(1, leaving.signal)).rejects.toMatchObject({ name: "AbortError" });
    expect(workers.length).toBe(before);
  });

  it("never hangs when the worker dies", async () => {
    plans = never;
    const job = plan();
    workers.at(-1)?.die("out of memory");
    await expect(job).rejects.toThrow("out of memory");
  });
});
