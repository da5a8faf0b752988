import { Form } from "react-router";
import type { Observation, PlainDate, Tray } from "../../core/model";
import { shortDay } from "../../ui/dates";

export const HELP_LABELS: { value: NonNullable<Observation["help"]>; label: string }[] = [
  { value: "alone", label: "Alone" },
  { value: "look", label: "After a look" },
  { value: "word", label: "With a word" },
  { value: "hand", label: "With a hand" },
  { value: "not-yet", label: "Not yet" },
];

/** Second tap of a note: how much help it took. The rest can be added after it is saved. */
export function NoteButtons({ tray, on }: { tray: Tray; on: PlainDate }) {
  return (
    <Form method="post" className="note-buttons" aria-label="Note how it went" preventScrollReset>
      <input type="hidden" name="intent" value="note" />
      <input type="hidden" name="tray" value={tray.id} />
      <input type="hidden" name="on" value={on} />
      <NewId />
      <span className="legend">How did it go?</span>
      <div className="chips">
        {HELP_LABELS.map(({ value, label }) => (
          <button key={value} className="chip" type="submit" name="help" value={value}>
            {label}
          </button>
        ))}
      </div>
    </Form>
  );
}

/** A fresh id with each drawing, so that a form sent twice makes one note. */
const NewId = () => <input type="hidden" name="id" value={crypto.randomUUID()} readOnly />;

export function RestoreNote({ id, tray }: { id: string; tray: string }) {
  return (
    <Form method="post" className="undo-strip" preventScrollReset>
      <input type="hidden" name="intent" value="restore-note" />
      <input type="hidden" name="id" value={id} />
      <input type="hidden" name="tray" value={tray} />
      <span role="status">The note is removed.</span>
      <button type="submit" className="link">
        Undo
      </button>
    </Form>
  );
}

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
