import { useState } from "react";
import type { ChildId, SkillId } from "../../core/model";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton, ToggleButton } from "../../ui/controls/buttons";

/** Seen, or not yet, with the way back; whoever did not look taps nothing. */
export function SeenForm({ child, skill, name }: { child: ChildId; skill: SkillId; name: string }) {
  const note = useCommand("skills.note");
  const takeBack = useCommand("skills.takeBack");
  const [undone, setUndone] = useState<string>();
  const noted = note.answer?.id === undone ? undefined : note.answer;
  const undo = async (id: string) => {
    await takeBack.run({ id });
    setUndone(id);
  };
  const say = (seen: "yes" | "no") =>
    void note.run({ child, skill, seen, id: crypto.randomUUID(), on: undefined });
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
    // biome-ignore lint/a11y/useSemanticElements: a fieldset brings a frame and a legend of its own
    <span className="row one-line" role="group" aria-label={name}>
      <ToggleButton size="small" aria-label={`Seen: ${name}`} onClick={() => say("yes")}>
        Seen
      </ToggleButton>
      <ToggleButton size="small" aria-label={`Not yet: ${name}`} onClick={() => say("no")}>
        Not yet
      </ToggleButton>
      <CommandFaults of={note} />
    </span>
  );
}
