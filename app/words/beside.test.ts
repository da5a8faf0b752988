import { describe, expect, it } from "vitest";
import { GUIDES } from "../catalogue/guides";
import { guideBeside } from "./beside";

describe("the ways of showing an adult-held tray", () => {
  const guides = Object.values(GUIDES);

  it("never leave it out, in any activity", () => {
    const left = guides.filter((guide) => guide.explore.some((text) => text.startsWith("Leave")));
    expect(left.length).toBeGreaterThan(20);
    for (const guide of guides) {
      const held = guideBeside(guide, "adult-held");
      expect(held.explore.filter((text) => /^(Leave|Walk away|Go away)/.test(text))).toEqual([]);
      expect(held.explore.length).toBeGreaterThan(0);
    }
  });

  it("stay as they are written on a tray that is free", () => {
    for (const guide of guides) expect(guideBeside(guide, "free")).toBe(guide);
  });
});
