import { describe, expect, it } from "vitest";
import { plainDate } from "../core/model";
import { dayFrom, shortDay } from "./dates";
import { countText, sureText } from "./numbers";
import { thingText } from "./things";

describe("numbers in words", () => {
  it("have one of a thing in the singular", () => {
    expect([0, 1, 2].map((n) => countText(n, "minute"))).toEqual(["0 minutes", "1 minute", "2 minutes"]);
  });

  it("say of a wide interval that it is hardly known, and give no figures that say nothing", () => {
    expect(sureText({ low: 0.09, high: 1 })).toBe("hardly known yet");
    expect(sureText({ low: 0.2, high: 0.7 })).toBe("roughly known: between 20% and 70%");
    expect(sureText({ low: 0.5, high: 0.8 })).toBe("well known: between 50% and 80%");
  });

  it("name the unit of a thing once", () => {
    expect(thingText(1, { name: "sheet of dark card", unit: "sheet" }, "metric")).toBe(
      "1 × sheet of dark card",
    );
    expect(thingText(30, { name: "tap water", unit: "ml" }, "metric")).toBe("30 ml tap water");
  });
});

describe("a day", () => {
  it("has its year where that is not the year it is read in", () => {
    const [here, there] = [plainDate("2026-12-30"), plainDate("2027-01-04")];
    expect(dayFrom(here, here)).toBe(shortDay(here));
    expect(dayFrom(there, here)).toContain("2027");
  });
});
