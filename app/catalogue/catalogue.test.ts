import { describe, expect, it } from "vitest";
import { AREA_IDS, Pack } from "../core/model";
import { isSmallPart, passesTube } from "../core/safety";
import { GLYPH_NAMES } from "../ui/Glyph";
import { CATALOGUE } from "./index";

const { skills, materials, activities } = CATALOGUE;
const rungs = activities.flatMap((activity) =>
  activity.rungs.map((rung) => ({ activity, rung, path: `${activity.id}/${rung.id}` })),
);
const ids = (rows: readonly { id: string }[]) => new Set(rows.map((row) => row.id));

describe("the catalogue", () => {
  it("is as large as promised", () => {
    expect(activities.length).toBeGreaterThanOrEqual(30);
    expect(skills.length).toBeGreaterThanOrEqual(40);
    expect(materials.length).toBeGreaterThanOrEqual(60);
    expect(new Set(activities.map((one) => one.family)).size).toBeGreaterThanOrEqual(8);
    expect(new Set(activities.map((one) => one.area)).size).toBe(AREA_IDS.length);
  });

  it("reads back from its own JSON", () => {
    expect(Pack.parse(JSON.parse(JSON.stringify(CATALOGUE)))).toEqual(CATALOGUE);
  });

  it("has every id once, and names none that is not there", () => {
    for (const rows of [skills, materials, activities]) expect(ids(rows).size).toBe(rows.length);
    const [knownSkills, knownMaterials] = [ids(skills), ids(materials)];
    const faults = [
      ...skills.flatMap((one) =>
        one.after.filter((id) => !knownSkills.has(id)).map((id) => `${one.id} after ${id}`),
      ),
      ...materials.flatMap((one) =>
        one.standIns.filter((s) => !knownMaterials.has(s.material)).map((s) => `${one.id}: ${s.material}`),
      ),
      ...rungs.flatMap(({ rung, path }) => [
        ...rung.needs
          .filter((need) => !knownSkills.has(need.skill))
          .map((need) => `${path} needs ${need.skill}`),
        ...rung.grows.filter((id) => !knownSkills.has(id)).map((id) => `${path} grows ${id}`),
        ...rung.materials
          .filter((need) => !knownMaterials.has(need.material))
          .map((need) => `${path}: ${need.material}`),
      ]),
    ];
    expect(faults).toEqual([]);
  });

  it.each(activities.map((one) => [one.id, one] as const))(
    "%s: 3 to 6 rungs that get harder, each with its own id",
    (_, activity) => {
      expect(activity.rungs.length).toBeGreaterThanOrEqual(3);
      expect(activity.rungs.length).toBeLessThanOrEqual(6);
      expect(ids(activity.rungs).size).toBe(activity.rungs.length);
      const medians = activity.rungs.map((rung) => rung.window.median);
      expect(medians).toEqual([...medians].sort((a, b) => a - b));
      expect(GLYPH_NAMES).toContain(activity.glyph);
      for (const rung of activity.rungs) expect(Object.keys(rung.axes).length).toBeGreaterThan(0);
    },
  );

  it("gives a large-piece twin that passes both gauges to every rung with a piece that does not", () => {
    const piece = (id: string) => materials.find((one) => one.id === id)?.piece;
    const small = (rung: (typeof rungs)[number]["rung"]) =>
      rung.materials.some((need) => {
        const shape = need.loose ? piece(need.material) : undefined;
        return shape !== undefined && (isSmallPart(shape) || passesTube(shape));
      });
    const faults = rungs
      .filter(({ rung }) => small(rung))
      .flatMap(({ activity, rung, path }) => {
        const twin = activity.rungs.find((one) => one.id === rung.largePieceTwin);
        return twin && !small(twin) ? [] : [path];
      });
    expect(faults).toEqual([]);
  });

  it("keeps each rung's window in line with the skills it grows", () => {
    const median = (id: string) => skills.find((one) => one.id === id)?.window.median ?? 0;
    const faults = rungs.filter(({ rung }) => {
      const earliest = Math.min(...rung.grows.map(median));
      return rung.window.median < earliest * 0.55 || rung.window.median > earliest * 6;
    });
    expect(faults.map((one) => one.path)).toEqual([]);
  });

  it("covers 4 to 40 months: at each age at least six rungs have their median near", () => {
    for (let months = 4; months <= 40; months += 2) {
      const near = rungs.filter(({ rung }) => rung.window.p10 <= months && months <= rung.window.p90);
      expect(near.length, `${months} months`).toBeGreaterThanOrEqual(6);
    }
  });

  it("rests its gross-motor windows on the published medians", () => {
    const window = (id: string) => skills.find((one) => one.id === id)?.window;
    expect(window("sits")?.median).toBe(6);
    expect(window("stands-holding")?.median).toBe(7.6);
    expect(window("crawls")?.median).toBe(8.5);
    expect(window("walks")?.median).toBe(12.1);
  });

  it("has no text twice", () => {
    const texts = activities.flatMap((one) => [one.name, one.invitation, ...one.show]);
    expect(texts.filter((text, i) => texts.indexOf(text) !== i)).toEqual([]);
  });
});
