import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { demandText } from "../../words/growing";
import { materialIndex } from "../materials";
import { graspFor, handDemandOf } from "./handDemand";

const materials = materialIndex(CATALOGUE);
const rungs = CATALOGUE.activities.flatMap((activity) => activity.rungs.map((rung) => ({ activity, rung })));
const demand = (activity: string, rung: string) => {
  const found = rungs.find((one) => one.activity.id === activity && one.rung.id === rung);
  if (!found) throw new Error(`no rung ${activity}/${rung}`);
  return handDemandOf(found.rung, (need) => materials.get(need.material));
};

describe("what a tray asks of the hand", () => {
  it("goes by the width of the smallest loose piece", () => {
    expect([60, 35, 34, 15, 14, 4].map(graspFor)).toEqual([
      "whole-hand",
      "whole-hand",
      "three-fingers",
      "three-fingers",
      "thumb-fingertip",
      "thumb-fingertip",
    ]);
    expect(demand("discs-in-a-slot", "discs")).toMatchObject({ pieceMm: 62, grasp: "whole-hand" });
    expect(demandText(demand("discs-in-a-slot", "discs"), "metric")).toBe(
      "The smallest piece is 62 mm wide: whole hand.",
    );
  });

  it("is told for most rungs with loose pieces, and for none without", () => {
    const told = rungs.filter(
      ({ rung }) => handDemandOf(rung, (need) => materials.get(need.material)).pieceMm !== undefined,
    );
    expect(told.length).toBeGreaterThan(rungs.length / 2);
    for (const { rung } of rungs) {
      const { pieceMm } = handDemandOf({ ...rung, materials: [] }, () => undefined);
      expect(pieceMm).toBeUndefined();
    }
    const fixed = rungs.find(
      ({ rung }) => rung.materials.length > 0 && rung.materials.every((one) => !one.loose),
    );
    expect(fixed && handDemandOf(fixed.rung, (need) => materials.get(need.material)).grasp).toBeUndefined();
  });
});
