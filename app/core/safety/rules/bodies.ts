import { byAge, type HazardRule, under } from "./rule";

/** From this age on a baby is taken to hold the head steady when held upright, even where nobody ticked it. */
const HOLDS_HEAD_FROM_MONTHS = 6;

/** Rules on falls, on being held, on breath and ears. */
export const BODY_RULES: readonly HazardRule[] = [
  {
    id: "climb",
    kind: "climb",
    reason: "A fall from a step, a stair or a height hurts.",
    advice:
      "Stand below the child, bare feet, a dry floor and nothing hard around. Afterwards the way up is shut again.",
    short: "Stand below, floor dry, way up shut afterwards.",
    act: "Dry floor, bare feet, nothing hard around. Stand below, within arm's reach, and shut the way up afterwards.",
    source: "Usual home-safety advice on stairs and steps",
    position: "arms-reach",
    effectFor: byAge({ caution: 48 }),
  },
  {
    id: "tower",
    kind: "tower",
    reason: "A step tower is a climb at a height: it tips, and a child steps off backwards.",
    advice: "Not before 18 months and steady standing. The rail is shut, and you stand behind.",
    short: "Tower: rail shut, you behind.",
    act: "Try that the tower stands firm. Shut the rail, and stand behind within arm's reach.",
    source: "Usual home-safety advice on steps; our judgement for the age",
    position: "arms-reach",
    effectFor: byAge({ block: 18, caution: 60 }),
  },
  {
    id: "slippery",
    kind: "slippery",
    reason: "Card, cloth, water or beans on the floor slip away under a foot.",
    advice: "Tape it down along all edges, bare feet, wipe up what is spilled at once.",
    short: "Slips: taped down, bare feet.",
    act: "Tape it down along all edges and try it with your own foot. Bare feet.",
    source: "Usual home-safety advice on falls",
    position: "beside",
    effectFor: byAge({ caution: 60 }),
  },
  {
    id: "wet-floor",
    kind: "wet-floor",
    reason: "A wet bath, tub or floor is slippery, and a child who stands up falls.",
    advice:
      "Lay a bath mat that does not slip, inside and in front. The child sits; wipe the floor dry first.",
    short: "Wet: mat that does not slip, the child sits.",
    act: "Lay a bath mat that does not slip, inside and in front. The child stays sitting; you lift out.",
    source: "Usual home-safety advice on falls",
    position: "arms-reach",
    effectFor: byAge({ caution: 72 }),
  },
  {
    id: "head-control",
    kind: "head-control",
    reason: "A baby who does not hold the head steady yet can be hurt when held upright, swung or bounced.",
    advice:
      "Wait until the head stays steady when you hold the child upright. Slow and small; never shake or toss.",
    short: "Head steady first; slow and small.",
    act: "One hand behind head and shoulders. Slow and small; stop when the head drops.",
    source: "Public advice on handling babies (support of head and neck, never shake)",
    position: "arms-reach",
    effectFor: (_, who) => {
      if (!who.holdsHead && under(who, HOLDS_HEAD_FROM_MONTHS)) return "block";
      return under(who, 18) ? "caution" : undefined;
    },
  },
  {
    id: "covers-face",
    kind: "covers-face",
    reason: "Cloth or a hand over the face can stop a baby's breath, and a blindfold hides the next step.",
    advice:
      "A light cloth you can see through, held by you, never tied, off at once. Never while eating or walking.",
    short: "Over the face: light, in your hand, off at once.",
    act: "Keep the cloth in your own hand and take it off at once. Never tied, never left lying near.",
    source: "Public advice on safe sleep and suffocation",
    position: "arms-reach",
    effectFor: byAge({ block: 4, hold: 24, caution: 48 }),
  },
  {
    id: "noise",
    kind: "noise",
    reason: "A loud sound near the ear harms small ears.",
    advice: "Not within arm's length of an ear, a few minutes at a time; a soft beater is quieter.",
    short: "Loud: away from the ear, a few minutes.",
    act: "Try it once at your own ear. Too loud for you is too loud; hold it away from every ear.",
    source: "EN 71-1 (acoustics of toys)",
    effectFor: byAge({ caution: 60 }),
  },
];
