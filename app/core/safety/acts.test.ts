import { describe, expect, it } from "vitest";
import type { Place } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { blockReasonOf, type Finding, safetyActions } from "./assess";
import { suitsPlace } from "./offer";

const finding = (effect: Finding["effect"], act: string, reason = act): Finding => ({
  rule: act,
  effect,
  child: anId("c"),
  reason,
  advice: "",
  short: "",
  act,
});

describe("what is said before a tray is shown", () => {
  it("comes the hardest first, each thing once, at most four", () => {
    const findings = [
      finding("caution", "a"),
      finding("block", "b"),
      finding("hold", "c"),
      finding("caution", "a"),
      finding("caution", "d"),
      finding("caution", "e"),
    ];
    expect(safetyActions({ findings })).toEqual(["b", "c", "a", "d"]);
  });

  it("names the reason of the first rule that blocks, and none where nothing does", () => {
    const findings = [finding("caution", "a"), finding("block", "b"), finding("block", "c")];
    expect(blockReasonOf({ findings })).toBe("b");
    expect(blockReasonOf({ findings: findings.slice(0, 1) })).toBe("");
  });
});

describe("a place for a rung", () => {
  const activity = FIXTURE.activities.find((one) => one.id === "lids-to-pots");
  const [rung] = activity?.rungs ?? [];
  if (!activity || !rung) throw new Error("the fixture has no lids");
  const at = (kind: Place["kind"], ...servesOnly: string[]) =>
    suitsPlace(activity, rung, { kind, servesOnly } as unknown as Place, [
      { id: anId("a") },
      { id: anId("b") },
    ]);

  it("has to be of its kind and for all of its users", () => {
    expect([at("bay"), at("bay", "a", "b"), at("bay", "a", "b", "c")]).toEqual([true, true, true]);
    expect([at("bay", "a"), at("bay", "c"), at("line"), at("line", "a", "b")]).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });
});
