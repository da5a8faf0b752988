import { Input } from "antd";
import type { Child } from "../core/model";
import { useCommand } from "./command/useCommand";
import { Act } from "./controls/Act";
import { Fold } from "./controls/Fold";
import { EntryForm } from "./form/EntryForm";
import { EntryItem } from "./form/parts";

/** Where a parent says that something worries them. */
export function WorryForm({ child }: { child: Child }) {
  const keep = useCommand("care.keepWorry");
  const isKept = keep.answer !== undefined;
  return (
    <Fold title={`Something about ${child.name} worries me`}>
      <EntryForm
        command={keep}
        values={{ child: child.id }}
        initial={{ words: "" }}
        key={isKept ? "sent" : "new"}
        aria-label={`Something about ${child.name} worries me`}
      >
        <EntryItem name="words" label="In a few words, for yourself (may stay empty)">
          <Input.TextArea rows={2} maxLength={500} />
        </EntryItem>
        <Act primary>Keep it</Act>
        {isKept && <p role="status">Kept. A card on the Shelf says what to note and whom to ask.</p>}
      </EntryForm>
    </Fold>
  );
}
