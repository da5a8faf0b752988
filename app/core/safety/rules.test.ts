import { describe, expect, it } from "vitest";
import { Hazard, type PieceShape } from "../model";
import type { Reacher } from "./reach";
import { type Effect, HAZARD_RULES, PIECE_RULES } from "./rules";

const who = (months: number, more: Partial<Reacher> = {}): Reacher => ({
  id: "c",
  name: "C",
  months,
  mouths: false,
  allergies: [],
  ...more,
});
const mouthing = (months: number) => who(months, { mouths: true });
type Case = [Hazard, Reacher, Effect | undefined];

/** For every kind: where it bites hardest, and where it lets pass what is fine. Ages in months. */
const CASES: Record<Hazard["kind"], Case[]> = {
  string: [
    [{ kind: "string", freeLengthMm: 221 }, who(35), "hold"],
    [{ kind: "string", freeLengthMm: 221 }, who(36), "caution"],
    [{ kind: "string", freeLengthMm: 220 }, mouthing(8), undefined],
  ],
  elastic: [
    [{ kind: "elastic", freeLengthMm: 300 }, mouthing(8), "hold"],
    [{ kind: "elastic", freeLengthMm: 220 }, mouthing(8), undefined],
  ],
  loop: [
    [{ kind: "loop", aroundMm: 380 }, who(30), "hold"],
    [{ kind: "loop", aroundMm: 379 }, who(30), undefined],
    [{ kind: "loop", aroundMm: 600 }, who(40), "caution"],
  ],
  water: [
    [{ kind: "water", depthMm: 5 }, who(20), "caution"],
    [{ kind: "water", depthMm: 5 }, who(60), undefined],
  ],
  allergen: [
    [{ kind: "allergen", allergen: "egg" }, who(50, { allergies: ["Egg"] }), "block"],
    [{ kind: "allergen", allergen: "egg" }, who(50, { allergies: ["milk"] }), undefined],
    [{ kind: "allergen", allergen: "egg" }, who(10), "caution"],
  ],
  "choking-food": [
    [{ kind: "choking-food", untilMonths: 48 }, who(47), "block"],
    [{ kind: "choking-food", untilMonths: 48 }, who(48), "caution"],
  ],
  sharp: [
    [{ kind: "sharp" }, who(30), "hold"],
    [{ kind: "sharp" }, who(60), "caution"],
  ],
  pointed: [
    [{ kind: "pointed" }, who(47), "block"],
    [{ kind: "pointed" }, who(48), "hold"],
  ],
  glass: [
    [{ kind: "glass" }, who(17), "block"],
    [{ kind: "glass" }, who(24), "hold"],
    [{ kind: "glass" }, who(48), "caution"],
  ],
  heat: [
    [{ kind: "heat" }, who(47), "block"],
    [{ kind: "heat" }, who(48), "hold"],
  ],
  irritant: [
    [{ kind: "irritant" }, mouthing(20), "block"],
    [{ kind: "irritant" }, who(20), "caution"],
  ],
  washable: [
    [{ kind: "washable" }, who(11), "block"],
    [{ kind: "washable" }, mouthing(20), "hold"],
    [{ kind: "washable" }, who(20), "caution"],
  ],
  toxic: [
    [{ kind: "toxic" }, mouthing(50), "block"],
    [{ kind: "toxic" }, who(47), "block"],
    [{ kind: "toxic" }, who(48), "hold"],
  ],
  expanding: [[{ kind: "expanding" }, who(60), "block"]],
  "button-battery": [[{ kind: "button-battery" }, who(60), "block"]],
  "strong-magnet": [[{ kind: "strong-magnet" }, who(60), "block"]],
  balloon: [[{ kind: "balloon" }, who(60), "block"]],
  bag: [
    [{ kind: "bag" }, who(47), "hold"],
    [{ kind: "bag" }, who(48), undefined],
  ],
  powder: [
    [{ kind: "powder" }, who(11), "block"],
    [{ kind: "powder" }, who(12), "caution"],
  ],
  hanging: [
    [{ kind: "hanging" }, who(5), "block"],
    [{ kind: "hanging" }, who(4.9), "caution"],
  ],
  heavy: [
    [{ kind: "heavy" }, who(20), "caution"],
    [{ kind: "heavy" }, who(48), undefined],
  ],
  "breaks-up": [
    [{ kind: "breaks-up" }, mouthing(20), "hold"],
    [{ kind: "breaks-up" }, who(20), "caution"],
    [{ kind: "breaks-up" }, who(36), undefined],
  ],
  honey: [
    [{ kind: "honey" }, who(11.9), "block"],
    [{ kind: "honey" }, who(12), undefined],
  ],
  climb: [
    [{ kind: "climb" }, who(20), "caution"],
    [{ kind: "climb" }, who(48), undefined],
  ],
  find: [
    [{ kind: "find" }, who(20), "caution"],
    [{ kind: "find" }, mouthing(50), "caution"],
    [{ kind: "find" }, who(50), undefined],
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
    ["a bead at 3", { shape: "sphere", mm: [20] }, who(36), ["small-part undefined", "tube undefined"]],
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
