import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { Holding, type Rung } from "../model";
import { meet } from "../setup";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { fittingWays, type Served, tightFit } from "./fits";
import { materialIndex, optionsFor, stockOf } from "./options";

const materials = materialIndex(FIXTURE);
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const rungs = FIXTURE.activities.flatMap((activity) =>
  activity.rungs.filter((rung) => rung.fits.length > 0).map((rung) => ({ activity, rung })),
);

/** The ways to serve a rung from one of everything, some of it measured otherwise. */
function waysIn(rung: Rung, measured: Record<string, number[]>) {
  const holdings = FIXTURE.materials.map((material) =>
    Holding.parse({
      ...stamp,
      id: `h-${material.id}`,
      site: "home",
      material: material.id,
      quantity: 1000,
      ...(measured[material.id]
        ? { measured: { shape: material.piece?.shape, mm: measured[material.id] } }
        : {}),
    }),
  );
  const list = stockOf(materials, holdings, anId("home"), 0);
  const stock = new Map(list.map((one) => [one.key, one]));
  const ways = rung.materials.map(
    (need): Served => ({ need, options: optionsFor(need, materials, list, 0) }),
  );
  return { stock, ways, found: fittingWays(rung.fits, ways, stock) };
}

describe("things that have to fit each other", () => {
  it("are all possible with the usual sizes", () => {
    expect(rungs.length).toBeGreaterThan(15);
    for (const { activity, rung } of rungs) {
      const { found } = waysIn(rung, {});
      expect({ at: `${activity.id}/${rung.id}`, unfit: "unfit" in found }).toEqual({
        at: `${activity.id}/${rung.id}`,
        unfit: false,
      });
    }
  });

  it("are not, where what is here was measured too thick for the only opening", () => {
    const { rung } = rungs.find((one) => one.rung.id === "flat-stick") ?? {};
    if (!rung) throw new Error("the catalogue has changed");
    const { found } = waysIn(rung, { "sticks-flat": [150, 90, 40] });
    const left = "ways" in found ? found.ways.find((one) => one.need.id === "sticks")?.options : [];
    expect(left?.some((one) => one.stock === "h-sticks-flat")).toBe(false);
  });

  it("never leaves a pair that does not go together, whatever was measured", () => {
    fc.assert(
      fc.property(fc.constantFrom(...rungs), fc.integer({ min: 1, max: 120 }), ({ rung }, thick) => {
        const [need] = rung.materials;
        const piece = need && materials.get(need.material)?.piece;
        const measured = need && piece ? { [need.material]: piece.mm.map(() => thick) } : {};
        const { found, stock } = waysIn(rung, measured);
        fc.pre("ways" in found);
        for (const fit of rung.fits) {
          const of = (id: string) => found.ways.find((one) => one.need.id === id)?.options ?? [];
          for (const a of of(fit.a)) {
            for (const b of of(fit.b)) {
              const as = ({ stock: key, quantity }: typeof a) => {
                const one = stock.get(key);
                if (!one) throw new Error(key);
                const piece = one.holding?.measured ?? one.material.piece;
                return { material: { ...one.material, piece }, quantity };
              };
              expect(meet(fit.how, as(a), as(b))?.ok ?? true).toBe(true);
            }
          }
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe("a pair that fits tighter than usual", () => {
  const { rung } = rungs.find((one) => one.rung.id === "flat-stick") ?? {};
  if (!rung) throw new Error("the catalogue has changed");
  const tightWith = (measured: Record<string, number[]>) => {
    const { found, stock } = waysIn(rung, measured);
    if (!("ways" in found)) throw new Error("it does not fit at all");
    return tightFit(rung, found.ways, stock, materials);
  };

  it("is told with its play, and the usual pair is not", () => {
    // Sticks 18 mm wide have 6 mm of play in a neck of 24 mm; sticks of 23 mm have one.
    expect(tightWith({ "sticks-flat": [150, 23, 2] })).toMatchObject({ playMm: 1, usualMm: 6 });
    expect(tightWith({ "sticks-flat": [150, 20, 2] })).toBeUndefined();
    expect(tightWith({})).toBeUndefined();
  });
});
