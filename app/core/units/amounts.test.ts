import { describe, expect, it } from "vitest";
import { amountText, sizeText } from "./amounts";

describe("amounts", () => {
  it("are written as the household measures", () => {
    expect(amountText(6, "piece", "us")).toBe("6 ×");
    expect(amountText(1, "sheet", "metric")).toBe("1 sheet");
    expect(amountText(120, "ml", "metric")).toBe("120 ml");
    expect(amountText(118.294, "ml", "us")).toBe("4 fl oz");
    expect(amountText(25.4, "cm", "us")).toBe("10 in");
    expect(amountText(28.35, "g", "us")).toBe("1 oz");
  });
  it("give the sizes of a piece", () => {
    expect(sizeText({ shape: "disc", mm: [50.8, 8] }, "us")).toBe("2 × 0.31 in");
    expect(sizeText({ shape: "disc", mm: [50.8, 8] }, "metric")).toBe("50.8 × 8 mm");
  });
});
