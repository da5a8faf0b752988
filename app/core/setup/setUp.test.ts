import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Material, PieceShape } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { meet, meetAsWritten, mouthMm, passingWidthMm, type Thing, volumeMl } from ".";

const materials = new Map<string, Material>(FIXTURE.materials.map((one) => [one.id, one]));
const some = (id: string, quantity = 1): Thing => {
  const material = materials.get(id);
  if (!material) throw new Error(`no material ${id}`);
  return { material, quantity };
};
const ball = (mm: number, quantity = 1): Thing => ({
  material: { piece: { shape: "sphere", mm: [mm] } },
  quantity,
});
const tin: Thing = { material: { wells: { count: 12, widthMm: 70 } }, quantity: 1 };
const pot = (holdsMl: number, widthMm = 100): Thing => ({
  material: { holdsMl, piece: { shape: "disc", mm: [widthMm, 70] } },
  quantity: 1,
});

describe("how things meet", () => {
  it("a ring goes over a rope by the play that is left", () => {
    expect(meet("onto", some("noodle-ring"), some("rope-stiff"))).toEqual({ ok: true, playMm: 8 });
    expect(meet("onto", some("bead-medium"), some("lace-tipped"))?.playMm).toBe(3);
  });

  it("a disc passes a slot by its thickness, a ball by its diameter", () => {
    expect(passingWidthMm({ shape: "disc", mm: [62, 4] })).toBe(4);
    expect(passingWidthMm({ shape: "sphere", mm: [52] })).toBe(52);
    expect(passingWidthMm({ shape: "box", mm: [150, 18, 2] })).toBe(18);
    expect(meet("through", some("card-disc"), some("box-slot"))?.playMm).toBe(10);
    expect(meet("through", ball(52), { material: { openingMm: 42 }, quantity: 1 })).toEqual({
      ok: false,
      playMm: -10,
      fault: "too-narrow",
    });
  });

  it("no more is poured than the vessels hold", () => {
    const needs = [
      { id: anId("water"), material: anId("water"), quantity: 200, loose: false },
      { id: anId("cup"), material: anId("cup-plastic"), quantity: 1, loose: true },
    ];
    const fit = { how: "pours-into", a: anId("water"), b: anId("cup") } as const;
    expect(meetAsWritten(fit, needs, materials)?.ok).toBe(true);
    const more = needs.map((need) => (need.id === "water" ? { ...need, quantity: 400 } : need));
    expect(meetAsWritten(fit, more, materials)).toEqual({ ok: false, fault: "too-many" });
    expect(meetAsWritten({ ...fit, b: anId("nowhere") }, needs, materials)).toBeUndefined();
  });

  it.each([
    ["twelve small balls in twelve wells", 64, 12, true, undefined],
    ["one more than there are wells", 64, 13, false, "too-many"],
    ["a ball that lies on the rim", 72, 6, false, "too-narrow"],
  ])("in wells: %s", (_, mm, count, ok, fault) => {
    expect(meet("in-wells", ball(mm, count), tin)).toMatchObject({ ok, ...(fault ? { fault } : {}) });
  });

  it("a well holds what is up to four times as high as it is deep", () => {
    const board = (depthMm: number): Thing => ({
      material: { wells: { count: 16, widthMm: 52, depthMm } },
      quantity: 1,
    });
    const peg: Thing = { material: { piece: { shape: "cylinder", mm: [50, 80] } }, quantity: 4 };
    expect(meet("in-wells", peg, board(25))).toEqual({ ok: true, playMm: 2 });
    expect(meet("in-wells", peg, board(10))).toMatchObject({ ok: false, fault: "too-shallow" });
    const counter: Thing = { material: { piece: { shape: "disc", mm: [50, 8] } }, quantity: 4 };
    expect(meet("in-wells", counter, board(10))?.ok).toBe(true);
  });

  it("what is soft is pressed through a place a tenth narrower, and no narrower; what is hard is not", () => {
    const soft = (mm: number): Thing => ({
      material: { piece: { shape: "sphere", mm: [mm] }, soft: true },
      quantity: 1,
    });
    const hole: Thing = { material: { openingMm: 45 }, quantity: 1 };
    expect(meet("through", soft(50), hole)).toEqual({ ok: true, playMm: -5 });
    expect(meet("through", soft(51), hole)).toMatchObject({ ok: false, fault: "too-narrow" });
    expect(meet("through", ball(50), hole)?.ok).toBe(false);
  });

  it("a disc lies flat in a well, and does not stand in it on its edge", () => {
    const disc = (mm: number): Thing => ({
      material: { piece: { shape: "disc", mm: [mm, 4] } },
      quantity: 1,
    });
    expect(meet("in-wells", disc(60), tin)?.ok).toBe(true);
    expect(meet("in-wells", disc(90), tin)?.ok).toBe(false);
  });

  it.each([
    // Two balls of 70 mm are 359 ml; a pot of 250 ml has no room for both.
    ["two large balls in a small pot", 70, 2, 250, false, "too-many"],
    ["two large balls in a bowl", 70, 2, 700, true, undefined],
    ["a ball wider than the mouth", 110, 1, 3000, false, "too-narrow"],
  ])("lying in a vessel: %s", (_, mm, count, holdsMl, ok, fault) => {
    expect(meet("lies-in", ball(mm, count), pot(holdsMl))).toMatchObject({ ok, ...(fault ? { fault } : {}) });
  });

  it("says nothing of sizes that are not known", () => {
    const unknown: Thing = { material: {}, quantity: 1 };
    for (const how of ["through", "onto", "pours-into", "in-wells", "lies-in"] as const) {
      expect(meet(how, unknown, unknown)).toBeUndefined();
    }
    expect(mouthMm({})).toBeUndefined();
  });
});

describe("the room that pieces take", () => {
  it("is that of the solid", () => {
    expect(volumeMl({ shape: "sphere", mm: [100] })).toBeCloseTo(523.6, 1);
    expect(volumeMl({ shape: "cylinder", mm: [100, 100] })).toBeCloseTo(785.4, 1);
    expect(volumeMl({ shape: "box", mm: [100, 100, 100] })).toBe(1000);
    expect(volumeMl({ shape: "ellipsoid", mm: [100, 100, 100] })).toBeCloseTo(523.6, 1);
  });

  it("never lets more in, nor a larger piece, than before was refused (property)", () => {
    const mm = fc.double({ min: 2, max: 200, noNaN: true });
    const shape = fc.oneof(
      mm.map((d): PieceShape => ({ shape: "sphere", mm: [d] })),
      fc.tuple(mm, mm).map(([d, h]): PieceShape => ({ shape: "cylinder", mm: [d, h] })),
      fc.tuple(mm, mm, mm).map(([a, b, c]): PieceShape => ({ shape: "box", mm: [a, b, c] })),
    );
    fc.assert(
      fc.property(
        shape,
        fc.integer({ min: 1, max: 40 }),
        fc.double({ min: 10, max: 4000, noNaN: true }),
        fc.double({ min: 1, max: 2, noNaN: true }),
        (piece, quantity, holdsMl, larger) => {
          const into = pot(holdsMl);
          const now = meet("lies-in", { material: { piece }, quantity }, into);
          if (now?.ok) return;
          const grown = { ...piece, mm: piece.mm.map((one) => one * larger) } as PieceShape;
          expect(meet("lies-in", { material: { piece: grown }, quantity }, into)?.ok).toBe(false);
          expect(meet("lies-in", { material: { piece }, quantity: quantity + 1 }, into)?.ok).toBe(false);
        },
      ),
    );
  });
});
