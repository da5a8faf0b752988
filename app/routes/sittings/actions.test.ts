import { beforeEach, describe, expect, it } from "vitest";
import { dayOf, madeDay } from "../../core/day";
import type { Sitting } from "../../core/model";
import { addDays } from "../../core/model";
import { openDemo } from "../../engine/commands/demo";
import { database } from "../../engine/store/db";
import { livingRow, livingRows, updateRow } from "../../engine/store/rows";
import { emptyBrowser, shownHome } from "../../engine/store/testing/browserStore";
import { outcome, sent } from "../testing/act";
import { actOnSitting } from "./actions";
import { sittingView } from "./sittingView";

const act = (fields: object) => outcome(actOnSitting, sent("/sittings/new", fields));
const only = async (): Promise<Sitting> => {
  const [row] = await livingRows(database("demo"), "sittings");
  if (!row) throw new Error("a sitting was expected");
  return row;
};
/** The first holding of a material at home. */
const holding = async (material: string) => {
  const row = (await shownHome()).tables.holdings.find((one) => one.material === material);
  if (!row) throw new Error(`no ${material}`);
  return row;
};

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("a sitting", () => {
  it("is kept in rising order, opened, noted for each child, and ended", async () => {
    const kept = { intent: "keep-sitting", material: "bowl-small", children: ["tove", "pim"], how: "now" };
    const to = await act(kept);
    const row = await only();
    expect(to).toBe(`/sittings/${row.id}`);
    expect(row.steps.length).toBeGreaterThan(1);
    expect(row.steps.every((one) => one.on === "2026-05-10" && one.quantity === undefined)).toBe(true);
    const note = { intent: "sitting-note", sitting: row.id, step: 0, help: "word" };
    await act({ ...note, id: "n1", child: "tove" });
    await act({ ...note, id: "n1", child: "tove" });
    await act({ ...note, id: "n2", child: "pim" });
    const view = sittingView(await shownHome(), row.id);
    expect(view?.steps[0]?.notes.map((one) => one.child).sort()).toEqual(["pim", "tove"]);
    expect(view?.gather.find((one) => one.material.id === "bowl-small")?.quantity).toBeLessThanOrEqual(6);
    await act({ intent: "sitting-note-undo", sitting: row.id, step: 0, id: "n2" });
    expect(sittingView(await shownHome(), row.id)?.steps[0]?.notes).toHaveLength(1);
    await act({ intent: "end-sitting", sitting: row.id });
    expect((await only()).endedOn).toBe("2026-05-10");
    await act({ intent: "go-on-sitting", sitting: row.id });
    expect((await only()).endedOn).toBeUndefined();
  });

  it("that uses something up is spread over its days, and counts it down with the first note of each step", async () => {
    const db = database("demo");
    const paper = await holding("paper");
    const useBy = addDays((await shownHome()).today, 3);
    await updateRow(db, "holdings", paper.id, { useBy, quantity: 20 });
    await act({ intent: "keep-sitting", material: "paper", children: ["tove"], how: "use-up" });
    const row = await only();
    const wanted = row.steps.reduce((sum, one) => sum + (one.quantity ?? 0), 0);
    expect(wanted).toBeGreaterThan(0);
    expect(wanted).toBeLessThanOrEqual(20);
    expect(row.steps.every((one) => one.on >= row.on && one.on <= useBy)).toBe(true);
    const left = async () => (await livingRow(db, "holdings", paper.id))?.quantity;
    const note = { intent: "sitting-note", sitting: row.id, step: 0, child: "tove", help: "alone" };
    await act({ ...note, id: "n1" });
    await act({ ...note, id: "n2" });
    expect(await left()).toBe(20 - (row.steps[0]?.quantity ?? 0));
    await act({ intent: "sitting-note-undo", sitting: row.id, step: 0, id: "n1" });
    expect(await left()).toBe(20 - (row.steps[0]?.quantity ?? 0));
    await act({ intent: "sitting-note-undo", sitting: row.id, step: 0, id: "n2" });
    expect(await left()).toBe(20);
  });

  it("is dropped, and refused where nothing suits or it is not there", async () => {
    await act({ intent: "keep-sitting", material: "bowl-small", children: ["tove"], how: "now" });
    const { id } = await only();
    expect(
      await act({ intent: "sitting-note", sitting: id, step: 0, id: "n", child: "pim", help: "alone" }),
    ).toMatchObject({ issues: [{ path: "child" }] });
    expect(await act({ intent: "drop-sitting", sitting: id })).toBe("/");
    expect(await act({ intent: "end-sitting", sitting: "gone" })).toMatchObject({
      issues: [{ code: "no-row" }],
    });
    expect(
      await act({ intent: "keep-sitting", material: "no-such-thing", children: ["tove"], how: "now" }),
    ).toMatchObject({ issues: [{ code: "not-possible" }] });
    expect(await livingRows(database("demo"), "sittings")).toEqual([]);
  });
});

describe("a day of what is there", () => {
  it("is kept as it was shown, with its hours, noted like a sitting, and dropped", async () => {
    const to = await act({ intent: "keep-day", day: "ill", turn: 0 });
    const row = await only();
    expect(to).toBe(`/sittings/${row.id}`);
    expect(row).toMatchObject({ day: "ill", on: "2026-05-10" });
    expect(row.material).toBeUndefined();
    const home = await shownHome();
    const shown = madeDay(home.situation, home.tables, home.today, "ill");
    expect(row.steps.map((one) => one.activity)).toEqual(shown.map((one) => one.activity.id));
    expect(sittingView(home, row.id)).toMatchObject({ name: "A quiet day for somebody ill" });
    const uses = dayOf(home.tables, home.situation, home.today);
    const told = [...uses.uses, ...uses.moments.flatMap((one) => one.uses)];
    expect(told.map((one) => one.activity.id).sort()).toEqual(row.steps.map((one) => one.activity).sort());
    const [child = ""] = row.children;
    await act({ intent: "sitting-note", sitting: row.id, step: 0, id: "n1", child, help: "alone" });
    expect(sittingView(await shownHome(), row.id)?.steps[0]?.notes).toHaveLength(1);
    await act({ intent: "sitting-note-undo", sitting: row.id, step: 0, id: "n1" });
    await act({ intent: "drop-sitting", sitting: row.id });
    expect(await livingRows(database("demo"), "sittings")).toEqual([]);
  });

  it("is refused where nothing is left for it, and for a kind that there is not", async () => {
    expect(await act({ intent: "keep-day", day: "short", turn: 20 })).toMatchObject({
      issues: [{ code: "not-possible" }],
    });
    expect(await act({ intent: "keep-day", day: "holiday", turn: 0 })).toMatchObject({
      issues: [{ path: "day" }],
    });
  });
});
