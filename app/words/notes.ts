import type { Observation } from "../core/model";
import { fillingText } from "./fillings";
import { graspText } from "./grasps";
import { countText } from "./numbers";
import { SIGN_WORDS } from "./signs";

export const HELP_LABELS: { value: NonNullable<Observation["help"]>; label: string }[] = [
  { value: "alone", label: "Alone" },
  { value: "look", label: "After a look" },
  { value: "word", label: "With a word" },
  { value: "hand", label: "With a hand" },
  { value: "not-yet", label: "Not yet" },
];

export const ENDED_WORDS = {
  finished: "finished",
  left: "wandered off",
  upset: "ended upset",
  stopped: "I stopped it",
};

export const INTEREST_WORDS = {
  again: "wanted again",
  liked: "liked it",
  little: "little interest",
  none: "not today",
};

export const HAND_WORDS = { left: "left hand", right: "right hand", both: "both hands" };

export const CONDITION_WORDS = { usual: "as usual", tired: "tired", ill: "ill" };

/** What a note says, in a few words each. */
export const noteWords = (note: Observation): string[] =>
  [
    HELP_LABELS.find((one) => one.value === note.help)?.label.toLowerCase(),
    note.interest && INTEREST_WORDS[note.interest],
    note.minutes === undefined ? undefined : `${note.minutes} min`,
    note.repeats ? `${countText(note.repeats, "time")} again` : undefined,
    note.ended === "upset" ? ENDED_WORDS.upset : undefined,
    note.mouthed ? "in the mouth" : undefined,
    note.hand && HAND_WORDS[note.hand],
    note.grasp && graspText(note.grasp),
    note.condition === "usual" ? undefined : CONDITION_WORDS[note.condition],
    ...note.signs.map((sign) => SIGN_WORDS[sign].toLowerCase()),
    note.insert ? `with ${note.insert}` : undefined,
    note.filling ? `filled with ${fillingText(note.filling)}` : undefined,
  ].filter((text): text is string => Boolean(text));
