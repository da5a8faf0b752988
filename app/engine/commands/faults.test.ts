import { beforeEach, describe, expect, it } from "vitest";
import type { Result } from "../../core/model";
import { anId } from "../../core/testing/ids";
import { readTables } from "../store/rows";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { changeCupboard } from "./cupboard";
import { openDemo } from "./demo";
import { changeHousehold } from "./household";
import { changeMixed } from "./mixed";
import { changeNote } from "./notes";
import { changeTray } from "./trays";
import { changeWatch } from "./watches";

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

type Home = Awaited<ReturnType<typeof shownHome>>;

/** Each names something that is not there any more: removed in another tab, or never known. */
const GONE: [string, (home: Home) => Promise<Result<unknown>>, string][] = [
  [
    "a note on a tray",
    (home) => changeNote(home, { intent: "note", id: anId("n"), tray: anId("gone"), help: "alone" }),
    "tray",
  ],
  ["more about a note", (home) => changeNote(home, { intent: "amend", id: "gone", words: "x" }), "id"],
  ["a note that is removed", (home) => changeNote(home, { intent: "remove-note", id: "gone" }), "id"],
  [
    "a picture with a note",
    (home) => changeNote(home, { intent: "photo", id: anId("gone"), mime: "image/png", base64: "AAAA" }),
    "id",
  ],
  ["a decision", (home) => changeTray(home, { intent: "decide", tray: anId("gone"), move: "rest" }), "place"],
  ["a tray taken down", (home) => changeTray(home, { intent: "take-down", tray: anId("gone") }), "place"],
  [
    "a tray moved",
    (home) => changeTray(home, { intent: "move-tray", tray: anId("gone"), place: anId("mat") }),
    "place",
  ],
  ["a watch that ends", (home) => changeWatch(home, { intent: "done", tray: anId("gone"), at: 1 }), "tray"],
  [
    "a thing of the cupboard",
    (home) =>
      changeCupboard(home, {
        intent: "about",
        holding: anId("gone"),
        where: "",
        origin: "owned",
        worn: false,
      }),
    "holding",
  ],
  [
    "what was mixed",
    (home) => changeMixed(home, { intent: "made", holding: anId("gone"), quantity: 1 }),
    "holding",
  ],
  ["a child", (home) => changeHousehold(home, { intent: "remove", table: "children", id: "gone" }), "id"],
  [
    "who gets at a place",
    (home) =>
      changeHousehold(home, { intent: "reach", place: anId("gone"), child: anId("pim"), says: "kept" }),
    "id",
  ],
];

describe("a change of what is not there any more", () => {
  it.each(GONE)("%s: says so, and where; nothing is changed", async (_, change, path) => {
    const home = await shownHome();
    const before = await readTables(home.db);
    const changed = await change(home);
    expect(changed).toMatchObject({ ok: false, issues: [{ path }] });
    expect(changed.ok ? "" : changed.issues[0]?.message).toMatch(/\w{3,}/);
    expect(await readTables(home.db)).toEqual(before);
  });
});
