import { Input, InputNumber, Modal, Select } from "antd";
import { type Observation, SIGNS } from "../../core/model";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { Choice, type ChoiceOption, optionsOf } from "../../ui/controls/Choice";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryFaults, EntryItem } from "../../ui/form/parts";
import { GRASP_NAMES } from "../../words/grasps";
import { CONDITION_WORDS, ENDED_WORDS, HAND_WORDS, HELP_LABELS, INTEREST_WORDS } from "../../words/notes";
import { SIGN_WORDS } from "../../words/signs";

const SIGN_OPTIONS = SIGNS.map((sign) => ({ value: sign, label: SIGN_WORDS[sign] }));

/** One of several; what was never said may stay so. */
const Said = ({
  name,
  label,
  unsaid = false,
  options,
}: {
  name: string;
  label: string;
  unsaid?: boolean;
  options: readonly ChoiceOption<string>[];
}) => (
  <EntryItem name={name} label={label}>
    <Choice options={unsaid ? [{ value: "", label: "not said" }, ...options] : options} />
  </EntryItem>
);

interface EditNoteProps {
  /** What the note is about. */
  title: string;
  note: Observation;
  onDone(): void;
}

/** A note corrected in a dialog, days or years later. */
const EditNote = ({ title, ...props }: EditNoteProps) => (
  <Modal open title={title} footer={null} width={680} onCancel={props.onDone}>
    <Fields {...props} />
  </Modal>
);
export default EditNote;

function Fields({ note, onDone }: Omit<EditNoteProps, "title">) {
  const amend = useCommand("notes.amend");
  return (
    <EntryForm
      command={amend}
      values={{ id: note.id }}
      onlyChanged
      initial={{
        help: note.help,
        interest: note.interest ?? "",
        ended: note.ended ?? "",
        mouthed: note.mouthed ? "yes" : "no",
        condition: note.condition,
        hand: note.hand ?? "",
        grasp: note.grasp ?? "",
        minutes: note.minutes,
        repeats: note.repeats,
        words: note.words,
        signs: [...note.signs],
      }}
      aria-label="Change the note"
    >
      <div className="grid fields">
        <Said name="help" label="Help" options={HELP_LABELS} />
        <Said name="interest" label="Wanted" unsaid={!note.interest} options={optionsOf(INTEREST_WORDS)} />
        <Said name="ended" label="Ended" unsaid={!note.ended} options={optionsOf(ENDED_WORDS)} />
        <Said name="mouthed" label="In the mouth" options={optionsOf({ no: "no", yes: "yes" })} />
        <Said name="condition" label="The day" options={optionsOf(CONDITION_WORDS)} />
        <Said name="hand" label="Hand" unsaid={!note.hand} options={optionsOf(HAND_WORDS)} />
        <Said name="grasp" label="Grasp" unsaid={!note.grasp} options={optionsOf(GRASP_NAMES)} />
        <EntryItem name="minutes" label="Minutes">
          <InputNumber min={0} max={600} />
        </EntryItem>
        <EntryItem name="repeats" label="Again, times">
          <InputNumber min={0} max={500} precision={0} />
        </EntryItem>
        <EntryItem name="signs" label="What else, hands and body" className="wide">
          <Select
            mode="multiple"
            optionFilterProp="label"
            options={SIGN_OPTIONS}
            placeholder="nothing else"
          />
        </EntryItem>
        <EntryItem name="words" label="Words" className="wide">
          <Input.TextArea rows={2} maxLength={2000} />
        </EntryItem>
      </div>
      <div className="row gap">
        <ActionButton busy={amend.isBusy}>Keep</ActionButton>
        <InlineButton type="button" onClick={onDone}>
          Close
        </InlineButton>
        {amend.answer !== undefined && !amend.isBusy && <span role="status">kept</span>}
        <EntryFaults />
      </div>
    </EntryForm>
  );
}
