import { beforeEach, describe, expect, it } from "vitest";
import { countState } from "../../core/safety";
import { countingsOf } from "../../data/countings";
import { database } from "../../data/db";
import { openDemo } from "../../data/household";
import { emptyBrowser, outcome, post } from "../../data/testing/browserStore";
import { changeShelf } from "./actions";

const TRAY = "tray-12-tove-discs-in-a-slot";
const act = (fields: Record<string, string>, path = `/?index&tray=${TRAY}`) =>
  outcome(changeShelf(post(path, fields)));
const note = (id: string) => database().rows("observations").get(id);
const take = (id = "n1", help = "word") => act({ intent: "note", id, tray: TRAY, on: "2026-05-10", help });

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("a note", () => {
  it("is saved by one tap, for the tray's own child and rung, and can be seen at once", async () => {
    expect(await take()).toBe(`/?tray=${TRAY}&note=n1`);
    expect(await note("n1")).toMatchObject({
      child: "tove",
      activity: "discs-in-a-slot",
      rung: "discs",
      help: "word",
      mouthed: false,
    });
  });

  it("is one note, however often the form is sent", async () => {
    const before = await database().rows("observations").count();
    await take();
    await take();
    expect(await database().rows("observations").count()).toBe(before + 1);
  });

  it("takes each detail by itself and keeps the others", async () => {
    await take();
    const amend = (more: Record<string, string>) => act({ intent: "amend", id: "n1", tray: TRAY, ...more });
    expect(await amend({ interest: "again" })).toEqual({ problems: [], saved: "n1" });
    await amend({ mouthed: "yes" });
    await amend({ ended: "finished" });
    await amend({ condition: "tired" });
    await amend({ grasp: "thumb-fingertip" });
    await amend({ minutes: "12", words: "Turned it first." });
    expect(await note("n1")).toMatchObject({
      help: "word",
      interest: "again",
      mouthed: true,
      ended: "finished",
      condition: "tired",
      grasp: "thumb-fingertip",
      minutes: 12,
      words: "Turned it first.",
    });
    await amend({ minutes: "", words: "" });
    expect(await note("n1")).toMatchObject({ minutes: 12, words: "" });
  });

  it.each([
    ["minutes", "-1", /0 or more/],
    ["minutes", "9999", /at most 600/],
    ["minutes", "soon", /number/],
    ["interest", "huge", /./],
  ])("refuses %s %s and changes nothing", async (field, value, message) => {
    await take();
    const answer = (await act({ intent: "amend", id: "n1", tray: TRAY, [field]: value })) as {
      problems: { message: string }[];
    };
    expect(answer.problems[0]?.message).toMatch(message);
    expect((await note("n1"))?.minutes).toBeUndefined();
    expect((await note("n1"))?.interest).toBeUndefined();
  });

  it("is removed with a way back", async () => {
    await take();
    expect(await act({ intent: "remove-note", id: "n1", tray: TRAY }, `/?tray=${TRAY}&note=n1`)).toBe(
      `/?tray=${TRAY}&removed=n1`,
    );
    expect((await note("n1"))?.deletedAt).toBeDefined();
    expect(await act({ intent: "restore-note", id: "n1", tray: TRAY }, `/?tray=${TRAY}&removed=n1`)).toBe(
      `/?tray=${TRAY}&note=n1`,
    );
    expect((await note("n1"))?.deletedAt).toBeUndefined();
  });
});

describe("a decision", () => {
  it("is kept with its day, and can be taken back", async () => {
    await act({
      intent: "decide",
      tray: TRAY,
      on: "2026-05-10",
      move: "harder",
      toRung: "two-ways",
      until: "",
    });
    const [kept] = await database().rows("decisions").toArray();
    expect(kept).toMatchObject({ tray: TRAY, move: "harder", toRung: "two-ways", on: "2026-05-10" });
    await act({ intent: "undecide", tray: TRAY });
    expect((await database().rows("decisions").toArray())[0]?.deletedAt).toBeDefined();
  });
});

it("does not know other intents", async () => {
  expect(await act({ intent: "explode" })).toMatchObject({ problems: [{ path: "intent" }] });
});

describe("an adult-held tray", () => {
  const count = async () =>
    countState(countingsOf(await database().rows("countings").toArray(), "week-12-0"));
  const say = (fields: Record<string, string>) =>
    outcome(changeShelf(post("/", { tray: "week-12-0", ...fields })));

  it("is counted out once and back; what is missing stays said until it is found", async () => {
    await say({ intent: "count-out", on: "2026-05-10", count: "8" });
    await say({ intent: "count-out", on: "2026-05-10", count: "5" });
    expect(await count()).toEqual({ state: "open", on: "2026-05-10", out: 8 });
    await say({ intent: "count-back", count: "7" });
    expect(await count()).toEqual({ state: "missing", on: "2026-05-10", missing: 1 });
    await say({ intent: "count-found" });
    expect(await count()).toEqual({ state: "shut" });
  });

  it("refuses half a piece, and changes nothing", async () => {
    expect(await say({ intent: "count-out", on: "2026-05-10", count: "1.5" })).toMatchObject({
      problems: [{ path: "count" }],
    });
    expect(await count()).toEqual({ state: "shut" });
  });
});
