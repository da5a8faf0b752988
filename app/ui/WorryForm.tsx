import { Input } from "antd";
import type { Child } from "../core/model";
import { useCommand } from "./command/useCommand";
import { ActionButton } from "./controls/buttons";
import { Collapsible } from "./controls/Collapsible";
import { EntryForm } from "./form/EntryForm";
import { EntryItem } from "./form/parts";

/** Where a parent says that something worries them. */
export function WorryForm({ child }: { child: Child }) {
  const keep = useCommand("care.keepWorry");
  const isKept = keep.answer !== undefined;
  return (
    <Collapsible title={`Something about ${child.name} worries me`}>
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
        <ActionButton primary>Keep it</ActionButton>
        {isKept && <p role="status">Kept. A card on the Shelf says what to note and whom to ask.</p>}
      </EntryForm>
    </Collapsible>
  );
}
