import { beforeEach, describe, expect, it } from "vitest";
import { anId } from "../../core/testing/ids";
import { database } from "../store/db";
import { photosOf } from "../store/photos";
import { updateRow } from "../store/rows";
import { emptyBrowser, setDemoDay, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import type { CommandName } from ".";
import { openDemo } from "./demo";

const TRAY = "tray-12-tove-discs-in-a-slot";

const note = (id: string) => database("demo").rows("observations").get(id);
const take = (id = "n1", help = "word") => act("notes.take", { id, tray: TRAY, help });

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("today's piece", () => {
  const rows = async () =>
    (await database("demo").rows("inserts").toArray())
      .filter((row) => !row.deletedAt)
      .map((row) => [row.label, row.what]);

  /** Says something of the tray's piece on the demo's day or so many days later. */
  async function say(daysOn: number, name: CommandName, input: object) {
    await setDemoDay(`2026-05-1${daysOn}`);
    return act(name, { tray: TRAY, ...input });
  }

  /** The tray as one of stickers, made from the cupboard. */
  async function setStickers() {
    const holdings = await database("demo").rows("holdings").toArray();
    const stickers = holdings.find((one) => one.material === "sticker-large" && one.site === "home");
    const tray = await database("demo").rows("trays").get(TRAY);
    if (!stickers || !tray) throw new Error("the demo has changed");
    const allotted = [
      { need: anId("stickers"), material: anId("sticker-large"), holding: stickers.id, quantity: 10 },
    ];
    await updateRow(database("demo"), "trays", TRAY, {
      activity: anId("stick-and-peel"),
      rung: anId("peel"),
      allotted,
    });
    await updateRow(database("demo"), "holdings", stickers.id, { quantity: 24 });
    return async () => (await database("demo").rows("holdings").get(stickers.id))?.quantity;
  }

  it("takes the next sheet from the cupboard once it is used, down to none, and gives it back when undone", async () => {
    const left = await setStickers();
    const use = (label: string, day: number) => say(day, "trays.sayPiece", { label, what: "used" });
    await take("n1");
    expect(await left()).toBe(14);
    await act("trays.takeBackPiece", { tray: TRAY });
    expect(await left()).toBe(24);
    await use("sheet one", 1);
    await use("sheet two", 2);
    await use("sheet three", 3);
    expect(await left()).toBe(0);
    await say(3, "trays.takeBackPiece", {});
    expect(await left()).toBe(4);
  });

  it("goes back with the note that is deleted, and is taken again when that is put back", async () => {
    const left = await setStickers();
    await take("n1");
    await act("notes.remove", { id: anId("n1") });
    expect([await rows(), await left()]).toEqual([[], 24]);
    await act("notes.restore", { id: anId("n1") });
    expect([await rows(), await left()]).toEqual([[["sheet one", "used"]], 14]);
    // Two notes on one piece, at once: it was used until both are gone.
    await act("notes.remove", { id: anId("n1") });
    await Promise.all([take("n1"), take("n2")]);
    expect([await rows(), await left()]).toEqual([[["sheet one", "used"]], 14]);
    await act("notes.remove", { id: anId("n1") });
    expect(await left()).toBe(14);
    await act("notes.remove", { id: anId("n2") });
    expect([await rows(), await left()]).toEqual([[], 24]);
  });

  it("stays used where a later piece lies there by now, and is not taken twice", async () => {
    const left = await setStickers();
    await take("n1");
    await say(1, "trays.sayPiece", { label: "sheet two", what: "used" });
    await act("notes.remove", { id: anId("n1") });
    expect([(await rows()).length, await left()]).toEqual([2, 4]);
    await say(1, "trays.takeBackPiece", {});
    await say(0, "trays.takeBackPiece", {});
    // Said again on its own: the note that comes back does not take a second one.
    await act("trays.sayPiece", { tray: TRAY, label: "sheet one", what: "used" });
    await act("notes.restore", { id: anId("n1") });
    expect([await rows(), await left()]).toEqual([[["sheet one", "used"]], 14]);
  });

  it("is used by a watch that ends as a note, as by any note", async () => {
    const left = await setStickers();
    const watch = (name: CommandName, fields: object) => act(name, { tray: TRAY, ...fields });
    await watch("watches.begin", { at: "1000" });
    await watch("watches.tap", { tap: "self", at: "9000" });
    await watch("watches.end", { at: "60000" });
    expect(await rows()).toEqual([["sheet one", "used"]]);
    expect(await left()).toBe(14);
  });

  it("carries the hand, the grasp and the posture that were tapped into the note; a second tap takes one back", async () => {
    const watch = (name: CommandName, fields: object) => act(name, { tray: TRAY, ...fields });
    await watch("watches.begin", { at: "1000" });
    await watch("watches.hand", { hand: "left" });
    await watch("watches.grasp", { grasp: "three-fingers" });
    for (const sign of ["helper-hand", "kneeling", "standing", "kneeling"])
      await watch("watches.sign", { sign });
    expect(await watch("watches.sign", { sign: "flying" })).toMatchObject({ issues: [{ path: "sign" }] });
    const before = new Set((await database("demo").rows("observations").toArray()).map((one) => one.id));
    await watch("watches.end", { at: "60000" });
    const notes = await database("demo").rows("observations").toArray();
    expect(notes.find((one) => !before.has(one.id))).toMatchObject({
      hand: "left",
      grasp: "three-fingers",
      signs: ["helper-hand", "standing"],
    });
  });

  it("takes nothing where it is passed over, comes again, or is the last", async () => {
    const left = await setStickers();
    const labels = ["sheet one", "sheet two", "sheet three", "sheet four"];
    for (const [i, label] of labels.entries()) {
      await say(i, "trays.sayPiece", { label, what: "skipped" });
    }
    await say(4, "trays.sayPiece", { label: "sheet five", what: "again" });
    await say(5, "trays.sayPiece", { label: "sheet five", what: "used" });
    expect(await left()).toBe(24);
  });

  it("is used with the note, once a day, and kept with it", async () => {
    const tray = await database("demo").rows("trays").get(TRAY);
    if (tray)
      await database("demo")
        .rows("trays")
        .put({ ...tray, activity: anId("stick-and-peel"), rung: anId("peel") });
    await take("n1");
    await take("n2");
    expect(await rows()).toEqual([["sheet one", "used"]]);
    expect((await note("n2"))?.insert).toBe("sheet one");
    await say(1, "trays.sayPiece", { label: "sheet two", what: "skipped" });
    expect(await rows()).toContainEqual(["sheet two", "skipped"]);
    await say(1, "trays.takeBackPiece", {});
    expect(await rows()).toEqual([["sheet one", "used"]]);
  });
});

describe("what goes with a note", () => {
  it("signs are set and taken back by a tap each", async () => {
    await take();
    const sign = (one: string) => act("notes.amend", { id: anId("n1"), tray: TRAY, sign: one });
    await sign("moved-about");
    await sign("wanted-on");
    expect((await note("n1"))?.signs).toEqual(["moved-about", "wanted-on"]);
    await sign("moved-about");
    expect((await note("n1"))?.signs).toEqual(["wanted-on"]);
    // In the dialog of the Journal all of them together.
    await act("notes.amend", { id: anId("n1"), tray: TRAY, signs: ["standing", "knew-it"] });
    expect((await note("n1"))?.signs).toEqual(["standing", "knew-it"]);
  });

  it("a picture is kept apart from what the screens read, and is in the backup", async () => {
    await take();
    await act("notes.addPicture", { id: anId("n1"), mime: "image/jpeg", base64: "AAAA" });
    expect(await photosOf(database("demo"), anId("n1"))).toMatchObject([
      { mime: "image/jpeg", base64: "AAAA" },
    ]);
    expect((await shownHome())?.tables.photos).toEqual([]);
    expect(await database("demo").pictures.count()).toBe(1);
    const [photo] = await photosOf(database("demo"), anId("n1"));
    await act("notes.removePicture", { photo: photo?.id ?? "" });
    expect(await photosOf(database("demo"), anId("n1"))).toEqual([]);
  });

  it("words for next time are kept with the activity, and can come back", async () => {
    const say = { activity: anId("discs-in-a-slot"), kind: "next-time" };
    expect(await act("notes.addReminder", { ...say, words: "  " })).toMatchObject({
      issues: [{ path: "words" }],
    });
    await Promise.all([
      act("notes.addReminder", { ...say, words: "Two boxes." }),
      act("notes.addReminder", { ...say, words: "Two boxes." }),
    ]);
    const [kept, ...more] = await database("demo").rows("nextTimes").toArray();
    expect(more).toEqual([]);
    expect(kept).toMatchObject({ activity: "discs-in-a-slot", words: "Two boxes." });
    await act("notes.removeReminder", { id: kept?.id ?? "" });
    await act("notes.restoreReminder", { id: kept?.id ?? "" });
    expect((await database("demo").rows("nextTimes").toArray())[0]?.deletedAt).toBeUndefined();
  });
});
