import { Input } from "antd";
import { useFetcher } from "react-router";
import type { Issue, Observation } from "../../core/model";
import { Act, LinkAct } from "../../ui/controls/Act";
import { Choice } from "../../ui/controls/Choice";
import { Send } from "../../ui/Send";
import { ENDED_WORDS, HELP_LABELS, INTEREST_WORDS } from "../../words/notes";

function Select({
  name,
  label,
  value,
  options,
}: {
  name: string;
  label: string;
  value: string | undefined;
  options: readonly (readonly [string, string])[];
}) {
  return (
    <label>
      {label}
      <Choice
        name={name}
        defaultValue={value ?? ""}
        options={[
          ...(value === undefined ? [{ value: "", label: "not said" }] : []),
          ...options.map(([option, words]) => ({ value: option, label: words })),
        ]}
      />
    </label>
  );
}

/** A note corrected, days or years later. */
export function EditNote({ note, onDone }: { note: Observation; onDone(): void }) {
  const fetcher = useFetcher<{ issues: Issue[]; saved?: string }>();
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "amend", id: note.id }}
      className="edit-note"
      opened={{
        help: note.help,
        interest: note.interest,
        ended: note.ended,
        mouthed: note.mouthed ? "yes" : "no",
        condition: note.condition,
        minutes: note.minutes,
        repeats: note.repeats,
        words: note.words,
      }}
      aria-label="Change the note"
    >
      <Select
        name="help"
        label="Help"
        value={note.help}
        options={HELP_LABELS.map(({ value, label }) => [value, label] as const)}
      />
      <Select name="interest" label="Wanted" value={note.interest} options={Object.entries(INTEREST_WORDS)} />
      <Select name="ended" label="Ended" value={note.ended} options={Object.entries(ENDED_WORDS)} />
      <Select
        name="mouthed"
        label="In the mouth"
        value={note.mouthed ? "yes" : "no"}
        options={[
          ["no", "no"],
          ["yes", "yes"],
        ]}
      />
      <Select
        name="condition"
        label="The day"
        value={note.condition}
        options={[
          ["usual", "as usual"],
          ["tired", "tired"],
          ["ill", "ill"],
        ]}
      />
      <label>
        Minutes
        <Input name="minutes" type="number" min={0} max={600} step="any" defaultValue={note.minutes} />
      </label>
      <label>
        Again, times
        <Input name="repeats" type="number" min={0} max={500} defaultValue={note.repeats} />
      </label>
      <label className="wide">
        Words
        <Input.TextArea name="words" rows={2} maxLength={2000} defaultValue={note.words} />
      </label>
      <Act busy={fetcher.state !== "idle"}>Keep</Act>
      <LinkAct type="button" onClick={onDone}>
        Close
      </LinkAct>
      {fetcher.data?.saved && fetcher.state === "idle" && <span role="status">kept</span>}
      {fetcher.data?.issues.map((issue) => (
        <span className="fault" role="alert" key={issue.path}>
          {issue.message}
        </span>
      ))}
    </Send>
  );
}
