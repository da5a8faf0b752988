import { type HazardRule, under } from "./rule";

/** What the list of dangerous things says of something that bears such a name; the list gives reason and source. */
export const DANGER_RULE: HazardRule = {
  id: "danger",
  kind: "danger",
  reason: "It reads like a dangerous thing.",
  advice: "Take something else.",
  short: "Reads like a dangerous thing.",
  act: "It stays in your hand or on your side, and is put away before you get up.",
  source: "The list of dangerous things, each with its source",
  position: "arms-reach",
  effectFor: (hazard, who) => {
    if (hazard.kind !== "danger") return undefined;
    const { effect, untilMonths } = hazard;
    if (untilMonths === undefined || under(who, Math.ceil(untilMonths)) || who.mouths) return effect;
    return effect === "block" ? "hold" : "caution";
  },
};
