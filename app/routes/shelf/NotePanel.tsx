import { Form } from "react-router";
import type { PlainDate, Tray } from "../../core/model";
import { HELP_LABELS } from "../../ui/NoteLine";

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
