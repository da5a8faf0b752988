import { describe, expect, it } from "vitest";
import { Child } from "../model";
import { isBeyondActivities, isLaidDown, leftOutOn, outgrownOn, plannedOn } from "./planned";

const child = (id: string, birth: string, more: object = {}) =>
  Child.parse({
    ...{ id, name: id, birth, createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" },
    ...more,
  });
const ON = "2026-05-10" as Child["birth"];

describe("who is planned for", () => {
  const family = [
    child("baby", "2026-03-01"),
    child("toddler", "2024-05-01", { planFor: false }),
    child("old", "2020-10-01"),
    child("unborn", "2026-06-01"),
    child("older", "2015-10-01", { planFor: false }),
  ];

  it("is who is wanted, born, and not beyond all activities", () => {
    expect(plannedOn(family, ON).map((one) => one.id)).toEqual(["baby"]);
    expect(leftOutOn(family, ON).map((one) => one.id)).toEqual(["toddler"]);
    expect(outgrownOn(family, ON).map((one) => one.id)).toEqual(["old"]);
  });

  it("changes the day after 66 months, and for the one who was born early not before", () => {
    // 66 × 30.4375 days are 2,008.9 days.
    expect(isBeyondActivities(child("a", "2020-11-10"), ON)).toBe(false);
    expect(isBeyondActivities(child("a", "2020-11-08"), ON)).toBe(true);
  });

  it("lies where it is laid until six months, from the due date where that applies", () => {
    expect(isLaidDown(child("a", "2025-12-01"), ON)).toBe(true);
    expect(isLaidDown(child("a", "2025-11-01"), ON)).toBe(false);
    expect(isLaidDown(child("a", "2025-11-01", { due: "2025-12-01" }), ON)).toBe(true);
    expect(isLaidDown(child("a", "2026-06-01"), ON)).toBe(false);
  });
});
