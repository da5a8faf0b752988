import { Button, Input } from "antd";
import { Form, useFetcher } from "react-router";
import type { Observation } from "../../core/model";
import { HELP_LABELS } from "../../ui/NoteLine";

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
export default function NoteDetails({ note }: { note: Observation }) {
  const fetcher = useFetcher<{ problems?: { path: string; message: string }[]; saved?: string }>();
  const helpLabel = HELP_LABELS.find((one) => one.value === note.help)?.label ?? "";
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
