import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { partText } from "../../words/prep";
import { scaledRecipe } from "../materials";
import { Holding, type Material } from "../model";
import type { PrepLine } from "./lines";
import { missingParts } from "./parts";
import { stamp } from "./testing/trays";

const materials = new Map<string, Material>(CATALOGUE.materials.map((one) => [one.id, one]));
const have = (material: string, quantity: number) =>
  Holding.parse({ ...stamp, id: material, site: "home", material, quantity });

function mixLine(id: string, quantity: number, times?: number): PrepLine {
  const material = materials.get(id);
  const mixed = material && scaledRecipe(material, quantity);
  if (!material?.recipe || !mixed) throw new Error(`no recipe for ${id}`);
  return {
    ...{ id: `mix ${id}`, step: "mix", trays: ["A tray"], minutes: 5, evening: false },
    task: { task: "mix", thing: material.name, mixed, recipe: material.recipe },
    ...(times ? { times } : {}),
  };
}

describe("what is needed to mix", () => {
  it("leaves out what is there and the water, and says what to look for", () => {
    const parts = missingParts(
      [mixLine("dough", 500)],
      [have("flour", 1000), have("cornflour", 5)],
      materials,
    );
    expect(parts.map((part) => partText(part, "metric"))).toEqual([
      "cooking oil: 25 ml (1⅔ tbsp), for salt-free play dough, home-made",
      "cornflour: 20 g, for salt-free play dough, home-made; 5 g there",
      "lemon juice: 15 ml (1 tbsp), for salt-free play dough, home-made",
    ]);
  });

  it("adds up over all that is mixed, each time of it", () => {
    const lines = [mixLine("dough", 500), mixLine("foam-taste-safe", 600, 4)];
    const cornflour = missingParts(lines, [], materials).find((one) => one.name === "cornflour");
    expect(cornflour).toMatchObject({ quantity: 40, have: 0, unit: "g" });
    expect(cornflour?.mixes).toHaveLength(2);
    expect(missingParts(lines, [have("cornflour", 40)], materials).map((one) => one.name)).not.toContain(
      "cornflour",
    );
  });

  it("is nothing where nothing is mixed", () => {
    expect(missingParts([], [have("flour", 10)], materials)).toEqual([]);
  });
});
