import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { usualThings } from "../draw";
import { materialIndex } from "../materials";
import { sheetKindOf } from "./kinds";
import { type SheetTray, sheetKey, sheetsFor as sheetsOf, thingOfSheet as thingOf } from "./needed";
import { drawSheet, sheetValues } from "./pages";
import type { NeededSheet } from "./sheet";

const draw = (id: string, values: Record<string, number | string> = {}, paper: "a4" | "letter" = "a4") => {
  const kind = sheetKindOf(id);
  if (!kind) throw new Error(`no kind ${id}`);
  const read = sheetValues(kind, values);
  if (!read.ok) throw new Error(read.issues.map((one) => one.path).join());
  return drawSheet(kind, read.value, paper);
};

const sheetsFor = (tray: SheetTray) => sheetsOf(tray, CATALOGUE.printing);
const thingOfSheet = (sheet: NeededSheet) => thingOf(sheet, CATALOGUE.printing);

describe("what a tray needs printed", () => {
  const materials = materialIndex(CATALOGUE);
  const child = { name: "Tove", interests: ["bridges", "snails", "keys"] };
  const all = CATALOGUE.activities.flatMap((activity) =>
    activity.rungs.map((rung) => ({ activity, rung, child, things: usualThings(rung, materials) })),
  );

  it("is known for every sheet that a rung names, and can be drawn", () => {
    const names = new Set(all.flatMap((one) => one.rung.sheet ?? []));
    expect([...names].filter((name) => !(name in CATALOGUE.printing.named))).toEqual([]);
    for (const tray of all)
      for (const needed of sheetsFor(tray)) {
        const drawn = draw(needed.kind, { ...needed.values });
        expect(drawn.pages.length, sheetKey(needed)).toBeGreaterThan(0);
        expect(drawn.warnings ?? [], `${tray.activity.id}/${tray.rung.id} ${sheetKey(needed)}`).toEqual([]);
      }
  });

  it("is exactly as many cards as are set out", () => {
    const pairsOf = all.filter((one) => one.activity.id === "turn-over-pairs");
    for (const tray of pairsOf) {
      const cards = tray.things.find((one) => one.material.id === "cards-pairs");
      const [needed] = sheetsFor(tray);
      expect(needed && draw(needed.kind, { ...needed.values }).pieces).toBe(cards?.quantity);
    }
    expect(pairsOf.length).toBeGreaterThan(2);
    const puzzle = all.find((one) => one.activity.id === "cut-puzzle" && one.rung.id === "six");
    expect(puzzle && sheetsFor(puzzle).map((one) => draw(one.kind, { ...one.values }).pieces)).toEqual([6]);
  });

  it("follows what the child loves, and the size of the pieces", () => {
    const tray = all.find((one) => one.activity.id === "turn-over-pairs");
    expect(tray && sheetsFor(tray)[0]?.values.interest).toBe("ferries and bridges");
    const five = all.find((one) => one.activity.id === "numbers-in-a-row" && one.rung.id === "five");
    expect(five && sheetsFor(five)[0]).toEqual({
      kind: "number-cards",
      values: { from: 1, to: 5, counterMm: 52 },
    });
  });

  it("has the card of the number or letter that a tray is filled with, or the strip of the word, and it can be drawn", () => {
    const tray = all.find((one) => one.activity.id === "lids-to-pots");
    const row = all.find((one) => one.activity.id === "numbers-in-a-row" && one.rung.id === "free");
    if (!tray || !row) throw new Error("no such trays");
    const asked = (layer: "number" | "letter" | "word" | "colour", on: string, one = tray) =>
      sheetsFor({ ...one, filling: { layer, on } });
    expect(asked("number", "4")[0]).toMatchObject({ kind: "numerals", values: { from: 4, to: 4 } });
    expect(asked("letter", "T")[0]).toMatchObject({ kind: "letters", values: { word: "T" } });
    expect(asked("word", "autumn")[0]).toMatchObject({ kind: "name-strip", values: { word: "autumn" } });
    expect(asked("colour", "red")).toEqual([]);
    expect(asked("number", "forty")).toEqual([]);
    for (const [needed] of [asked("number", "0"), asked("letter", "Sch"), asked("word", "autumn")])
      expect(needed && draw(needed.kind, { ...needed.values }).warnings).toBeFalsy();
    // The numbers to ten lie there already; twelve does not, and neither does a letter.
    expect(asked("number", "4", row)).toEqual(sheetsFor(row));
    expect(asked("number", "12", row).at(-1)).toMatchObject({ kind: "numerals", values: { from: 12 } });
    const letters = all.find((one) => one.things.some(({ material }) => material.id === "cards-letter"));
    expect(letters && asked("letter", "X", letters).at(-1)).toMatchObject({ values: { word: "X" } });
  });

  it("makes as many things as the tray asks for, and not as many as are laid on them", () => {
    const counted = [
      "cards-number",
      "cards-pairs",
      "card-lacing",
      "game-path",
      "cards-feeling",
      "picture-cards",
    ];
    const checked = all.flatMap((tray) =>
      tray.rung.sheet
        ? []
        : tray.things
            .filter((one) => counted.includes(one.material.id) && one.quantity >= 2)
            .flatMap(({ material, quantity }) => {
              const needed = sheetsFor(tray).find((one) => thingOfSheet(one) === material.id);
              const drawn = needed && draw(needed.kind, { ...needed.values });
              // A set of pictures may have fewer; it then warns. What is asked for beyond a sheet's most is cut off.
              if (!drawn || drawn.warnings) return [];
              return [[material.id, Math.min(quantity, 12), drawn.makes]];
            }),
    );
    expect(checked.length).toBeGreaterThan(15);
    for (const [id, quantity, makes] of checked) expect([id, makes]).toEqual([id, quantity]);
    expect(draw("lacing").makes).toBe(1);
    expect(draw("path").makes).toBe(1);
    expect(draw("number-cards", { from: 1, to: 5 })).toMatchObject({ makes: 5, pieces: 15 });
  });

  it("can be drawn whatever was measured and however many there are", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...all.filter((one) => sheetsFor(one).length > 0)),
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 1, max: 60 }),
        (tray, sizeMm, quantity) => {
          const things = tray.things.map((one) => ({
            ...one,
            quantity,
            material: {
              ...one.material,
              piece: { shape: "disc" as const, mm: [sizeMm, 5] as [number, number] },
            },
          }));
          for (const { kind, values } of sheetsFor({ ...tray, things })) {
            const known = sheetKindOf(kind);
            expect(known && sheetValues(known, values).ok, `${kind} ${JSON.stringify(values)}`).toBe(true);
          }
        },
      ),
    );
  });

  it("makes things of the catalogue alone: those that the tray asked for", () => {
    for (const tray of all)
      for (const needed of sheetsFor(tray)) {
        const made = thingOfSheet(needed);
        if (made === undefined) continue;
        expect(materials.has(made)).toBe(true);
        if (!tray.rung.sheet) expect(tray.things.map((one) => one.material.id)).toContain(made);
      }
    expect(thingOfSheet({ kind: "cut-picture", values: { parts: "6" } })).toBe("card-sixth");
    expect(thingOfSheet({ kind: "roads", values: {} })).toBeUndefined();
  });
});
