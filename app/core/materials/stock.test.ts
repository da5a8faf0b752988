import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, daysBetween, Holding, Material, plainDate, Tray } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { findsOf } from "./finds";
import { materialIndex, stockBetween, stockOf } from "./options";
import { runsOut, type Taking } from "./runsOut";
import { standInChanges } from "./standIn";

const materials = materialIndex(FIXTURE);
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const FROM = plainDate("2026-05-11");
const TO = addDays(FROM, 7);
const holding = (material: string, quantity: number, more: object = {}) =>
  Holding.parse({ ...stamp, id: material, site: "home", material, quantity, ...more });
const thereWith = (more: object) =>
  stockBetween(stockOf(materials, [holding("towel", 1, more)], anId("home"), 0), FROM, TO).length === 1;

describe("what is there for a rotation", () => {
  it.each<[string, object, boolean]>([
    ["our own", {}, true],
    ["borrowed to the day after the last", { origin: "borrowed", dueBack: TO }, true],
    ["borrowed to its last day", { origin: "borrowed", dueBack: addDays(TO, -1) }, false],
    ["good to the first day", { useBy: FROM }, true],
    ["past on the first day", { useBy: addDays(FROM, -1) }, false],
  ])("%s", (_, more, there) => {
    expect(thereWith(more)).toBe(there);
  });
});

describe("running out", () => {
  const tray = (quantity: number) =>
    Tray.parse({
      ...stamp,
      id: `t${quantity}`,
      rotation: "r",
      child: "c",
      activity: "a",
      rung: "r",
      place: "p",
      state: "free",
      outSince: FROM,
      allotted: [
        { need: "a", material: "paper", holding: "paper", quantity },
        { need: "b", material: "towel", holding: "towel", quantity: 1 },
        { need: "c", material: "water", holding: "water", quantity: 500 },
      ],
    });
  /** `inserts`: the tray takes so many anew each day, one lying there since `FROM`. */
  const taking = (...inserts: number[]): Taking => ({
    since: FROM,
    next: TO,
    rotationDays: 7,
    daily: (one) => inserts.some((quantity) => one.id === `t${quantity}`),
  });
  const holdings = (have: number) => [holding("paper", have), holding("towel", 1), holding("water", 400)];
  const told = (have: number, quantities: number[], how: Taking) =>
    runsOut(quantities.map(tray), holdings(have), materials, how).map((one) => [
      one.material.id,
      one.perRotation,
      one.on,
    ]);
  const when = (have: number, ...quantities: number[]) => told(have, quantities, taking());

  it("is on the first day of the rotation that finds too little", () => {
    // 20 sheets, 6 a rotation: three more rotations, then 2 sheets are left.
    expect(when(20, 4, 2)).toEqual([["paper", 6, addDays(TO, 21)]]);
    expect(when(5, 6)).toEqual([["paper", 6, TO]]);
  });

  it("counts a piece for each day where inserts take anew", () => {
    // One a day: six more to Sunday, seven of the next rotation; the 14th piece is that of its first day.
    expect(told(13, [1], taking(1))).toEqual([["paper", 7, addDays(TO, 7)]]);
    expect(told(4, [1], taking(1))).toEqual([["paper", 7, addDays(FROM, 5)]]);
    // Two a day beside four a rotation: 12 to Sunday, 6 on Monday, and 2 on Tuesday leave one too few.
    expect(told(21, [2, 4], taking(2))).toEqual([["paper", 18, addDays(TO, 2)]]);
  });

  it("is the day that counting day by day finds", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 200 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 5, max: 9 }),
        fc.integer({ min: 0, max: 7 }),
        (have, aDay, aRotation, ago) => {
          const how = { ...taking(aDay), since: addDays(TO, -ago) };
          let left = have;
          let on = how.since;
          for (;;) {
            const start = on >= TO && daysBetween(TO, on) % 7 === 0;
            if (on > how.since || start) left -= aDay + (start ? aRotation : 0);
            if (left < 0) break;
            on = addDays(on, 1);
          }
          expect(told(have, [aDay, aRotation], how)[0]?.[2]).toBe(on);
        },
      ),
    );
  });
});

describe("a stand-in", () => {
  const thing = (id: string) => {
    const found = materials.get(id);
    if (!found) throw new Error(`no ${id}`);
    return found;
  };
  it("tells what changes: size, what it holds, hazards", () => {
    expect(standInChanges(thing("muffin-tin"), thing("egg-box"))).toEqual([
      { what: "hazard", hazard: "breaks-up" },
      { what: "smaller", share: 150 / 350 },
    ]);
    expect(standInChanges(thing("bowl-small"), thing("pot-plastic"))).toEqual([
      { what: "smaller", share: 100 / 120 },
      { what: "holds-less", share: 250 / 350 },
    ]);
    expect(standInChanges(thing("towel"), Material.parse({ ...thing("towel"), id: "x" }))).toEqual([]);
  });
});

describe("finds", () => {
  const names = (season: "spring" | "autumn", have: Holding[] = []) =>
    findsOf(FIXTURE.materials, new Map(have.map((one) => [one.material, one])), season).map((one) => one.id);
  it("lie about in their season, and are left out once they are here", () => {
    expect(names("autumn")).toContain("leaf-large");
    expect(names("spring")).not.toContain("leaf-large");
    expect(names("spring")).toContain("twig-thick");
    expect(names("autumn", [holding("leaf-large", 3)])).not.toContain("leaf-large");
  });
});
