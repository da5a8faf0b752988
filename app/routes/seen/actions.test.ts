import { beforeEach, describe, expect, it } from "vitest";
import { openDemo } from "../../engine/commands/demo";
import { database } from "../../engine/store/db";
import { livingRow, livingRows } from "../../engine/store/rows";
import { emptyBrowser } from "../../engine/store/testing/browserStore";
import { outcome, sent } from "../testing/act";
import { actOnSeen } from "./actions";

const act = (fields: object) => outcome(actOnSeen, sent("/seen", fields));
const row = (id: string) => livingRow(database("demo"), "anecdotes", id);
const tick = (id: string) => livingRow(database("demo"), "skillNotes", id);
const SEEN = { intent: "anecdote", id: "a1", child: "tove", words: " Turned the tap on alone. ", on: "" };

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("something seen", () => {
  it("is kept with its words for the day, ticks the skill it tells of, and is one note however often sent", async () => {
    expect(await act({ ...SEEN, skill: "pincer", activity: "" })).toEqual({
      issues: [],
      done: { intent: "anecdote", id: "a1" },
    });
    await act({ ...SEEN, skill: "pincer" });
    expect(await row("a1")).toMatchObject({
      child: "tove",
      words: "Turned the tap on alone.",
      on: "2026-05-10",
    });
    expect(await tick("a1")).toMatchObject({ skill: "pincer", seen: true, on: "2026-05-10" });
    const all = await livingRows(database("demo"), "anecdotes");
    expect(all.filter((one) => one.id === "a1")).toHaveLength(1);
  });

  it("goes and comes back with its tick", async () => {
    await act({ ...SEEN, skill: "pincer" });
    await act({ intent: "remove-anecdote", id: "a1" });
    expect([await row("a1"), await tick("a1")]).toEqual([undefined, undefined]);
    await act({ intent: "restore-anecdote", id: "a1" });
    expect(await row("a1")).toBeDefined();
    expect(await tick("a1")).toBeDefined();
  });

  it.each([
    ["no words", { words: "  " }, "words"],
    ["a child that is not there", { child: "nobody" }, "child"],
    ["a day to come", { on: "2026-05-11" }, "on"],
    ["a skill that is none", { skill: "no-such-skill" }, "skill"],
  ])("is refused with %s", async (_, wrong, path) => {
    expect(await act({ ...SEEN, ...wrong })).toMatchObject({ issues: [{ path }] });
    expect(await row("a1")).toBeUndefined();
  });
});
