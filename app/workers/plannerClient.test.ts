import { expose } from "comlink";
import { afterEach, describe, expect, it, vi } from "vitest";
import { stopPlanner, withPlanner } from "./plannerClient";
import type { PlanService } from "./planService";

let plans: PlanService["plan"] = () => Promise.reject(new Error("not set"));
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
    expose({ plan: (...args: Parameters<PlanService["plan"]>) => plans(...args) }, port2);
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
vi.stubGlobal("Worker", FakeWorker);

afterEach(() => stopPlanner());
const plan = () => withPlanner((service) => service.plan({ on: "2026-05-10" } as never));
const never = () => new Promise<never>(() => undefined);

describe("withPlanner", () => {
  it("answers, and uses one worker for several jobs", async () => {
    plans = async ({ on }) => ({ on }) as never;
    const before = workers.length;
    expect(await plan()).toEqual({ on: "2026-05-10" });
    expect(await plan()).toEqual({ on: "2026-05-10" });
    expect(workers.length).toBe(before + 1);
  });

  it("hands on what went wrong in the job", async () => {
    plans = () => Promise.reject(new Error("no such place"));
    await expect(plan()).rejects.toThrow("no such place");
  });

  it("ends every job under way when it is stopped, and starts anew after", async () => {
    plans = never;
    const [one, two] = [plan(), plan()];
    const worker = workers.at(-1);
    stopPlanner();
    await expect(one).rejects.toMatchObject({ name: "AbortError" });
    await expect(two).rejects.toMatchObject({ name: "AbortError" });
    expect(worker?.ended).toBe(true);
    plans = async () => "again" as never;
    expect(await plan()).toBe("again");
  });

  it("never hangs when the worker dies", async () => {
    plans = never;
    const job = plan();
    workers.at(-1)?.die("out of memory");
    await expect(job).rejects.toThrow("out of memory");
  });
});
