import { describe, expect, it } from "vitest";
import { fieldOf, issuesOf, pathOf, pathsIn, plain } from "./values";

describe("the values of a form", () => {
  it("name a field as faults do", () => {
    expect(pathOf("birth")).toBe("birth");
    expect(pathOf(["others", 0, "name"])).toBe("others[0].name");
    expect(pathOf(["heightsCm", 2])).toBe("heightsCm[2]");
    expect(fieldOf("others[0].name")).toBe("others");
    expect(fieldOf("mix.anchors")).toBe("mix");
    expect(fieldOf("birth")).toBe("birth");
  });

  it("are sent with an empty text for what was emptied, however deep it lies", () => {
    expect(plain({ a: undefined, b: null, c: 0, d: false, e: [{ f: null, g: "x" }] })).toEqual({
      ...{ a: "", b: "", c: 0, d: false },
      e: [{ f: "", g: "x" }],
    });
  });

  it("tell which fields were changed, in lists as well", () => {
    expect(pathsIn({ name: "Ida" })).toEqual(["name"]);
    expect(pathsIn({ allergies: ["milk"] })).toEqual(["allergies"]);
    expect(pathsIn({ others: [undefined, { birth: "2025-01-01" }] })).toEqual(["others", "others[1].birth"]);
    expect(pathsIn({ cord: null })).toEqual(["cord"]);
  });

  it("find the faults of some fields and of what is inside them", () => {
    const issues = ["name", "others[1].birth", "heightsCm"].map((path) => ({
      ...{ code: "x", path, message: path },
    }));
    expect(issuesOf(issues, ["others", "name"]).map((one) => one.path)).toEqual(["name", "others[1].birth"]);
  });
});
