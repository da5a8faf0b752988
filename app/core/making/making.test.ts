import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { MAKINGS } from "../../catalogue/makings";
import type { Cut, Making, Material, PieceShape } from "../model";
import { cutSizes, faultsOfMakings, measureMm } from ".";

const materials = new Map<string, Material>(CATALOGUE.materials.map((one) => [one.id, one]));
const slot = (plusMm: number): Cut =>
  ({
    what: "slot",
    for: "card-disc",
    sizes: [
      { is: "long", of: "across", plusMm: 14 },
      { is: "wide", of: "thick", plusMm },
    ],
  }) as Cut;
const making = (cuts: readonly Cut[]): Making => {
  const [any] = Object.values(MAKINGS);
  if (!any) throw new Error("no makings");
  return { ...any, cuts: [...cuts] };
};

describe("cuts", () => {
  it("follow from the piece that they are for", () => {
    expect(cutSizes(slot(10), { shape: "disc", mm: [62, 4] })).toEqual([
      { is: "long", mm: 76 },
      { is: "wide", mm: 14 },
    ]);
    expect(measureMm({ shape: "box", mm: [80, 20, 50] }, "across")).toBe(50);
    expect(measureMm({ shape: "cylinder", mm: [12, 120] }, "across")).toBe(12);
    expect(measureMm({ shape: "cylinder", mm: [12, 120] }, "long")).toBe(120);
  });

  it("always let the piece through that they are made for, by the play that is written (property)", () => {
    const mm = fc.double({ min: 1, max: 300, noNaN: true });
    fc.assert(
      fc.property(mm, mm, fc.integer({ min: 0, max: 30 }), (d, h, play) => {
        const piece: PieceShape = { shape: "disc", mm: [Math.max(d, h), Math.min(d, h)] };
        const wide = cutSizes(slot(play), piece)[1]?.mm ?? 0;
        expect(wide - Math.min(d, h)).toBeCloseTo(play, 6);
      }),
    );
  });
});

describe("makings", () => {
  it("are at least sixty, and without a fault", () => {
    expect(Object.keys(MAKINGS).length).toBeGreaterThanOrEqual(60);
    expect(faultsOfMakings(MAKINGS, materials)).toEqual([]);
  });

  it.each<[string, string, Cut[], RegExp]>([
    ["a thing that is nowhere", "no-such-thing", [], /no material/],
    ["a cut for what has no size", "box-slot", [{ ...slot(10), for: "water" as Material["id"] }], /no size/],
    ["a slot that the disc does not pass", "box-slot", [slot(-1)], /does not pass/],
    ["a slot other than the box is said to have", "box-slot", [slot(20)], /opening is said to be 14/],
    [
      "a cut of nothing",
      "card-disc",
      [{ ...slot(10), sizes: [{ is: "wide", of: "thick", plusMm: -4 }] }],
      /would be nothing/,
    ],
  ])("a fault is found: %s", (_, id, cuts, message) => {
    const [fault, ...more] = faultsOfMakings({ [id]: making(cuts) }, materials);
    expect(fault?.message).toMatch(message);
    expect(more.length).toBeLessThanOrEqual(1);
  });
});
