import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { GUIDES } from "../../catalogue/guides";
import { materialIndex } from "../materials";
import { layOut } from "./layout";
import { usualThings } from "./setOut";
import { spokenOf, wayOf } from "./shown";

const materials = materialIndex(CATALOGUE);
const opened = (activity: string, rung: string) => {
  const found = CATALOGUE.activities.find((one) => one.id === activity)?.rungs.find((one) => one.id === rung);
  if (!found) throw new Error(`no rung ${activity}/${rung}`);
  const things = usualThings(found, materials);
  return { rung: found, things, layout: layOut(found, things, "table") };
};

describe("what a step speaks of", () => {
  it("is found by the names of the things, in one and in many", () => {
    const { things } = opened("tongs-and-balls", "small");
    expect(spokenOf("Show the tongs open and shut, empty.", things)).toEqual(["tongs"]);
    expect(spokenOf("Let the pompom go over the well.", things).sort()).toEqual(["balls", "wells"]);
    expect(spokenOf("Wait.", things)).toEqual([]);
  });

  it("has the way of a hand only where something is moved", () => {
    const { things, layout, rung } = opened("tongs-and-balls", "small");
    const wayFor = (text: string) => wayOf(text, layout, rung.fits, spokenOf(text, things));
    expect(wayFor("Show the tongs open and shut, empty.")).toBeUndefined();
    const way = wayFor("Lift one and let it go over the well.");
    expect(way?.inHand.need).toBe("balls");
    expect(way?.from[0]).toBeLessThan(way?.to[0] ?? 0);
  });

  it("leads to a thing of the tray in every step of every activity", () => {
    let ways = 0;
    for (const activity of CATALOGUE.activities) {
      const guide = GUIDES[activity.id];
      for (const rung of activity.rungs) {
        const things = usualThings(rung, materials);
        const layout = layOut(rung, things, (rung.places ?? activity.places)[0] ?? "bay");
        for (const step of guide?.quiet ?? []) {
          const way = wayOf(step, layout, rung.fits, spokenOf(step, things));
          if (!way) continue;
          ways++;
          for (const [x, y] of [way.from, way.to]) {
            expect(x).toBeGreaterThan(0);
            expect(y).toBeGreaterThan(0);
            expect(x).toBeLessThan(layout.ground.widthMm);
            expect(y).toBeLessThan(layout.ground.depthMm);
          }
        }
      }
    }
    expect(ways).toBeGreaterThan(250);
  });
});
