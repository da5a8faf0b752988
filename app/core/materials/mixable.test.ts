import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { Holding, Material, Need, PlainDate } from "../model";
import { anId } from "../testing/ids";
import { needStates } from "./availability";
import { withMixed } from "./mixable";
import { drawsOf, materialIndex, missingNeeds, optionsFor, stockBetween, stockOf } from "./options";
import { drawnFrom, howUsed } from "./taken";

const materials = materialIndex(CATALOGUE);
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const holding = (material: string, quantity: number, more: object = {}) =>
  Holding.parse({ ...stamp, id: `h-${material}`, site: "home", material, quantity, ...more });
const [ON, TO] = [PlainDate.parse("2026-05-11"), PlainDate.parse("2026-05-18")];

/** What there is of the given things, with what can be mixed from it. */
const stockWith = (...holdings: Holding[]) =>
  withMixed(materials, stockBetween(stockOf(materials, holdings, anId("home"), 0), ON, TO));
const mixedOf = (material: string, ...holdings: Holding[]) =>
  stockWith(...holdings).find((one) => one.mixedFrom && one.material.id === material);
const need = (material: string, quantity: number, more: object = {}) =>
  Need.parse({ id: "it", material, quantity, ...more });

describe("what can be mixed", () => {
  it("reaches as far as the part of which there is least: 250 g of flour and 20 g of cornflour make 500 g of dough", () => {
    expect(mixedOf("dough", holding("flour", 500), holding("cornflour", 400))?.quantity).toBe(1000);
    expect(mixedOf("dough", holding("flour", 500), holding("cornflour", 10))?.quantity).toBe(250);
  });

  it("is nothing where a part that the cupboard counts is not there, has spoilt or goes back", () => {
    expect(mixedOf("dough", holding("flour", 500))).toBeUndefined();
    const past = holding("cornflour", 400, { useBy: "2026-05-10" });
    expect(mixedOf("dough", holding("flour", 500), past)).toBeUndefined();
    const lent = holding("cornflour", 400, { origin: "borrowed", dueBack: "2026-05-14" });
    expect(mixedOf("dough", holding("flour", 500), lent)).toBeUndefined();
  });

  it("is not what is as well bought, nor what has no part that the cupboard counts", () => {
    expect(mixedOf("paint", holding("cornflour", 400), holding("food-colour", 50))).toBeUndefined();
    expect(mixedOf("egg-boiled")).toBeUndefined();
    // Water comes from the tap.
    expect(mixedOf("ice-large")?.quantity).toBe(Number.POSITIVE_INFINITY);
  });

  it("takes its parts and nothing of its own; half a potato is a whole one", () => {
    const stock = stockWith(holding("flour", 500), holding("cornflour", 400), holding("potato", 3));
    const [dough] = optionsFor(need("dough", 200), materials, stock, 0);
    expect(dough && drawsOf(dough)).toEqual([
      { stock: "h-flour", quantity: 100 },
      { stock: "h-cornflour", quantity: 8 },
    ]);
    const [half] = optionsFor(need("potato-soft", 2.5), materials, stock, 0);
    expect(half && drawsOf(half)).toEqual([{ stock: "h-potato", quantity: 3 }]);
    expect(optionsFor(need("potato-soft", 3.5), materials, stock, 0)).toEqual([]);
  });

  it("is used up in its parts also where the thing itself stays", () => {
    const stock = stockWith(holding("rice", 600), holding("vinegar", 100), holding("food-colour", 20));
    const [stays] = optionsFor(need("rice-coloured", 300, { stays: true }), materials, stock, 0);
    expect(stays).toMatchObject({ use: "once" });
    const rice = materials.get("rice-coloured");
    expect(rice && howUsed({ stays: true }, rice)).toBe("kept");
  });

  it("counts as there, after what is there already, and is no stand-in", () => {
    const parts = [holding("flour", 500), holding("cornflour", 400)];
    const rung = { materials: [need("dough", 200)], fits: [] };
    expect(needStates(rung, materials, stockWith(...parts))[0]?.state).toBe("mix");
    expect(needStates(rung, materials, stockWith(...parts, holding("dough", 300)))[0]?.state).toBe("have");
    expect(needStates(rung, materials, stockWith())[0]).toMatchObject({
      state: "missing",
      parts: ["flour", "cornflour"],
    });
    // 200 g of dough take 8 g of cornflour.
    const few = stockWith(holding("flour", 500), holding("cornflour", 7));
    expect(needStates(rung, materials, few)[0]).toMatchObject({ state: "missing", parts: ["cornflour"] });
    const bought = { materials: [need("banana", 2)], fits: [] };
    expect(needStates(bought, materials, stockWith())[0]).toMatchObject({ state: "missing", parts: [] });
    const clay = Material.parse({
      ...{ id: "clay", name: "clay", use: "consumable", unit: "g", found: "desk" },
      standIns: [{ material: "dough", serves: 0.8 }],
    });
    const withClay = new Map([...materials, [clay.id, clay] as const]);
    const lacks = (...things: Holding[]) =>
      missingNeeds([need("clay", 200)], withClay, stockWith(...things), 0);
    expect(lacks(...parts)).toHaveLength(1);
    expect(lacks(holding("dough", 300))).toEqual([]);
  });

  it("never takes more of a part than there is", () => {
    const recipes = CATALOGUE.materials.filter((one) => one.recipe && !one.recipe.orBought);
    fc.assert(
      fc.property(
        fc.constantFrom(...recipes),
        fc.array(fc.double({ min: 0.5, max: 900, noNaN: true }), { minLength: 5, maxLength: 5 }),
        fc.double({ min: 0.5, max: 900, noNaN: true }),
        (material, amounts, wanted) => {
          const parts = material.recipe?.parts ?? [];
          const holdings = parts.flatMap((part, i) =>
            part.material ? [holding(part.material, amounts[i] ?? 1)] : [],
          );
          const options = optionsFor(need(material.id, wanted), materials, stockWith(...holdings), 0);
          for (const draw of options.filter((one) => one.parts).flatMap(drawsOf)) {
            const there = holdings.find((one) => one.id === draw.stock)?.quantity ?? 0;
            expect(draw.quantity).toBeLessThanOrEqual(there + 1e-6);
          }
        },
      ),
      { numRuns: 300 },
    );
  });

  it("is told apart on a tray from what is fetched and what is bought", () => {
    const mixed = [{ holding: holding("flour", 1).id, quantity: 100 }];
    expect(drawnFrom({ quantity: 200, mixed })).toEqual(mixed);
    expect(drawnFrom({ quantity: 200 })).toEqual([]);
    expect(drawnFrom({ quantity: 200, holding: holding("dough", 1).id })).toHaveLength(1);
  });
});
