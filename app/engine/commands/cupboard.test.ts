import { beforeEach, describe, expect, it } from "vitest";
import { database } from "../store/db";
import { emptyBrowser } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const holding = (material: string, site = "home") =>
  database("demo").rows("holdings").get(`${site}-${material}`);
const set = (material: string, quantity: string, site = "home") =>
  act("cupboard.set", { site, material, quantity });

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("quantities", () => {
  it("count every step, however quick, and not below nothing", async () => {
    await set("towel", "2");
    const step = (by: string) => act("cupboard.step", { site: "home", material: "towel", by });
    await Promise.all([step("1"), step("1"), step("1")]);
    expect((await holding("towel"))?.quantity).toBe(5);
    for (let i = 0; i < 7; i++) await step("-1");
    expect((await holding("towel"))?.quantity).toBe(0);
    await act("cupboard.step", { site: "home", material: "bead-large", by: "1" });
    expect(
      (await database("demo").rows("holdings").toArray()).find((row) => row.material === "bead-large"),
    ).toMatchObject({
      quantity: 1,
      site: "home",
    });
  });

  it("stay at the most there may be, however often one more is tapped", async () => {
    await set("towel", "100000");
    expect(await act("cupboard.step", { site: "home", material: "towel", by: 1 })).toMatchObject({
      issues: [],
    });
    expect((await holding("towel"))?.quantity).toBe(100_000);
  });

  it("of a thing set twice in a hurry are those of one thing", async () => {
    await Promise.all([set("bead-large", "1"), set("bead-large", "2")]);
    const rows = await database("demo").rows("holdings").toArray();
    expect(rows.filter((row) => row.material === "bead-large" && row.site === "home")).toHaveLength(1);
  });

  it("change, fall to nothing, and begin", async () => {
    await set("towel", "9");
    expect((await holding("towel"))?.quantity).toBe(9);
    await set("towel", "0");
    expect((await holding("towel"))?.quantity).toBe(0);
    await set("chickpeas", "250");
    const rows = await database("demo").rows("holdings").toArray();
    expect(rows.filter((row) => row.material === "chickpeas")).toMatchObject([
      { quantity: 250, site: "home" },
    ]);
  });

  it("belong to one home", async () => {
    await set("towel", "1", "grandmother");
    expect((await holding("towel"))?.quantity).toBe(5);
    expect((await holding("towel", "grandmother"))?.quantity).toBe(1);
  });

  it.each(["-1", "many", "1000000"])("refuse %s and change nothing", async (quantity) => {
    expect((await set("towel", quantity)).issues).toHaveLength(1);
    expect((await holding("towel"))?.quantity).toBe(5);
  });

  it("of a usual home are added where there is nothing, and only there", async () => {
    await set("towel", "0");
    await set("sponge-large", "7");
    await act("cupboard.addUsual", { site: "home", found: "bathroom" });
    expect((await holding("towel"))?.quantity).toBe(6);
    expect((await holding("sponge-large"))?.quantity).toBe(7);
  });
});

describe("measuring", () => {
  const measure = (mm1: string, mm2: string) =>
    act("cupboard.measure", { holding: "home-bowl-small", shape: "disc", mm1, mm2, mm3: "" });

  it("keeps the piece as it is here, and goes back to the usual one when emptied", async () => {
    expect((await measure("40", "30.5")).issues).toEqual([]);
    expect((await holding("bowl-small"))?.measured).toEqual({ shape: "disc", mm: [40, 30.5] });
    await measure("", "");
    expect((await holding("bowl-small"))?.measured).toBeUndefined();
  });

  it.each([
    ["40", ""],
    ["0", "30"],
    ["x", "30"],
  ])("refuses %j by %j", async (mm1, mm2) => {
    expect((await measure(mm1, mm2)).issues).not.toEqual([]);
    expect((await holding("bowl-small"))?.measured).toBeUndefined();
  });
});

describe("a thing of our own", () => {
  const own = (more: Record<string, string | string[]>) =>
    act("cupboard.addOwn", {
      site: "home",
      name: "cork",
      found: "kitchen",
      use: "reusable",
      unit: "piece",
      quantity: "4",
      shape: "cylinder",
      mm1: "22",
      mm2: "40",
      mm3: "",
      ...more,
    });

  it("is a material with its size and hazards, and is in the cupboard", async () => {
    expect(await own({ hazards: ["breaks-up", "sharp"] })).toEqual({ issues: [], answer: "cork" });
    const [made] = await database("demo").rows("ownMaterials").toArray();
    expect(made).toMatchObject({
      name: "cork",
      piece: { shape: "cylinder", mm: [22, 40] },
      hazards: [{ kind: "breaks-up" }, { kind: "sharp" }],
    });
    const rows = await database("demo").rows("holdings").toArray();
    expect(rows.filter((row) => row.material === made?.id)).toMatchObject([{ quantity: 4 }]);
  });

  it.each<[string, Record<string, string>, string]>([
    ["no name", { name: "  " }, "name"],
    ["a size missing", { mm2: "" }, "mm2"],
    ["a negative quantity", { quantity: "-2" }, "quantity"],
  ])("is refused with %s", async (_, more, path) => {
    expect((await own(more)).issues.map((issue) => issue.path)).toContain(path);
    expect(await database("demo").rows("ownMaterials").count()).toBe(0);
  });
});

describe("a pasted list", () => {
  it("is read for confirming, and changes nothing yet", async () => {
    const before = await database("demo").rows("holdings").toArray();
    const { answer: listed } = await act("cupboard.readList", { text: "6 small bowls\nzzyzx" });
    expect(listed?.map((one) => one.material)).toEqual(["bowl-small", null]);
    expect(await database("demo").rows("holdings").toArray()).toEqual(before);
  });

  it("is taken as confirmed; what is left out stays as it was", async () => {
    const answer = await act("cupboard.addList", {
      site: "home",
      lines: [
        { material: "bowl-small", quantity: "9", danger: "" },
        { material: "", quantity: "x" },
        { material: "hoop", quantity: "2" },
      ],
    });
    expect(answer).toEqual({ issues: [], answer: 2 });
    const rows = (await database("demo").rows("holdings").toArray()).filter((row) => row.site === "home");
    expect(rows.find((row) => row.material === "bowl-small")?.quantity).toBe(9);
    expect(rows.find((row) => row.material === "hoop")?.quantity).toBe(2);
  });

  it("keeps with the day that a line which reads like something dangerous is something else", async () => {
    const { answer: listed } = await act("cupboard.readList", { text: "button battery torch" });
    expect(listed).toMatchObject([{ material: null, danger: { id: "button-cell" } }]);
    await act("cupboard.addList", {
      site: "home",
      lines: [{ material: "torch", quantity: "1", danger: "button-cell" }],
    });
    const rows = (await database("demo").rows("holdings").toArray()).filter((row) => row.site === "home");
    expect(rows.find((row) => row.material === "torch")?.notDangers).toMatchObject([
      { danger: "button-cell" },
    ]);
  });

  it("with a faulty number changes nothing, and says in which line it is", async () => {
    const before = await database("demo").rows("holdings").toArray();
    const answer = await act("cupboard.addList", {
      site: "home",
      lines: [
        { material: "bowl-small", quantity: "9" },
        { material: "hoop", quantity: "-1" },
      ],
    });
    expect(answer.issues).toMatchObject([{ path: "line 2" }]);
    expect(await database("demo").rows("holdings").toArray()).toEqual(before);
  });
});
