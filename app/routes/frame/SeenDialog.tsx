import { Input, Modal, Segmented } from "antd";
import { useState } from "react";
import type { Child, PlainDate, Skill } from "../../core/model";
import { AnecdoteForm } from "../../engine/commands/anecdotes";
import type { RunningCommand } from "../../ui/command/useCommand";
import { ActionButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryFaults, EntryItem } from "../../ui/form/parts";

export interface SeenDialogProps {
  /** The id that the note will have. */
  id: string;
  childrenHere: readonly Pick<Child, "id" | "name">[];
  skills: readonly Pick<Skill, "id" | "name">[];
  today: PlainDate;
  keep: RunningCommand<"anecdotes.keep">;
  onClose(): void;
}

/** Something seen at the table, on the stairs, in the bath: words, and what it tells of if one wants. */
export default function SeenDialog({ id, childrenHere, skills, today, keep, onClose }: SeenDialogProps) {
  const [child, setChild] = useState<string>(childrenHere[0]?.id ?? "");
  return (
    <Modal title="Something seen" open onCancel={onClose} footer={null} destroyOnHidden>
      <EntryForm
        command={keep}
        values={{ id, child }}
        initial={{ words: "", skill: "", on: today }}
        schema={AnecdoteForm}
        draft="seen"
        aria-label="Something seen"
      >
        {childrenHere.length > 1 && (
          <Segmented
            aria-label="Who"
            value={child}
            onChange={setChild}
            options={childrenHere.map((one) => ({ value: one.id, label: one.name }))}
          />
        )}
        <EntryItem name="words" label="In a few words" className="wide">
          <Input.TextArea autoFocus rows={3} maxLength={2000} placeholder="Turned the tap on alone" />
        </EntryItem>
        <EntryItem name="skill" label="It shows that (may stay empty)" className="wide">
          <Choice
            options={[
              { value: "" as string, label: "nothing in particular" },
              ...skills.map((one) => ({ value: one.id, label: one.name })),
            ]}
          />
        </EntryItem>
        <EntryItem name="on" label="Day">
          <Input type="date" max={today} />
        </EntryItem>
        <EntryFaults />
        <ActionButton primary busy={keep.isBusy}>
          Keep it
        </ActionButton>
      </EntryForm>
    </Modal>
  );
}
