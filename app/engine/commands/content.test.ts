import { beforeEach, describe, expect, it } from "vitest";
import { trayView } from "../../core/household";
import { database } from "../store/db";
import { livingRow, livingRows } from "../store/rows";
import { emptyBrowser, setDemoDay, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const TRAY = "tray-12-tove-discs-in-a-slot";

const view = async () => {
  const home = await shownHome();
  const tray = home.tables.trays.find((one) => one.id === TRAY);
  const made = tray && trayView(home, home.situation, tray, ["from the guide"]);
  if (!made) throw new Error("a tray was expected");
  return made;
};

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("what is on the frame of a tray", () => {
  it("is a filling, which a note of the day keeps, and which goes when it is emptied", async () => {
    await act("trays.setContent", { tray: TRAY, layer: "number", on: " 4 " });
    await act("notes.take", { id: "n1", tray: TRAY, help: "alone" });
    expect((await livingRow(database("demo"), "trays", TRAY))?.filling).toEqual({ layer: "number", on: "4" });
    await act("trays.setContent", { tray: TRAY, layer: "number", on: "" });
    expect((await livingRow(database("demo"), "trays", TRAY))?.filling).toBeUndefined();
    expect(await livingRow(database("demo"), "observations", "n1")).toMatchObject({
      filling: { layer: "number", on: "4" },
    });
  });

  it("are pieces of one's own, one a day: what was used is passed, a day without loses none", async () => {
    await act("trays.setPieces", { tray: TRAY, pieces: " snail \n\nferry\nkey\n" });
    expect((await view()).insert?.today).toMatchObject({ label: "snail", used: false });
    await act("notes.take", { id: "n1", tray: TRAY, help: "alone" });
    expect((await view()).insert?.today).toMatchObject({ label: "snail", used: true });
    await setDemoDay("2026-05-13");
    expect((await view()).insert).toMatchObject({ today: { label: "ferry", used: false }, left: 2 });
    await act("trays.setPieces", { tray: TRAY, pieces: "" });
    expect((await view()).insert?.today.label).toBe("from the guide");
    expect(await livingRows(database("demo"), "pieceLists")).toEqual([]);
  });

  it("is refused with its line where a piece has too long a name, and nothing is lost", async () => {
    await act("trays.setPieces", { tray: TRAY, pieces: "snail" });
    const pieces = `ferry\n${"x".repeat(81)}`;
    expect(await act("trays.setPieces", { tray: TRAY, pieces })).toMatchObject({
      issues: [{ path: "pieces", message: expect.stringMatching(/line 2/) }],
    });
    expect((await view()).ownPieces).toEqual(["snail"]);
    expect(await act("trays.setContent", { tray: "gone", layer: "word", on: "sea" })).toMatchObject({
      issues: [{ code: "no-tray" }],
    });
  });
});
