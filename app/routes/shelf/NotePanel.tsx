import { useState } from "react";
import { type Help, ObservationId, type Tray } from "../../core/model";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { ToggleButton } from "../../ui/controls/buttons";
import { LabelledGroup } from "../../ui/controls/LabelledGroup";
import { addressWith } from "../../ui/useAddressChange";
import { HELP_LABELS } from "../../words/notes";

/** Second tap of a note: how much help it took. The rest can be added after it is saved. */
export function NoteButtons({ tray }: { tray: Tray }) {
  const takeNote = useCommand("notes.take");
  // Made once, so that two quick taps are one note.
  const [id] = useState(() => ObservationId.parse(crypto.randomUUID()));
  const take = (help: Help) =>
    void takeNote.run({ tray: tray.id, id, help }, { goTo: addressWith({ note: id, removed: undefined }) });
  return (
    <LabelledGroup label="Note how it went">
      <span className="block strong">How did it go?</span>
      <div className="row" data-key="n">
        {HELP_LABELS.map(({ value, label }) => (
          <ToggleButton key={value} onClick={() => take(value)}>
            {label}
          </ToggleButton>
        ))}
      </div>
      <CommandFaults of={takeNote} />
    </LabelledGroup>
  );
}
