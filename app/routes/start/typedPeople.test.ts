import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plainDate } from "../../core/model";
import { DOES_SO_FAR, mayReachCm, reachOf } from "../../core/safety";
import { boardPlace, bornChildren, typedPeople, withoutChild } from "./typedPeople";
import { NEW_CHILD } from "./values";

const TODAY = plainDate("2026-05-10");
const child = (name: string, birth: string) => ({ ...NEW_CHILD, name, birth });

describe("children as they are typed in", () => {
  it("are those with a birth date that has been, in their order", () => {
    const born = bornChildren(
      [child("Ida", "2025-01-01"), child("", ""), child(" ", "2026-01-01"), child("Bo", "2027-01-01")],
      TODAY,
    );
    expect(born.map((one) => [one.index, one.child.name])).toEqual([
      [0, "Ida"],
      [2, "Child 3"],
    ]);
  });

  it.each(DOES_SO_FAR)("may have any answer about what they do so far: %s", (does) => {
    const born = bornChildren([child("Ida", "2026-01-01")], TODAY);
    const people = typedPeople(born, [{ child: 0, does }], TODAY);
    const [ida] = people.children;
    if (!ida) throw new Error("a child was expected");
    expect(mayReachCm(people, ida, TODAY).by).toBe(does === "lies" ? undefined : does);
  });

  it("never break the drawing, whatever is typed (property)", () => {
    const anyChild = fc.record({
      name: fc.string({ maxLength: 50 }),
      birth: fc.oneof(
        fc.string({ maxLength: 12 }),
        fc.constantFrom("2025-02-30", "1900-01-01", "2026-05-10"),
      ),
      earlyWeeks: fc.oneof(fc.integer({ min: -5, max: 40 }), fc.constant(Number.NaN)),
      mouths: fc.constantFrom("by-age" as const, "yes" as const, "no" as const),
      allergies: fc.constant<string[]>([]),
      plans: fc.constant("by-age" as const),
    });
    const said = fc.record({
      child: fc.integer({ min: 0, max: 9 }),
      board: fc.integer({ min: 0, max: 6 }),
      says: fc.constantFrom("reaches" as const, "kept" as const),
    });
    const does = fc.record({ child: fc.integer({ min: 0, max: 9 }), does: fc.constantFrom(...DOES_SO_FAR) });
    fc.assert(
      fc.property(
        fc.array(anyChild, { maxLength: 8 }),
        fc.array(said),
        fc.array(does),
        (typed, corrections, soFar) => {
          const born = bornChildren(typed, TODAY);
          const people = typedPeople(born, soFar, TODAY);
          for (const one of people.children) reachOf(boardPlace(45, 0, corrections), people, one, TODAY);
        },
      ),
    );
  });

  it("keep what was said of the others when one of them goes", () => {
    const said = [
      { child: 0, does: "sits" },
      { child: 1, does: "crawls" },
      { child: 2, does: "climbs" },
    ];
    expect(withoutChild(said, 1)).toEqual([
      { child: 0, does: "sits" },
      { child: 1, does: "climbs" },
    ]);
  });
});
