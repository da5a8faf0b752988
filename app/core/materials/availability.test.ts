import { describe, expect, it } from "vitest";
import { type Fit, Holding, type Need, NeedId } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { lacking, needStates } from "./availability";
import { materialIndex, stockOf } from "./options";

const materials = materialIndex(FIXTURE);
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const stateOf = (have: Record<string, number>, ...needs: [string, number][]) =>
  statesWith([], have, ...needs);
const statesWith = (fits: readonly Fit[], have: Record<string, number>, ...needs: [string, number][]) => {
  const holdings = Object.entries(have).map(([material, quantity]) =>
    Holding.parse({ ...stamp, id: material, site: anId("home"), material, quantity, where: "drawer" }),
  );
  const asked: Need[] = needs.map(([material, quantity]) => ({
    id: anId(material),
    material: anId(material),
    quantity,
    loose: true,
  }));
  return needStates(
    { materials: asked, fits: [...fits] },
    materials,
    stockOf(materials, holdings, anId("home"), 0),
  );
};

describe("what is there for a rung", () => {
  it("has it, with its place", () => {
    expect(stateOf({ "bowl-small": 3 }, ["bowl-small", 2])).toMatchObject([
      { state: "have", where: "drawer" },
    ]);
  });

  it("takes a stand-in, the best one", () => {
    const [state] = stateOf({ "cup-plastic": 4, "pot-plastic": 4 }, ["bowl-small", 2]);
    expect(state).toMatchObject({ state: "stand-in", material: "pot-plastic" });
  });

  it("says how many packs are to be bought, what is there already taken off", () => {
    const [state] = stateOf({ "peg-large": 2 }, ["peg-large", 15]);
    expect(state).toMatchObject({ state: "buy", packs: 2, cents: 700 });
    expect(stateOf({ "peg-large": 3 }, ["peg-large", 15])).toMatchObject([{ state: "buy", packs: 1 }]);
  });

  it("says too few and missing where nothing can be bought", () => {
    expect(stateOf({ towel: 1 }, ["towel", 2])).toMatchObject([{ state: "too-few", have: 1 }]);
    expect(stateOf({}, ["towel", 1])).toMatchObject([{ state: "missing" }]);
  });

  it("takes no stand-in that does not go together with the other things", () => {
    const bigAndLittle = (...fits: Fit[]) =>
      statesWith(fits, { "card-disc": 12 }, ["lid-disc", 4], ["card-disc", 4])[0];
    expect(bigAndLittle()).toMatchObject({ state: "stand-in", material: "card-disc" });
    const larger: Fit = { how: "larger", a: NeedId.parse("lid-disc"), b: NeedId.parse("card-disc") };
    expect(bigAndLittle(larger)).toMatchObject({ state: "missing" });
  });

  it("counts a stand-in as there, and names the rest", () => {
    const states = stateOf({ "pot-plastic": 2 }, ["bowl-small", 1], ["towel", 1], ["peg-large", 3]);
    expect(lacking(states)).toEqual(["towel", "peg-large"]);
  });
});
