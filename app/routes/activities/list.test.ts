import { beforeAll, describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { situationOf } from "../../core/household";
import { anId } from "../../core/testing/ids";
import { openDemo } from "../../engine/commands/demo";
import { allFacts, supplyOf } from "../../engine/queries/activityFacts";
import { activityView } from "../../engine/queries/activityView";
import { emptyBrowser, shownHome } from "../../engine/store/testing/browserStore";
import { filtersOf, passes } from "./filters";
import { finderFor } from "./finder";

async function demo(childName = "Tove") {
  const home = await shownHome();
  if (!home) throw new Error("the demo was expected");
  const situation = situationOf(CATALOGUE, home.tables, home.on);
  const child = situation.planned.find((one) => one.name === childName);
  if (!child) throw new Error("a child was expected");
  return { home, situation, child };
}

// Nothing here changes what is stored.
beforeAll(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("the list", () => {
  it("has every activity once, what fits now and is all there first", async () => {
    const { situation, child } = await demo();
    const facts = allFacts(situation, child);
    expect(new Set(facts.map((one) => one.id)).size).toBe(CATALOGUE.activities.length);
    expect(facts[0]).toMatchObject({ word: "now", supply: "there" });
    const words = facts.map((one) => one.word);
    expect(words.lastIndexOf("now")).toBeLessThan(words.indexOf("coming"));
  });

  it("with a material shows only what it can be used for, at a rung that uses it", async () => {
    const { situation, child } = await demo();
    const facts = allFacts(situation, child, anId("muffin-tin"));
    expect(facts.length).toBeGreaterThanOrEqual(8);
    for (const one of facts) {
      const rung = CATALOGUE.activities.find((a) => a.id === one.id)?.rungs.find((r) => r.id === one.rung);
      const uses = rung?.materials.some(
        (need) =>
          need.material === "muffin-tin" ||
          CATALOGUE.materials
            .find((m) => m.id === need.material)
            ?.standIns.some((standIn) => standIn.material === "muffin-tin"),
      );
      expect(uses, one.id).toBe(true);
    }
  });

  it("is another one for the baby", async () => {
    const { situation, child } = await demo("Pim");
    const now = allFacts(situation, child).filter((one) => one.word === "now");
    expect(now.length).toBeGreaterThan(20);
    expect(now.every((one) => one.medianMonths < 9)).toBe(true);
  });

  it("says what is missing by name", async () => {
    const { situation, child } = await demo();
    const lacking = allFacts(situation, child).filter(
      (one) => one.supply === "buy" || one.supply === "missing",
    );
    expect(lacking.length).toBeGreaterThan(0);
    for (const one of lacking) expect(one.lacks.length).toBeGreaterThan(0);
    expect(supplyOf([])).toBe("there");
  });
});

describe("the filters", () => {
  let facts: ReturnType<typeof allFacts> = [];
  beforeAll(async () => {
    const { situation, child } = await demo();
    facts = allFacts(situation, child);
  });
  const pass = (query: string) => {
    const filters = filtersOf(new URLSearchParams(query));
    return facts.filter((one) => passes(one, filters));
  };

  it.each<[string, (one: ReturnType<typeof allFacts>[number]) => boolean]>([
    ["fit=now", (one) => one.word === "now"],
    ["area=world", (one) => one.area === "world"],
    ["family=pour", (one) => one.family === "pour"],
    ["place=outdoors", (one) => one.places.includes("outdoors")],
    ["prep=2", (one) => one.minutes.prep <= 2],
    ["prep=0", (one) => one.minutes.prep === 0],
    ["there=on", (one) => one.supply === "there" || one.supply === "stand-in"],
    ["clean=on", (one) => !one.wet && !one.messy],
    ["quiet=on", (one) => !one.loud],
    ["skill=threads", (one) => one.grows.includes("threads")],
  ])("%s keeps what it says, and only that", (query, holds) => {
    const [kept, all] = [pass(query), pass("")];
    expect(kept.length).toBeGreaterThan(0);
    expect(kept).toEqual(all.filter(holds));
  });

  it("ignore what is odd in the address", () => {
    expect(pass("area=moon&place=roof&prep=soon&fit=never")).toEqual(pass(""));
  });
});

describe("words", () => {
  const find = finderFor(CATALOGUE);

  it.each([
    ["muffin tin", "a-ball-each-well"],
    ["mufin", "a-ball-each-well"],
    ["noodle rope", "rings-on-a-rope"],
    ["scisors", "first-scissors"],
    ["pouring", "pour-jug-to-jug"],
    ["snail", "letters-to-feel"],
  ])("%s finds %s", (words, id) => {
    const found = find(words);
    if (id === "letters-to-feel") expect(found.length).toBeGreaterThan(5);
    else expect(found).toContain(id);
  });

  it("puts a name before a mention, and finds nothing in nonsense", () => {
    expect(find("bear hungry")[0]).toBe("the-bear-is-hungry");
    expect(find("qqqqzzz")).toEqual([]);
  });
});

describe("an activity opened", () => {
  const open = async (id: string, rung: string | null = null) => {
    const { home, situation, child } = await demo();
    const activity = CATALOGUE.activities.find((one) => one.id === id);
    const view =
      activity && activityView(home, situation, child, activity, rung === null ? undefined : anId(rung));
    if (!view) throw new Error("a view was expected");
    return view;
  };

  it("stands at the child's rung, with what was noted", async () => {
    const view = await open("rings-on-a-rope");
    expect(view.index).toBe(view.ladder.at);
    expect(view.notes.length).toBeGreaterThan(3);
    expect(view.history.tray).toBeDefined();
  });

  it("judges every place that suits, the safest first; small beads are not for the low boards", async () => {
    const view = await open("rings-on-a-rope", "lace-medium");
    expect(view.places.length).toBeGreaterThan(3);
    const states = view.places.map((one) => one.safety.state);
    const order = ["free", "adult-held", "blocked"];
    expect(states).toEqual([...states].sort((a, b) => order.indexOf(a) - order.indexOf(b)));
    expect(states).toContain("blocked");
    expect(states).not.toContain("free");
    expect(view.twin).toBeDefined();
  });
});
