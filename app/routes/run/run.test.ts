import { beforeEach, describe, expect, it, vi } from "vitest";
import { openDemo } from "../../engine/commands/demo";
import { database } from "../../engine/store/db";
import { emptyBrowser } from "../../engine/store/testing/browserStore";
import { ANSWER } from "../../ui/command/after";
import { onPageFault } from "../../ui/command/pageFaults";
import { onResult, type Told } from "../../ui/command/results";
import { clientAction, runCommand } from "./run";

const TRAY = "tray-12-tove-discs-in-a-slot";
const NOTE = { runId: "r", command: "notes.take", input: { id: "n1", tray: TRAY, help: "word" } };

const requestOf = (body: unknown) =>
  new Request("http://orto.test/run", {
    method: "POST",
    body: typeof body === "string" ? body : JSON.stringify(body),
  });
const sending = (body: unknown) => runCommand({ request: requestOf(body) });

/** The address that a run leads to. */
async function ledTo(body: unknown): Promise<string | null> {
  try {
    await sending(body);
  } catch (thrown) {
    if (thrown instanceof Response) return thrown.headers.get("Location");
    throw thrown;
  }
  return null;
}

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("the action that runs commands", () => {
  it("tells what a command gave, to the screen that waits for this very run and to no other", async () => {
    const heard: Told[] = [];
    onResult("r", (told) => heard.push(told));
    const stop = onResult("another", () => expect.unreachable("It is another run."));
    expect(await sending(NOTE)).toEqual({ issues: [], answer: null });
    expect(heard).toEqual([{ issues: [], answer: null }]);
    stop();
    expect(await database("demo").rows("observations").get("n1")).toMatchObject({ help: "word" });
  });

  it("leads to an address once it is done, with what the command gave in it", async () => {
    expect(await ledTo({ ...NOTE, goTo: `/?tray=${TRAY}&note=n1` })).toBe(`/?tray=${TRAY}&note=n1`);
    const keep = { runId: "r", command: "sittings.keepDay", input: { day: "ill", turn: 0 } };
    const to = await ledTo({ ...keep, goTo: `/sittings/${ANSWER}` });
    const [sitting] = await database("demo").rows("sittings").toArray();
    expect(to).toBe(`/sittings/${sitting?.id}`);
    const soon = { runId: "r", command: "wishes.soon", input: { child: "tove", activity: "towers" } };
    const undo = new URL((await ledTo({ ...soon, goTo: `/plan?undo=${ANSWER}` })) ?? "", "http://orto");
    expect(JSON.parse(undo.searchParams.get("undo") ?? "")).toMatchObject({ added: [expect.any(String)] });
  });

  it("leads nowhere where the input is faulty, and names the field", async () => {
    const faulty = { ...NOTE, input: { id: "n1", tray: TRAY, help: "magic" }, goTo: "/elsewhere" };
    expect(await sending(faulty)).toMatchObject({ issues: [{ path: "help" }] });
    expect(await database("demo").rows("observations").get("n1")).toBeUndefined();
    // With faults nothing was changed: the router hears by the status that nothing is to be read again.
    expect(await clientAction({ request: requestOf(faulty) })).toMatchObject({ init: { status: 422 } });
  });

  it.each([
    ["what is no JSON", "{"],
    ["what is nested without end", `${"[".repeat(200)}${"]".repeat(200)}`],
    ["what names no command", { input: {} }],
  ])("says of %s that it can't be read", async (_, body) => {
    expect(await sending(body)).toMatchObject({ issues: [{ code: "unreadable" }] });
  });

  it("knows no other command than those that there are", async () => {
    for (const command of ["notes.explode", "notes", "__proto__.take", "notes.constructor"])
      expect(await sending({ ...NOTE, command })).toMatchObject({ issues: [{ code: "unknown-command" }] });
  });

  it("says what a look gave without asking for anything to be read anew", async () => {
    const look = { runId: "r", command: "cupboard.readList", input: { text: "6 small bowls" } };
    expect(await sending(look)).toMatchObject({ isOnlyLook: true, answer: [{ material: "bowl-small" }] });
  });

  it("runs a command for the day that the screen looks ahead to", async () => {
    const accept = { from: "2026-05-11", weeks: 1, shown: "", digest: "" };
    const ahead = { runId: "r", command: "plan.accept", input: accept, monthsAhead: 3 };
    expect(await sending(ahead)).toMatchObject({ issues: [{ code: "not-possible" }] });
    expect(await sending({ ...ahead, monthsAhead: 0 })).toMatchObject({ issues: [{ code: "changed" }] });
  });

  it("tells the page and the form of what the browser could not keep", async () => {
    const telling = vi.fn();
    const stop = onPageFault(telling);
    const full = Object.assign(new Error("full"), { name: "QuotaExceededError" });
    vi.spyOn(database("demo"), "transaction").mockRejectedValue(full);
    expect(await sending(NOTE)).toMatchObject({ issues: [{ code: "not-kept" }] });
    expect(telling).toHaveBeenLastCalledWith({ message: expect.stringMatching(/no room/), isNotKept: true });
    vi.restoreAllMocks();
    expect((await sending(NOTE)).issues).toEqual([]);
    expect(telling).toHaveBeenLastCalledWith(undefined);
    stop();
  });
});
