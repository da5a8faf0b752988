import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sumText, taskText } from "../../words/prep";
import { scaledRecipe } from "../materials";
import { HoldingId, Material, MomentId, plainDate, Tray } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import type { PrepLine, PrepStep, PrepTray } from "./lines";
import { timed, type UntimedLine } from "./minutes";
import { mixLines } from "./mix";
import { prepSheet } from "./prepSheet";
import { type Ready, readyFor } from "./ready";
import { usedUp } from "./restock";
import { shoppingFor } from "./shopping";
import { holdingsFor, known, materials, prepTray, stamp } from "./testing/trays";

const TASK: PrepLine["task"] = { task: "beside", tray: "Dough", wet: false };

/** A line as it is read. */
const inWords = (line: PrepLine | UntimedLine | undefined) => ({
  text: line && taskText(line, "metric"),
  sum: line && sumText(line, "metric"),
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
        const recipes = mixing.map(
          (line) => materials.get(line.material ?? anId("none"))?.recipe?.minutes ?? 0,
        );
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

describe("mixing", () => {
  const dough = materials.get(anId("dough"));
  if (!dough) throw new Error("the catalogue has changed");
  const tray = prepTray("first-scissors", "dough");
  const sheetWith = (useBy?: string) => {
    const holdings = holdingsFor([tray]);
    const one = holdings.get(anId("dough"));
    if (one && useBy) holdings.set(anId("dough"), { ...one, useBy: plainDate(useBy) });
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

  it("from its parts asks for the parts and not for the thing, until some has been made", () => {
    const mixed = [{ holding: HoldingId.parse("flour"), quantity: 75 }];
    const made = {
      ...tray,
      tray: {
        ...tray.tray,
        allotted: tray.tray.allotted.map(({ holding, ...one }) =>
          one.material === "dough" ? { ...one, mixed } : { ...one, ...(holding ? { holding } : {}) },
        ),
      },
    };
    const holdings = holdingsFor([tray]);
    const sheetOf = (useBy: string) => {
      const one = holdings.get(anId("dough"));
      if (one) holdings.set(anId("dough"), { ...one, useBy: plainDate(useBy) });
      return prepSheet([made], { ...known, holdings }).lines;
    };
    const thingsOf = (useBy: string, step: PrepStep) =>
      sheetOf(useBy).flatMap((line) => (line.step === step ? [line.material] : []));
    expect(thingsOf("2026-05-10", "mix")).toEqual(["dough"]);
    expect(thingsOf("2026-05-10", "gather")).not.toContain("dough");
    expect(thingsOf("2026-05-11", "mix")).toEqual([]);
    expect(thingsOf("2026-05-11", "gather")).toContain("dough");
    const bought = shoppingFor(
      [{ tray: made.tray, name: "Scissors", asked: new Map() }],
      [],
      materials,
      new Map(),
    );
    expect(bought.lines.map((line) => line.material.id)).not.toContain("dough");
    const shares = (ready?: Ready) => usedUp([made.tray], materials, ready);
    expect(shares()).toEqual([{ holding: "flour", quantity: 75 }]);
    const on = plainDate("2026-05-11");
    const two = [made.tray, made.tray];
    const readyOf = (grams: number, of = two) => {
      const one = holdings.get(anId("dough"));
      return readyFor(of, materials, one ? [{ ...one, quantity: grams }] : [], on);
    };
    expect(shares(readyOf(150, [made.tray]))).toEqual([{ holding: "dough", quantity: 150 }]);
    // Enough for one of two trays is not enough: all of it is mixed anew, as the sheet says.
    expect(usedUp(two, materials, readyOf(299))).toEqual([{ holding: "flour", quantity: 150 }]);
    expect(usedUp(two, materials, readyOf(300))).toEqual([{ holding: "dough", quantity: 300 }]);
    // What another takes of it as it is comes off first.
    expect([readyOf(300, [made.tray, tray.tray]).size, readyOf(299, [made.tray, tray.tray]).size]).toEqual([
      1, 0,
    ]);
  });

  it("may be done the evening before where it keeps two days, and not where it keeps one; what stands is told", () => {
    const dough = (keepsDays: number, standsHours: number) =>
      Material.parse({
        ...{ id: anId("paste"), name: "paste", use: "consumable", found: "kitchen", unit: "g" },
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
        id: anId("t"),
        rotation: anId("r"),
        child: anId("c"),
        activity: activity.id,
        rung: rung.id,
        place: anId("p"),
        state: "free",
      },
      ...{ outSince: "2026-05-11", allotted: [{ need: anId("a"), material: anId("paste"), quantity: 150 }] },
    });
    const lineFor = (keepsDays: number, standsHours: number) => {
      const things = new Map([["paste", dough(keepsDays, standsHours)]]);
      const [line] = mixLines(
        [{ tray, activity, rung, placeName: "Top", stays: false }],
        {
          ...known,
          materials: things,
          holdings: new Map(),
        },
        new Map(),
      );
      return line;
    };
    expect([lineFor(1, 0)?.evening, lineFor(2, 0)?.evening]).toEqual([false, true]);
    expect(inWords(lineFor(1, 0)).sum).toContain("keeps 1 day");
    expect(inWords(lineFor(2, 0)).sum).toContain("150 ÷ 100 = 1.5 times");
    expect(inWords(lineFor(1, 0)).text).not.toContain("stands");
    expect(inWords(lineFor(1, 0.5)).text).toContain("It stands 0.5 h first.");
    // What comes by moments and does not keep is not fetched once for all of them.
    const sheetOf = (keepsDays: number, when?: Tray["when"]) =>
      prepSheet([{ tray: { ...tray, when }, activity, rung, placeName: "Top", stays: false }], {
        ...known,
        materials: new Map([["paste", dough(keepsDays, 0)]]),
        holdings: new Map(),
      }).lines.filter((one) => one.step === "gather");
    const when = { moment: MomentId.parse("m"), days: [plainDate("2026-05-12"), plainDate("2026-05-14")] };
    expect([sheetOf(1).length, sheetOf(1, when).length, sheetOf(3, when).length]).toEqual([1, 0, 1]);
  });

  it("rounds up what is counted: two carrots give eight sticks, nine need three", () => {
    const carrot = materials.get(anId("carrot-cooked"));
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
