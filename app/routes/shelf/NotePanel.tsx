import type { Tray } from "../../core/model";
import { Chip } from "../../ui/controls/Act";
import { Send } from "../../ui/Send";
import { HELP_LABELS } from "../../words/notes";

/** Second tap of a note: how much help it took. The rest can be added after it is saved. */
export function NoteButtons({ tray }: { tray: Tray }) {
  return (
    <Send
      values={{ intent: "note", tray: tray.id, id: newId() }}
      aria-label="Note how it went"
      preventScrollReset
    >
      <span className="block strong">How did it go?</span>
      <div className="row" data-key="n">
        {HELP_LABELS.map(({ value, label }) => (
          <Chip key={value} name="help" value={value}>
            {label}
          </Chip>
        ))}
      </div>
    </Send>
  );
}

/** A fresh id with each drawing, so that a form sent twice makes one note. */
const newId = () => crypto.randomUUID();
