import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FIXTURE } from "../testing/fixtures";
import { filledPieces, type SetOut } from ".";

const material = (id: string) => {
  const found = FIXTURE.materials.find((one) => one.id === id);
  if (!found) throw new Error(`no material ${id}`);
  return found;
};
const rung = {
  materials: [
    { id: "bowl", material: material("bowl-small").id, quantity: 2, loose: true },
    { id: "discs", material: material("card-disc").id, quantity: 6, loose: true },
    { id: "dots", material: material("card-disc").id, quantity: 9, loose: false },
  ],
};
const things: SetOut[] = rung.materials.map((need) => ({
  need: need.id,
  quantity: need.quantity,
  material: material(need.material),
}));
const filled = (on: string, layer: "number" | "letter" = "number") =>
  filledPieces({ layer, on }, rung, things);

describe("the pieces of a tray that is filled with a number", () => {
  it("are so many of what lies there most and loose; the others wait", () => {
    expect(filled("4")).toMatchObject({ thing: { need: "discs" }, out: 4, lacking: 0 });
    expect(filled("8")).toMatchObject({ thing: { need: "discs" }, out: 6, lacking: 2 });
  });

  it("are not counted out for a letter, a word for a number, nought, or a tray with one of each", () => {
    expect(filled("4", "letter")).toBeUndefined();
    for (const on of ["four", "0", "3 and 3", "-2"]) expect(filled(on)).toBeUndefined();
    expect(
      filledPieces({ layer: "number", on: "4" }, rung, [{ ...things[0], quantity: 1 } as SetOut]),
    ).toBeUndefined();
    expect(filledPieces(undefined, rung, things)).toBeUndefined();
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
