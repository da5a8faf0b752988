import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { lazy, Suspense, useRef, useState } from "react";
import { href, Link } from "react-router";
import type { Child } from "../../core/model";
import {
  type JournalAnecdote,
  type JournalEntry,
  type JournalRow,
  rungTitle,
} from "../../core/report/journal";
import { AreaMark } from "../../ui/AreaMark";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { addressWith } from "../../ui/useAddressChange";
import { dayText } from "../../words/dates";
import { noteWords } from "../../words/notes";

/** Loaded with the first note that is corrected. */
const EditNote = lazy(() => import("./EditNote"));

interface JournalListProps {
  data: { rows: readonly JournalRow[]; children: readonly Child[]; photos: ReadonlySet<string> };
}

function NoteRow({ entry, data }: { entry: JournalEntry; data: JournalListProps["data"] }) {
  const [open, setOpen] = useState(false);
  const remove = useCommand("notes.remove");
  const { note, activity } = entry;
  const rung = rungTitle(entry);
  const close = () => setOpen(false);
  const child = data.children.find((one) => one.id === note.child)?.name;
  const name = activity?.name ?? "an activity that is no longer there";
  return (
    <div className="row at-top lined">
      {activity && <AreaMark area={activity.area} />}
      <div className="grow">
        <p className="flat">
          {activity ? (
            <Link to={`${href("/activities/:id", { id: activity.id })}?child=${note.child}`}>{name}</Link>
          ) : (
            name
          )}
          <span className="quiet">
            {rung && `: ${rung}`}
            {note.sitting ? ", in a sitting" : ""} {data.children.length > 1 && child ? `· ${child}` : ""}
          </span>
        </p>
        <p className="flat">{noteWords(note).join(", ") || "no details"}</p>
        {note.words && <q>{note.words}</q>}
        {data.photos.has(note.id) && <span className="quiet"> with a picture</span>}
        {open && (
          <Suspense fallback={null}>
            <EditNote title={`${name}, ${dayText(note.on)}`} note={note} onDone={close} />
          </Suspense>
        )}
      </div>
      <div className="row">
        <InlineButton
          type="button"
          aria-haspopup="dialog"
          aria-label={`Change: ${name}`}
          onClick={() => setOpen(true)}
        >
          Change
        </InlineButton>
        <InlineButton
          aria-label={`Delete: ${name}`}
          onClick={() => void remove.run({ id: note.id }, { goTo: addressWith({ removed: note.id }) })}
        >
          Delete
        </InlineButton>
      </div>
    </div>
  );
}

/** Something seen away from any tray. */
function AnecdoteRow({ entry, data }: { entry: JournalAnecdote; data: JournalListProps["data"] }) {
  const remove = useCommand("anecdotes.remove");
  const { anecdote, skill, activity } = entry;
  const child = data.children.find((one) => one.id === anecdote.child)?.name;
  const area = skill?.area ?? activity?.area;
  return (
    <div className="row at-top lined">
      {area ? <AreaMark area={area} /> : <span />}
      <div className="grow">
        <p className="flat">
          Seen{" "}
          <span className="quiet">
            {data.children.length > 1 && child ? `· ${child}` : ""}
            {skill ? ` · ${skill.name}` : ""}
          </span>
        </p>
        <q>{anecdote.words}</q>
      </div>
      <div className="row">
        <InlineButton
          aria-label={`Delete: ${anecdote.words.slice(0, 40)}`}
          onClick={() => void remove.run({ id: anecdote.id })}
        >
          Delete
        </InlineButton>
      </div>
    </div>
  );
}

const keyOf = (row: JournalRow | undefined): string => {
  if (row?.kind === "note") return row.entry.note.id;
  return row?.kind === "anecdote" ? row.entry.anecdote.id : `day ${row?.on}`;
};

const ESTIMATED = { day: 44, note: 74, anecdote: 74 };

/** Notes by day, newest first; only what is in sight is drawn, so that years of them scroll at once. */
export function JournalList({ data }: JournalListProps) {
  const list = useRef<HTMLDivElement>(null);
  const { rows } = data;
  const virtual = useWindowVirtualizer({
    count: rows.length,
    estimateSize: (i) => ESTIMATED[rows[i]?.kind ?? "note"],
    overscan: 6,
    // Else it would open where the screen before was scrolled to.
    initialOffset: 0,
    scrollMargin: list.current?.offsetTop ?? 0,
    getItemKey: (i) => keyOf(rows[i]),
  });
  return (
    <div ref={list} style={{ position: "relative", height: virtual.getTotalSize() }}>
      {virtual.getVirtualItems().map((item) => {
        const row = rows[item.index];
        const top = item.start - virtual.options.scrollMargin;
        return (
          <div
            key={item.key}
            ref={virtual.measureElement}
            data-index={item.index}
            style={{ position: "absolute", inset: "0 0 auto", transform: `translateY(${top}px)` }}
          >
            {row?.kind === "day" && (
              <h2>
                {dayText(row.on)} <small>{row.notes === 1 ? "1 note" : `${row.notes} notes`}</small>
              </h2>
            )}
            {row?.kind === "note" && <NoteRow entry={row.entry} data={data} />}
            {row?.kind === "anecdote" && <AnecdoteRow entry={row.entry} data={data} />}
          </div>
        );
      })}
    </div>
  );
}
