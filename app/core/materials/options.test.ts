import { describe, expect, it } from "vitest";
import { Holding, Material, Need } from "../model";
import { anId } from "../testing/ids";
import { fittingWays, type Served } from "./fits";
import { missingNeeds, optionsFor, stockOf } from "./options";

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const thing = (id: string, more: object = {}) =>
  Material.parse({ id, name: id, use: "reusable", found: "kitchen", ...more });
const materials = new Map(
  [
    thing("cup", { pack: { quantity: 4, cents: 300 }, standIns: [{ material: "jar", serves: 0.8 }] }),
    thing("jar", { pack: { quantity: 6, cents: 100 } }),
    thing("jug", { unit: "ml" }),
    thing("glass", { holdsMl: 100 }),
  ].map((one) => [one.id, one]),
);
const holding = (material: string, quantity: number) =>
  Holding.parse({ ...stamp, id: `h-${material}`, site: "home", material, quantity });
const need = (quantity: number) => Need.parse({ id: "cups", material: "cup", quantity });

/** The keys of what can serve a need for so many cups with so many cups, jars and cents. */
function waysFor(wanted: number, cups: number, jars: number, cents: number): string[] {
  const holdings = [holding("cup", cups), holding("jar", jars)].filter((one) => one.quantity > 0);
  const stock = stockOf(materials, holdings, anId("home"), cents);
  return optionsFor(need(wanted), materials, stock, cents).map((one) => one.stock);
}
const bought = (wanted: number, cents: number) =>
  waysFor(wanted, 0, 0, cents).some((key) => key.startsWith("buy"));

describe("what can serve a need", () => {
  it("is what there is as much of as is asked for, and not one less", () => {
    expect(waysFor(5, 5, 0, 0)).toHaveLength(1);
    expect(waysFor(5, 4, 0, 0)).toEqual([]);
  });

  it("is the thing itself before a stand-in", () => {
    const keys = waysFor(3, 3, 3, 0);
    expect(keys).toHaveLength(2);
    expect(keys[0]).toContain("cup");
  });

  it("may be bought in whole packs, as many as the money allows", () => {
    // A pack holds four for 300 cents.
    expect([
      bought(4, 299),
      bought(4, 300),
      bought(5, 599),
      bought(5, 600),
      bought(8, 600),
      bought(9, 899),
    ]).toEqual([false, true, false, true, true, false]);
  });

  it("is never a stand-in that would have to be bought", () => {
    expect(waysFor(4, 0, 0, 299)).toEqual([]);
  });

  it("is missing where nothing serves", () => {
    const stock = stockOf(materials, [holding("cup", 2)], anId("home"), 0);
    expect(missingNeeds([need(2), need(3)], materials, stock, 0)).toEqual([need(3)]);
  });
});

describe("what is poured", () => {
  /** Does so much fit into so many glasses of 100 ml? */
  function fits(ml: number, glasses: number): boolean {
    const stock = stockOf(materials, [holding("jug", 1000), holding("glass", 10)], anId("home"), 0);
    const served = (id: string, material: string, quantity: number): Served => {
      const one = Need.parse({ id, material, quantity });
      return { need: one, options: optionsFor(one, materials, stock, 0) };
    };
    const found = fittingWays(
      [{ how: "pours-into", a: anId("a"), b: anId("b") }],
      [served("a", "jug", ml), served("b", "glass", glasses)],
      new Map(stock.map((one) => [one.key, one])),
    );
    return "ways" in found;
  }

  it("goes into all of the vessels together, to the brim and no further", () => {
    expect([fits(100, 1), fits(101, 1), fits(300, 3), fits(301, 3)]).toEqual([true, false, true, false]);
  });
});
