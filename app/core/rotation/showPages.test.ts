import { describe, expect, it } from "vitest";
import { GUIDES } from "../../catalogue/guides";
import { pageAt, showPages } from "./showPages";

describe("showing", () => {
  it("begins with what to mind, then one step a page, and ends with what to watch; for every guide and way", () => {
    for (const [id, guide] of Object.entries(GUIDES)) {
      for (const way of ["quiet", "talk", "explore"] as const) {
        const pages = showPages(guide, way, ["Pull at every knot."]);
        expect(pages[1]).toEqual({ kind: "safe", acts: ["Pull at every knot."] });
        expect({ id, first: pages[0]?.kind, last: pages.at(-1)?.kind }).toEqual({
          id,
          first: "mind",
          last: "end",
        });
        const steps = pages.flatMap((page) => (page.kind === "step" ? [page] : []));
        expect(steps.map((page) => page.text)).toEqual(guide[way]);
        expect(steps.map((page) => page.number)).toEqual(steps.map((_, i) => i + 1));
        if (way !== "talk") expect(steps.every((page) => page.words.length === 0)).toBe(true);
      }
    }
  });

  it("offers in talk-through only words of the activity that the step does not say itself", () => {
    for (const guide of Object.values(GUIDES)) {
      for (const page of showPages(guide, "talk", [])) {
        if (page.kind !== "step") continue;
        for (const word of page.words) {
          expect(guide.words).toContain(word);
          expect(page.text.toLowerCase()).not.toContain(word.toLowerCase());
        }
      }
    }
  });

  it.each([
    [null, 0],
    ["2", 2],
    ["99", 4],
    ["-3", 0],
    ["x", 0],
  ])("keeps to the pages there are: %s", (step, page) => {
    expect(pageAt(5, step)).toBe(page);
  });
});
