import { beforeEach, describe, expect, it } from "vitest";
import { run } from "../engine";
import { readTables } from "../store/rows";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import type { CommandName } from ".";
import { openDemo } from "./demo";

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

/** Each names something that is not there any more: removed in another tab, or never known. */
const GONE: [string, CommandName, object, string][] = [
  ["a note on a tray", "notes.take", { id: "n", tray: "gone", help: "alone" }, "tray"],
  ["more about a note", "notes.amend", { id: "gone", words: "x" }, "id"],
  ["a note that is removed", "notes.remove", { id: "gone" }, "id"],
  ["a picture with a note", "notes.addPicture", { id: "gone", mime: "image/png", base64: "AAAA" }, "id"],
  ["a decision", "trays.decide", { tray: "gone", move: "rest" }, "place"],
  ["a tray taken down", "trays.takeDown", { tray: "gone" }, "place"],
  ["a tray moved", "trays.move", { tray: "gone", place: "mat" }, "place"],
  ["a watch that ends", "watches.end", { tray: "gone", at: 1 }, "tray"],
  [
    "a thing of the cupboard",
    "cupboard.saveHolding",
    { holding: "gone", where: "", origin: "owned", worn: false },
    "holding",
  ],
  ["what was mixed", "cupboard.mix", { holding: "gone", quantity: 1 }, "holding"],
  ["a child", "household.remove", { table: "children", id: "gone" }, "id"],
  ["who gets at a place", "household.sayReach", { place: "gone", child: "pim", says: "kept" }, "id"],
  ["a sheet", "sheets.drop", { id: "gone" }, "id"],
  ["a sitting", "sittings.end", { sitting: "gone" }, "sitting"],
  ["what was seen", "anecdotes.remove", { id: "gone" }, "id"],
  ["a tick of a skill", "skills.takeBack", { id: "gone" }, "id"],
  ["another home", "start.goToSite", { site: "gone" }, "site"],
];

describe("a change of what is not there any more", () => {
  it.each(GONE)("%s: says so, and where; nothing is changed", async (_, name, input, path) => {
    const home = await shownHome();
    const before = await readTables(home.db);
    const changed = await run(name, input);
    expect(changed).toMatchObject({ ok: false, issues: [{ path }] });
    expect(changed.ok ? "" : changed.issues[0]?.message).toMatch(/\w{3,}/);
    expect(await readTables(home.db)).toEqual(before);
  });
});
