import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { meetingText } from "../../words/setUp";
import { materialIndex } from "../materials";
import type { Material } from "../model";
import { anId } from "../testing/ids";
import { covers, standsOn, waysOfLying } from "./cover";
import { meet } from "./setUp";

const materials = materialIndex(CATALOGUE);
const of = (id: string, quantity = 1) => {
  const material = materials.get(id);
  if (!material) throw new Error(`no ${id}`);
  return { material, quantity };
};
const ball = (mm: number) => ({
  material: { ...of("ball-wool").material, piece: { shape: "sphere" as const, mm: [mm] as [number] } },
  quantity: 1,
});

describe("what hides what", () => {
  it("is worked out for usual things: a cup over a ball, no shallow bowl, a cloth over an animal, a lid on its pot", () => {
    expect(covers(of("cup-plastic"), of("ball-wool"))).toMatchObject({ ok: true });
    expect(covers(of("cup-plastic"), of("ball-soft"))?.ok).toBe(true);
    expect(covers(of("bowl-small"), of("ball-wool"))).toMatchObject({ ok: false, fault: "too-narrow" });
    expect(covers(of("cloth-small"), of("animal-figure"))?.ok).toBe(true);
    expect(covers(of("lid-disc"), of("pot-plastic"))).toEqual({ ok: true, playMm: 4 });
    expect(covers(of("lid-disc"), of("bowl-small"))?.ok).toBe(false);
    expect(covers(of("block-large"), of("ball-wool"))).toBeUndefined();
    expect(covers(of("cup-plastic"), of("water"))).toBeUndefined();
  });

  it("never hides a larger ball where a smaller one is not hidden, and takes play from it a mm for a mm", () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 120 }), fc.integer({ min: 1, max: 40 }), (mm, more) => {
        for (const id of ["cup-plastic", "bowl-middle", "pot-plastic"]) {
          const [small, large] = [covers(of(id), ball(mm)), covers(of(id), ball(mm + more))];
          expect((small?.playMm ?? 0) - (large?.playMm ?? 0)).toBe(more);
          expect(large?.ok === true && small?.ok === false).toBe(false);
        }
      }),
    );
  });

  it("tries every way in which a box can lie", () => {
    const ways = waysOfLying({ shape: "box", mm: [30, 40, 100] });
    expect(ways.map((one) => one.heightMm).sort((a, b) => a - b)).toEqual([30, 40, 100]);
    expect(ways).toContainEqual({ heightMm: 100, widthMm: 50 });
  });
});

describe("what stands on what", () => {
  it("is flat, and has enough below it", () => {
    expect(standsOn(of("block-large"), of("block-large"))).toEqual({ ok: true, playMm: 0 });
    expect(standsOn(of("block-large"), of("ball-wool"))).toMatchObject({ ok: false, fault: "no-stand" });
    expect(standsOn(of("ball-wool"), of("block-large"))).toMatchObject({ ok: false, fault: "no-stand" });
    expect(standsOn(of("box-card"), of("block-large"))?.ok).toBe(false);
    expect(standsOn(of("block-large"), of("water"))).toBeUndefined();
  });
});

describe("things that are to differ", () => {
  it("do by weight, in the water and at the magnet: one way round for weight, either way for the rest", () => {
    expect(meet("heavier", of("stone-large"), of("sponge-small"))?.ok).toBe(true);
    expect(meet("heavier", of("sponge-small"), of("stone-large"))).toEqual({
      ok: false,
      fault: "no-difference",
    });
    for (const how of ["floats-unlike", "drawn-unlike"] as const) {
      const [a, b] = how === "floats-unlike" ? ["cork-large", "spoon-tea"] : ["key-ring", "block-large"];
      expect(meet(how, of(a), of(b))).toEqual({ ok: true });
      expect(meet(how, of(b), of(a))).toEqual({ ok: true });
      expect(meet(how, of(a), of(a))).toEqual({ ok: false, fault: "no-difference" });
      expect(meet(how, of(a), of("dough"))).toBeUndefined();
    }
  });

  it("are told in a sentence", () => {
    const here = (id: string, need = id) => ({ need: anId(need), ...of(id) });
    const said = (how: Parameters<typeof meet>[0], a: string, b: string) => {
      const meeting = meet(how, of(a), of(b));
      if (!meeting) throw new Error("a meeting was expected");
      return meetingText({ how, a: here(a), b: here(b), meeting }, "metric");
    };
    expect(said("floats-unlike", "cork-large", "spoon-tea")).toMatch(/floats, teaspoon sinks$/);
    expect(said("drawn-unlike", "block-large", "key-ring")).toMatch(/^A magnet draws three steel keys/);
    expect(said("stands-on", "block-large", "block-large")).toMatch(/: one stands on another$/);
    expect(said("covers", "bowl-small", "ball-wool")).toMatch(/too narrow for it as it is here$/);
    expect(said("heavier", "sponge-small", "stone-large")).toMatch(/not unlike enough as it is here$/);
  });
});

it("every weight is that of its size in something that is no lighter than foam and no heavier than steel", () => {
  const dense = CATALOGUE.materials.flatMap((one: Material) => {
    const { massG, piece } = one;
    if (massG === undefined || piece?.shape !== "sphere") return [];
    const ml = (Math.PI * (piece.mm[0] ?? 0) ** 3) / 6000;
    return massG / ml < 0.01 || massG / ml > 8 ? [one.id] : [];
  });
  expect(dense).toEqual([]);
});
