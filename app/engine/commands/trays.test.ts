import { beforeEach, describe, expect, it } from "vitest";
import { countingsOf, countState } from "../../core/safety";
import { anId } from "../../core/testing/ids";
import { database } from "../store/db";
import { emptyBrowser } from "../store/testing/browserStore";
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

describe("a note", () => {
  it("is saved by one tap, for the tray's own child and rung, and can be seen at once", async () => {
    expect(await take()).toMatchObject({ issues: [] });
    expect(await note("n1")).toMatchObject({
      child: "tove",
      activity: "discs-in-a-slot",
      rung: "discs",
      help: "word",
      mouthed: false,
    });
  });

  it("is one note, however often the form is sent", async () => {
    const before = await database("demo").rows("observations").count();
    await take();
    await take();
    expect(await database("demo").rows("observations").count()).toBe(before + 1);
  });

  it("loses none of what is tapped at once", async () => {
    await take();
    const amend = (more: Record<string, string>) =>
      act("notes.amend", { id: anId("n1"), tray: TRAY, ...more });
    await Promise.all([
      amend({ sign: "wanted-on" }),
      amend({ sign: "knew-it" }),
      amend({ interest: "again" }),
      amend({ sign: "new-use" }),
    ]);
    const tapped = await note("n1");
    expect(tapped?.interest).toBe("again");
    expect([...(tapped?.signs ?? [])].sort()).toEqual(["knew-it", "new-use", "wanted-on"]);
  });

  it("takes each detail by itself and keeps the others", async () => {
    await take();
    const amend = (more: Record<string, string>) =>
      act("notes.amend", { id: anId("n1"), tray: TRAY, ...more });
    expect(await amend({ interest: "again" })).toMatchObject({ issues: [] });
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
    expect(await note("n1")).toMatchObject({ words: "", help: "word" });
    expect((await note("n1"))?.minutes).toBeUndefined();
  });

  it.each([
    ["minutes", "-1", /0 or more/],
    ["minutes", "9999", /at most 600/],
    ["minutes", "soon", /number/],
    ["interest", "huge", /./],
  ])("refuses %s %s and changes nothing", async (field, value, message) => {
    await take();
    const answer = await act("notes.amend", { id: "n1", [field]: value });
    expect(answer.issues[0]?.message).toMatch(message);
    expect((await note("n1"))?.minutes).toBeUndefined();
    expect((await note("n1"))?.interest).toBeUndefined();
  });

  it("is removed with a way back", async () => {
    await take();
    expect(await act("notes.remove", { id: "n1" })).toMatchObject({ issues: [] });
    expect((await note("n1"))?.deletedAt).toBeDefined();
    expect(await act("notes.restore", { id: "n1" })).toMatchObject({ issues: [] });
    expect((await note("n1"))?.deletedAt).toBeUndefined();
  });
});

describe("a decision", () => {
  it("is kept with its day, and can be taken back", async () => {
    await act("trays.decide", { tray: TRAY, move: "harder", toRung: "two-ways", until: "" });
    const [kept] = await database("demo").rows("decisions").toArray();
    expect(kept).toMatchObject({ tray: TRAY, move: "harder", toRung: "two-ways", on: "2026-05-10" });
    await act("trays.undecide", { trays: [TRAY] });
    expect((await database("demo").rows("decisions").toArray())[0]?.deletedAt).toBeDefined();
  });
});

it.each(["trays.explode", "trays", "trays.take.down", "explode.all", "toString", "trays.toString"])(
  "does not know the command %s",
  async (name) => {
    expect(await act(name as never, {})).toMatchObject({ issues: [{ code: "unknown-command" }] });
  },
);

describe("an adult-held tray", () => {
  const count = async () =>
    countState(countingsOf(await database("demo").rows("countings").toArray(), anId("week-12-0")));
  const say = (name: CommandName, fields: object) => act(name, { tray: anId("week-12-0"), ...fields });

  it("is counted out once and back; what is missing stays said until it is found", async () => {
    await say("trays.countOut", { count: "8" });
    await say("trays.countOut", { count: "5" });
    expect(await count()).toEqual({ state: "open", on: "2026-05-10", out: 8 });
    await say("trays.countBack", { count: "7" });
    expect(await count()).toEqual({ state: "missing", on: "2026-05-10", missing: 1 });
    await say("trays.countFound", {});
    expect(await count()).toEqual({ state: "shut" });
  });

  it("refuses half a piece, and changes nothing", async () => {
    expect(await say("trays.countOut", { count: "1.5" })).toMatchObject({
      issues: [{ path: "count" }],
    });
    expect(await count()).toEqual({ state: "shut" });
  });
});

describe("where a tray stands", () => {
  const tray = (id = TRAY) => database("demo").rows("trays").get(id);
  const at = async (place: string) =>
    (await database("demo").rows("trays").toArray()).find(
      (row) => row.rotation === "week-12" && row.place === place,
    );
  const move = (place: string, id = TRAY) => act("trays.move", { tray: id, place });

  it("changes places with the tray that stands there", async () => {
    const from = (await tray())?.place ?? "";
    const other = await at("bay-0-2");
    expect(await move("bay-0-2")).toMatchObject({ issues: [] });
    expect((await tray())?.place).toBe("bay-0-2");
    expect((await tray(other?.id))?.place).toBe(from);
  });

  it("stays where it was when it would be another's place, of another kind, or not safe there", async () => {
    const before = (await tray())?.place;
    for (const [place, why] of [
      ["mat", /another kind|another child/],
      ["balcony", /another kind/],
      ["gone", /no longer there/],
    ] as const) {
      expect(await move(place)).toMatchObject({ issues: [{ message: expect.stringMatching(why) }] });
    }
    // A small bead within a baby's reach: the bottom board is refused, the top one is not.
    const bead = { need: anId("discs"), material: anId("bead-medium"), quantity: 4 };
    const row = await tray();
    if (row)
      await database("demo")
        .rows("trays")
        .put({ ...row, allotted: [bead] });
    expect(await move("bay-2-0")).toMatchObject({
      issues: [{ message: expect.stringContaining("Not safe at Bottom board, left") }],
    });
    expect((await tray())?.place).toBe(before);
    expect(await move("bay-0-1")).toMatchObject({ issues: [] });
  });

  it("is taken down for now and put back", async () => {
    await act("trays.takeDown", { tray: TRAY });
    expect((await tray())?.downOn).toBe("2026-05-10");
    await act("trays.putUp", { tray: TRAY });
    expect((await tray())?.downOn).toBeUndefined();
  });

  it("is not put back onto another that has taken its place", async () => {
    const mine = (await tray())?.place ?? "";
    const other = await at("bay-0-2");
    await act("trays.takeDown", { tray: TRAY });
    expect(await move(mine, other?.id)).toMatchObject({ issues: [] });
    expect(await act("trays.putUp", { tray: TRAY })).toMatchObject({
      issues: [{ message: expect.stringContaining("Another tray stands there") }],
    });
    expect((await tray())?.downOn).toBe("2026-05-10");
    await move("bay-0-2", other?.id);
    expect(await act("trays.putUp", { tray: TRAY })).toMatchObject({ issues: [] });
  });
});

describe("several decisions", () => {
  const decisions = async () =>
    (await database("demo").rows("decisions").toArray()).filter((row) => !row.deletedAt);

  it("are taken with one tap and taken back with one", async () => {
    const all = [
      { tray: TRAY, move: "harder", toRung: "two-ways", until: "", toChild: "" },
      { tray: anId("tray-12-tove-lids-to-pots"), move: "rest", toRung: "", until: "", toChild: "" },
    ];
    await act("trays.decideAll", { all });
    expect(await decisions()).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ move: "harder", toRung: "two-ways" }),
        expect.objectContaining({ move: "rest", until: "2026-06-07" }),
      ]),
    );
    await act("trays.undecide", { trays: all.map((one) => one.tray) });
    expect(await decisions()).toEqual([]);
  });

  it("are refused as a whole when one is not to be read", async () => {
    for (const all of [
      "{",
      [{ tray: TRAY, move: "fly" }],
      [
        { tray: TRAY, move: "rest" },
        { tray: anId("gone"), move: "rest" },
      ],
    ]) {
      expect(await act("trays.decideAll", { all })).toMatchObject({
        issues: [expect.anything()],
      });
    }
    expect(await decisions()).toEqual([]);
  });
});

describe("what is on at a moment", () => {
  const nap = { moment: anId("table-nap"), on: "2026-05-10" };
  const days = async (id: string) => (await database("demo").rows("trays").get(id))?.when?.days;
  const DOUGH = "tray-12-tove-dough";

  it("is taken off a day and put back, the other days left as they are", async () => {
    const before = await days(DOUGH);
    expect(before).toContain("2026-05-10");
    await act("moments.setDay", { ...nap, tray: "" });
    expect(await days(DOUGH)).toEqual(before?.filter((day) => day !== "2026-05-10"));
    await act("moments.setDay", { ...nap, tray: DOUGH });
    expect(await days(DOUGH)).toEqual(before);
  });

  it("is only what the shelf has for that moment", async () => {
    const { issues } = await act("moments.setDay", { ...nap, tray: TRAY });
    expect(issues[0]?.code).toBe("no-tray");
    expect(await days(DOUGH)).toContain("2026-05-10");
  });

  it("ends where the tray is put to another place: there it stands", async () => {
    await act("trays.move", { tray: anId("tray-12-tove-soak-and-squeeze"), place: anId("balcony") });
    const tray = await database("demo").rows("trays").get("tray-12-tove-soak-and-squeeze");
    expect([tray?.place, tray?.when]).toEqual([
      "low-table",
      { moment: "table-breakfast", days: expect.any(Array) },
    ]);
    await act("trays.takeDown", { tray: anId("tray-12-tove-paint-with-water") });
    await act("trays.move", { tray: anId("tray-12-tove-soak-and-squeeze"), place: anId("balcony") });
    const moved = await database("demo").rows("trays").get("tray-12-tove-soak-and-squeeze");
    expect([moved?.place, moved?.when]).toEqual(["balcony", undefined]);
  });
});
