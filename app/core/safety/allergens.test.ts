import { describe, expect, it } from "vitest";
import { FIXTURE } from "../testing/fixtures";
import { ALLERGEN_GROUPS, allergenGroupsIn, isAllergicTo, notUnderstood } from "./allergens";

describe("allergies as they are written", () => {
  it.each<[string, string[]]>([
    ["eggs", ["egg"]],
    ["Egg", ["egg"]],
    ["gluten", ["gluten"]],
    ["wheat", ["gluten"]],
    ["coeliac disease", ["gluten"]],
    ["dairy", ["milk"]],
    ["cow's milk", ["milk"]],
    ["lactose", ["milk"]],
    ["coconut milk", []],
    ["nuts", ["peanut", "tree-nut"]],
    ["peanuts", ["peanut"]],
    ["hazlenuts", ["tree-nut"]],
    ["tree nuts", ["tree-nut"]],
    ["soy", ["soya"]],
    ["sesame seeds", ["sesame"]],
    ["shellfish", ["crustacean", "mollusc"]],
    ["sulfites", ["sulphite"]],
    ["latex", ["latex"]],
    ["plasters", ["plaster"]],
    ["nickel", ["metal"]],
    ["mustrad", ["mustard"]],
    ["kiwi", []],
    ["", []],
  ])("%s", (written, groups) => {
    expect(allergenGroupsIn(written)).toEqual(groups);
  });

  it("understands every group by its own name, and tells what is not understood", () => {
    for (const group of ALLERGEN_GROUPS) expect(allergenGroupsIn(group.name), group.name).toContain(group.id);
    expect(notUnderstood(["eggs", "kiwi", "moon dust"])).toEqual(["kiwi", "moon dust"]);
  });

  it("blocks by the group, whichever word the file or the catalogue uses", () => {
    expect(isAllergicTo(["dairy"], "milk")).toBe(true);
    expect(isAllergicTo(["wheat"], "gluten")).toBe(true);
    expect(isAllergicTo(["gluten"], "wheat")).toBe(true);
    expect(isAllergicTo(["kiwi"], "Kiwi")).toBe(true);
    expect(isAllergicTo(["kiwi"], "milk")).toBe(false);
    expect(isAllergicTo([], "milk")).toBe(false);
  });

  it("knows the group of every allergen in the catalogue", () => {
    const named = FIXTURE.materials.flatMap((one) =>
      one.hazards.flatMap((hazard) => (hazard.kind === "allergen" ? [hazard.allergen] : [])),
    );
    expect([...new Set(named)].filter((one) => allergenGroupsIn(one).length === 0)).toEqual([]);
    // What holds or may hold one says so.
    const holds = (id: string) =>
      FIXTURE.materials
        .find((one) => one.id === id)
        ?.hazards.flatMap((hazard) => (hazard.kind === "allergen" ? [hazard.allergen] : []));
    for (const id of [
      "oats",
      "pasta-wide",
      "pasta-large",
      "flour",
      "dough",
      "bread",
      "flatbread",
      "spaghetti",
    ])
      expect(holds(id), id).toContain("gluten");
    expect(holds("chickpeas")).toContain("legume");
    expect(holds("foam-taste-safe")).toContain("legume");
    expect(holds("egg-box")).toContain("egg");
  });
});
