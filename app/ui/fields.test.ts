import { describe, expect, it } from "vitest";
import { changedFields, setField } from "./fields";

const fieldsOf = (...entries: [string, string][]) => {
  const fields = {};
  for (const [name, value] of entries) setField(fields, name, value);
  return fields;
};

describe("the fields of a form", () => {
  it("are a list where a name comes again, and rows where it says so", () => {
    expect(fieldsOf(["name", "cork"], ["hazards", "sharp"], ["hazards", "heavy"])).toEqual({
      name: "cork",
      hazards: ["sharp", "heavy"],
    });
    expect(fieldsOf(["lines.0.material", "a"], ["lines.1.material", "b"], ["lines.1.quantity", "2"])).toEqual(
      {
        lines: [{ material: "a" }, { material: "b", quantity: "2" }],
      },
    );
  });

  it("that stand as they stood are not sent: what another tab says meanwhile stays", () => {
    const opened = { minutes: 12, repeats: undefined, words: "as it was", help: "word" };
    const now = { minutes: "12", repeats: "", words: "", help: "alone", intent: "amend" };
    expect(changedFields(now, opened)).toEqual({ words: "", help: "alone", intent: "amend" });
  });
});
