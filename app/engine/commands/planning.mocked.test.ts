import loadHighs from "highs";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import type { Tables } from "../../core/model";
import { type PlanRequest, plannerService } from "../../solver/plannerSession";
import { digestOf, planRequestFor } from "../queries/planRequest";
import { database } from "../store/db";
import { signatureOf } from "../store/tableCache";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const service = plannerService(loadHighs(), async () => CATALOGUE);
vi.mock("../../solver/plannerClient", () => ({
  planner: {
    async ask(tables: Tables, name: "plan", asked: PlanRequest) {
      await service.open(tables);
      return service.ask(name, asked);
    },
  },
}));

const tray = {
  child: "tove",
  activity: "lids-to-pots",
  rung: "two",
  on: "2026-05-11",
  first: "2026-05-11",
};
const wishes = async () =>
  (await database("demo").rows("wishes").toArray()).filter((wish) => !wish.deletedAt);

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("wishes", () => {
  it("locks and unlocks", async () => {
    await act("wishes.lock", { ...tray });
    expect(await wishes()).toMatchObject([{ kind: "lock", activity: "lids-to-pots", rung: "two" }]);
    await act("wishes.unlock", { child: "tove", activity: "lids-to-pots" });
    expect(await wishes()).toEqual([]);
  });

  it("locks into a later rotation by its day", async () => {
    await act("wishes.lock", { ...tray, on: "2026-05-18" });
    expect(await wishes()).toMatchObject([{ kind: "lock", from: "2026-05-18" }]);
  });

  it("puts off for a month, or for good; a refusal ends a lock, and all can be undone", async () => {
    await act("wishes.lock", { ...tray });
    const { answer } = await act("wishes.notNow", tray);
    expect(await wishes()).toMatchObject([{ kind: "not-until", until: "2026-06-10" }]);
    await act("wishes.undo", answer);
    expect(await wishes()).toMatchObject([{ kind: "lock" }]);
    await act("wishes.never", { ...tray });
    expect(await wishes()).toMatchObject([{ kind: "never" }]);
    await act("wishes.takeBack", { wish: (await wishes())[0]?.id ?? "" });
    expect(await wishes()).toEqual([]);
  });

  it("swaps: the new one is locked, the old one left out this time only", async () => {
    await act("wishes.swap", { ...tray, inActivity: "towers", inRung: "tower" });
    const kept = await wishes();
    expect(kept.find((wish) => wish.activity === "towers")).toMatchObject({ kind: "lock", rung: "tower" });
    expect(kept.find((wish) => wish.activity === "lids-to-pots")).toMatchObject({
      kind: "not-until",
      until: "2026-05-11",
    });
  });

  it("moves to another place, or into a later rotation: it waits until then", async () => {
    await act("wishes.move", { ...tray, toPlace: "bay-0-1", toOn: "2026-05-11" });
    expect(await wishes()).toMatchObject([{ kind: "lock", rung: "two", place: "bay-0-1" }]);
    await act("wishes.move", { ...tray, toPlace: "bay-1-1", toOn: "2026-05-18" });
    const kept = await wishes();
    expect(kept).toHaveLength(2);
    expect(kept.find((wish) => wish.kind === "lock")).toMatchObject({ place: "bay-1-1", from: "2026-05-18" });
    expect(kept.find((wish) => wish.kind === "not-until")).toMatchObject({ until: "2026-05-17" });
  });

  it("moves nothing to where it does not belong or is not safe, and says why", async () => {
    const wet = { ...tray, activity: "paint-with-water", rung: "brush" };
    for (const [form, toPlace] of [
      [tray, "balcony"],
      [wet, "nowhere"],
    ] as const) {
      const answer = await act("wishes.move", { ...form, toPlace, toOn: "2026-05-11" });
      expect(answer).toMatchObject({ issues: [{ path: "toPlace" }] });
    }
    expect(await wishes()).toEqual([]);
  });
});

describe("focus and looks", () => {
  const focus = async () => (await database("demo").rows("household").toArray())[0]?.focuses ?? [];

  it("understand an area, a skill, a material or a theme by its name, and end", async () => {
    const say = async (on: string, until = "") => {
      await act("settings.addFocus", { on, until });
      return (await focus()).at(-1);
    };
    expect(await say("Hands")).toMatchObject({ kind: "area", on: "hands" });
    expect(await say("passes from hand to hand")).toMatchObject({ kind: "skill", on: "hand-to-hand" });
    expect(await say("muffin tin")).toMatchObject({ kind: "material", on: "muffin-tin" });
    expect(await say("snail", "2026-06-01")).toMatchObject({
      kind: "theme",
      on: "snail",
      until: "2026-06-01",
    });
    expect(await say("4")).toMatchObject({ kind: "number", on: "4", weight: "little" });
    expect(await act("settings.addFocus", { on: "snow", until: "" })).toMatchObject({
      issues: [{ code: "too-many" }],
    });
    await act("settings.endFocus", { kind: "area", on: "hands" });
    expect((await focus()).map((one) => one.kind)).toEqual(["skill", "material", "theme", "number"]);
  });

  it("keep what was seen, and what not yet", async () => {
    await act("skills.note", { child: "tove", skill: "pincer", seen: "no" });
    const notes = await database("demo").rows("skillNotes").toArray();
    expect(notes.find((one) => one.skill === "pincer")).toMatchObject({
      child: "tove",
      skill: "pincer",
      seen: false,
    });
  });
});

describe("limits", () => {
  const limits = async () => (await database("demo").rows("household").toArray())[0]?.limits;

  it("change what the form names, and only that", async () => {
    const before = await limits();
    expect(await act("settings.setLimits", { wet: "0", cents: "500" })).toMatchObject({ issues: [] });
    expect(await limits()).toEqual({ ...before, wet: 0, cents: 500 });
  });

  it.each([
    ["wet", "-1"],
    ["wet", "1.5"],
    ["wet", ""],
    ["prepMinutes", "a lot"],
    ["adultHeld", "99"],
  ])("refuse %s = %j and change nothing", async (key, value) => {
    const before = await limits();
    expect(await act("settings.setLimits", { [key]: value, messy: "2" })).toMatchObject({
      issues: [{ path: key }],
    });
    expect(await limits()).toEqual(before);
  });
});

describe("accepting", () => {
  const accepting = (fields: object) => act("plan.accept", fields);
  const rotations = async () =>
    (await database("demo").rows("rotations").toArray()).filter((row) => !row.deletedAt);

  /** What the page sends: the plan as it is shown now. */
  async function shown(from: string) {
    const home = await shownHome();
    // One rotation, so that the planner is quick.
    const request = planRequestFor(home, 1);
    await service.open(home.tables);
    const [next] = (await service.ask("plan", request)).rotations;
    if (!next) throw new Error("no plan");
    return { from, weeks: 1, shown: signatureOf(home.tables), digest: digestOf(next) };
  }

  it("stands from the day given; today's goes to the shelf, a later one stays on the plan", async () => {
    const today = await accepting(await shown("2026-05-10"));
    expect(today).toMatchObject({ issues: [], answer: expect.any(String) });
    expect((await rotations()).filter((row) => row.to === undefined).map((row) => row.from)).toEqual([
      "2026-05-10",
    ]);
    expect(await accepting(await shown("2026-05-18"))).toMatchObject({ issues: [] });
    const last = (await rotations()).find((row) => row.from === "2026-05-18");
    await act("plan.reopen", { rotation: last?.id ?? "" });
    const reopened = await wishes();
    expect(reopened.length).toBeGreaterThan(6);
    expect(reopened.every((wish) => wish.kind === "lock" && wish.place)).toBe(true);
    expect((await rotations()).filter((row) => row.to === undefined).map((row) => row.from)).toEqual([
      "2026-05-10",
    ]);
  });

  it("is one shelf, however often it is tapped, and undo brings the one before back", async () => {
    const before = (await rotations()).length;
    const accept = await shown("2026-05-11");
    const answers = await Promise.all([accepting(accept), accepting(accept)]);
    expect(await rotations()).toHaveLength(before + 1);
    expect(answers.filter((one) => one.issues.length === 0)).toHaveLength(1);
    const open = async () => (await rotations()).filter((row) => row.to === undefined).map((row) => row.id);
    const [made] = await open();
    await act("plan.undoAccept", { rotation: made ?? "" });
    expect(await open()).toEqual(["week-12"]);
  });

  it("is refused where anything has changed since it was shown, and says that it is planned anew", async () => {
    const before = await rotations();
    const accept = await shown("2026-05-11");
    await act("wishes.lock", { ...tray });
    expect(await accepting(accept)).toMatchObject({ issues: [{ code: "changed" }] });
    const again = await shown("2026-05-11");
    expect(await accepting({ ...again, digest: accept.digest })).toMatchObject({
      issues: [{ code: "changed" }],
    });
    expect(await rotations()).toEqual(before);
    expect(await accepting(again)).toMatchObject({ issues: [] });
    // The next plan begins later; an accept that still bears the day of the one before is refused.
    expect(await accepting({ ...(await shown("2026-05-18")), from: "2026-05-11" })).toMatchObject({
      issues: [{ code: "not-possible", path: "from" }],
    });
  });

  it("refuses a preview, a day before what stands, and a date that is none; nothing is changed", async () => {
    const before = await rotations();
    const accept = await shown("2026-05-11");
    const refused = [
      await act("plan.accept", accept, 3),
      await accepting({ ...accept, from: "2026-05-01" }),
      await accepting({ ...accept, from: "2026-02-30" }),
    ];
    for (const answer of refused) expect(answer).toMatchObject({ issues: [{ path: "from" }] });
    expect(await rotations()).toEqual(before);
  });
});
