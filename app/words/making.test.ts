import { expect, it } from "vitest";
import { CATALOGUE } from "../catalogue/catalogue";
import { MAKINGS } from "../catalogue/makings";
import { cutText, makingTimeText, nearText } from "./making";

const disc = CATALOGUE.materials.find((one) => one.id === "card-disc");
const box = MAKINGS["box-slot"];

it("says what to cut, in the measures of the household, for the piece as it is here", () => {
  const [cut] = box?.cuts ?? [];
  if (!cut || !disc) throw new Error("the catalogue has changed");
  expect(cutText(cut, disc, "metric")).toBe(
    "slot in the lid: 76 mm long, 14 mm wide, for stiff card disc, 6 cm (62 × 4 mm)",
  );
  const thick = { ...disc, piece: { shape: "disc", mm: [62, 9] } } as typeof disc;
  expect(cutText(cut, thick, "metric")).toContain("19 mm wide");
  expect(cutText(cut, disc, "us")).toContain("0.55 in wide");
  expect(cutText(cut, { ...disc, piece: undefined }, "metric")).toBeUndefined();
});

it("says how long it takes and who may be near", () => {
  expect(makingTimeText({ minutes: 12, dryHours: 0 })).toBe("12 min");
  expect(makingTimeText({ minutes: 8, dryHours: 24 })).toBe("8 min, then 24 h to dry");
  expect(nearText({ near: "alone" })).toMatch(/you alone/);
});
