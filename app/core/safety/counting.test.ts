import { describe, expect, it } from "vitest";
import { FIXTURE } from "../testing/fixtures";
import { countState, piecesToCount } from "./counting";

const materials = new Map(FIXTURE.materials.map((one) => [one.id, one]));

describe("counting out and back", () => {
  it("counts what lies loose in pieces, and not water, tape or what is fixed", () => {
    const rung = FIXTURE.activities
      .find((one) => one.id === "drops-and-squirts")
      ?.rungs.find((one) => one.id === "sponge-drip");
    if (!rung) throw new Error("the catalogue has changed");
    const allotted = rung.materials.map(({ id, material, quantity }) => ({ need: id, material, quantity }));
    expect(piecesToCount(rung, allotted, materials)).toBe(1);
  });

  it.each([
    ["never opened", [], { state: "shut" }],
    ["open", [{ on: "2026-05-10", out: 8 }], { state: "open", on: "2026-05-10", out: 8 }],
    ["all back", [{ on: "2026-05-10", out: 8, back: 8 }], { state: "shut" }],
    [
      "one missing",
      [{ on: "2026-05-10", out: 8, back: 7 }],
      { state: "missing", on: "2026-05-10", missing: 1 },
    ],
    [
      "found, and opened again",
      [
        { on: "2026-05-10", out: 8, back: 8 },
        { on: "2026-05-11", out: 6 },
      ],
      { state: "open", on: "2026-05-11", out: 6 },
    ],
  ])("%s", (_, countings, state) => {
    expect(countState(countings)).toEqual(state);
  });
});
