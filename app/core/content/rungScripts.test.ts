import { describe, expect, it } from "vitest";
import { GUIDES } from "../../catalogue/guides";
import { rungScriptsAfter } from "./rungScripts";

describe("what rungs say otherwise, after a change of the common script", () => {
  const guide = GUIDES["tongs-and-balls"];
  if (!guide?.rungs) throw new Error("the catalogue has changed");

  it("stays where nothing was changed", () => {
    expect(rungScriptsAfter(guide, guide)).toEqual(guide.rungs);
  });

  it("gives way in the part that was written anew, and in no other", () => {
    const left = rungScriptsAfter(guide, { ...guide, quiet: ["Do it our way.", "Then wait."] });
    expect(Object.values(left ?? {}).every((script) => script.quiet === undefined)).toBe(true);
    expect(Object.entries(left ?? {}).flatMap(([rung, { talk }]) => (talk ? [rung] : []))).toEqual([
      "two-spoons",
    ]);
  });

  it("is gone where all of it was written anew", () => {
    const anew = ["One.", "Two."];
    const all = { ...guide, quiet: anew, talk: anew, explore: anew, watchFor: anew, mistake: "None." };
    expect(rungScriptsAfter(guide, all)).toBeUndefined();
  });
});
