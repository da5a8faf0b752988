import { describe, expect, it } from "vitest";
import { FIXTURE } from "../testing/fixtures";
import { readList } from "./readList";

const read = (line: string) => readList(line, FIXTURE)[0];

describe("a pasted list", () => {
  it.each<[string, string, number]>([
    ["6 small bowls", "bowl-small", 6],
    ["1 muffin tin", "muffin-tin", 1],
    ["two egg boxes", "egg-box", 2],
    ["3 wooden spoons", "spoon-wooden", 3],
    ["a colander", "colander", 1],
    ["1 funnel", "funnel", 1],
    ["rice 500g", "rice", 500],
    ["2 kg rice", "rice", 2000],
    ["1,5 kg oats", "oats", 1500],
    ["oatmeal 400 g", "oats", 400],
    ["20 paper straws", "straw", 20],
    ["12 clothes pegs (wooden)", "peg-wood", 12],
    ["- 6 large clothes pegs", "peg-large", 6],
    ["* 4 plastic cups", "cup-plastic", 4],
    ["• teaspoons x 6", "spoon-tea", 6],
    ["1 ladle", "ladle", 1],
    ["salad tongs", "tongs-short", 1],
    ["2 baking sheets", "baking-sheet", 2],
    ["whisk", "whisk", 1],
    ["an ice cube tray", "ice-tray", 1],
    ["5 pairs of socks", "sock-pair", 5],
    ["3 towels", "towel", 3],
    ["2 scarves", "scarf", 2],
    ["10 sheets of plain paper", "paper", 10],
    ["painters tape 5 m", "tape", 500],
    ["glue stick", "glue-stick", 1],
    ["3 cardboard boxes", "box-card", 3],
    ["old newspapers, 8", "newspaper", 8],
    ["half a dozen felt balls", "ball-wool", 6],
    ["soft balls: 4", "ball-soft", 4],
    ["12 wooden blocks", "block-large", 12],
    ["nesting pots", "nesting-pots", 1],
    ["5 pinecones", "cone-large", 5],
    ["6 large shells", "shell-large", 6],
    ["laundry basket", "laundry-basket", 1],
    ["2 cushions", "cushion", 2],
    ["3 picture books", "book-sturdy", 3],
    ["vinegar 500 ml", "vinegar", 500],
    ["spray bottle", "bottle-spray", 1],
    ["1 set of measuring cups", "measuring-cups", 1],
    ["tissue paper 6 sheets", "paper-tissue", 6],
    ["blanket", "blanket", 1],
    ["bear", "doll-or-bear", 1],
    ["a dozen animal figures", "animal-figure", 12],
    ["collander", "colander", 1],
  ])("%s", (line, material, quantity) => {
    const understood = read(line);
    expect({ line, material: understood?.material }).toEqual({ line, material });
    if (understood?.note === undefined) expect(understood?.quantity).toBe(quantity);
  });

  it("takes many lines, leaves out what is none, and keeps what it does not know", () => {
    const lines = readList("6 small bowls\n\n---\n  3 towels ; whisk\nzzyzx", FIXTURE);
    expect(lines.map((one) => one.line)).toEqual(["6 small bowls", "3 towels", "whisk", "zzyzx"]);
    expect(lines[3]).toEqual({
      line: "zzyzx",
      material: null,
      others: [],
      quantity: 1,
      unit: "piece",
      danger: null,
    });
  });

  it("says where a number was supposed, or a measure does not suit", () => {
    expect(read("rice")?.note).toEqual({ code: "no-number" });
    expect(read("3 rice")?.note).toEqual({ code: "not-counted", unit: "g" });
    expect(read("food pot 250 ml")?.note).toEqual({ code: "taken-for-size" });
    expect(read("6 small bowls")?.note).toBeUndefined();
  });

  it.each<[string, string | null, number?]>([
    ["12 small potatoes", "potato", 12],
    ["1 bunch of carrots", null],
    ["6 yoghurt pots", "pot-plastic", 6],
    ["3 egg cartons", "egg-box", 3],
    ["100 sheets A4", "paper", 100],
    ["20 zip bags", "bag-sealed", 20],
    ["cotton balls", null],
    ["soft toys", null],
    ["4 socks", "sock-pair", 2],
    ["6 pairs of socks", "sock-pair", 6],
    ["2 bags of rice", "rice"],
    ["paper bags", null],
    ["ribbon 2 m", null],
    ["tea towels", null],
  ])("reads what it read wrongly before: %s", (line, material, quantity) => {
    const understood = read(line);
    expect({ line, material: understood?.material }).toEqual({ line, material });
    if (quantity !== undefined) expect(understood?.quantity).toBe(quantity);
  });

  it.each([
    ["water beads", "water-beads"],
    ["balloons", "balloon"],
    ["button battery torch", "button-cell"],
    ["elastic bands", "small-rubber"],
    ["dry kidney beans", "kidney-beans"],
    ["waterbeads", "water-beads"],
    ["watter beads", "water-beads"],
  ])("never takes a dangerous thing for a harmless one: %s", (line, danger) => {
    const understood = read(line);
    expect(understood).toMatchObject({ material: null, others: [], danger: { id: danger } });
    expect(understood?.danger?.why.length).toBeGreaterThan(15);
  });

  it("takes a known thing for itself, though one of its words is dangerous elsewhere", () => {
    const misread = FIXTURE.materials.filter((one) => {
      const understood = read(one.name.replaceAll(";", ","));
      return understood?.danger !== null || (understood.material !== one.id && understood.material !== null);
    });
    expect(misread.map((one) => one.id)).toEqual([]);
  });
});
