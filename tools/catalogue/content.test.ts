import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../app/catalogue/catalogue";
import { contentFaults } from "./build";
import { coverageText } from "./coverageText";
import { readContent } from "./read";
import { safetyText } from "./safetyText";
import { fitsOf, hazardsOf, needsOf, pieceOf, prepOf, sentencesOf, usesOf, wellsOf, windowOf } from "./short";

const FOLDER = "app/catalogue";
const content = readContent(FOLDER);

describe("the content files", () => {
  it("have no fault", () => {
    expect(contentFaults(content)).toEqual([]);
  });

  it("are what was built, and what the coverage page tells", () => {
    expect(
      content.pack.activities.map(({ guide: _, ...ladder }) => JSON.parse(JSON.stringify(ladder))),
    ).toEqual(CATALOGUE.activities);
    expect(readFileSync("docs/coverage.md", "utf8")).toBe(coverageText(content));
    expect(readFileSync("docs/safety-rules.md", "utf8")).toBe(safetyText());
  });

  it("name a rung for every step of every family", () => {
    expect(content.families).toHaveLength(27);
    for (const { name, arrows } of content.families) expect(arrows.length, name).toBeGreaterThanOrEqual(5);
  });
});

/** The content with one file of it changed, in a folder of its own. */
function readWith(file: string, change: (text: string) => string) {
  const folder = mkdtempSync(join(tmpdir(), "content-"));
  mkdirSync(join(folder, "families"));
  const names = [
    "areas",
    "skills",
    "materials",
    "recipes",
    "dangers",
    "makings",
    "themes",
    "forms",
    "sheets",
    "families/pour",
  ];
  for (const name of names.map((one) => `${one}.yaml`)) {
    const text = readFileSync(join(FOLDER, name), "utf8");
    writeFileSync(join(folder, name), name === file ? change(text) : text);
  }
  return () => readContent(folder);
}

describe("a fault in a file", () => {
  it.each<[string, string, (text: string) => string, RegExp]>([
    [
      "broken YAML",
      "families/pour.yaml",
      (t) => t.replace("activities:", "activities: ]"),
      /^families\/pour.yaml:\d+: /,
    ],
    [
      "an unknown word",
      "families/pour.yaml",
      (t) => t.replace("    say:", "    sey:"),
      /^families\/pour.yaml: [\w-]+: "sey" is not a word/,
    ],
    [
      "an odd age",
      "families/pour.yaml",
      (t) => t.replace("age: 13.6 17.4 22.8", "age: soon"),
      /pour-jug-to-jug\/rungs\/balls\/age: "soon" is not a median/,
    ],
    [
      "an unknown area",
      "families/pour.yaml",
      (t) => t.replace("area: home", "area: garden"),
      /pour-jug-to-jug\/area/,
    ],
    [
      "an unknown source",
      "skills.yaml",
      (t) => t.replace("source: who", "source: nobody"),
      /is not one of the sources/,
    ],
    [
      "a piece without sizes",
      "materials.yaml",
      (t) => t.replace("piece: disc 120 50", "piece: disc"),
      /bowl-small\/piece/,
    ],
    [
      "a form that is drawn nowhere",
      "materials.yaml",
      (t) => t.replace("look: bowl sky", "look: bowlder sky"),
      /bowl-small\/look: "bowlder" is no form that can be drawn/,
    ],
    [
      "a sketch that can't be read",
      "forms.yaml",
      (t) => t.replace("= M0 4H100C100 70", "= M0 4W100C100 70"),
      /\/look: "W100" is no part of an outline/,
    ],
    [
      "a cut by no measure",
      "makings.yaml",
      (t) => t.replace("wide: thick 10", "wide: as wide as needed"),
      /makings.yaml: box-slot\/cuts: .* is not a measure/,
    ],
    [
      "a theme of two activities",
      "themes.yaml",
      (t) => t.replace(/dress: {.*}/, "dress: {towers: high}"),
      /dinosaurs/,
    ],
  ])("is told with its place: %s", (_, file, change, expected) => {
    expect(readWith(file, change)).toThrow(expected);
  });
});

describe("the short forms", () => {
  it("read how things meet, and how many wells there are", () => {
    expect(fitsOf("balls in-wells tin, blocks in box, water into jug", "x")).toEqual([
      { how: "in-wells", a: "balls", b: "tin" },
      { how: "lies-in", a: "blocks", b: "box" },
      { how: "pours-into", a: "water", b: "jug" },
    ]);
    expect(wellsOf("12 70 30", "x")).toEqual({ count: 12, widthMm: 70, depthMm: 30 });
    expect(wellsOf(undefined, "x")).toBeUndefined();
    for (const short of ["twelve", "12 70"]) expect(() => wellsOf(short, "x")).toThrow(/how many wells/);
  });

  it("read needs, things, sizes and rules", () => {
    expect(needsOf("sits 0.5, pincer 0.6 safety", "x")).toEqual([
      { skill: "sits", weight: 0.5, forSafety: false },
      { skill: "pincer", weight: 0.6, forSafety: true },
    ]);
    expect(usesOf("tub=bowl-large fixed, ball-soft x3", "x")).toEqual([
      { id: "tub", material: "bowl-large", quantity: 1, loose: false },
      { id: "ball-soft", material: "ball-soft", quantity: 3, loose: true },
    ]);
    expect(usesOf("oats x200 fixed stays, lids=lid-disc x2 spare", "x")).toEqual([
      { id: "oats", material: "oats", quantity: 200, loose: false, stays: true },
      { id: "lids", material: "lid-disc", quantity: 2, loose: true, spare: true },
    ]);
    expect(fitsOf("pasta onto straw", "x")).toEqual([{ how: "onto", a: "pasta", b: "straw" }]);
    expect(prepOf("a 6x2, b 1..10, c 1200/50/3", "x")).toEqual([
      { kind: "each", need: "a", n: 6, k: 2 },
      { kind: "one-to-n", need: "b", n: 10 },
      { kind: "cut", need: "c", stockMm: 1200, sliceMm: 50, cutMm: 3 },
    ]);
    expect(hazardsOf("water 50, allergen wheat, bag", "x")).toEqual([
      { kind: "water", depthMm: 50 },
      { kind: "allergen", allergen: "wheat" },
      { kind: "bag" },
    ]);
    expect(pieceOf("box 30 20 10", "x")).toEqual({ shape: "box", mm: [30, 20, 10] });
    expect(windowOf("10", "x")).toEqual({ p10: 7.8, median: 10, p90: 12.8 });
    expect(sentencesOf('Say "in". Wait. Does it look?')).toEqual(['Say "in".', "Wait.", "Does it look?"]);
  });

  it.each<[string, () => unknown]>([
    ["a need with an odd weight", () => needsOf("sits much", "x")],
    ["a thing that is not written as one", () => usesOf("two bowls", "x")],
    ["a fit without its word", () => fitsOf("pasta beside straw", "x")],
    ["a rule that is none", () => prepOf("balls many", "x")],
    ["a hazard with a number too many", () => hazardsOf("bag 20", "x")],
  ])("refuse %s", (_, read) => {
    expect(read).toThrow(/^x: /);
  });
});
