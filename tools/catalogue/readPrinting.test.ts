import { describe, expect, it } from "vitest";
import { Printing } from "../../app/core/model";
import { printingFaults } from "./readPrinting";

const printing = (things: unknown, named: unknown = {}) => Printing.parse({ named, things });
const faults = (read: Printing, sheet?: string) =>
  printingFaults(read, new Set(["cards"]), [
    { id: "match", rungs: [{ id: "two" as never, ...(sheet ? { sheet } : {}) }] },
  ]);
const cards = (more: object) => ({ material: "cards", madeBy: [{ kind: "pairs" }], sheets: [], ...more });

describe("what is printed for trays", () => {
  it("is without a fault where all that it names is there", () => {
    const print = [{ kind: "pairs", values: { pairs: { take: "quantity", each: 2 } } }];
    const read = printing([cards({ sheets: [{ for: ["match", "match/two"], print }] })], {
      "by name": print,
    });
    expect(faults(read, "by name")).toEqual([]);
  });

  it.each<[string, Printing, RegExp, string?]>([
    ["a sheet that nobody knows by that name", printing([]), /asks for the sheet "boats"/, "boats"],
    ["a thing that is nowhere", printing([cards({ material: "coins" })]), /"coins" is no thing/],
    [
      "the width of a thing that is nowhere",
      printing([], { a: [{ kind: "pairs", values: { cardMm: { take: "width", of: ["coins"] } } }] }),
      /"coins" is no thing/,
    ],
    [
      "an activity that is nowhere",
      printing([cards({ sheets: [{ for: ["march"], print: [] }] })]),
      /"march" is no activity/,
    ],
    [
      "a kind of sheet that is nowhere",
      printing([], { a: [{ kind: "maps" }] }),
      /"maps" is no kind of sheet/,
    ],
    [
      "a field that the sheet has not",
      printing([], { a: [{ kind: "pairs", values: { wheels: 4 } }] }),
      /"pairs" has no field "wheels"/,
    ],
  ])("tells of %s", (_, read, fault, sheet) => {
    expect(faults(read, sheet)).toEqual([expect.stringMatching(fault)]);
  });
});
