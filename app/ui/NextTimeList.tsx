import { useState } from "react";
import { href, useFetcher } from "react-router";
import type { NextTime } from "../core/model";
import { shortDay } from "../words/dates";
import { LinkAct } from "./controls/Act";
import { Send } from "./Send";

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
  const fetcher = useFetcher();
  const [removed, setRemoved] = useState<string>();
  const gone = removed !== undefined && !notes.some((note) => note.id === removed);
  if (notes.length === 0 && !gone) return null;
  return (
    <>
      {gone && (
        <Send
          fetcher={fetcher}
          values={{ intent: "restore-next-time", id: removed }}
          action={`${href("/")}?index`}
          className="panel row told"
        >
          <span role="status">Removed.</span>
          <LinkAct>Undo</LinkAct>
        </Send>
      )}
      <ul className="bare">
        {notes.map((note) => (
          <li key={note.id}>
            <strong>{KINDS[note.kind]}:</strong> {note.words}{" "}
            <span className="quiet">{shortDay(note.on)}</span>
            {removable && (
              <Send
                fetcher={fetcher}
                values={{ intent: "remove-next-time", id: note.id }}
                action={`${href("/")}?index`}
                className="inline"
              >
                <LinkAct aria-label={`Remove: ${note.words}`} onClick={() => setRemoved(note.id)}>
                  ×
                </LinkAct>
              </Send>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}
