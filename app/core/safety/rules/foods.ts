import { isAllergicTo, isFoodAllergen } from "../allergens";
import { byAge, type HazardRule, under } from "./rule";

/** Under this age nothing but milk is eaten: public infant-feeding advice says about six months, and sitting. */
const EATS_FROM_MONTHS = 6;

/** Rules on what is eaten, or might be. */
export const FOOD_RULES: readonly HazardRule[] = [
  {
    id: "honey",
    kind: "honey",
    reason: "Honey can carry spores that make a baby gravely ill.",
    advice: "None before the first birthday.",
    short: "Honey: not before the first birthday.",
    source: "Public infant-feeding advice",
    effectFor: (_, who) => (under(who, 12) ? "block" : undefined),
  },
  {
    id: "choking-food",
    kind: "choking-food",
    reason: "This food can block the throat.",
    advice: "Cut it lengthwise into small, soft pieces, or take another food; the child sits while eating.",
    short: "Food cut small and soft; sitting down.",
    act: "The child sits upright and stays sitting until the mouth is empty. You sit opposite.",
    source: "Public advice on choking and young children (whole grapes, nuts, hard raw pieces, popcorn)",
    position: "arms-reach",
    effectFor: (hazard, who) =>
      "untilMonths" in hazard && hazard.untilMonths !== undefined && under(who, Math.ceil(hazard.untilMonths))
        ? "block"
        : "caution",
  },
  {
    id: "eaten",
    kind: "eaten",
    reason: "Soft food blocks the throat as well: bread balls up, and banana, orange and lettuce stick.",
    advice:
      "Not before about six months and sitting steadily. The child sits upright and you watch. You cut round food lengthwise into strips and take out pips, skin and strings; nothing round and hard.",
    short: "Eating: upright, seated, watched; you cut it lengthwise.",
    act: "The child sits upright and stays sitting until the mouth is empty. You watch, and you cut: lengthwise, no pips, nothing round and hard.",
    source: "Public advice on choking and first foods (seated, watched, cut lengthwise)",
    position: "beside",
    effectFor: (_, who) => (under(who, EATS_FROM_MONTHS) ? "block" : under(who, 60) ? "caution" : undefined),
  },
  {
    id: "raw-flour",
    kind: "raw-flour",
    reason: "Raw flour can carry germs that make a small child ill.",
    advice: "Cook the dough (see its recipe), or keep it for baking together with hands washed after.",
    short: "Raw flour: none in the mouth, hands washed after.",
    act: "Nothing raw goes into the mouth. Hands and table are washed afterwards.",
    source: "Public food-safety advice on raw flour and dough",
    position: "arms-reach",
    effectFor: byAge({ hold: 60 }, "block"),
  },
  {
    id: "raw-egg",
    kind: "raw-egg",
    reason: "Raw egg can carry germs that make a small child very ill.",
    advice: "The adult breaks and stirs it, or take a boiled one; hands and bowls are washed after.",
    short: "Raw egg: the adult's hands only, wash up after.",
    act: "You break and stir the egg. Nothing raw is tasted, and hands are washed at once.",
    source: "Public food-safety advice on raw egg",
    position: "arms-reach",
    effectFor: byAge({ block: 36, hold: 60 }, "block"),
  },
  {
    id: "allergen",
    kind: "allergen",
    reason: "Some children react to it.",
    advice:
      "Not with a known allergy. The first time a little, by day; ask your doctor where there is allergy in the family.",
    short: "Allergen: a little the first time, by day.",
    source: "Regulation (EU) No 1169/2011, Annex II (what labels name); public infant-feeding advice",
    effectFor: (hazard, who) => {
      if (!("allergen" in hazard)) return undefined;
      if (isAllergicTo(who.allergies, hazard.allergen)) return "block";
      return under(who, 36) && isFoodAllergen(hazard.allergen) ? "caution" : undefined;
    },
  },
];
