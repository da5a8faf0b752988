import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { isSmallPart, passesTube } from "../safety";
import { readLine } from "./readList";
import { isSmallerThan, sizesIn } from "./smaller";
import { HARMLESS_LINES } from "./testing/harmlessLines";

const read = (line: string) => readLine(line, CATALOGUE);

describe("a line that tells of something smaller", () => {
  it("tells its size in mm, in whatever it is written", () => {
    expect(sizesIn("wooden balls 2 cm")).toEqual([20]);
    expect(sizesIn("7 pegs of 9mm")).toEqual([9]);
    expect(sizesIn("felt balls 1,5 cm")).toEqual([15]);
    expect(sizesIn('beads 0.5"')).toEqual([12.7]);
    expect(sizesIn("12 pegs")).toEqual([]);
  });

  it.each([
    "wooden balls 2 cm",
    "felt balls 1 cm",
    "little bells",
    "small pine cones",
    "small wooden blocks",
    "small lids",
    "thin crayons",
    "thin twigs",
    "tiny blocks",
    "mini wooden balls",
    "narrow ribbon",
    "buttons 12 mm",
    "beads 8 mm",
  ])("never ends on a larger thing, and offers none: %s", (line) => {
    const understood = read(line);
    const larger = [understood.material, ...understood.others].filter((id) => {
      const found = CATALOGUE.materials.find((one) => one.id === id);
      return found !== undefined && isSmallerThan(line, found);
    });
    expect(larger).toEqual([]);
    const taken = CATALOGUE.materials.find((one) => one.id === understood.material);
    // A material that the line is taken for is judged as something that can be swallowed.
    if (taken?.piece) expect(isSmallPart(taken.piece) || passesTube(taken.piece)).toBe(true);
  });

  it.each([
    ["small bowl", "bowl-small"],
    ["small jug", "jug-small"],
    ["small spoons", "spoon-tea"],
    ["wooden blocks 5 cm", "block-large"],
    ["small towel", "towel"],
  ])("takes things that are called small for themselves: %s", (line, material) => {
    expect(read(line).material).toBe(material);
  });

  it("takes a tin with twelve holes for one tin", () => {
    expect(read("muffin tin 12-hole")).toMatchObject({ material: "muffin-tin", quantity: 1 });
    expect(read("12 hole muffin tin")).toMatchObject({ material: "muffin-tin", quantity: 1 });
    expect(read("2 muffin tins")).toMatchObject({ material: "muffin-tin", quantity: 2 });
  });
});

describe(`${HARMLESS_LINES.length} harmless lines`, () => {
  it("are refused in at most one of a hundred", () => {
    const refused = HARMLESS_LINES.filter((line) => read(line).danger !== null);
    expect(HARMLESS_LINES.length).toBeGreaterThanOrEqual(200);
    expect({ refused, tooMany: refused.length > HARMLESS_LINES.length / 100 }).toEqual({
      refused,
      tooMany: false,
    });
  });
});
