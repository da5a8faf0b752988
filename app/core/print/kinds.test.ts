import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boundsOf, type Mark } from "../draw";
import { likeness } from "../draw/likeness";
import { INTERESTS, lineArt, PICTURE_IDS, picture, shadow } from "../draw/pictures";
import { SHEET_KINDS, sheetKindOf } from "./kinds";
import { picturesBySound } from "./kinds/letters";
import { byLikeness } from "./kinds/matching";
import { counterSlots } from "./kinds/numbers";
import { cellsOf, type PatternUnit, patternSlots } from "./kinds/patterns";
import { colourDifference, shadesOf } from "./kinds/shades";
import { cutMinutes, drawSheet, sheetPages, sheetValues } from "./pages";
import { areaOf, PAPER_IDS, PAPERS } from "./paper";
import type { Field, SheetKind } from "./sheet";
import { wordsBeyond } from "./testing/wordsBeyond";

const someValue = (field: Field): fc.Arbitrary<number | string> => {
  switch (field.kind) {
    case "number":
      return fc.integer({ min: 0, max: 12 }).map((i) => {
        const value = field.least + (i * (field.most - field.least)) / 12;
        return field.step && field.step < 1 ? value : Math.round(value);
      });
    case "choice":
      return fc.constantFrom(...field.options);
    case "text":
      return fc.constantFrom("Tove", "a", "Bo Li", "abcdefghijklmnopqrst".slice(0, field.most));
  }
};
const someValues = (kind: SheetKind) =>
  fc.record(Object.fromEntries(Object.entries(kind.fields).map(([name, field]) => [name, someValue(field)])));

const draw = (id: string, values: Record<string, number | string> = {}, paper: "a4" | "letter" = "a4") => {
  const kind = sheetKindOf(id);
  if (!kind) throw new Error(`no kind ${id}`);
  const read = sheetValues(kind, values);
  if (!read.ok) throw new Error(read.issues.map((one) => one.path).join());
  return drawSheet(kind, read.value, paper);
};
const circlesOf = (marks: readonly Mark[]) =>
  marks.filter((mark) => mark.kind === "path" && mark.ops.length === 6 && mark.ops[1]?.[0] === "C");

describe("kinds of sheets", () => {
  it("are at least 24, each with its own name and fields that hold their usual values", () => {
    expect(SHEET_KINDS.length).toBeGreaterThanOrEqual(24);
    expect(new Set(SHEET_KINDS.map((one) => one.id)).size).toBe(SHEET_KINDS.length);
    for (const kind of SHEET_KINDS) expect(sheetValues(kind, {}).ok).toBe(true);
  });

  it.each(SHEET_KINDS.map((kind) => [kind.id, kind] as const))(
    "%s stays within the margins of both papers, whatever its fields, and is the same each time",
    (_, kind) => {
      fc.assert(
        fc.property(someValues(kind), fc.constantFrom(...PAPER_IDS), (values, paper) => {
          const drawn = drawSheet(kind, values, paper);
          const area = areaOf(paper);
          for (const marks of drawn.pages) {
            expect(wordsBeyond(marks, paper)).toEqual([]);
            const [left, top, right, bottom] = marks.length > 0 ? boundsOf(marks) : [50, 50, 60, 60];
            expect(left).toBeGreaterThanOrEqual(area.x - 0.01);
            expect(top).toBeGreaterThanOrEqual(area.y - 0.01);
            expect(right).toBeLessThanOrEqual(area.x + area.widthMm + 0.01);
            expect(bottom).toBeLessThanOrEqual(area.y + area.heightMm + 0.01);
          }
          if (drawn.pages.length === 0) expect(drawn.warnings?.length).toBeGreaterThan(0);
          if (drawn.waste !== undefined) expect(drawn.waste).toBeGreaterThanOrEqual(0);
          expect(drawSheet(kind, values, paper)).toEqual(drawn);
        }),
        { numRuns: 25 },
      );
    },
  );

  it("say what is wrong with a field, each by its name", () => {
    const kind = sheetKindOf("pairs");
    const read = kind && sheetValues(kind, { pairs: 99, cardMm: "wide", interest: "sums", size: 3 });
    expect(read?.ok).toBe(false);
    if (read && !read.ok)
      expect(read.issues.map((one) => one.path).sort()).toEqual(["cardMm", "interest", "pairs", "size"]);
  });
});

describe("counts", () => {
  it("are exact: a number's card has that many slots, a mat that many rings", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10 }), fc.integer({ min: 10, max: 20 }), (n, counterMm) => {
        const drawn = draw("number-cards", { from: n, to: n, counterMm });
        expect(circlesOf(drawn.pages.flat())).toHaveLength(n);
        expect(drawn.pieces).toBe(n);
        expect(new Set(counterSlots(n, 24).map(String)).size).toBe(n);
      }),
    );
    expect(circlesOf(draw("number-mats", { from: 1, to: 4 }).pages.flat())).toHaveLength(1 + 2 + 3 + 4);
    expect(circlesOf(draw("ten-frames", { from: 2, to: 3 }).pages.flat())).toHaveLength(5);
    expect(draw("pairs", { pairs: 4 }).pieces).toBe(8);
  });

  it("say where there are not that many pictures", () => {
    expect(draw("shadow-match", { interest: "diggers", pairs: 10 }).warnings).toEqual([
      { code: "not-that-many", value: 4 },
    ]);
  });

  it("leave holes of a lacing card even, and dots no nearer than asked", () => {
    const holes = circlesOf(
      draw("lacing", { form: "circle", holes: 8, holeMm: 10, sideMm: 150 }).pages.flat(),
    ).slice(1);
    expect(holes).toHaveLength(8);
    const middles = holes.map((one) => {
      const [left, top, right, bottom] = boundsOf([one]);
      return [(left + right) / 2, (top + bottom) / 2] as const;
    });
    const gaps = middles.map(([x, y], i) => {
      const [nx, ny] = middles[(i + 1) % 8] ?? [x, y];
      return Math.hypot(nx - x, ny - y);
    });
    expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(0.5);
  });
});

describe("patterns", () => {
  it("show nothing shorter that could be meant, and go on as they began", () => {
    for (const unit of ["AB", "AAB", "ABB", "AABB", "ABC", "ABAC"] satisfies PatternUnit[])
      for (const shown of [2, 3]) {
        const slots = patternSlots(unit, shown, 5);
        const begun = slots.filter((one) => !one.isEmpty).map((one) => one.colour);
        const periods = begun
          .map((_, i) => i + 1)
          .filter((p) => begun.every((one, i) => i < p || one === begun[i - p]));
        expect(periods[0]).toBe(unit.length);
        expect(
          slots.every((one, i) => i < unit.length || one.colour === slots[i - unit.length]?.colour),
        ).toBe(true);
        expect(slots.filter((one) => one.isEmpty)).toHaveLength(5);
      }
  });

  it("put each piece of a grid in a cell of its own", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 6 }),
        fc.integer({ min: 1, max: 30 }),
        fc.nat(99),
        (size, count, seed) => {
          const cells = cellsOf(size, count, seed);
          expect(new Set(cells).size).toBe(Math.min(count, size * size));
          expect(cells.every((one) => one >= 0 && one < size * size)).toBe(true);
        },
      ),
    );
  });
});

describe("shades", () => {
  it("measure a difference as the published pairs say", () => {
    // Sharma, Wu and Dalal (2005), pairs in CIE Lab, here by their sRGB neighbours: black and white are 100 apart.
    expect(colourDifference("#000000", "#ffffff")).toBeCloseTo(100, 0);
    expect(colourDifference("#808080", "#808080")).toBe(0);
  });

  it("are as far apart as asked, to a tenth, from light to dark", () => {
    for (const hue of ["blue", "green", "red", "grey"])
      for (const apart of [5, 8, 12, 20]) {
        const shades = shadesOf(hue, 4, apart);
        expect(shades.length).toBeGreaterThan(2);
        shades.slice(1).forEach((shade, i) => {
          const far = colourDifference(shades[i] ?? "", shade);
          expect(far).toBeGreaterThan(apart * 0.9);
          expect(far).toBeLessThan(apart * 1.1);
        });
      }
  });

  it("warn of what a printer at home can't hold apart, and say how many there can be", () => {
    expect(draw("shades", { apart: 3 }).warnings).toEqual([{ code: "too-fine-to-print", value: 5 }]);
    const few = draw("shades", { apart: 25, steps: 9 });
    expect(few.warnings?.[0]?.code).toBe("not-that-many");
    expect(few.pieces).toBe(few.warnings?.[0]?.value);
  });
});

describe("pictures", () => {
  it("are at least 120, all in use, in colour, in lines and as shadows", () => {
    expect(PICTURE_IDS.length).toBeGreaterThanOrEqual(120);
    const used = new Set<string>(Object.values(INTERESTS).flat());
    expect(PICTURE_IDS.filter((id) => !used.has(id))).toEqual([]);
    for (const id of used) {
      expect(picture(id).length).toBeGreaterThan(0);
      expect(lineArt(id)).toHaveLength(picture(id).length);
      expect(shadow(id).every((mark) => mark.kind === "text" || !mark.fill || mark.fill === "ink")).toBe(
        true,
      );
    }
    expect(() => picture("no-such")).toThrow(/no-such/);
  });

  it("have shadows whose likeness is measured: the same is 1, easy ones are less alike than hard ones", () => {
    expect(likeness(picture("fish"), picture("fish"))).toBe(1);
    expect(likeness(picture("sun"), picture("moon"))).toBeLessThan(0.35);
    const mean = (ids: readonly string[]) => {
      const all = ids.flatMap((a, i) => ids.slice(i + 1).map((b) => likeness(picture(a), picture(b))));
      return all.reduce((sum, one) => sum + one, 0) / all.length;
    };
    const ids = INTERESTS["animals of the house and farm"];
    expect(mean(byLikeness(ids, 4, "easy"))).toBeLessThan(mean(byLikeness(ids, 4, "hard")) - 0.15);
  });
});

describe("pages", () => {
  it("carry a line of 100 mm and their number, and minutes that grow with the edges", () => {
    const drawn = draw("numerals", { from: 1, to: 20, cardMm: 90 });
    const pages = sheetPages(drawn, "a4", { check: "100 mm", title: "Numbers" });
    expect(pages.length).toBeGreaterThan(1);
    for (const [i, page] of pages.entries()) {
      expect([page.widthMm, page.heightMm]).toEqual([...PAPERS.a4]);
      const texts = page.marks.flatMap((mark) => (mark.kind === "text" ? [mark.text] : []));
      expect(texts).toContain(`Numbers ${i + 1}/${pages.length}`);
    }
    expect(cutMinutes({ cutMm: 0 })).toBe(0);
    expect(cutMinutes(drawn)).toBeGreaterThan(cutMinutes(draw("numerals", { from: 1, to: 2, cardMm: 90 })));
  });
});

describe("first sounds", () => {
  it("has no picture whose name begins with another sound than its letter, nor twice the same word", () => {
    for (const id of ["sheep", "shell", "chair", "cheese", "tree", "truck", "whale", "owl", "eye", "oval"])
      expect(picturesBySound(id[0] ?? "")).not.toContain(id);
    expect(picturesBySound("b").filter((id) => id.startsWith("bridge"))).toEqual([]);
    for (const letter of "smbcfh") expect(picturesBySound(letter).length).toBeGreaterThanOrEqual(3);
  });

  it("gives so many pictures to each letter and a card for each, and says where there are not that many", () => {
    expect(draw("first-sounds", { sounds: "smb", pictures: 3 })).toMatchObject({ pieces: 12 });
    expect(draw("first-sounds", { sounds: "smb", pictures: 3 }).warnings ?? []).toEqual([]);
    const few = draw("first-sounds", { sounds: "sxq", pictures: 2 });
    expect(few.pieces).toBe(3);
    expect(few.warnings).toEqual([{ code: "not-that-many", value: 2 }]);
  });
});
