import { Form, Input, InputNumber } from "antd";
import { type Household, Limits, type Rhythm } from "../../core/model";
import { type RunningCommand, useCommand } from "../../ui/command/useCommand";
import { ActionButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { EntryForm } from "../../ui/form/EntryForm";
import { useEntry } from "../../ui/form/entry";
import { EntryItem } from "../../ui/form/parts";
import { APPROACHES } from "../../words/approaches";
import { LIMIT_LABELS } from "../../words/limits";
import { Answer, RowButtons } from "./RowButtons";

const HOW_MUCH = [
  { value: "little", label: "little" },
  { value: "some", label: "some" },
  { value: "much", label: "much" },
] as const;

const RHYTHMS = [
  { value: "all-at-once", label: "all on one day" },
  { value: "few-at-a-time", label: "a few at a time" },
  { value: "when-cold", label: "when they go cold" },
] as const;

const Count = ({ label, name, max, tip }: { label: string; name: string; max: number; tip?: string }) => (
  <EntryItem label={label} name={name} tip={tip}>
    <InputNumber min={0} max={max} precision={0} />
  </EntryItem>
);

/** How many trays are new at once: asked only where a few change at a time, because otherwise it changes nothing. */
function NewAtOnce() {
  const rhythm: Rhythm | undefined = Form.useWatch("rhythm", { preserve: true });
  return rhythm === "few-at-a-time" ? <Count label="New at once" name="newAtOnce" max={20} /> : null;
}

/** Sets all to what goes with the approach that is chosen in the form. */
function SetByApproach({ command }: { command: RunningCommand<"settings.setByApproach"> }) {
  const { values } = useEntry();
  return (
    <>
      <ActionButton onClick={() => void command.runForm({ approach: values().approach })}>
        Set all to what goes with the approach
      </ActionButton>{" "}
      <Answer of={command} text={`Set for this approach: ${command.answer} trays out at once.`} />
    </>
  );
}

/** How the household works: approach, days, the mix that is wanted, focus, units. */
export function Settings({ household }: { household: Household }) {
  const save = useCommand("settings.save");
  const byApproach = useCommand("settings.setByApproach");
  const { mix, planning } = household;
  const { limits: _, updatedAt: __, fieldStamps: ___, ...settings } = household;
  return (
    <EntryForm
      // Made anew with what was saved; the answer is kept outside of it, so that its word of that stays.
      key={JSON.stringify(settings)}
      command={save}
      initial={{
        name: household.name,
        approach: household.approach,
        rotationDays: household.rotationDays,
        ...{ anchors: mix.anchors, stretches: mix.stretches, openEnded: mix.openEnded },
        ...{ rhythm: planning.rhythm, newAtOnce: planning.newAtOnce },
        ...{ stay: planning.stay, theme: planning.theme },
        hemisphere: household.hemisphere,
        units: household.units,
      }}
      className="row-form"
      aria-label="How we work"
    >
      <div className="grid fields">
        <EntryItem label="Name of the household" name="name">
          <Input maxLength={60} />
        </EntryItem>
        <EntryItem
          label="Approach"
          name="approach"
          tip="It sets how trays are shown, and with the button below also how many stand out and how they change."
        >
          <Choice options={APPROACHES} />
        </EntryItem>
        <EntryItem label="Days between changes" name="rotationDays">
          <InputNumber min={1} max={60} precision={0} />
        </EntryItem>
        <Count
          label="Easy, each child"
          name="anchors"
          max={10}
          tip="A loved thing that is done alone: it gives the day its rest."
        />
        <Count
          label="Stretches, each child"
          name="stretches"
          max={10}
          tip="A little beyond what is done alone just now."
        />
        <Count
          label="Open-ended, each child"
          name="openEnded"
          max={10}
          tip="Things without one right use, in each rotation."
        />
        <EntryItem label="Trays change" name="rhythm">
          <Choice options={RHYTHMS} />
        </EntryItem>
        <NewAtOnce />
        <EntryItem label="Repetition first" name="stay">
          <Choice options={HOW_MUCH} />
        </EntryItem>
        <EntryItem label="A theme weighs" name="theme">
          <Choice options={HOW_MUCH} />
        </EntryItem>
        <EntryItem label="Hemisphere" name="hemisphere">
          <Choice
            options={[
              { value: "north", label: "north" },
              { value: "south", label: "south" },
            ]}
          />
        </EntryItem>
        <EntryItem label="Units" name="units">
          <Choice
            options={[
              { value: "metric", label: "mm, ml, g" },
              { value: "us", label: "inches, ounces" },
            ]}
          />
        </EntryItem>
      </div>
      <RowButtons save={save} isNew={false} done="Saved." />
      <SetByApproach command={byApproach} />
    </EntryForm>
  );
}

/** How much one rotation may ask for. */
export function LimitsPart({ household }: { household: Household }) {
  const setLimits = useCommand("settings.setLimits");
  return (
    <EntryForm
      key={JSON.stringify(household.limits)}
      command={setLimits}
      initial={Limits.parse(household.limits)}
      className="row-form"
      aria-label="Limits of a rotation"
    >
      <h3>At most, in one rotation</h3>
      <div className="grid fields">
        {LIMIT_LABELS.map(({ key, label }) => (
          <EntryItem key={key} label={label} name={key}>
            <InputNumber min={0} />
          </EntryItem>
        ))}
      </div>
      <RowButtons save={setLimits} isNew={false} done="Saved." />
    </EntryForm>
  );
}
