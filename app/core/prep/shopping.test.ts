import { describe, expect, it } from "vitest";
import { shoppingText } from "../../words/prep";
import { Holding } from "../model";
import { anId } from "../testing/ids";
import { shoppingFor } from "./shopping";
import { materials, stamp } from "./testing/trays";

describe("shopping", () => {
  const allot = (material: string, quantity: number, holding?: string, need = material) => ({
    need: anId(need),
    material: anId(material),
    quantity,
    ...(holding ? { holding: anId(holding) } : {}),
  });
  const trayOf = (
    name: string,
    allotted: ReturnType<typeof allot>[],
    asked: Record<string, string> = {},
  ) => ({
    name,
    tray: { allotted },
    asked: new Map(Object.entries(asked)),
  });
  const have = (material: string, quantity: number) =>
    Holding.parse({ ...stamp, id: material, site: anId("home"), material, quantity });

  it("buys whole packs for what is missing, and says what is left over", () => {
    const shopping = shoppingFor(
      [trayOf("Pegs", [allot("peg-large", 9)]), trayOf("More pegs", [allot("peg-large", 7)])],
      [have("peg-large", 3)],
      materials,
      new Map(),
    );
    expect(shopping.lines).toMatchObject([
      {
        needed: 16,
        have: 3,
        get: 13,
        packs: { count: 2, cents: 700, leftOver: 11 },
        trays: ["Pegs", "More pegs"],
      },
    ]);
    expect(shopping.cents).toBe(700);
  });

  it("does not count what is promised to another tray", () => {
    const shopping = shoppingFor(
      [trayOf("A", [allot("peg-large", 3, "peg-large")]), trayOf("B", [allot("peg-large", 2)])],
      [have("peg-large", 4)],
      materials,
      new Map(),
    );
    expect(shopping.lines).toMatchObject([{ needed: 2, have: 1, get: 1, packs: { count: 1 } }]);
  });

  it("does not count what is mixed into another tray", () => {
    const mixed = {
      need: anId("dough"),
      material: anId("dough"),
      quantity: 1,
      mixed: [{ holding: anId("flour"), quantity: 300 }],
    };
    const shopping = shoppingFor(
      [
        { ...trayOf("Dough", []), tray: { allotted: [mixed] } },
        trayOf("Flour to sift", [allot("flour", 200)]),
      ],
      [have("flour", 400)],
      materials,
      new Map(),
    );
    expect(shopping.lines).toMatchObject([{ needed: 200, have: 100, get: 100, trays: ["Flour to sift"] }]);
  });

  it("has no line for what is there already", () => {
    const shopping = shoppingFor(
      [trayOf("A", [allot("peg-large", 4)])],
      [have("peg-large", 4)],
      materials,
      new Map(),
    );
    expect(shopping).toEqual({ lines: [], standIns: [], cents: 0 });
  });

  it("says of what a sheet makes that it can be printed at home, and of nothing else", () => {
    const shopping = shoppingFor(
      [trayOf("A", [allot("cards-number", 5), allot("peg-large", 3)])],
      [],
      materials,
      new Map(),
    );
    const lines = shoppingText(shopping, [], new Set([anId("cards-number")]), "For Monday", "metric").split(
      "\n",
    );
    expect(lines.filter((line) => line.endsWith(", or printed at home"))).toHaveLength(1);
    expect(lines.find((line) => line.endsWith("at home"))).toMatch(/number/i);
  });

  it("crosses off what something in the house serves, and says so as text", () => {
    const shopping = shoppingFor(
      [trayOf("A", [allot("pot-plastic", 2, "pot-plastic", "bowls")], { bowls: "bowl-small" })],
      [have("pot-plastic", 2)],
      materials,
      new Map(),
    );
    expect(shopping.lines).toEqual([]);
    expect(shoppingText(shopping, [], new Set([anId("cards-number")]), "For Monday", "metric")).toBe(
      "For Monday\n- not needed: small bowl, unbreakable (food pot, 250 ml serves)",
    );
  });
});
