import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../catalogue/catalogue";
import { assess, peopleOf } from "../core/safety";
import { demoBackup } from "./index";

const { tables } = demoBackup(CATALOGUE);

describe("the demo household", () => {
  it("is the same each time", () => {
    expect(demoBackup(CATALOGUE)).toEqual(demoBackup(CATALOGUE));
  });

  it("has some 70 things at home, twelve weeks, and notes in each of them", () => {
    expect(tables.holdings.filter((one) => one.site === "home").length).toBeGreaterThanOrEqual(70);
    expect(tables.rotations).toHaveLength(12);
    for (const rotation of tables.rotations) {
      const trays = new Set(
        tables.trays.filter((tray) => tray.rotation === rotation.id).map((tray) => tray.id),
      );
      expect(
        tables.observations.some((seen) => seen.tray && trays.has(seen.tray)),
        rotation.id,
      ).toBe(true);
    }
  });

  it("never had two trays in one place, or two at one moment of a day", () => {
    const taken = tables.trays.flatMap((tray) =>
      (tray.when?.days ?? [""]).map((day) => `${tray.rotation} ${tray.place} ${tray.when?.moment} ${day}`),
    );
    expect(taken.filter((one, i) => taken.indexOf(one) !== i)).toEqual([]);
  });

  it("never had an unsafe tray, nor one made from what is not there", () => {
    const faults = tables.trays.flatMap((tray) => {
      const activity = CATALOGUE.activities.find((one) => one.id === tray.activity);
      const rung = activity?.rungs.find((one) => one.id === tray.rung);
      const child = tables.children.find((one) => one.id === tray.child);
      const place = tables.places.find((one) => one.id === tray.place);
      const rotation = tables.rotations.find((one) => one.id === tray.rotation);
      if (!activity || !rung || !child || !place || !rotation) return [`${tray.id}: unknown`];
      const missing = tray.allotted.filter(
        (one) => !tables.holdings.some((holding) => holding.id === one.holding),
      );
      const things = rung.materials.flatMap((need) => {
        const material = CATALOGUE.materials.find((one) => one.id === need.material);
        return material ? [{ material, loose: need.loose }] : [];
      });
      const asked = { activity, rung, things, place, users: [child], people: peopleOf(tables) };
      const { state } = assess(asked, rotation.from);
      return [
        ...missing.map((one) => `${tray.id}: ${one.material}`),
        ...(state === "blocked" ? [`${tray.id}: blocked`] : []),
      ];
    });
    expect(faults).toEqual([]);
  });
});
