import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { filledPieces, type SetOut } from ".";

const material = (id: string) => {
  const found = FIXTURE.materials.find((one) => one.id === id);
  if (!found) throw new Error(`no material ${id}`);
  return found;
};
const rung = {
  materials: [
    { id: anId("bowl"), material: material("bowl-small").id, quantity: 2, loose: true },
    { id: anId("discs"), material: material("card-disc").id, quantity: 6, loose: true },
    { id: anId("dots"), material: material("card-disc").id, quantity: 9, loose: false },
  ],
};
const things: SetOut[] = rung.materials.map((need) => ({
  need: need.id,
  quantity: need.quantity,
  material: material(need.material),
}));
const filled = (on: string, layer: "number" | "letter" | "colour" = "number") =>
  filledPieces({ layer, on }, rung, things);

describe("the pieces of a tray that is filled with a number", () => {
  it("are so many of what lies there most and loose; the others wait", () => {
    expect(filled("4")).toMatchObject({ thing: { need: "discs" }, out: 4, lacking: 0 });
    expect(filled("8")).toMatchObject({ thing: { need: "discs" }, out: 6, lacking: 2 });
  });

  it("are not counted out for a letter, a word for a number, nought, or a tray with one of each", () => {
    expect(filled("4", "letter")).toBeUndefined();
    for (const on of ["four", "0", "3 and four", "-2", "1+1+1+1+1+1+1"]) expect(filled(on)).toBeUndefined();
    expect(
      filledPieces({ layer: "number", on: "4" }, rung, [{ ...things[0], quantity: 1 } as SetOut]),
    ).toBeUndefined();
    expect(filledPieces(undefined, rung, things)).toBeUndefined();
  });

  it("lie in a heap for each of several numbers, the first before the others where there are too few", () => {
    const heaps = (on: string) => filled(on)?.heaps.map((one) => one.count);
    expect(heaps("3 + 3")).toEqual([3, 3]);
    expect(filled("3 and 2")).toMatchObject({ out: 5, lacking: 0 });
    expect(heaps("4, 4")).toEqual([4, 2]);
    expect(filled("4, 4")).toMatchObject({ out: 6, lacking: 2 });
  });

  it("are never more than there are, and with what is lacking make the number (property)", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99 }), (number) => {
        const { out = 0, lacking = 0 } = filled(String(number)) ?? {};
        expect(out).toBeLessThanOrEqual(6);
        expect(out + lacking).toBe(number);
      }),
    );
  });
});

describe("the pieces of a tray that is filled with colours", () => {
  const pegs: SetOut = {
    need: anId("discs"),
    quantity: 7,
    material: { ...material("card-disc"), colours: 3 },
  };
  const inColours = (on: string, there?: number, quantity = 7) =>
    filledPieces({ layer: "colour", on }, rung, [{ ...pegs, quantity }], () => there);

  it("are as many of each, so many as the home has of a colour as a rule", () => {
    const heaps = (count: number) => ["red", "yellow"].map((of) => ({ of, count }));
    expect(inColours("red and yellow")).toMatchObject({ heaps: heaps(3), out: 6, lacking: 0 });
    expect(inColours("red, yellow", 30)).toMatchObject({ heaps: heaps(3), lacking: 0 });
    expect(inColours("red + yellow", 7)).toMatchObject({ heaps: heaps(2), out: 4, lacking: 2 });
    expect(inColours("red")).toMatchObject({ heaps: [{ of: "red", count: 7 }], lacking: 0 });
  });

  it("are not told of what does not come in as many colours, or is there once", () => {
    expect(inColours("red, yellow, blue and green")).toBeUndefined();
    expect(inColours("red and yellow", undefined, 1)).toBeUndefined();
    expect(filled("red", "colour")).toBeUndefined();
  });

  it("are never more than there are on the tray or in the home (property)", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 2, max: 40 }),
        fc.integer({ min: 0, max: 60 }),
        (count, quantity, there) => {
          const colours = ["red", "yellow", "blue"].slice(0, count);
          const found = inColours(colours.join(", "), there, quantity);
          expect(found === undefined).toBe(quantity < count);
          if (!found) return;
          expect(found.out).toBe(found.heaps.reduce((sum, one) => sum + one.count, 0));
          expect(found.out).toBeLessThanOrEqual(Math.min(quantity, there));
          expect(found.out + found.lacking).toBe(Math.floor(quantity / count) * count);
        },
      ),
    );
  });
});
