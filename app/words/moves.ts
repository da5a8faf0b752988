import type { Guide, Move } from "../core/model";
import type { Urgency } from "../core/rotation";

interface MoveWords {
  /** On the button. */
  act: string;
  /** On the tray, while it is only a suggestion. */
  short: string;
  /** Once it is decided. */
  done: string;
}

export const MOVE_WORDS: Record<Move, MoveWords> = {
  leave: { act: "Leave it", short: "", done: "it stays" },
  harder: { act: "Step up", short: "now harder?", done: "one step up" },
  easier: { act: "Step down", short: "easier?", done: "one step down" },
  "skip-rung": { act: "Two steps up", short: "leapt?", done: "two steps up" },
  "more-of-liked": { act: "More of that", short: "more of it?", done: "more of what is liked" },
  "other-form": { act: "Another form", short: "another form?", done: "the same skill in another form" },
  "new-tool": { act: "A new tool", short: "new tool?", done: "a new tool or more of the steps" },
  "add-movement": { act: "Add movement", short: "carried off", done: "with movement" },
  "loved-setting": { act: "Into what is loved", short: "dress it?", done: "in a loved setting" },
  "change-filling": { act: "Change the filling", short: "new filling?", done: "the filling changes" },
  rest: { act: "Let it rest", short: "gone quiet", done: "it rests" },
  retire: { act: "Retire it", short: "outgrown?", done: "retired" },
  "hand-on": { act: "Hand it on", short: "hand on?", done: "handed on" },
  "leave-standing": { act: "Leave it standing", short: "unfinished", done: "it stands as it is" },
};

/** How a move is done with this activity, in the words of its guide; empty where the guide has none. */
export function howTo(move: Move, guide: Guide | undefined): string {
  if (!guide) return "";
  switch (move) {
    case "add-movement":
      return guide.variant ?? "";
    case "loved-setting":
      return guide.dress ?? "";
    case "change-filling":
      return [...Object.values(guide.fillings).slice(0, 2), ...guide.stories.slice(0, 1)].join(". ");
    case "new-tool":
      return guide.variant ?? "";
    default:
      return "";
  }
}

/** Why a tray changes before others, within a sentence. */
export const URGENCY_WORDS: Record<Urgency, string> = {
  "more-in-it": "it has more in it",
  "done-with-ease": "it is done with ease",
  idle: "it lies idle",
  "too-hard": "it is too hard as it is",
};
