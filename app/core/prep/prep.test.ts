import { describe, expect, it } from "vitest";
import { sumText, taskText } from "../../words/prep";
import { plainDate } from "../model";
import { anId } from "../testing/ids";
import { dryingPlaces, dryUntil } from "./drying";
import type { PrepLine } from "./lines";
import type { UntimedLine } from "./minutes";
import { prepSheet } from "./prepSheet";
import { comingBack, madeBy, takenFrom, usedUp } from "./restock";
import { holdingsFor, known, materials, PLACES, prepTray } from "./testing/trays";

/** A line as it is read. */
const inWords = (line: PrepLine | UntimedLine | undefined) => ({
  text: line && taskText(line, "metric"),
  sum: line && sumText(line, "metric"),
});

describe("the prep sheet", () => {
  const trays = [
    prepTray("lids-to-pots", "four"),
    prepTray("one-inside-another", "two"),
    prepTray("numbers-in-a-row", "five"),
    prepTray("wells-to-fill", "slices"),
    prepTray("pour-jug-to-jug", "water"),
  ];
  const sheet = prepSheet(trays, { ...known, holdings: holdingsFor(trays) });
  const line = (start: string) => sheet.lines.find((one) => one.id.startsWith(start));
  const said = (start: string) => inWords(line(start));

  it("fetches each thing once, with the sum over the trays and where it is", () => {
    const pots = sheet.lines.find((one) => one.step === "gather" && one.material === "pot-plastic");
    expect(pots).toMatchObject({
      quantity: 5,
      where: "Cupboard",
      trays: ["Lids to pots", "One inside another"],
    });
    expect(pots && sumText(pots, "metric")).toBe("4 for Lids to pots + 1 for One inside another = 5");
  });

  it("counts one to five as fifteen, and shows how", () => {
    expect(line("one-to-n")?.quantity).toBe(15);
    expect(said("one-to-n").sum).toBe("1 + 2 + 3 + 4 + 5 = 5 × 6 ÷ 2 = 15");
  });

  it("cuts six slices from one noodle, and says what is left", () => {
    expect(line("cut")).toMatchObject({ step: "cut", quantity: 6 });
    expect(said("cut").sum).toContain("gives 22");
    expect(said("cut").sum).toContain("882 mm left over");
  });

  it("fills on the day, all else can be done the evening before", () => {
    expect(line("fill")).toMatchObject({ quantity: 100, unit: "ml", evening: false });
    expect(line("one-to-n")?.evening).toBe(true);
    expect(line("lay-out t-pour-jug-to-jug")?.evening).toBe(false);
    expect(said("beside").text).toContain("towel");
  });

  it("adds up the clearing of every tray, and takes on the day what is fresh", () => {
    expect(sheet.clearMinutes).toBe(trays.reduce((sum, { activity }) => sum + activity.clearMinutes, 0));
    const gathered = sheet.lines.filter((one) => one.step === "gather");
    for (const { material: id = anId("none"), evening } of gathered) {
      const material = materials.get(id);
      const isFresh =
        material?.use === "consumable" &&
        (material.unit === "ml" || material.hazards.some((one) => one.kind === "choking-food"));
      expect({ id, evening }).toEqual({ id, evening: !isFresh });
    }
  });

  it("comes in the order in which one walks, each line once", () => {
    const order = ["gather", "mix", "cut", "count", "fill", "print", "label", "lay-out", "beside"];
    const at = sheet.lines.map((one) => order.indexOf(one.step));
    expect(at).toEqual(at.toSorted((a, b) => a - b));
    expect(new Set(sheet.lines.map((one) => one.id)).size).toBe(sheet.lines.length);
  });

  it("leaves trays that stay alone, but for what they use up", () => {
    const staying = [prepTray("lids-to-pots", "four", true), prepTray("paint-with-water", "brush", true)];
    const made = prepSheet(staying, { ...known, holdings: holdingsFor(staying) });
    expect(made.lines.map((one) => one.material)).toEqual(["card-dark", "water"]);
    expect(made.minutes).toBe(0);
  });
});

describe("using up and putting back", () => {
  const trays = [prepTray("stick-and-peel", "peel"), prepTray("lids-to-pots", "four")];
  const rows = trays.map((one) => one.tray);

  it("counts what is used up, and leaves the rest", () => {
    const used = usedUp([...rows, ...rows], materials);
    expect(used).toContainEqual({ holding: "sticker-large", quantity: 20 });
    expect(used.map((one) => one.holding)).not.toContain("pot-plastic");
  });

  it("counts dry filling as kept: it goes back into its jar, and is not fetched again while its tray stays", () => {
    const pouring = prepTray("pour-jug-to-jug", "dry");
    const holdings = holdingsFor([pouring]);
    const oats = { holding: anId("oats"), quantity: 60 };
    expect(usedUp([pouring.tray], materials)).not.toContainEqual(oats);
    const back = comingBack([pouring.tray], holdings, materials, new Map());
    expect(back.find((one) => one.material.id === "oats")?.quantity).toBe(60);
    const fetched = (stays: boolean) =>
      prepSheet([{ ...pouring, stays }], { ...known, holdings }).lines.map((one) => one.material);
    expect([fetched(false).includes(anId("oats")), fetched(true).includes(anId("oats"))]).toEqual([
      true,
      false,
    ]);
    // What is wetted is gone.
    expect(usedUp([prepTray("slippery", "two").tray], materials)).toContainEqual({
      holding: "oats",
      quantity: 100,
    });
  });

  it("takes what is there, never more", () => {
    expect([takenFrom(24, 10), takenFrom(4, 10), takenFrom(0, 10)]).toEqual([10, 4, 0]);
  });

  it("says how many of each thing come back", () => {
    const back = comingBack(rows, holdingsFor(trays), materials, new Map());
    expect(back.find((one) => one.material.id === "pot-plastic")?.quantity).toBe(4);
    expect(back.some((one) => one.material.use === "consumable")).toBe(false);
  });
});

describe("what else there is to do", () => {
  it("finds a place for the work to dry, and labels what is new", () => {
    const trays = [prepTray("one-colour", "brush"), prepTray("lids-to-pots", "four", true)];
    const { lines } = prepSheet(trays, { ...known, holdings: holdingsFor(trays) });
    expect(inWords(lines.find((one) => one.id.startsWith("dry")))).toEqual({
      sum: "about 4 h after each time",
      text: expect.stringContaining("the line"),
    });
    expect(lines.find((one) => one.step === "label")?.trays).toHaveLength(1);
  });

  it("tells of a thing that was found worn where it is fetched", () => {
    const tray = prepTray("lids-to-pots", "four");
    const holdings = holdingsFor([tray]);
    const pots = holdings.get(anId("pot-plastic"));
    if (!pots) throw new Error("no pots");
    holdings.set(anId("pot-plastic"), { ...pots, worn: plainDate("2026-05-04") });
    const worn = prepSheet([tray], { ...known, holdings }).lines.filter((one) => one.worn);
    expect(worn.map((one) => [one.material, one.worn])).toEqual([["pot-plastic", "2026-05-04"]]);
  });

  it("dries each work at a place of its own where no tray stands, the rest lying flat", () => {
    const wet = (id: string, at: string) => ({
      tray: { id: anId(id), place: anId(at) },
      activity: { dryHours: 4 },
    });
    const dry = { tray: { id: anId("z"), place: anId("w") }, activity: {} };
    const where = (trays: Parameters<typeof dryingPlaces>[0]) =>
      Object.fromEntries(dryingPlaces(trays, PLACES, []));
    expect(where([wet("a", "p"), wet("b", "p"), wet("c", "p")])).toEqual({
      a: { place: "the line" },
      b: { place: "the sill" },
      c: "flat",
    });
    expect(where([wet("a", "p"), dry, wet("b", "p")])).toEqual({ a: { place: "the line" }, b: "flat" });
    expect(where([dry])).toEqual({});
  });

  it("knows until when work dries, from the latest note on", () => {
    const one = { tray: { id: anId("a"), place: anId("p") }, activity: { dryHours: 4 } };
    const notes = [
      { tray: anId("a"), createdAt: "2026-05-11T08:00:00.000Z" },
      { tray: anId("a"), createdAt: "2026-05-11T09:30:00.000Z" },
      { tray: anId("b"), createdAt: "2026-05-11T12:00:00.000Z" },
    ];
    const at = (time: string) => dryUntil(one, notes, Date.parse(`2026-05-11T${time}:00.000Z`));
    expect(at("13:29")).toBe(Date.parse("2026-05-11T13:30:00.000Z"));
    expect(at("13:30")).toBeUndefined();
    expect(dryUntil(one, [], Date.parse("2026-05-11T09:00:00.000Z"))).toBeUndefined();
    expect(dryUntil({ ...one, activity: {} }, notes, 0)).toBeUndefined();
  });

  it("says what stands in for what, and what is otherwise with it", () => {
    const tray = prepTray("lids-to-pots", "four");
    tray.tray.allotted = tray.tray.allotted.map((one) =>
      one.material === "lid-disc" ? { ...one, material: anId("card-disc"), holding: anId("card-disc") } : one,
    );
    const line = prepSheet([tray], { ...known, holdings: new Map() }).lines.find(
      (one) => one.material === "card-disc",
    );
    expect(line?.insteadOf?.material).toBe("pot lid, about 10 cm");
    expect(line?.insteadOf?.changes).toContainEqual({ what: "smaller", share: 0.62 });
  });

  it("counts out the pieces for a number, and asks for what is to be read", () => {
    const plain = prepTray("lids-to-pots", "four");
    const here = { ...known, holdings: holdingsFor([plain]) };
    const filledWith = (layer: "number" | "letter" | "colour", on: string) =>
      prepSheet([{ ...plain, tray: { ...plain.tray, filling: { layer, on } } }], here);
    const four = filledWith("number", "3");
    const [pieces] = four.lines.filter((one) => one.task.task === "filling-pieces");
    expect(pieces).toMatchObject({ step: "count", quantity: 3, evening: true });
    expect(inWords(pieces).text).toMatch(/ for number 3, of 4: Lids to pots$/);
    const read = (sheet: typeof four) =>
      sheet.lines.filter((one) => one.task.task === "filling-sheet").map((one) => inWords(one).text);
    expect(read(four)).toEqual(["number 3 to read, for Lids to pots"]);
    expect(read(filledWith("letter", "T"))).toEqual(["letter T to read, for Lids to pots"]);
    expect(read(filledWith("colour", "red"))).toEqual([]);
    const counted = (layer: "number" | "colour", on: string) =>
      filledWith(layer, on)
        .lines.filter((one) => one.task.task === "filling-pieces")
        .map((one) => inWords(one).text);
    expect(counted("number", "2 + 2")).toEqual([
      expect.stringMatching(/ for number 2 \+ 2, 2 and 2, of 4: /),
    ]);
    // Lids are of one colour: there is nothing to count out.
    expect(counted("colour", "red and blue")).toEqual([]);
    // Its minutes are the tray's: no line of it is worked for nothing.
    expect(four.minutes).toBe(prepSheet([plain], here).minutes);
  });

  it("measures in inches where the household does", () => {
    const tray = prepTray("wells-to-fill", "slices");
    const { lines } = prepSheet([tray], { ...known, holdings: holdingsFor([tray]) });
    const cut = lines.find((one) => one.step === "cut");
    expect(cut && taskText(cut, "us")).toContain("6 slices of 1.97 in from 1 of 47.24 in");
  });
});

describe("what a tray leaves for others", () => {
  it("is named with its amount", () => {
    const { tray, rung } = prepTray("tear-and-snip", "tissue");
    expect(madeBy([{ tray, rung }], materials)).toMatchObject([
      { material: { id: "scraps-paper" }, quantity: 3 },
    ]);
  });
});
