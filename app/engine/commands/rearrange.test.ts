import { beforeEach, describe, expect, it } from "vitest";
import { nextStart, standingRotation, stepsOf } from "../../core/household";
import { activityOf, addDays, Tray } from "../../core/model";
import { database } from "../store/db";
import { livingRow, updateRow, upsert } from "../store/rows";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const trayNow = (id: string) => livingRow(database("demo"), "trays", id);

/** A tray of the demo that can be stepped, with the step. */
async function stepped(wants: (tray: Tray, made: Tray) => boolean = () => true) {
  const home = await shownHome();
  const rotation = standingRotation(home.tables, home.site.id, home.today);
  for (const tray of home.tables.trays.filter((one) => one.rotation === rotation?.id)) {
    const activity = activityOf(home.catalogue, tray.activity);
    for (const { rung, result } of activity ? stepsOf(home.situation, home.tables, tray, activity) : []) {
      if ("change" in result && wants(tray, result.change.tray)) {
        return { tray, rung, made: result.change };
      }
    }
  }
  throw new Error("a tray that can be stepped was expected");
}

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("a tray on the spot", () => {
  it("is another rung at once with its things, a note is taken of that one, and it can be taken back", async () => {
    const { tray, rung, made } = await stepped();
    const was = {
      tray: tray.id,
      rung: tray.rung,
      child: tray.child,
      place: tray.place,
      also: tray.also,
      without: [],
    };
    expect(await act("trays.rearrange", { tray: tray.id, rung: rung.id })).toEqual({
      issues: [],
      answer: was,
    });
    expect(await trayNow(tray.id)).toMatchObject({ rung: rung.id, allotted: made.tray.allotted });
    await act("notes.take", { id: "n1", tray: tray.id, help: "alone" });
    expect(await livingRow(database("demo"), "observations", "n1")).toMatchObject({ rung: rung.id });
    await act("trays.rearrange", was);
    const back = await trayNow(tray.id);
    expect(back).toMatchObject({ rung: tray.rung, child: tray.child, place: tray.place });
    expect(back?.allotted).toEqual(tray.allotted);
  });

  it("takes what it uses up from the cupboard once all is prepared, and gives it back", async () => {
    const db = database("demo");
    const home = await shownHome();
    const rotation = standingRotation(home.tables, home.site.id, home.today)?.id;
    if (!rotation) throw new Error("a rotation was expected");
    await upsert(db, "prepStates", `prep-${rotation}`, () => ({
      ...{ rotation, ticked: [], before: [], back: [], kept: [] },
    }));
    const uses = (one: Tray) =>
      one.allotted.some(({ material }) => home.situation.materials.get(material)?.use === "consumable");
    const { tray, rung, made } = await stepped((one, other) => uses(one) || uses(other));
    expect(made.takes.length).toBeGreaterThan(0);
    const there = async () =>
      Promise.all(made.takes.map(async (one) => (await livingRow(db, "holdings", one.holding))?.quantity));
    const first = await there();
    await act("trays.rearrange", { tray: tray.id, rung: rung.id });
    expect(await there()).toEqual(first.map((had, i) => (had ?? 0) - (made.takes[i]?.quantity ?? 0)));
    await act("trays.rearrange", { tray: tray.id, rung: tray.rung });
    expect(await there()).toEqual(first);
  });

  it("is left as it is where that can't be, and it is said why", async () => {
    const { tray } = await stepped();
    expect(await act("trays.rearrange", { tray: tray.id, rung: "no-such-rung" })).toMatchObject({
      issues: [{ code: "not-possible", message: "That is no longer there." }],
    });
    expect(await act("trays.rearrange", { tray: "gone", rung: tray.rung })).toMatchObject({
      issues: [{ code: "no-tray" }],
    });
    expect(await trayNow(tray.id)).toEqual(tray);
  });
});

describe("what may stay away", () => {
  it("is left out of the tray by a tap, and put back by another", async () => {
    const home = await shownHome();
    const rung = activityOf(home.catalogue, "down-the-ramp")?.rungs.find((one) => one.id === "what-else");
    const [first] = home.tables.trays;
    if (!rung || !first) throw new Error("a ramp was expected");
    const spare = rung.materials.filter((need) => need.spare).map((need): string => need.id);
    const allotted = rung.materials.map(({ id: need, material, quantity }) => {
      const holding = home.tables.holdings.find((one) => one.material === material && one.site === "home");
      return { need, material, quantity, holding: holding?.id };
    });
    const db = database("demo");
    await updateRow(db, "places", "mat", { servesOnly: [] });
    const rotation = standingRotation(home.tables, home.site.id, home.today)?.id;
    const {
      createdAt: _,
      updatedAt: __,
      ...fields
    } = Tray.parse({
      ...{ ...first, activity: "down-the-ramp", rung: rung.id, child: "tove", also: [], place: "mat" },
      ...{ id: "ramp", rotation, when: undefined, state: "adult-held", allotted },
    });
    await upsert(db, "trays", "ramp", () => fields);
    const on = async () => (await trayNow("ramp"))?.allotted.map((one) => one.need as string);
    const ask = (without?: readonly string[]) =>
      act("trays.rearrange", { tray: "ramp", rung: rung.id, without });
    expect(spare.length).toBeGreaterThan(1);
    const { answer: was } = await ask(spare);
    expect(await on()).toEqual(allotted.map((one) => one.need).filter((id) => !spare.includes(id)));
    expect(await trayNow("ramp")).toMatchObject({ state: "free" });
    expect(was?.without).toEqual([]);
    await act("trays.rearrange", was);
    expect(await on()).toEqual(allotted.map((one) => one.need));
    expect(await trayNow("ramp")).toMatchObject({ state: "adult-held" });
    // What has to be there stays, whatever is asked.
    await ask(["board", ...spare]);
    expect(await on()).toContain("board");
  });
});

describe("a tray handed on for a later day", () => {
  it("is asked of the plan for that child and that shelf, in place of what was asked before, and taken back", async () => {
    const home = await shownHome();
    const { tray } = await stepped((one) => one.child === "tove" && one.also.length === 0);
    const next = nextStart(home.tables, home.site.id, home.today, home.household);
    const locks = async () => (await shownHome()).tables.wishes.filter((one) => one.kind === "lock");
    const ask = (from: string, child = "pim") =>
      act("wishes.handOn", { activity: tray.activity, rung: tray.rung, child, from });
    const first = { child: "pim", activity: tray.activity, rung: tray.rung, on: home.today };
    await ask(next);
    expect(await locks()).toMatchObject([first]);
    expect((await locks())[0]?.from).toBeUndefined();
    const later = addDays(next, home.household.rotationDays);
    const { answer: asked } = await ask(later);
    expect(await locks()).toMatchObject([{ ...first, from: later }]);
    await act("wishes.undo", asked);
    expect((await locks()).map((one) => one.from)).toEqual([undefined]);
    // The tray stays where it is.
    expect(await trayNow(tray.id)).toMatchObject({ child: "tove", place: tray.place });
    expect(await ask(addDays(next, -1))).toMatchObject({ issues: [{ code: "too-early" }] });
    const unknown = {
      activity: tray.activity,
      rung: "gone",
      child: "pim",
      from: next,
    };
    expect(await act("wishes.handOn", unknown)).toMatchObject({ issues: [{ code: "no-row" }] });
    expect(await ask(next, "nobody")).toMatchObject({ issues: [{ code: "no-child" }] });
  });
});
