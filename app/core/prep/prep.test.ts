import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sumText, taskText } from "../../words/prep";
import { Material, plainDate, Tray } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { dryingPlaces, dryUntil } from "./drying";
import type { PrepLine, PrepStep, PrepTray } from "./lines";
import { timed, type UntimedLine } from "./minutes";
import { mixLines } from "./mix";
import { prepSheet } from "./prepSheet";
import { scaledRecipe } from "./recipe";
import { comingBack, madeBy, takenFrom, usedUp } from "./restock";
import { holdingsFor, known, materials, PLACES, prepTray, stamp } from "./testing/trays";

const TASK: PrepLine["task"] = { task: "beside", tray: "Dough", wet: false };

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
    for (const { material: id = "", evening } of gathered) {
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

describe("minutes", () => {
  const RUNGS = FIXTURE.activities.flatMap((activity) =>
    activity.rungs.map((rung) => [activity, rung] as const),
  );
  const minutesOf = ({ rung, activity }: PrepTray) => rung.prepMinutes ?? activity.prepMinutes;

  it("of all lines add up to those of the trays set out anew, and of mixing", () => {
    const some = fc.uniqueArray(fc.integer({ min: 0, max: RUNGS.length - 1 }), {
      minLength: 1,
      maxLength: 8,
    });
    fc.assert(
      fc.property(some, fc.array(fc.boolean(), { minLength: 8, maxLength: 8 }), (indices, stay) => {
        const trays = indices.flatMap((at, i) => {
          const [activity, rung] = RUNGS[at] ?? [];
          return activity && rung ? [prepTray(activity.id, rung.id, stay[i])] : [];
        });
        const { lines, minutes } = prepSheet(trays, { ...known, holdings: holdingsFor(trays) });
        const mixing = lines.filter((line) => line.step === "mix");
        const recipes = mixing.map((line) => materials.get(line.material ?? "")?.recipe?.minutes ?? 0);
        const trayMinutes = trays.filter((one) => !one.stays).map(minutesOf);
        const whole = [...trayMinutes, ...recipes].reduce((sum, one) => sum + one, 0);
        expect(minutes).toBeCloseTo(whole, 6);
        expect(lines.every((line) => line.minutes >= 0)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it("of a tray that only asks for mixing are those of the mixing", () => {
    const line = (step: PrepStep, minutes?: number): UntimedLine => ({
      ...{ id: step, step, task: TASK, trays: ["Dough"], evening: false },
      ...(minutes === undefined ? {} : { minutes }),
    });
    expect(timed([line("mix", 7)], [{ name: "Dough", minutes: 4 }]).map((one) => one.minutes)).toEqual([7]);
    expect(
      timed([line("mix", 7), line("gather")], [{ name: "Dough", minutes: 4 }]).map((one) => one.minutes),
    ).toEqual([7, 4]);
    expect(timed([line("mix")], [{ name: "Dough", minutes: 4 }]).map((one) => one.minutes)).toEqual([0]);
  });

  it("give a slow step more than a quick one, and a shared thing a part from each tray", () => {
    const one = (id: string, step: PrepStep, ...trays: string[]): UntimedLine => ({
      id,
      step,
      task: TASK,
      trays,
      evening: true,
    });
    const lines = timed(
      [
        one("bowl", "gather", "A", "B"),
        one("noodle", "cut", "A"),
        one("dough", "mix", "A"),
        one("B out", "lay-out", "B"),
      ],
      [
        { name: "A", minutes: 10 },
        { name: "B", minutes: 3 },
      ],
    );
    // A: 1 + 4 parts of 2 minutes; B: 1 + 2 parts of 1 minute.
    expect(lines.map((line) => line.minutes)).toEqual([3, 8, 0, 2]);
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

  it("takes what is there, never more", () => {
    expect([takenFrom(24, 10), takenFrom(4, 10), takenFrom(0, 10)]).toEqual([10, 4, 0]);
  });

  it("says how many of each thing come back", () => {
    const back = comingBack(rows, holdingsFor(trays), materials, new Map());
    expect(back.find((one) => one.material.id === "pot-plastic")?.quantity).toBe(4);
    expect(back.some((one) => one.material.use === "consumable")).toBe(false);
  });
});

describe("mixing", () => {
  const dough = materials.get("dough");
  if (!dough) throw new Error("the catalogue has changed");
  const tray = prepTray("first-scissors", "dough");
  const sheetWith = (useBy?: string) => {
    const holdings = holdingsFor([tray]);
    const one = holdings.get("dough");
    if (one && useBy) holdings.set("dough", { ...one, useBy: plainDate(useBy) });
    return prepSheet([tray], { ...known, holdings });
  };

  it("scales the recipe to what the trays take: 150 g are three tenths of 500 g", () => {
    const mixed = scaledRecipe(dough, 150);
    expect(mixed?.times).toBe(0.3);
    expect(mixed?.parts.map((part) => part.quantity)).toEqual([75, 6, 75, 7.5, 4.5]);
    const line = sheetWith().lines.find((one) => one.step === "mix");
    expect(line).toMatchObject({ quantity: 150, evening: true });
    expect(inWords(line)).toEqual({
      sum: expect.stringContaining("150 ÷ 500 = 0.3 times"),
      text: expect.stringContaining("unless some is fresh: 75 g flour, 6 g cornflour, 75 ml water"),
    });
  });

  it("is left out where some is fresh to the day, and not where it is past", () => {
    expect(sheetWith("2026-05-11").lines.some((one) => one.step === "mix")).toBe(false);
    expect(sheetWith("2026-05-10").lines.some((one) => one.step === "mix")).toBe(true);
  });

  it("may be done the evening before where it keeps two days, and not where it keeps one; what stands is told", () => {
    const dough = (keepsDays: number, standsHours: number) =>
      Material.parse({
        ...{ id: "paste", name: "paste", use: "consumable", found: "kitchen", unit: "g" },
        recipe: {
          makes: 100,
          parts: [{ name: "flour", quantity: 50, unit: "g" }],
          ...{ how: "Stir.", minutes: 5, standsHours, keepsDays },
        },
      });
    const activity = FIXTURE.activities[0];
    const rung = activity?.rungs[0];
    if (!activity || !rung) throw new Error("the catalogue is empty");
    const tray = Tray.parse({
      ...stamp,
      ...{
        id: "t",
        rotation: "r",
        child: "c",
        activity: activity.id,
        rung: rung.id,
        place: "p",
        state: "free",
      },
      ...{ outSince: "2026-05-11", allotted: [{ need: "a", material: "paste", quantity: 150 }] },
    });
    const lineFor = (keepsDays: number, standsHours: number) => {
      const things = new Map([["paste", dough(keepsDays, standsHours)]]);
      const [line] = mixLines([{ tray, activity, rung, placeName: "Top", stays: false }], {
        ...known,
        materials: things,
        holdings: new Map(),
      });
      return line;
    };
    expect([lineFor(1, 0)?.evening, lineFor(2, 0)?.evening]).toEqual([false, true]);
    expect(inWords(lineFor(1, 0)).sum).toContain("keeps 1 day");
    expect(inWords(lineFor(2, 0)).sum).toContain("150 ÷ 100 = 1.5 times");
    expect(inWords(lineFor(1, 0)).text).not.toContain("stands");
    expect(inWords(lineFor(1, 0.5)).text).toContain("It stands 0.5 h first.");
  });

  it("rounds up what is counted: two carrots give eight sticks, nine need three", () => {
    const carrot = materials.get("carrot-cooked");
    expect(carrot && scaledRecipe(carrot, 8)?.parts[0]?.quantity).toBe(2);
    expect(carrot && scaledRecipe(carrot, 9)?.parts[0]?.quantity).toBe(3);
  });

  it("never loses a part, whatever the amount", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), (quantity) => {
        const mixed = scaledRecipe(dough, quantity);
        const weight = mixed?.parts.reduce((sum, part) => sum + part.quantity, 0) ?? 0;
        // 250 + 20 + 250 + 25 + 15 parts make 500 g of dough; the rest goes off as steam.
        expect(weight).toBeCloseTo((quantity / 500) * 560, 6);
      }),
    );
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
    const pots = holdings.get("pot-plastic");
    if (!pots) throw new Error("no pots");
    holdings.set("pot-plastic", { ...pots, worn: plainDate("2026-05-04") });
    const worn = prepSheet([tray], { ...known, holdings }).lines.filter((one) => one.worn);
    expect(worn.map((one) => [one.material, one.worn])).toEqual([["pot-plastic", "2026-05-04"]]);
  });

  it("dries each work at a place of its own where no tray stands, the rest lying flat", () => {
    const wet = (id: string, at: string) => ({ tray: { id, place: at }, activity: { dryHours: 4 } });
    const dry = { tray: { id: "z", place: "w" }, activity: {} };
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
    const one = { tray: { id: "a", place: "p" }, activity: { dryHours: 4 } };
    const notes = [
      { tray: "a", createdAt: "2026-05-11T08:00:00.000Z" },
      { tray: "a", createdAt: "2026-05-11T09:30:00.000Z" },
      { tray: "b", createdAt: "2026-05-11T12:00:00.000Z" },
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
      one.material === "lid-disc" ? { ...one, material: "card-disc", holding: "card-disc" } : one,
    );
    const line = prepSheet([tray], { ...known, holdings: new Map() }).lines.find(
      (one) => one.material === "card-disc",
    );
    expect(line?.insteadOf?.material).toBe("pot lid, about 10 cm");
    expect(line?.insteadOf?.changes).toContainEqual({ what: "smaller", share: 0.62 });
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
