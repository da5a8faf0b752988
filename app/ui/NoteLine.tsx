import type { Observation } from "../core/model";
import { shortDay } from "./dates";

export const HELP_LABELS: { value: NonNullable<Observation["help"]>; label: string }[] = [
  { value: "alone", label: "Alone" },
  { value: "look", label: "After a look" },
  { value: "word", label: "With a word" },
  { value: "hand", label: "With a hand" },
  { value: "not-yet", label: "Not yet" },
];

const INTEREST_WORDS = {
  again: "wanted again",
  liked: "liked it",
  little: "little interest",
  none: "not today",
};

/** One earlier note in a line. */
export function NoteLine({ note }: { note: Observation }) {
  const parts = [
    HELP_LABELS.find((one) => one.value === note.help)?.label.toLowerCase(),
    note.interest && INTEREST_WORDS[note.interest],
    note.minutes === undefined ? undefined : `${note.minutes} min`,
    note.ended === "upset" ? "ended upset" : undefined,
    note.mouthed ? "in the mouth" : undefined,
  ].filter(Boolean);
  return (
    <li>
      <span className="when">{shortDay(note.on)}</span> {parts.join(", ")}
      {note.words ? <q>{note.words}</q> : null}
    </li>
  );
}
