import { beforeEach, describe, expect, it } from "vitest";
import { dayOf, suggestDay } from "../../core/day";
import type { Sitting } from "../../core/model";
import { addDays } from "../../core/model";
import { sittingView } from "../queries/sittingView";
import { database } from "../store/db";
import { livingRow, livingRows, updateRow } from "../store/rows";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

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
    const kept = { material: "bowl-small", children: ["tove", "pim"], how: "now" };
    const { answer } = await act("sittings.keep", kept);
    const row = await only();
    expect(answer).toBe(row.id);
    expect(row.steps.length).toBeGreaterThan(1);
    expect(row.steps.every((one) => one.on === "2026-05-10" && one.quantity === undefined)).toBe(true);
    const note = { sitting: row.id, step: 0, help: "word" };
    await act("sittings.note", { ...note, id: "n1", child: "tove" });
    await act("sittings.note", { ...note, id: "n1", child: "tove" });
    await act("sittings.note", { ...note, id: "n2", child: "pim" });
    const view = sittingView(await shownHome(), row.id);
    expect(view?.steps[0]?.notes.map((one) => one.child).sort()).toEqual(["pim", "tove"]);
    expect(view?.gather.find((one) => one.material.id === "bowl-small")?.quantity).toBeLessThanOrEqual(6);
    await act("sittings.undoNote", { sitting: row.id, step: 0, id: "n2" });
    expect(sittingView(await shownHome(), row.id)?.steps[0]?.notes).toHaveLength(1);
    await act("sittings.end", { sitting: row.id });
    expect((await only()).endedOn).toBe("2026-05-10");
    await act("sittings.goOn", { sitting: row.id });
    expect((await only()).endedOn).toBeUndefined();
  });

  it("that uses something up is spread over its days, and counts it down with the first note of each step", async () => {
    const db = database("demo");
    const paper = await holding("paper");
    const useBy = addDays((await shownHome()).today, 3);
    await updateRow(db, "holdings", paper.id, { useBy, quantity: 20 });
    await act("sittings.keep", { material: "paper", children: ["tove"], how: "use-up" });
    const row = await only();
    const wanted = row.steps.reduce((sum, one) => sum + (one.quantity ?? 0), 0);
    expect(wanted).toBeGreaterThan(0);
    expect(wanted).toBeLessThanOrEqual(20);
    expect(row.steps.every((one) => one.on >= row.on && one.on <= useBy)).toBe(true);
    const left = async () => (await livingRow(db, "holdings", paper.id))?.quantity;
    const note = { sitting: row.id, step: 0, child: "tove", help: "alone" };
    await act("sittings.note", { ...note, id: "n1" });
    await act("sittings.note", { ...note, id: "n2" });
    expect(await left()).toBe(20 - (row.steps[0]?.quantity ?? 0));
    await act("sittings.undoNote", { sitting: row.id, step: 0, id: "n1" });
    expect(await left()).toBe(20 - (row.steps[0]?.quantity ?? 0));
    await act("sittings.undoNote", { sitting: row.id, step: 0, id: "n2" });
    expect(await left()).toBe(20);
  });

  it("is dropped, and refused where nothing suits or it is not there", async () => {
    await act("sittings.keep", { material: "bowl-small", children: ["tove"], how: "now" });
    const { id } = await only();
    expect(
      await act("sittings.note", { sitting: id, step: 0, id: "n", child: "pim", help: "alone" }),
    ).toMatchObject({ issues: [{ path: "child" }] });
    expect(await act("sittings.drop", { sitting: id })).toMatchObject({ issues: [] });
    expect(await act("sittings.end", { sitting: "gone" })).toMatchObject({
      issues: [{ code: "no-row" }],
    });
    expect(
      await act("sittings.keep", { material: "no-such-thing", children: ["tove"], how: "now" }),
    ).toMatchObject({ issues: [{ code: "not-possible" }] });
    expect(await livingRows(database("demo"), "sittings")).toEqual([]);
  });
});

describe("a day of what is there", () => {
  it("is kept as it was shown, with its hours, noted like a sitting, and dropped", async () => {
    const { answer } = await act("sittings.keepDay", { day: "ill", turn: 0 });
    const row = await only();
    expect(answer).toBe(row.id);
    expect(row).toMatchObject({ day: "ill", on: "2026-05-10" });
    expect(row.material).toBeUndefined();
    const home = await shownHome();
    const shown = suggestDay(home.situation, home.tables, home.today, "ill");
    expect(row.steps.map((one) => one.activity)).toEqual(shown.map((one) => one.activity.id));
    expect(sittingView(home, row.id)).toMatchObject({ name: "A quiet day for somebody ill" });
    const uses = dayOf(home.tables, home.situation, home.today);
    const told = [...uses.uses, ...uses.moments.flatMap((one) => one.uses)];
    expect(told.map((one) => one.activity.id).sort()).toEqual(row.steps.map((one) => one.activity).sort());
    const [child = ""] = row.children;
    await act("sittings.note", { sitting: row.id, step: 0, id: "n1", child, help: "alone" });
    expect(sittingView(await shownHome(), row.id)?.steps[0]?.notes).toHaveLength(1);
    await act("sittings.undoNote", { sitting: row.id, step: 0, id: "n1" });
    await act("sittings.drop", { sitting: row.id });
    expect(await livingRows(database("demo"), "sittings")).toEqual([]);
  });

  it("is refused where nothing is left for it, and for a kind that there is not", async () => {
    expect(await act("sittings.keepDay", { day: "short", turn: 20 })).toMatchObject({
      issues: [{ code: "not-possible" }],
    });
    expect(await act("sittings.keepDay", { day: "holiday", turn: 0 })).toMatchObject({
      issues: [{ path: "day" }],
    });
  });
});
