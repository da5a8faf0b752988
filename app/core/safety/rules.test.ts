import { describe, expect, it } from "vitest";
import { Hazard, type PieceShape } from "../model";
import { anId } from "../testing/ids";
import type { Reacher } from "./reacher";
import { type Effect, HAZARD_RULES, PIECE_RULES } from "./rules";

const who = (months: number, more: Partial<Reacher> = {}): Reacher => ({
  id: anId("c"),
  name: "C",
  months,
  monthsFromBirth: months,
  mouths: false,
  allergies: [],
  pushesUp: false,
  holdsHead: false,
  ...more,
});
const mouthing = (months: number) => who(months, { mouths: true });
type Case = [Hazard, Reacher, Effect | undefined];

/** Cords and loops go by the same ages. */
const cordCases = (long: Hazard, short: Hazard): Case[] => [
  [long, who(17), "block"],
  [long, who(18), "hold"],
  [long, who(35), "hold"],
  [long, who(36), "caution"],
  [short, mouthing(8), undefined],
];
/** A kind with ages: [months, mouths, effect]. */
const ages = (hazard: Hazard, ...rows: [number, boolean, Effect | undefined][]): Case[] =>
  rows.map(([months, mouths, effect]) => [hazard, who(months, { mouths }), effect]);

const danger = (effect: "block" | "hold", untilMonths?: number): Hazard => ({
  kind: "danger",
  danger: anId("d"),
  effect,
  ...(untilMonths === undefined ? {} : { untilMonths }),
  why: "w",
  instead: "i",
  source: "s",
});

/** For every kind: where it bites hardest, and where it lets pass what is fine. Ages in months. */
const CASES: Record<Hazard["kind"], Case[]> = {
  string: cordCases({ kind: "string", freeLengthMm: 221 }, { kind: "string", freeLengthMm: 220 }),
  elastic: cordCases({ kind: "elastic", freeLengthMm: 300 }, { kind: "elastic", freeLengthMm: 220 }),
  loop: cordCases({ kind: "loop", aroundMm: 380 }, { kind: "loop", aroundMm: 379 }),
  water: [
    ...ages({ kind: "water", depthMm: 20 }, [20, false, "hold"], [47, false, "hold"], [48, false, "caution"]),
    ...ages({ kind: "water", depthMm: 5 }, [20, false, "caution"], [60, false, undefined]),
    // A film of water is told to be slippery, and not that a child drowns in it.
    ...ages({ kind: "water", depthMm: 9.9 }, [47, false, "caution"]),
    ...ages({ kind: "water", depthMm: 150 }, [59, false, "hold"], [60, false, "caution"]),
  ],
  allergen: [
    [{ kind: "allergen", allergen: "egg" }, who(50, { allergies: ["Eggs"] }), "block"],
    [{ kind: "allergen", allergen: "milk" }, who(50, { allergies: ["dairy"] }), "block"],
    [{ kind: "allergen", allergen: "gluten" }, who(50, { allergies: ["wheat"] }), "block"],
    [{ kind: "allergen", allergen: "egg" }, who(50, { allergies: ["milk"] }), undefined],
    [{ kind: "allergen", allergen: "egg" }, who(10), "caution"],
  ],
  "choking-food": [
    [{ kind: "choking-food", untilMonths: 48 }, who(47), "block"],
    [{ kind: "choking-food", untilMonths: 48 }, who(48), "caution"],
  ],
  sharp: ages({ kind: "sharp" }, [30, false, "hold"], [60, false, "caution"]),
  pointed: ages({ kind: "pointed" }, [47, false, "block"], [48, false, "hold"]),
  glass: ages({ kind: "glass" }, [17, false, "block"], [24, false, "hold"], [48, false, "caution"]),
  heat: ages({ kind: "heat" }, [47, false, "block"], [48, false, "hold"]),
  irritant: ages(
    { kind: "irritant" },
    [11, false, "block"],
    [20, true, "hold"],
    [35, false, "hold"],
    [36, false, "caution"],
  ),
  salty: ages({ kind: "salty" }, [35, false, "block"], [40, true, "block"], [36, false, "caution"]),
  washable: ages(
    { kind: "washable" },
    [11, false, "block"],
    [20, true, "hold"],
    [20, false, "hold"],
    [40, false, "caution"],
    [60, false, undefined],
  ),
  glue: ages({ kind: "glue" }, [23, false, "block"], [35, false, "hold"], [40, false, "caution"]),
  toxic: ages({ kind: "toxic" }, [50, true, "block"], [47, false, "block"], [48, false, "hold"]),
  expanding: ages({ kind: "expanding" }, [60, false, "block"]),
  "button-battery": ages({ kind: "button-battery" }, [60, false, "block"]),
  "strong-magnet": ages({ kind: "strong-magnet" }, [60, false, "block"]),
  balloon: ages({ kind: "balloon" }, [60, false, "block"]),
  bag: ages({ kind: "bag" }, [11, false, "block"], [47, false, "hold"], [48, false, undefined]),
  powder: ages({ kind: "powder" }, [11, false, "block"], [35, false, "hold"], [36, false, "caution"]),
  hanging: [
    [{ kind: "hanging" }, who(5), "block"],
    [{ kind: "hanging" }, who(4.9), "caution"],
    [{ kind: "hanging" }, who(4, { pushesUp: true }), "block"],
    // Born early: the age from birth counts for what a child may already do.
    [{ kind: "hanging" }, who(4, { monthsFromBirth: 5.2 }), "block"],
  ],
  heavy: ages({ kind: "heavy" }, [20, false, "caution"], [48, false, undefined]),
  "breaks-up": ages(
    { kind: "breaks-up" },
    [20, true, "hold"],
    [20, false, "caution"],
    [36, false, undefined],
  ),
  honey: ages({ kind: "honey" }, [11.9, false, "block"], [12, false, undefined]),
  climb: ages({ kind: "climb" }, [20, false, "caution"], [48, false, undefined]),
  tower: ages({ kind: "tower" }, [17, false, "block"], [18, false, "caution"]),
  find: ages(
    { kind: "find" },
    [20, false, "hold"],
    [50, true, "hold"],
    [50, false, "caution"],
    [60, false, undefined],
  ),
  "raw-flour": ages({ kind: "raw-flour" }, [20, true, "block"], [40, false, "hold"], [60, false, "caution"]),
  "raw-egg": ages({ kind: "raw-egg" }, [30, false, "block"], [40, false, "hold"]),
  "covers-face": ages(
    { kind: "covers-face" },
    [3, false, "block"],
    [8, true, "hold"],
    [30, false, "caution"],
  ),
  "head-control": [
    [{ kind: "head-control" }, who(4), "block"],
    [{ kind: "head-control" }, who(4, { holdsHead: true }), "caution"],
    [{ kind: "head-control" }, who(6), "caution"],
    [{ kind: "head-control" }, who(20), undefined],
  ],
  noise: ages({ kind: "noise" }, [8, true, "caution"], [60, false, undefined]),
  "finger-trap": ages({ kind: "finger-trap" }, [20, false, "caution"], [48, false, undefined]),
  slippery: ages({ kind: "slippery" }, [20, false, "caution"], [60, false, undefined]),
  lead: ages({ kind: "lead" }, [30, false, "block"], [70, true, "block"], [70, false, "hold"]),
  "reused-container": ages({ kind: "reused-container" }, [30, false, "block"], [70, false, "hold"]),
  "essential-oil": ages({ kind: "essential-oil" }, [30, false, "block"], [40, false, "hold"]),
  unsized: ages({ kind: "unsized" }, [40, true, "block"], [30, false, "hold"], [40, false, "caution"]),
  "warm-water": ages({ kind: "warm-water" }, [8, true, "caution"], [72, false, undefined]),
  eaten: ages({ kind: "eaten" }, [5.9, true, "block"], [6, true, "caution"], [60, false, undefined]),
  window: ages({ kind: "window" }, [30, false, "caution"], [72, false, undefined]),
  outdoors: ages({ kind: "outdoors" }, [8, true, "caution"], [72, false, undefined]),
  road: ages({ kind: "road" }, [16, false, "caution"], [84, false, undefined]),
  tips: ages({ kind: "tips" }, [11, true, "caution"], [60, false, undefined]),
  "runs-with": ages(
    { kind: "runs-with" },
    [17, true, "block"],
    [35, false, "hold"],
    [38, false, "caution"],
    [72, false, undefined],
  ),
  "wet-floor": ages({ kind: "wet-floor" }, [17, true, "caution"], [72, false, undefined]),
  entrapment: ages({ kind: "entrapment" }, [12, true, "caution"], [72, false, undefined]),
  hob: ages({ kind: "hob" }, [7, true, "caution"], [72, false, undefined]),
  soil: ages({ kind: "soil" }, [11, false, "block"], [20, true, "hold"], [40, false, "caution"]),
  electric: ages({ kind: "electric" }, [26, false, "caution"], [72, false, undefined]),
  sleep: ages({ kind: "sleep" }, [3, true, "caution"], [12, true, undefined]),
  animals: ages({ kind: "animals" }, [20, false, "caution"], [72, false, undefined]),
  "deep-water-near": ages({ kind: "deep-water-near" }, [40, false, "caution"], [84, false, undefined]),
  strips: ages({ kind: "strips" }, [9, true, "block"], [20, true, "hold"], [40, false, "caution"]),
  "stings-eyes": ages({ kind: "stings-eyes" }, [20, true, "caution"], [60, false, undefined]),
  "made-piece": [
    // Straws cut to 5 cm, and snips as thin as paper.
    ...ages(
      { kind: "made-piece", name: "straw piece", piece: { shape: "cylinder", mm: [6, 50] } },
      [30, true, "block"],
      [30, false, "hold"],
      [40, false, "caution"],
      [48, false, undefined],
    ),
    ...ages(
      { kind: "made-piece", name: "snip", piece: { shape: "box", mm: [25, 10, 0.3] } },
      [17, true, "block"],
      [30, true, "hold"],
      [30, false, "caution"],
      [40, false, undefined],
    ),
    ...ages({ kind: "made-piece", name: "half", piece: { shape: "box", mm: [120, 90, 20] } }, [
      12,
      true,
      undefined,
    ]),
  ],
  danger: [
    ...ages(danger("block"), [70, false, "block"]),
    ...ages(danger("block", 36), [35, false, "block"], [36, true, "block"], [36, false, "hold"]),
    ...ages(danger("hold", 60), [59, false, "hold"], [60, false, "caution"]),
  ],
};

/** The hardest effect of all rules of the kind. */
const effectOf = (hazard: Hazard, one: Reacher): Effect | undefined => {
  const effects = HAZARD_RULES.filter((rule) => rule.kind === hazard.kind).map((rule) =>
    rule.effectFor(hazard, one),
  );
  return (["block", "hold", "caution"] as const).find((effect) => effects.includes(effect));
};

describe("every kind of hazard", () => {
  it.each(Object.entries(CASES))("%s bites where it can hurt, and lets pass what is fine", (kind, cases) => {
    for (const [hazard, one, effect] of cases) {
      expect(Hazard.parse(hazard).kind).toBe(kind);
      expect({ hazard, months: one.months, mouths: one.mouths, effect: effectOf(hazard, one) }).toEqual({
        hazard,
        months: one.months,
        mouths: one.mouths,
        effect,
      });
    }
  });

  it("has a rule, and every rule says what can happen, what to do, why we say so, and all that in short", () => {
    expect(new Set(HAZARD_RULES.map((rule) => rule.kind))).toEqual(new Set(Object.keys(CASES)));
    const rules = [...PIECE_RULES, ...HAZARD_RULES];
    expect(new Set(rules.map((rule) => rule.id)).size).toBe(rules.length);
    for (const rule of rules) {
      for (const text of [rule.reason, rule.advice, rule.source]) expect(text.length).toBeGreaterThan(9);
      expect(rule.short.length).toBeLessThan(70);
      expect(rule.short.length).toBeGreaterThan(9);
    }
  });

  it("never gets milder for a younger child, mouthing or not", () => {
    const weight = (effect: Effect | undefined) => (effect ? { caution: 1, hold: 2, block: 3 }[effect] : 0);
    for (const [hazard] of Object.values(CASES).flat()) {
      for (const make of [who, mouthing]) {
        // What hangs is the one exception: it comes down once a baby pushes up.
        if (hazard.kind === "hanging") continue;
        for (let months = 1; months < 72; months++) {
          expect(weight(effectOf(hazard, make(months)))).toBeLessThanOrEqual(
            weight(effectOf(hazard, make(months - 1))),
          );
        }
      }
    }
  });
});

describe("loose pieces", () => {
  const effects = (piece: PieceShape, one: Reacher) =>
    PIECE_RULES.filter((rule) => rule.applies(piece)).map((rule) => `${rule.id} ${rule.effectFor(one)}`);

  it.each<[string, PieceShape, Reacher, string[]]>([
    ["a bead, mouthed", { shape: "sphere", mm: [20] }, mouthing(40), ["small-part block", "tube block"]],
    [
      "a bead, not mouthed, under 3",
      { shape: "sphere", mm: [20] },
      who(20),
      ["small-part hold", "tube caution"],
    ],
    ["a bead at 3", { shape: "sphere", mm: [20] }, who(36), ["small-part caution", "tube undefined"]],
    ["a bead at 4", { shape: "sphere", mm: [20] }, who(48), ["small-part undefined", "tube undefined"]],
    ["a sticker, mouthed at 15 months", { shape: "disc", mm: [40, 0.2] }, mouthing(15), ["paper block"]],
    ["a sticker, mouthed at 20 months", { shape: "disc", mm: [40, 0.2] }, mouthing(20), ["paper hold"]],
    ["a straw at 20 months", { shape: "cylinder", mm: [6, 195] }, who(20), ["thin-rod hold"]],
    ["a straw at 30 months", { shape: "cylinder", mm: [6, 195] }, who(30), ["thin-rod caution"]],
    ["a ball of 40 mm, mouthed", { shape: "sphere", mm: [40] }, mouthing(10), ["tube block"]],
    ["a ball of 70 mm, mouthed", { shape: "sphere", mm: [70] }, mouthing(10), []],
    [
      "a pea-sized thing, mouthed",
      { shape: "sphere", mm: [8] },
      mouthing(50),
      ["small-part block", "tube block"],
    ],
    ["a spoon, longer than the tube", { shape: "box", mm: [140, 35, 15] }, mouthing(10), []],
  ])("%s", (_, piece, one, expected) => {
    expect(effects(piece, one)).toEqual(expected);
  });
});
