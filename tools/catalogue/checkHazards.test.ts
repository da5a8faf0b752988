import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { mixturesNamingTooFew } from "../../app/core/content/checkMixtures";
import type { Activity, Theme } from "../../app/core/model";
import { unsafeMakings, unsafeRecipes, unsafeThemes } from "./checkAround";
import { uncountedStrips, untoldHazards, withoutSteadyHead } from "./checkHazards";
import { readContent } from "./read";

const content = readContent(join(import.meta.dirname, "../../app/catalogue"));
const { pack, hazardWords } = content;
const materials = new Map<string, (typeof pack.materials)[number]>(
  pack.materials.map((one) => [one.id, one]),
);

/** An activity of the catalogue in which every rung says one more sentence and has no hazard of its own. */
function planted(sentence: string, id = "row-of-two"): Activity[] {
  const activity = pack.activities.find((one) => one.id === id);
  if (!activity?.guide) throw new Error(`there is no activity ${id} with a guide`);
  return [
    {
      ...activity,
      guide: { ...activity.guide, quiet: [sentence], rungs: {} },
      rungs: activity.rungs.map((rung) => ({ ...rung, hazards: [] })),
    },
  ];
}

describe("sentences that call for a caution", () => {
  it.each([
    ["windows", "Look out of the window together."],
    ["roads", "Walk along the pavement to the crossing."],
    ["climbing", "Walk up the plank."],
    ["furniture", "Push the table nearer."],
    ["running-with-a-stick", "Run with the stick in the wind."],
    ["dens", "Crawl into the den."],
    ["kitchen", "Set it down beside the stove."],
    ["eating", "Let it be tasted."],
    ["soil", "Press the soil down."],
    ["plants", "Pick up a leaf."],
    ["electric", "Press the light switch."],
    ["animals", "Stroke the dog."],
    ["ponds", "Look into the pond."],
    ["torn-and-cut", "Tear off a corner."],
    ["walks-away", "Walk away."],
  ])("are found where the caution is missing: %s", (rule, sentence) => {
    const faults = untoldHazards(planted(sentence), materials, hazardWords);
    expect(faults.some((fault) => fault.endsWith(`[${rule}]`))).toBe(true);
  });

  it("pass where they mean something harmless", () => {
    const faults = untoldHazards(
      planted("Set the row down. What is missing leaves it open."),
      materials,
      hazardWords,
    );
    expect(faults).toEqual([]);
  });

  it("are none in the whole catalogue, and nobody is bounced whose head is not steady", () => {
    expect(untoldHazards(pack.activities, materials, hazardWords)).toEqual([]);
    expect(withoutSteadyHead(pack.activities)).toEqual([]);
    const ride = planted("Ride slowly.", "knee-ride").map((one) => ({
      ...one,
      rungs: one.rungs.map((rung) => ({ ...rung, needs: [], hazards: [{ kind: "head-control" as const }] })),
    }));
    expect(withoutSteadyHead(ride)).toHaveLength(ride[0]?.rungs.length ?? 0);
  });
});

describe("loose tape", () => {
  it("is counted in strips wherever it makes more than a short one", () => {
    expect(uncountedStrips(pack.activities, materials)).toEqual([]);
    expect(uncountedStrips(planted("Peel it off.", "free-the-animals"), materials).length).toBeGreaterThan(2);
  });
});

describe("themes, makings, recipes and mixtures", () => {
  it("are found where they lead to something that can hurt", () => {
    const [theme] = content.themes;
    if (!theme) throw new Error("a theme was expected");
    const led = (find: string): Theme => ({ ...theme, dress: [], print: [], find: [find] });
    const faultsOf = (find: string) => unsafeThemes([led(find)], pack.dangers, hazardWords).length;
    expect(faultsOf("a pond to look into from the bank")).toBe(1);
    expect(faultsOf("a level crossing")).toBe(1);
    expect(faultsOf("the neighbour's dog")).toBe(1);
    expect(faultsOf("a bucket of water")).toBe(1);
    expect(faultsOf("a pond seen hand in hand")).toBe(0);
    expect(faultsOf("paw prints after rain")).toBe(0);
    const [id = "", making] = Object.entries(content.makings)[0] ?? [];
    if (!making) throw new Error("a making was expected");
    expect(unsafeMakings({ [id]: { ...making, steps: ["Cut a window as large as a head."] } })).toHaveLength(
      1,
    );
    const [mixed] = pack.materials.filter((one) => one.recipe);
    if (!mixed?.recipe) throw new Error("a recipe was expected");
    expect(unsafeRecipes([{ ...mixed, recipe: { ...mixed.recipe, how: "Boil it." } }])).toHaveLength(1);
  });

  it("name every allergen of their parts", () => {
    expect(mixturesNamingTooFew(pack.materials)).toEqual([]);
    const bare = pack.materials.map((one) => (one.id === "dough" ? { ...one, hazards: [] } : one));
    expect(mixturesNamingTooFew(bare).map((issue) => issue.message.match(/\((\S+)\)\.$/)?.[1])).toEqual([
      "gluten",
      "maize",
      "citrus",
    ]);
  });
});
