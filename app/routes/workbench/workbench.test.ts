import { beforeEach, describe, expect, it } from "vitest";
import { MAKINGS } from "../../catalogue/makings";
import { sheetKey, sheetKindOf } from "../../core/print";
import { openDemo } from "../../engine/commands/demo";
import { drawnOf, openSheet, paperOf } from "../../engine/queries/openSheet";
import {
  type HOME_SHEETS,
  homeSheet,
  makingSheet,
  recipeSheet,
  workbenchView,
} from "../../engine/queries/workbenchView";
import { database } from "../../engine/store/db";
import { livingRows, updateRow } from "../../engine/store/rows";
import { emptyBrowser, shownHome } from "../../engine/store/testing/browserStore";
import { act } from "../../engine/testing/act";
import { sheetSearch } from "./sheetSearch";

const home = async () => {
  const found = await shownHome();
  if (!found) throw new Error("no household");
  return found;
};
const made = () => livingRows(database("demo"), "madeSheets");

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("the Workbench", () => {
  it("lists what the shelf needs, once for all trays that need it, and each can be drawn", async () => {
    const view = workbenchView(await home(), MAKINGS);
    expect(view.needed.length).toBeGreaterThan(0);
    expect(new Set(view.needed.map((one) => one.key)).size).toBe(view.needed.length);
    for (const one of view.needed) {
      expect(drawnOf(one, "a4").pages.length).toBeGreaterThan(0);
      expect(Object.keys(one.values).sort()).toEqual(Object.keys(sheetKindOf(one.kind)?.fields ?? {}).sort());
    }
  });

  it("keeps a sheet as made, with where; says so again in its place; and forgets it", async () => {
    const [first] = workbenchView(await home(), MAKINGS).needed;
    if (!first) throw new Error("nothing is needed");
    const sheet = { kind: first.kind, values: first.values };
    expect((await act("sheets.keep", { ...sheet, where: "box under the shelf" })).issues).toEqual([]);
    expect(workbenchView(await home(), MAKINGS).needed[0]?.made?.where).toBe("box under the shelf");
    await act("sheets.keep", { ...sheet, where: "drawer" });
    const [row, ...more] = await made();
    expect(more).toEqual([]);
    expect(row).toMatchObject({ where: "drawer", madeOn: "2026-05-10" });
    await act("sheets.drop", { id: row?.id });
    expect(workbenchView(await home(), MAKINGS).needed[0]?.made).toBeUndefined();
    expect((await act("sheets.drop", { id: row?.id })).issues[0]?.code).toBe("no-row");
  });

  it("does not ask for what lies in the cupboard, and puts there what was made", async () => {
    const before = workbenchView(await home(), MAKINGS);
    expect(before.needed.find((one) => one.kind === "picture-cards")?.isThere).toBe(true);
    const values = { interest: "kitchen", pairs: 4, cardMm: 60 };
    expect(
      (await act("sheets.keep", { kind: "pairs", values, where: "drawer", intoCupboard: "8" })).issues,
    ).toEqual([]);
    const holdings = await livingRows(database("demo"), "holdings");
    expect(holdings.find((one) => one.material === "cards-pairs")).toMatchObject({
      site: "home",
      quantity: 8,
      where: "drawer",
    });
    // What makes nothing for the cupboard puts nothing there.
    await act("sheets.keep", { kind: "roads", values: { lines: 2 }, where: "", intoCupboard: "2" });
    expect(await livingRows(database("demo"), "holdings")).toHaveLength(holdings.length);
  });

  it("refuses what is no sheet, and changes nothing", async () => {
    expect((await act("sheets.keep", { kind: "", values: {}, where: "" })).issues[0]?.path).toBe("kind");
    expect(
      (await act("sheets.keep", { kind: "pairs", values: { pairs: [1] }, where: "" })).issues,
    ).not.toEqual([]);
    expect(await made()).toEqual([]);
  });

  it("opens what the address names, says which field is wrong, and falls back on the usual", async () => {
    const here = await home();
    const view = workbenchView(here, MAKINGS);
    const opened = (search: string) =>
      openSheet(here, view, Object.fromEntries(new URLSearchParams(search)), "a4");
    expect(opened("kind=pairs&pairs=6").values).toMatchObject({ pairs: 6, cardMm: 60 });
    expect(opened("kind=pairs&pairs=many").issues[0]?.path).toBe("pairs");
    expect(opened("kind=pairs&pairs=many").drawn).toBeUndefined();
    expect(opened("kind=crossword").issues[0]?.path).toBe("kind");
    expect(opened("").kind).toBe(view.needed[0]?.kind);
    const there = opened(sheetSearch("wheel", { fields: 5, style: "dots", sideMm: 120 }, "a4"));
    expect(sheetKey(there)).toBe("wheel fields=5 sideMm=120 style=dots");
  });

  it("draws the labels, the shelf, the week and the slips of what stands", async () => {
    const here = await home();
    const view = workbenchView(here, MAKINGS);
    const texts = (kind: (typeof HOME_SHEETS)[number]) =>
      (homeSheet(here, view, kind, "a4")?.pages ?? [])
        .flat()
        .flatMap((mark) => (mark.kind === "text" ? [mark.text] : []))
        .join(" ");
    for (const { activity } of view.opened)
      for (const word of activity.name.split(" ")) expect(texts("tray-labels")).toContain(word);
    expect(texts("shelf-plan")).toContain("Discs in a slot");
    expect(texts("week")).toContain("Wednesday");
    expect(texts("week")).toContain("A book on the lap");
    expect(texts("slips")).toContain("with a word");
    expect(homeSheet(here, view, "slips", "a4")?.pieces).toBe(view.opened.length);
  });

  it("draws a recipe with its parts and what is done", async () => {
    const here = await home();
    const view = workbenchView(here, MAKINGS);
    const dough = view.materials.get("dough");
    if (!dough?.recipe) throw new Error("no recipe");
    const drawn = recipeSheet(dough, view, "a4");
    expect(drawn.pieces).toBe(dough.recipe.parts.length);
    const text = drawn.pages.flat().flatMap((mark) => (mark.kind === "text" ? [mark.text] : []));
    expect(text.join(" ")).toContain(dough.name);
  });

  it("draws how a thing on a tray is made, with what is cut and what it has to stand", async () => {
    const here = await home();
    const view = workbenchView(here, MAKINGS);
    expect(view.makings.length).toBeGreaterThan(0);
    for (const material of view.makings) {
      const drawn = makingSheet(here, material, view, "a4");
      const text = drawn.pages.flat().flatMap((mark) => (mark.kind === "text" ? [mark.text] : []));
      expect(text[0]).toBe(material.name);
      for (const word of MAKINGS[material.id]?.test.split(" ") ?? []) expect(text.join(" ")).toContain(word);
    }
    const last = view.makings.at(-1)?.id;
    const opened = openSheet(here, view, { kind: "making", of: `${last}` }, "a4");
    expect(opened.values.of).toBe(last);
  });

  it("takes Letter where lengths are in inches, unless the address says otherwise", async () => {
    const { db, household } = await home();
    await updateRow(db, "household", household.id, { units: "us" });
    expect(paperOf({}, (await home()).household.units)).toBe("letter");
    expect(paperOf({ paper: "a4" }, "us")).toBe("a4");
    expect(paperOf({ paper: "a9" }, "metric")).toBe("a4");
  });
});
