import { useState } from "react";
import type { ChildId, SkillId } from "../../core/model";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton, ToggleButton } from "../../ui/controls/buttons";
import { LabelledGroup } from "../../ui/controls/LabelledGroup";

/** Seen, or not yet, with the way back; whoever did not look taps nothing. */
export function SeenForm({ child, skill, name }: { child: ChildId; skill: SkillId; name: string }) {
  const note = useCommand("skills.note");
  const takeBack = useCommand("skills.takeBack");
  const [undone, setUndone] = useState<string>();
  // One for all taps until it is taken back, so that two quick taps are one note.
  const [noteId, setNoteId] = useState(() => crypto.randomUUID());
  const noted = note.answer?.id === undone ? undefined : note.answer;
  const undo = async (id: string) => {
    if ((await takeBack.run({ id })) === undefined) return;
    setUndone(id);
    setNoteId(crypto.randomUUID());
  };
  const say = (seen: "yes" | "no") => void note.run({ child, skill, seen, id: noteId, on: undefined });
  if (noted?.skill === skill) {
    return (
      <span>
        <span role="status">{noted.seen ? "Noted: seen." : "Noted: not yet."}</span>{" "}
        <InlineButton aria-label={`Undo: ${name}`} onClick={() => void undo(noted.id)}>
          Undo
        </InlineButton>
      </span>
    );
  }
  return (
    <LabelledGroup className="row one-line" label={name}>
      <ToggleButton size="small" aria-label={`Seen: ${name}`} onClick={() => say("yes")}>
        Seen
      </ToggleButton>
      <ToggleButton size="small" aria-label={`Not yet: ${name}`} onClick={() => say("no")}>
        Not yet
      </ToggleButton>
      <CommandFaults of={note} />
    </LabelledGroup>
  );
}
