import { Input, InputNumber } from "antd";
import { href, useFetcher } from "react-router";
import {
  BODY_SIGNS,
  type Issue,
  isBodySign,
  type Observation,
  type Photo,
  SIGNS,
  type Sign,
} from "../../core/model";
import { Act, Chip, LinkAct } from "../../ui/controls/Act";
import { Fold } from "../../ui/controls/Fold";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryFaults, EntryItem } from "../../ui/form/parts";
import { GraspPicture } from "../../ui/GraspPicture";
import { PhotoPart } from "../../ui/PhotoPart";
import { Send } from "../../ui/Send";
import { GRASP_OPTIONS } from "../../words/grasps";
import { HELP_LABELS } from "../../words/notes";
import { SIGN_WORDS } from "../../words/signs";
import { scaledImage } from "../../workers/imagesClient";

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
    name: "hand",
    legend: "Hand",
    options: [
      ["left", "Left"],
      ["right", "Right"],
      ["both", "Both"],
    ],
  },
  {
    name: "grasp",
    legend: "Grasp",
    options: GRASP_OPTIONS,
  },
] as const;

/** What a tap sends that is still on its way. */
const sentIn = (json: unknown) => (json ?? {}) as Partial<Record<string, string>>;

function Choice({ note, name, legend, options }: { note: Observation } & (typeof DETAILS)[number]) {
  const fetcher = useFetcher();
  const value = name === "mouthed" ? (note.mouthed ? "yes" : "no") : note[name];
  const shown = sentIn(fetcher.json)[name] ?? value;
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "amend", id: note.id }}
      action="?index"
      className="gap"
      aria-label={legend}
    >
      <span className="block strong">{legend}</span>
      <div className="row">
        {options.map(([option, label]) => (
          <Chip key={option} name={name} value={option} aria-pressed={shown === option}>
            {name === "grasp" && <GraspPicture grasp={option as NonNullable<Observation["grasp"]>} />}
            {label}
          </Chip>
        ))}
      </div>
    </Send>
  );
}

const OTHER_SIGNS = SIGNS.filter((sign) => !isBodySign(sign));

/** What else was seen, each on or off by a tap. */
function Signs({ note, legend, signs }: { note: Observation; legend: string; signs: readonly Sign[] }) {
  const fetcher = useFetcher();
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "amend", id: note.id }}
      action="?index"
      className="gap"
      aria-label={legend}
    >
      <span className="block strong">{legend}</span>
      <div className="row">
        {signs.map((sign) => {
          const pending = sentIn(fetcher.json).sign === sign;
          return (
            <Chip key={sign} name="sign" value={sign} aria-pressed={note.signs.includes(sign) !== pending}>
              {SIGN_WORDS[sign]}
            </Chip>
          );
        })}
      </div>
    </Send>
  );
}

/** The note just taken: saved already; each tap adds to it. */
export default function NoteDetails({ note, photos }: { note: Observation; photos: readonly Photo[] }) {
  const fetcher = useFetcher<{ issues?: Issue[]; saved?: string }>();
  const helpLabel = HELP_LABELS.find((one) => one.value === note.help)?.label ?? "";
  return (
    <section className="panel" aria-label="The note just taken">
      <p role="status">
        <strong>Noted: {helpLabel.toLowerCase()}.</strong> Add more, or leave it at that.
      </p>
      {DETAILS.slice(0, 3).map((detail) => (
        <Choice key={detail.name} note={note} {...detail} />
      ))}
      <Signs note={note} legend="What else" signs={OTHER_SIGNS} />
      <Fold title="The day, the hands, the posture">
        {DETAILS.slice(3).map((detail) => (
          <Choice key={detail.name} note={note} {...detail} />
        ))}
        <Signs note={note} legend="Hands and body" signs={BODY_SIGNS} />
      </Fold>
      <PhotoPart
        photos={photos}
        scaled={scaledImage}
        take={{ intent: "photo", id: note.id }}
        remove={{ intent: "remove-photo" }}
        restore={{ intent: "restore-photo" }}
        action={`${href("/")}?index`}
        alt="With this note"
      />
      <EntryForm
        fetcher={fetcher}
        intent="amend"
        values={{ id: note.id }}
        action="?index"
        onlyChanged
        sendsOnLeave
        initial={{ minutes: note.minutes, repeats: note.repeats, words: note.words }}
        aria-label="How long, and in words"
      >
        <div className="grid fields">
          <EntryItem name="minutes" label="Minutes">
            <InputNumber min={0} max={600} />
          </EntryItem>
          <EntryItem name="repeats" label="Again, times">
            <InputNumber min={0} max={500} precision={0} />
          </EntryItem>
          <EntryItem name="words" label="Words" className="wide">
            <Input.TextArea rows={2} maxLength={2000} />
          </EntryItem>
        </div>
        <EntryFaults />
        <Act>{fetcher.data?.saved ? "Kept" : "Keep these"}</Act>
      </EntryForm>
      <RemoveNote note={note} label="Remove this note" />
    </section>
  );
}

function RemoveNote({ note, label }: { note: Observation; label: string }) {
  return (
    <Send values={{ intent: "remove-note", id: note.id }} preventScrollReset>
      <LinkAct>{label}</LinkAct>
    </Send>
  );
}
