import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { Activity, DANGER_KINDS } from "../model";
import { anId } from "../testing/ids";
import { dangersIn, dangersOfActivity, dangersOfThing } from "./dangers";
import { HAZARD_RULES } from "./rules";
import { namesSmallThing } from "./smallNames";

const { dangers } = CATALOGUE;
const found = (text: string) => dangersIn(text, dangers).map((one) => one.danger.id);

describe("the list of dangerous things", () => {
  it("has eighty entries and more, of every kind, each with its reason, source and what to use instead", () => {
    expect(dangers.length).toBeGreaterThanOrEqual(80);
    expect(new Set(dangers.map((one) => one.id)).size).toBe(dangers.length);
    expect(new Set(dangers.map((one) => one.kind))).toEqual(new Set(DANGER_KINDS));
    for (const { id, why, source, instead } of dangers) {
      expect({ id, told: Math.min(why.length, source.length, instead.length) > 4 }).toEqual({
        id,
        told: true,
      });
    }
  });

  it("finds each of its words, by itself and among others, and lets the harmless phrases pass", () => {
    const missed = dangers.flatMap(({ id, words, names, not }) => [
      ...[...words, ...names].filter((word) => !found(word).includes(id)).map((word) => `${id}: ${word}`),
      ...[...words, ...names]
        .filter((word) => !found(`3 old ${word} from the drawer`).includes(id))
        .map((word) => `${id}, among others: ${word}`),
      ...not.filter((phrase) => found(phrase).includes(id)).map((phrase) => `${id}, harmless: ${phrase}`),
    ]);
    expect(missed).toEqual([]);
  });

  it.each([
    ["small neodymium discs", /swallowed magnets/],
    ["baby walker", /reaches stairs/],
    ["paddling pool", /deep enough to drown/],
    ["skateboard", /Falls that break/],
    ["toilet brush", /remains of cleaning/],
    ["light bulb", /hot, breaks/],
  ])("gives the reason that is true of the thing itself: %s", (text, why) => {
    const ids = found(text);
    expect(dangers.filter((danger) => ids.includes(danger.id)).map((danger) => danger.why)).toEqual([
      expect.stringMatching(why),
    ]);
  });

  it.each([
    ["watter beads", "water-beads"],
    ["baloons", "balloon"],
    ["Button-batteries!", "button-cell"],
    ["waterbeads", "water-beads"],
    ["the kids' marbels", "marble"],
    ["kidney  beans (dry)", "kidney-beans"],
    ["PARACETAMOL", "medicine"],
  ])("forgives slips of the pen: %s", (text, id) => {
    expect(found(text)).toContain(id);
  });

  it.each([
    "table",
    "rolling pin",
    "matching cards",
    "butternut squash",
    "pine needles",
    "watering can",
    "toilet roll",
    "wooden blocks",
    "doughnut cushion",
    "colander",
    "grapefruit juice carton",
  ])("takes %s for nothing dangerous", (text) => {
    expect(found(text)).toEqual([]);
  });

  it("sees in running text only what can't mean anything else", () => {
    const prose = (text: string) => dangersIn(text, dangers, "prose").map((one) => one.danger.id);
    expect(prose("Watch how the lids match, then tie it off.")).toEqual([]);
    expect(prose("He found a button battery under the sofa.")[0]).toBe("button-cell");
  });

  it("is settled by a size only where smallness is the danger, and by the adult's word with its day", () => {
    const large = { shape: "sphere" as const, mm: [60] as [number] };
    expect(dangersOfThing({ name: "marbles", piece: large }, dangers)).toEqual([]);
    expect(dangersOfThing({ name: "water beads", piece: large }, dangers)).toHaveLength(1);
    const said = [{ danger: anId("water-beads"), on: "2026-05-10" as never }];
    expect(dangersOfThing({ name: "water beads", piece: large }, dangers, said)).toEqual([]);
  });

  it("speaks through a rule of its own", () => {
    expect(HAZARD_RULES.filter((rule) => rule.kind === "danger")).toHaveLength(1);
  });
});

describe("an activity that names a dangerous thing", () => {
  const activity = Activity.parse({
    id: anId("a"),
    name: "Scoop",
    invitation: "Scoop and tip.",
    area: "hands",
    family: "f",
    form: "g",
    glyph: "ball",
    places: ["table"],
    prepMinutes: 1,
    clearMinutes: 1,
    playMinutes: 1,
    rungs: ["large shells", "dry lentils"].map((title, i) => ({
      id: anId(`r${i}`),
      title,
      window: { p10: 10, median: 14, p90: 20 },
      axes: {},
      grows: [anId("posts")],
      materials: [],
    })),
  });

  it("is found by rung, and as a whole where its common words say so", () => {
    const { common, rungs } = dangersOfActivity(activity, dangers);
    expect(common).toEqual([]);
    expect(rungs.map((one) => one.map((danger) => danger.id))).toEqual([[], ["dry-pulses"]]);
    const beads = { ...activity, invitation: "Water beads slip away." };
    expect(dangersOfActivity(beads, dangers).common.map((one) => one.id)).toEqual(["water-beads"]);
  });
});

describe("names of small things", () => {
  it.each(
    `acorn, grape, pom-pom, pompom, marble, bead, button, coin, pebble, shell, bean, pea, lentil, nut, cork,
    bottle cap, peg, screw, sequin, pasta, raisin, cherry stone, eraser, sticker, ring, pin, star, sugar cube, crayon`
      .split(",")
      .map((one) => one.trim()),
  )("%s needs a size", (name) => {
    expect([namesSmallThing(name), namesSmallThing(`6 ${name}s`)]).toEqual([true, true]);
  });

  it("dice need one, too, in both numbers", () => {
    expect([namesSmallThing("dice"), namesSmallThing("a wooden die")]).toEqual([true, true]);
  });

  it.each(["towel", "blanket", "big box", "scarf", "pillow case", "apron"])("%s does not", (name) => {
    expect(namesSmallThing(name)).toBe(false);
  });
});
