import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { finderFor } from "./finder";

const find = finderFor(CATALOGUE);
/** The materials of what is found. */
const materialsOf = (ids: readonly string[]) =>
  new Set(
    CATALOGUE.activities
      .filter((one) => ids.includes(one.id))
      .flatMap((one) => one.rungs.flatMap((rung) => rung.materials.map((need) => need.material as string))),
  );

/** What people call a thing, in British and in American English, and the thing that is meant. */
const WORDS: readonly (readonly [string, string, string])[] = [
  ["clothes peg", "clothespin", "peg-wood"],
  ["torch", "flashlight", "torch"],
  ["muffin tin", "muffin pan", "muffin-tin"],
  ["egg box", "egg carton", "egg-box"],
  ["biscuit cutter", "cookie cutter", "cutter-plastic"],
  ["baking tray", "cookie sheet", "baking-sheet"],
  ["yoghurt", "yogurt", "yoghurt"],
  ["washing-up basin", "dishpan", "basin"],
  ["painter's tape", "masking tape", "tape"],
  ["cornflour", "cornstarch", "cornflour"],
  ["bicarbonate of soda", "baking soda", "soda"],
  ["jug", "pitcher", "jug-small"],
  ["swim noodle", "pool noodle", "noodle-ring"],
  ["kitchen foil", "aluminum foil", "foil"],
  ["baking paper", "parchment paper", "paper-baking"],
  ["crayon", "crayon", "crayon-thick"],
  ["sieve", "strainer", "strainer"],
  ["lid", "jar lid", "lid-disc"],
  ["bed sheet", "bedsheet", "sheet-bed"],
  ["shoe box", "shoebox", "box-slot"],
  ["pasta", "rigatoni", "pasta-wide"],
  ["oats", "rolled oats", "oats"],
  ["large clothes peg", "large clothespin", "peg-large"],
  ["pompom", "pom pom", "pompom"],
  ["cotton bud", "cotton swab", "cotton-bud"],
  ["jigsaw", "jigsaw puzzle", "jigsaw-small"],
  ["trike", "tricycle", "tricycle"],
  ["potty", "potty", "potty"],
  ["bubbles", "soap bubbles", "bubble-mix"],
  ["teddy", "stuffed bear", "doll-or-bear"],
  ["magnifying glass", "hand lens", "viewer"],
  ["tissue paper", "gift tissue", "paper-tissue"],
];

describe("finding an activity by the everyday word for what it takes", () => {
  it.each(WORDS)("%s, %s: something with it is among the first ten", (british, american, material) => {
    for (const word of new Set([british, american]))
      expect([...materialsOf(find(word).slice(0, 10))], word).toContain(material);
  });

  it("finds sixty words so", () => {
    expect(new Set(WORDS.flatMap((row) => row.slice(0, 2))).size).toBeGreaterThanOrEqual(60);
  });
});
