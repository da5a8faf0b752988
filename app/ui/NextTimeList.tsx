import { useState } from "react";
import type { NextTime } from "../core/model";
import { shortDay } from "../words/dates";
import { useCommand } from "./command/useCommand";
import { InlineButton } from "./controls/buttons";

const KINDS: Record<NextTime["kind"], string> = {
  "next-time": "Next time",
  source: "From",
  kept: "Kept",
};

/** What was noted for the next time with an activity, newest first. */
export function NextTimeList({
  notes,
  removable = false,
}: {
  notes: readonly NextTime[];
  removable?: boolean;
}) {
  const remove = useCommand("notes.removeReminder");
  const restore = useCommand("notes.restoreReminder");
  const [removed, setRemoved] = useState<string>();
  const gone = removed !== undefined && !notes.some((note) => note.id === removed);
  if (notes.length === 0 && !gone) return null;
  return (
    <>
      {gone && (
        <div className="panel row told">
          <span role="status">Removed.</span>
          <InlineButton onClick={() => void restore.run({ id: removed })}>Undo</InlineButton>
        </div>
      )}
      <ul className="bare">
        {notes.map((note) => (
          <li key={note.id}>
            <strong>{KINDS[note.kind]}:</strong> {note.words}{" "}
            <span className="quiet">{shortDay(note.on)}</span>
            {removable && (
              <InlineButton
                aria-label={`Remove: ${note.words}`}
                onClick={() => {
                  setRemoved(note.id);
                  void remove.run({ id: note.id });
                }}
              >
                ×
              </InlineButton>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}
