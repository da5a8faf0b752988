import type { Observation } from "../core/model";
import { shortDay } from "../words/dates";
import { noteWords } from "../words/notes";

/** One earlier note in a line. */
export function NoteLine({ note }: { note: Observation }) {
  return (
    <li>
      <span className="quiet">{shortDay(note.on)}</span> {noteWords(note).join(", ")}
      {note.words ? <q>{note.words}</q> : null}
    </li>
  );
}
