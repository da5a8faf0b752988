import { beforeEach, describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { emptyDraft, emptyRung, windowAround } from "../../core/content";
import { catalogueOf } from "../../core/household";
import { anId } from "../../core/testing/ids";
import { runs } from "../../core/testing/runs";
import { database } from "../store/db";
import { emptyBrowser } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const COPIES = runs(6, 20);

const living = async () => (await database("demo").rows("wishes").toArray()).filter((row) => !row.deletedAt);
const towers = { child: "tove", activity: "towers" };

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("on the plan", () => {
  it("is one wish at a time: put on, then asked for soon, then taken back", async () => {
    await act("wishes.putOnPlan", { ...towers, rung: "tower" });
    expect(await living()).toMatchObject([{ kind: "lock", rung: "tower", ...towers }]);
    await act("wishes.soon", { ...towers });
    const [soon, ...rest] = await living();
    expect(soon).toMatchObject({ kind: "soon" });
    expect(rest).toEqual([]);
    await act("wishes.takeBack", { wish: soon?.id ?? "" });
    expect(await living()).toEqual([]);
  });

  it("leaves other children's wishes alone", async () => {
    await act("wishes.soon", { child: "pim", activity: "towers" });
    await act("wishes.putOnPlan", { ...towers, rung: "two" });
    expect((await living()).map((row) => row.child).sort()).toEqual(["pim", "tove"]);
  });

  it("refuses a form that says nothing, and changes nothing", async () => {
    expect(await act("wishes.putOnPlan", { child: "tove" })).toMatchObject({ issues: [{}, {}] });
    expect(await living()).toEqual([]);
  });
});

const rung = {
  ...emptyRung(anId("a")),
  title: "Two lids in a bowl",
  grows: ["puts-in"],
  window: windowAround(12),
  materials: [{ id: "lids", material: "lid-disc", quantity: 2, loose: true }],
};
const whole = { ...emptyDraft(), name: "Lid concert", invitation: "They clatter.", rungs: [rung] };
const save = (draft: unknown, edit = "") => act("activities.saveOwn", { draft, edit });
const own = () => database("demo").rows("ownActivities").toArray();

describe("an activity of our own", () => {
  it("is saved, changed under the same id, removed and put back", async () => {
    const { answer } = await save(whole);
    const [made] = await own();
    expect(answer).toBe(made?.id);
    expect(made).toMatchObject({ name: "Lid concert", rungs: [{ title: "Two lids in a bowl" }] });
    await save({ ...whole, name: "Lid band" }, made?.id);
    expect(await own()).toMatchObject([{ id: made?.id, name: "Lid band" }]);
    expect(await act("activities.removeOwn", { activity: made?.id ?? "" })).toMatchObject({ issues: [] });
    expect((await own())[0]?.deletedAt).toBeDefined();
    await act("activities.restoreOwn", { activity: made?.id ?? "" });
    expect((await own())[0]?.deletedAt).toBeUndefined();
  });

  it("may be a changed copy of any built-in one", async () => {
    for (const source of CATALOGUE.activities.slice(0, COPIES)) {
      expect(await save({ ...source, name: `Our ${source.id}` })).toMatchObject({ issues: [] });
    }
    expect(await own()).toHaveLength(COPIES);
  });

  it("with a small piece is kept adult-held, or names the rung with large pieces", async () => {
    const small = { ...rung, materials: [{ ...rung.materials[0], material: "pompom" }] };
    expect(await save({ ...whole, rungs: [{ ...small, held: true }] })).toMatchObject({ issues: [] });
    expect((await own())[0]?.rungs[0]).toMatchObject({ held: true });
    const harder = { ...small, id: "b", axes: { choices: 1 }, window: windowAround(14), largePieceTwin: "a" };
    expect(await save({ ...whole, rungs: [rung, harder] })).toMatchObject({ issues: [] });
  });

  it("keeps with the day that its words mean something else, and is judged by them otherwise", async () => {
    const named = { ...whole, invitation: "Water beads in a bowl." };
    await save(named);
    const judged = async () =>
      catalogueOf(CATALOGUE, {
        ownSkills: [],
        ownMaterials: [],
        ownActivities: await own(),
        ownThemes: [],
      }).activities.at(-1)?.rungs[0]?.hazards;
    expect(await judged()).toMatchObject([{ kind: "danger", danger: "water-beads" }]);
    const [made] = await own();
    await act("activities.saveOwn", { draft: named, edit: made?.id, notDangers: ["water-beads"] });
    expect((await own())[0]?.notDangers).toMatchObject([{ danger: "water-beads", on: "2026-05-10" }]);
    expect(await judged()).toEqual([]);
  });

  it.each<[string, unknown]>([
    ["what is no activity", "hello"],
    ["what has a number for a name", { ...whole, name: 7 }],
    ["rungs that are none", { ...whole, rungs: ["first"] }],
    ["an activity without a name", { ...whole, name: "" }],
    [
      "one whose rung names an unknown thing",
      { ...whole, rungs: [{ ...rung, materials: [{ ...rung.materials[0], material: "moon" }] }] },
    ],
    [
      "one with a small piece and no large twin",
      { ...whole, rungs: [{ ...rung, materials: [{ ...rung.materials[0], material: "pompom" }] }] },
    ],
  ])("refuses %s, says so, and saves nothing", async (_, draft) => {
    const answer = (await save(draft)) as { issues: unknown[] };
    expect(answer.issues.length).toBeGreaterThan(0);
    expect(await own()).toEqual([]);
  });
});
