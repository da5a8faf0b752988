import { amountText, GRAMS_PER_OUNCE, ML_PER_FLUID_OUNCE, type Units } from "./amounts";

/** Spoons and cups in ml: metric spoons, and US customary ones (a cup is 8 fluid ounces). */
const METRIC = { tablespoon: 15, teaspoon: 5 };
const US = {
  cup: 8 * ML_PER_FLUID_OUNCE,
  tablespoon: ML_PER_FLUID_OUNCE / 2,
  teaspoon: ML_PER_FLUID_OUNCE / 6,
};

const FRACTIONS: readonly (readonly [number, string])[] = [
  [0, ""],
  [0.25, "¼"],
  [1 / 3, "⅓"],
  [0.5, "½"],
  [2 / 3, "⅔"],
  [0.75, "¾"],
  [1, ""],
];

/** "1½", "¾", "2": to the nearest quarter or third; at least a quarter. */
export function fractionText(amount: number): string {
  const whole = Math.floor(amount + 1e-9);
  const rest = amount - whole;
  const [value, sign] = FRACTIONS.reduce((best, one) =>
    Math.abs(one[0] - rest) < Math.abs(best[0] - rest) ? one : best,
  );
  const n = value === 1 ? whole + 1 : whole;
  if (n === 0 && sign === "") return "¼";
  return `${n === 0 ? "" : n}${sign}`;
}

const count = (amount: number, name: string) =>
  `${fractionText(amount)} ${name}${amount > 1 + 1 / 12 && name !== "tsp" && name !== "tbsp" ? "s" : ""}`;

/** A volume in the measures of a kitchen: spoons while small, cups in US units above. */
function volumeText(ml: number, units: Units): string {
  if (units === "metric") {
    if (ml < 10) return `${count(ml / METRIC.teaspoon, "tsp")} (${amountText(Math.round(ml), "ml", units)})`;
    if (ml <= 60)
      return `${amountText(Math.round(ml), "ml", units)} (${count(ml / METRIC.tablespoon, "tbsp")})`;
    return amountText(Math.round(ml / 5) * 5, "ml", units);
  }
  if (ml < US.tablespoon * 0.9) return count(ml / US.teaspoon, "tsp");
  if (ml < US.cup / 4 - 1) return count(ml / US.tablespoon, "tbsp");
  return count(ml / US.cup, "cup");
}

const weightText = (g: number, units: Units): string =>
  units === "us"
    ? `${fractionText(g / GRAMS_PER_OUNCE)} oz`
    : `${g < 20 ? Math.round(g) : Math.round(g / 5) * 5} g`;

/** An amount of a recipe as one measures it in a kitchen. */
export function kitchenText(quantity: number, unit: "ml" | "g" | "piece", units: Units): string {
  if (unit === "ml") return volumeText(quantity, units);
  return unit === "g" ? weightText(quantity, units) : fractionText(quantity);
}
