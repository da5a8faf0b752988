import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { WARDROBE } from "../../catalogue/wardrobe";
import { anId } from "../testing/ids";
import { nearestThemes, themeFor, themeHelp, wordsOf } from ".";

const { themes } = WARDROBE;

describe("themes", () => {
  it("are at least forty; each dresses three activities and more, in words of its own", () => {
    expect(themes.length).toBeGreaterThanOrEqual(40);
    for (const theme of themes) {
      expect(theme.dress.length, theme.name).toBeGreaterThanOrEqual(3);
      expect(new Set(theme.dress.map((one) => one.how)).size, theme.name).toBe(theme.dress.length);
    }
    const words = themes.flatMap(wordsOf);
    expect(new Set(words).size).toBe(words.length);
  });

  it.each([
    ["dinosaurs", "dinosaurs"],
    ["Dino", "dinosaurs"],
    ["excavator", "diggers"],
    ["the farm", "the farm"],
    ["trucks", "cars and lorries"],
    ["airplane", "aeroplanes"],
    ["fall", "autumn"],
    ["a new baby", "a new baby"],
  ])("%s means %s", (word, name) => {
    expect(themeFor(word, themes)?.name).toBe(name);
  });

  it("is an interest that each activity serves which it dresses, so that the plan weighs it", () => {
    for (const { name, dress } of themes)
      for (const { activity } of dress)
        expect(CATALOGUE.activities.find((one) => one.id === activity)?.interests, activity).toContain(name);
  });

  it("says that nothing matches, what is near, and how three trays can be dressed in it", () => {
    expect(nearestThemes("dinosaur eggs", themes)[0]?.name).toBe("dinosaurs");
    expect(nearestThemes("xylqz", themes)).toEqual([]);
    const ids = Object.keys(WARDROBE.swaps).slice(0, 5).map(anId);
    const help = themeHelp("traffic lights", WARDROBE, [anId("no-such-activity"), ...ids]);
    expect(help).toMatchObject({ kind: "nothing" });
    if (help.kind === "nothing") expect(help.dress.map((one) => one.activity)).toEqual(ids.slice(0, 3));
    expect(themeHelp("trains", WARDROBE, ids)).toMatchObject({ kind: "theme", theme: { name: "trains" } });
  });
});
