import { Input, InputNumber } from "antd";
import { useState } from "react";
import { BODY_SIGNS, isBodySign, type Observation, type Photo, SIGNS, type Sign } from "../../core/model";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton, ToggleButton } from "../../ui/controls/buttons";
import { Collapsible } from "../../ui/controls/Collapsible";
import { LabelledGroup } from "../../ui/controls/LabelledGroup";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryFaults, EntryItem } from "../../ui/form/parts";
import { GraspPicture } from "../../ui/GraspPicture";
import { PhotoPart } from "../../ui/PhotoPart";
import { addressWith } from "../../ui/useAddressChange";
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

/** A note changed by a tap; what was tapped is shown at once, although it is still on its way. */
function useTappedChange<T>(id: string) {
  const amend = useCommand("notes.amend");
  const [tapped, setTapped] = useState<T>();
  const change = (value: T, fields: object) => {
    setTapped(value);
    void amend.runForm({ id, ...fields });
  };
  return { underway: amend.isBusy ? tapped : undefined, change };
}

function Choice({ note, name, legend, options }: { note: Observation } & (typeof DETAILS)[number]) {
  const { underway, change } = useTappedChange<string>(note.id);
  const value = name === "mouthed" ? (note.mouthed ? "yes" : "no") : note[name];
  const shown = underway ?? value;
  return (
    <LabelledGroup className="gap" label={legend}>
      <span className="block strong">{legend}</span>
      <div className="row">
        {options.map(([option, label]) => (
          <ToggleButton
            key={option}
            aria-pressed={shown === option}
            onClick={() => change(option, { [name]: option })}
          >
            {name === "grasp" && <GraspPicture grasp={option as NonNullable<Observation["grasp"]>} />}
            {label}
          </ToggleButton>
        ))}
      </div>
    </LabelledGroup>
  );
}

const OTHER_SIGNS = SIGNS.filter((sign) => !isBodySign(sign));

/** What else was seen, each on or off by a tap. */
function Signs({ note, legend, signs }: { note: Observation; legend: string; signs: readonly Sign[] }) {
  const { underway, change } = useTappedChange<Sign>(note.id);
  return (
    <LabelledGroup className="gap" label={legend}>
      <span className="block strong">{legend}</span>
      <div className="row">
        {signs.map((sign) => (
          <ToggleButton
            key={sign}
            aria-pressed={note.signs.includes(sign) !== (underway === sign)}
            onClick={() => change(sign, { sign })}
          >
            {SIGN_WORDS[sign]}
          </ToggleButton>
        ))}
      </div>
    </LabelledGroup>
  );
}

/** The note just taken: saved already; each tap adds to it. */
export default function NoteDetails({ note, photos }: { note: Observation; photos: readonly Photo[] }) {
  const amend = useCommand("notes.amend");
  const addPicture = useCommand("notes.addPicture");
  const removePicture = useCommand("notes.removePicture");
  const restorePicture = useCommand("notes.restorePicture");
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
      <Collapsible title="The day, the hands, the posture">
        {DETAILS.slice(3).map((detail) => (
          <Choice key={detail.name} note={note} {...detail} />
        ))}
        <Signs note={note} legend="Hands and body" signs={BODY_SIGNS} />
      </Collapsible>
      <PhotoPart
        photos={photos}
        scaled={scaledImage}
        add={{ run: (picture) => addPicture.runForm({ id: note.id, ...picture }), issues: addPicture.issues }}
        remove={(photo) => void removePicture.run({ photo })}
        restore={(photo) => void restorePicture.run({ photo })}
        alt="With this note"
      />
      <EntryForm
        command={amend}
        values={{ id: note.id }}
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
        <ActionButton>{amend.answer !== undefined ? "Kept" : "Keep these"}</ActionButton>
      </EntryForm>
      <RemoveNote note={note} label="Remove this note" />
    </section>
  );
}

function RemoveNote({ note, label }: { note: Observation; label: string }) {
  const remove = useCommand("notes.remove");
  const run = () =>
    void remove.run({ id: note.id }, { goTo: addressWith({ note: undefined, removed: note.id }) });
  return <InlineButton onClick={run}>{label}</InlineButton>;
}
