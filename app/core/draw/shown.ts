import pluralize from "pluralize";
import type { Fit, NeedId } from "../model";
import type { SetOut } from "../setup";
import type { Layout } from "./layout";
import type { LaidThing } from "./lying";

const wordsIn = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((word) => word.length > 1)
    .map((word) => pluralize.singular(word));

/** The word by which a thing is called: the last before a comma or "with", "for", "of". */
function nounOf(name: string): string | undefined {
  const [head = ""] = name.split(/,| with | for | of | that | in /);
  return wordsIn(head).at(-1);
}

/** The needs that a sentence speaks of, by the names of their things, in the order of the tray. */
export function spokenOf(sentence: string, things: readonly SetOut[]): string[] {
  const said = new Set(wordsIn(sentence));
  return things
    .filter(({ need, material }) => {
      const names = [...need.split("-"), nounOf(material.name), ...material.also.map(nounOf)];
      return names.some((name) => name !== undefined && said.has(pluralize.singular(name)));
    })
    .map((one) => one.need);
}

/** Words for a hand that moves something from one place to another. */
const MOVES =
  /\b(put|place|lay|drop|pour|tip|lift|carry|turn|push|slide|thread|post|let (it |them )?go|set|stand|hang|move|bring|take|press|poke|drive|clip|pull|peel|stick|roll|throw|catch|scoop|fill|pass)\b/i;

export interface Way {
  from: readonly [number, number];
  to: readonly [number, number];
  /** The thing in the hand. */
  inHand: { need: NeedId; index: number };
}

const middle = ({ x, y, thing, isTurned }: LaidThing): [number, number] => [
  x + (isTurned ? thing.depthMm : thing.widthMm) / 2,
  y + (isTurned ? thing.widthMm : thing.depthMm) / 2,
];

const goingTo = (fits: readonly Fit[], spoken: readonly string[]): Fit[] =>
  // Of several goals the last: where it waits comes first.
  fits
    .filter((one) => spoken.length === 0 || spoken.includes(one.a) || spoken.includes(one.b))
    .toSorted((a, b) => Number(spoken.includes(b.b)) - Number(spoken.includes(a.b)));

/**
 * The way of the hand that a step speaks of, from the piece nearest to its goal to that goal, in mm on the ground; undefined
 * where a step moves nothing, or where it is not known what goes where.
 */
export function wayOf(
  sentence: string,
  layout: Layout,
  fits: readonly Fit[],
  spoken: readonly string[],
): Way | undefined {
  if (!MOVES.test(sentence)) return undefined;
  const laid = layout.things.filter((one) => !one.isFilling);
  for (const { a, b } of goingTo(fits, spoken)) {
    const goals = laid.filter((one) => one.need === b);
    const goal = goals.at(-1);
    const pieces = layout.things.filter((one) => one.need === a);
    if (!goal || pieces.length === 0) continue;
    // A filling is moved in the vessel that holds it.
    const holder = pieces[0]?.isFilling
      ? laid.find((one) => one.need === pieces[0]?.within && one !== goal)
      : undefined;
    const to = middle(goal);
    const far = (one: LaidThing) => Math.hypot(middle(one)[0] - to[0], middle(one)[1] - to[1]);
    const moved = holder ?? pieces.filter((one) => !one.isFilling).sort((p, q) => far(p) - far(q))[0];
    if (!moved || moved === goal || far(moved) < 20) continue;
    return { from: middle(moved), to, inHand: { need: moved.need, index: moved.index } };
  }
  return undefined;
}
