import type { AxisChange } from "../core/ladder";
import type { AxisId } from "../core/model";

/** What a step on an axis means, up (harder) and down (easier). */
export const AXIS_WORDS: Record<AxisId, { name: string; up: string; down: string }> = {
  pieceSize: { name: "piece size", up: "smaller pieces", down: "larger pieces" },
  stiffness: { name: "stiffness", up: "softer thread or stem", down: "stiffer stem" },
  opening: { name: "opening", up: "narrower opening", down: "wider opening" },
  play: { name: "play", up: "closer fit", down: "looser fit" },
  base: { name: "base", up: "held by the child", down: "held firmly" },
  wells: { name: "wells", up: "more or smaller wells", down: "fewer wells" },
  choices: { name: "choices", up: "more to choose from", down: "less to choose from" },
  likeness: { name: "likeness", up: "more alike", down: "less alike" },
  spares: { name: "spare pieces", up: "exactly enough, then on one's own", down: "pieces to spare" },
  tool: { name: "tool", up: "a harder tool", down: "an easier tool" },
  hands: { name: "hands", up: "more for two hands", down: "one hand" },
  strength: { name: "strength", up: "more strength", down: "less strength" },
  posture: { name: "posture", up: "a harder posture", down: "an easier posture" },
  distance: { name: "distance", up: "further away", down: "nearer" },
  delay: { name: "delay", up: "more to remember", down: "less to remember" },
  eyes: { name: "eyes", up: "without looking", down: "with open eyes" },
  orientation: { name: "orientation", up: "turned or slanting", down: "straight" },
  steps: { name: "own steps", up: "more steps of its own", down: "fewer steps" },
  amount: { name: "amount", up: "more at once", down: "less at once" },
};

/** "narrower opening, more steps of its own": what changes, the greatest first. */
export const changeText = (changes: readonly AxisChange[], most = 3): string =>
  changes
    .slice(0, most)
    .map(({ axis, by }) => (by > 0 ? AXIS_WORDS[axis].up : AXIS_WORDS[axis].down))
    .join(", ");
