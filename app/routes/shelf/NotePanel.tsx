import { Button, Input } from "antd";
import { Form, useFetcher } from "react-router";
import type { Observation, PlainDate, Tray } from "../../core/model";
import { shortDay } from "../../ui/dates";

const HELP: { value: NonNullable<Observation["help"]>; label: string }[] = [
  { value: "alone", label: "Alone" },
  { value: "look", label: "After a look" },
  { value: "word", label: "With a word" },
  { value: "hand", label: "With a hand" },
  { value: "not-yet", label: "Not yet" },
];

const DETAILS = [
  {
    name: "interest",
    legend: "Wanted",
    options: [
      ["again", "Again"],
      ["liked", "Liked"],
      ["little", "A little"],
      ["none", "Not today"],
    ],
  },
  {
    name: "ended",
    legend: "Ended",
    options: [
      ["finished", "Finished"],
      ["left", "Wandered off"],
      ["upset", "Upset"],
      ["stopped", "I stopped it"],
    ],
  },
  {
    name: "mouthed",
    legend: "In the mouth",
    options: [
      ["no", "No"],
      ["yes", "Yes"],
    ],
  },
  {
    name: "condition",
    legend: "The day",
    options: [
      ["usual", "As usual"],
      ["tired", "Tired"],
      ["ill", "Ill"],
    ],
  },
  {
    name: "grasp",
    legend: "Grasp",
    options: [
      ["whole-hand", "Whole hand"],
      ["raking", "Raking"],
      ["three-fingers", "Three fingers"],
      ["thumb-fingertip", "Thumb and fingertip"],
    ],
  },
] as const;

/** Second tap of a note: how much help it took. The rest can be added after it is saved. */
export function NoteButtons({ tray, on }: { tray: Tray; on: PlainDate }) {
  return (
    <Form method="post" className="note-buttons" aria-label="Note how it went" preventScrollReset>
      <input type="hidden" name="intent" value="note" />
      <input type="hidden" name="tray" value={tray.id} />
      <input type="hidden" name="on" value={on} />
      <NewId />
      <span className="legend">How did it go?</span>
      <div className="chips">
        {HELP.map(({ value, label }) => (
          <button key={value} className="chip" type="submit" name="help" value={value}>
            {label}
          </button>
        ))}
      </div>
    </Form>
  );
}

/** A fresh id with each drawing, so that a form sent twice makes one note. */
const NewId = () => <input type="hidden" name="id" value={crypto.randomUUID()} readOnly />;

function Choice({ note, name, legend, options }: { note: Observation } & (typeof DETAILS)[number]) {
  const fetcher = useFetcher();
  const value = name === "mouthed" ? (note.mouthed ? "yes" : "no") : note[name];
  const shown = fetcher.formData?.get(name) ?? value;
  return (
    <fetcher.Form method="post" action="?index" className="choice-row" aria-label={legend}>
      <input type="hidden" name="intent" value="amend" />
      <input type="hidden" name="id" value={note.id} />
      <input type="hidden" name="tray" value={note.tray ?? ""} />
      <span className="legend">{legend}</span>
      <div className="chips">
        {options.map(([option, label]) => (
          <button
            key={option}
            type="submit"
            name={name}
            value={option}
            className="chip"
            aria-pressed={shown === option}
          >
            {label}
          </button>
        ))}
      </div>
    </fetcher.Form>
  );
}

/** The note just taken: saved already; each tap adds to it. */
export function NoteDetails({ note }: { note: Observation }) {
  const fetcher = useFetcher<{ problems?: { path: string; message: string }[]; saved?: string }>();
  const helpLabel = HELP.find((one) => one.value === note.help)?.label ?? "";
  return (
    <section className="note-details" aria-label="The note just taken">
      <p role="status">
        <strong>Noted: {helpLabel.toLowerCase()}.</strong> Add more, or leave it at that.
      </p>
      {DETAILS.map((detail) => (
        <Choice key={detail.name} note={note} {...detail} />
      ))}
      <fetcher.Form method="post" action="?index" className="note-words">
        <input type="hidden" name="intent" value="amend" />
        <input type="hidden" name="id" value={note.id} />
        <input type="hidden" name="tray" value={note.tray ?? ""} />
        <label htmlFor="minutes">Minutes</label>
        <Input
          id="minutes"
          name="minutes"
          type="number"
          min={0}
          max={600}
          step={1}
          defaultValue={note.minutes}
        />
        <label htmlFor="words">Words</label>
        <Input.TextArea id="words" name="words" rows={2} maxLength={2000} defaultValue={note.words} />
        {fetcher.data?.problems?.map((problem) => (
          <span className="fault" role="alert" key={problem.path}>
            {problem.message}
          </span>
        ))}
        <Button htmlType="submit">{fetcher.data?.saved ? "Kept" : "Keep minutes and words"}</Button>
      </fetcher.Form>
      <RemoveNote note={note} label="Remove this note" />
    </section>
  );
}

function RemoveNote({ note, label }: { note: Observation; label: string }) {
  return (
    <Form method="post" preventScrollReset>
      <input type="hidden" name="intent" value="remove-note" />
      <input type="hidden" name="id" value={note.id} />
      <input type="hidden" name="tray" value={note.tray ?? ""} />
      <button type="submit" className="link">
        {label}
      </button>
    </Form>
  );
}

export function RestoreNote({ id, tray }: { id: string; tray: string }) {
  return (
    <Form method="post" className="undo-strip" preventScrollReset>
      <input type="hidden" name="intent" value="restore-note" />
      <input type="hidden" name="id" value={id} />
      <input type="hidden" name="tray" value={tray} />
      <span role="status">The note is removed.</span>
      <button type="submit" className="link">
        Undo
      </button>
    </Form>
  );
}

const INTEREST_WORDS = {
  again: "wanted again",
  liked: "liked it",
  little: "little interest",
  none: "not today",
};

/** One earlier note in a line. */
export function NoteLine({ note }: { note: Observation }) {
  const parts = [
    HELP.find((one) => one.value === note.help)?.label.toLowerCase(),
    note.interest && INTEREST_WORDS[note.interest],
    note.minutes === undefined ? undefined : `${note.minutes} min`,
    note.ended === "upset" ? "ended upset" : undefined,
    note.mouthed ? "in the mouth" : undefined,
  ].filter(Boolean);
  return (
    <li>
      <span className="when">{shortDay(note.on)}</span> {parts.join(", ")}
      {note.words ? <q>{note.words}</q> : null}
    </li>
  );
}
