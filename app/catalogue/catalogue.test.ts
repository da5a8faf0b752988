import { describe, expect, it } from "vitest";
import { applies, type Cell, coverageOf, hasSmallPiece, knownOf } from "../core/content";
import { Guide, Pack } from "../core/model";
import { anId } from "../core/testing/ids";
import { GLYPH_NAMES } from "../ui/Glyph";
import { CATALOGUE } from "./catalogue";
import { GUIDES } from "./guides";
import { loadCatalogue, loadGuide } from "./index";

const { skills, materials, activities } = CATALOGUE;
const rungs = activities.flatMap((activity) => activity.rungs);

describe("the catalogue", () => {
  it("is as large as promised", () => {
    expect(activities.length).toBeGreaterThanOrEqual(160);
    expect(rungs.length).toBeGreaterThanOrEqual(650);
    expect(skills.length).toBeGreaterThanOrEqual(100);
    expect(materials.length).toBeGreaterThanOrEqual(200);
    expect(new Set(activities.map((one) => one.family)).size).toBe(27);
  });

  it("suits its schema as it is loaded, defaults and all", () => {
    expect(Pack.parse(CATALOGUE)).toEqual(CATALOGUE);
    for (const activity of activities) expect(Guide.parse(GUIDES[activity.id])).toEqual(GUIDES[activity.id]);
  });

  it("is loaded apart: the ladders without a guide, a guide when it is asked for", async () => {
    expect(await loadCatalogue()).toBe(CATALOGUE);
    expect(activities.filter((one) => one.guide)).toEqual([]);
    const [first] = activities;
    if (!first) throw new Error("an activity was expected");
    expect(await loadGuide(first)).toBe(GUIDES[first.id]);
    expect(await loadGuide({ id: anId("nowhere") })).toBeUndefined();
  });

  it("has at least six rungs now in every area and age band that applies, five of them without small pieces", () => {
    const known = knownOf(CATALOGUE);
    const small = new Set(
      activities.flatMap((activity) =>
        activity.rungs
          .filter((rung) => hasSmallPiece(rung, known.materials))
          .map((rung) => `${activity.id}/${rung.id}`),
      ),
    );
    const cells = coverageOf(CATALOGUE, (activity, rung) => small.has(`${activity}/${rung}`));
    // A child of a few weeks is awake for minutes: ten things in three fields are more than enough.
    const least = (cell: Cell) => (cell.band.to <= 3 ? 3 : 6);
    const thin = cells.filter(
      (cell) =>
        applies(cell.area, cell.band) &&
        (cell.now < least(cell) || cell.nowWithLargePieces < least(cell) - 1),
    );
    expect(thin).toEqual([]);
  });

  it("rests its gross-motor windows on the published medians", () => {
    const median = (id: string) => skills.find((one) => one.id === id)?.window.median;
    expect(median("sits")).toBe(6);
    expect(median("stands-holding")).toBe(7.6);
    expect(median("crawls")).toBe(8.5);
    expect(median("walks")).toBe(12.1);
  });

  it.each([
    // Items of public checklists, stated at the age by which three in four children do them.
    ["rakes", 9],
    ["hand-to-hand", 9],
    ["pincer", 12],
    ["puts-in", 12],
    ["stacks", 15],
    ["marks", 18],
    ["climbs", 18],
    ["drinks-open-cup", 18],
    ["helps-dressing", 18],
    ["both-hands", 24],
    ["kicks-ball", 24],
    ["jumps", 30],
    ["undresses", 30],
    ["twists-lid", 30],
    ["threads-lace", 36],
    ["draws-circle", 36],
    ["asks", 36],
    ["catches", 48],
    ["draws-person", 48],
    ["hops", 60],
    ["counts-ten", 60],
    ["writes-letters", 60],
  ])("anchors %s: three in four by about %i months", (id, months) => {
    const skill = skills.find((one) => one.id === id);
    if (!skill) throw new Error("a skill was expected");
    const { p10, median, p90 } = skill.window;
    const sigma = Math.log(p90 / p10) / (2 * 1.2816);
    const threeInFour = median * Math.exp(0.6745 * sigma);
    expect(skill.basis).toBe("anchored");
    expect(Math.abs(Math.log(threeInFour / months))).toBeLessThan(0.18);
  });

  it("draws every activity: by its things, and where a rung has none with a glyph there is", () => {
    const bare = activities.filter((one) => one.rungs.some((rung) => rung.materials.length === 0));
    expect(bare.filter((one) => !GLYPH_NAMES.includes(one.glyph)).map((one) => one.id)).toEqual([]);
  });

  it("has no material without a use: on a tray, for another, or to warn of what it can do", () => {
    const used = new Set([
      ...rungs.flatMap((rung) => [...rung.materials, ...rung.makes].map((need) => need.material)),
      ...materials.flatMap((one) => one.standIns.map((standIn) => standIn.material)),
    ]);
    const idle = materials.filter((one) => !used.has(one.id) && one.hazards.length === 0);
    expect(idle.map((one) => one.id)).toEqual([]);
  });
});
