import { Alert, Checkbox, Form, Input, InputNumber, Select } from "antd";
import { useMemo, useState } from "react";
import type { Danger, SiteId } from "../../core/model";
import { ALLERGEN_GROUPS, dangersOfThing } from "../../core/safety";
import { OwnMaterialForm as OwnMaterialSchema, TICKED_HAZARDS } from "../../engine/commands/ownMaterials";
import { type RunningCommand, useCommand } from "../../ui/command/useCommand";
import { ActionButton } from "../../ui/controls/buttons";
import { Choice, optionsOf } from "../../ui/controls/Choice";
import { Collapsible } from "../../ui/controls/Collapsible";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryFaults, EntryItem } from "../../ui/form/parts";
import { HAZARD_WORDS } from "../../words/hazards";
import { FOUND } from "./found";
import { pieceOf, type SizeFields, SizePart } from "./SizePart";

const ALLERGENS = ALLERGEN_GROUPS.map((group) => ({ value: group.id, label: group.name }));
const UNITS = ["piece", "sheet", "cm", "ml", "g"].map((value) => ({ value, label: value }));
const HAZARDS = TICKED_HAZARDS.map((kind) => ({ value: kind, label: HAZARD_WORDS[kind] }));

const EMPTY = {
  ...{ name: "", quantity: 1, unit: "piece", use: "reusable", found: "kitchen" },
  ...{ shape: undefined, mm1: undefined, mm2: undefined, mm3: undefined },
  ...{ notDangers: [], hazards: [], allergens: [] },
  ...{ cordCm: undefined, elasticCm: undefined, loopCm: undefined, chokeMonths: undefined },
};

/** What the name recalls: why it is dangerous, and the adult's word that it is something else. */
function DangerPart({ dangers }: { dangers: readonly Danger[] }) {
  const given: (SizeFields & { name?: string }) | undefined = Form.useWatch([]);
  const name = given?.name ?? "";
  const piece = pieceOf(given);
  const found = useMemo(() => dangersOfThing({ name, piece }, dangers), [name, piece, dangers]);
  if (found.length === 0) return null;
  return (
    <EntryItem name="notDangers">
      <Checkbox.Group>
        {found.map((danger) => (
          <Alert
            key={danger.id}
            type="error"
            title={`It reads like ${danger.name}. ${danger.why}`}
            description={
              <>
                <p>Instead: {danger.instead}. It is judged as such wherever it is set out.</p>
                <Checkbox value={danger.id}>
                  It is something else. I have looked; this is kept with the day.
                </Checkbox>
              </>
            }
          />
        ))}
      </Checkbox.Group>
    </EntryItem>
  );
}

const Length = ({ label, name, tip }: { label: string; name: string; tip?: string }) => (
  <EntryItem label={label} name={name} tip={tip}>
    <InputNumber min={0} />
  </EntryItem>
);

/** The fields of one thing; made anew for each, so that nothing of the last one stays. */
function OwnFields({
  site,
  dangers,
  add,
}: {
  site: SiteId;
  dangers: readonly Danger[];
  add: RunningCommand<"cupboard.addOwn">;
}) {
  return (
    <EntryForm
      command={add}
      values={{ site }}
      initial={EMPTY}
      schema={OwnMaterialSchema}
      aria-label="A thing of our own"
    >
      <div className="grid fields">
        <EntryItem label="Name" name="name" className="wide">
          <Input maxLength={80} />
        </EntryItem>
        <EntryItem label="How many" name="quantity">
          <InputNumber min={0} />
        </EntryItem>
        <EntryItem label="In" name="unit">
          <Choice options={UNITS} />
        </EntryItem>
        <EntryItem label="Used up?" name="use">
          <Choice
            options={[
              { value: "reusable", label: "stays" },
              { value: "consumable", label: "is used up" },
            ]}
          />
        </EntryItem>
        <EntryItem label="Found in" name="found">
          <Choice options={optionsOf(FOUND)} />
        </EntryItem>
      </div>
      <DangerPart dangers={dangers} />
      <SizePart />
      <EntryItem name="hazards" label="What of it can hurt">
        <Checkbox.Group options={HAZARDS} />
      </EntryItem>
      <div className="grid fields">
        <Length label="Longest free cord, cm" name="cordCm" tip="Stretched out, from knot to end." />
        <Length label="Longest free elastic, cm" name="elasticCm" tip="Not stretched." />
        <Length label="Round a closed loop, cm" name="loopCm" tip="All the way round the inside." />
        <Length label="Food that can choke, until months" name="chokeMonths" />
        <EntryItem label="Holds or may hold" name="allergens" className="wide">
          <Select
            mode="multiple"
            options={ALLERGENS}
            showSearch={{ optionFilterProp: "label" }}
            placeholder="milk, nuts…"
          />
        </EntryItem>
      </div>
      <EntryFaults />
      <ActionButton busy={add.isBusy}>Add it</ActionButton>
    </EntryForm>
  );
}

/** A thing of the parent's own: name, amount, the size of one piece, what it can hurt. */
export function OwnMaterialForm({ site, dangers }: { site: SiteId; dangers: readonly Danger[] }) {
  const add = useCommand("cupboard.addOwn");
  const [turn, setTurn] = useState(0);
  const [before, setBefore] = useState<unknown>();
  const added = add.answer;
  // Each thing begins with an empty form: the size and hazards of the last one are not those of the next.
  if (added !== undefined && !add.isBusy && add.told !== before) {
    setBefore(add.told);
    setTurn(turn + 1);
  }
  return (
    <Collapsible title="Add a thing of our own">
      {added && (
        <p className="good" role="status">
          {added} is in the cupboard.
        </p>
      )}
      <OwnFields key={turn} site={site} dangers={dangers} add={add} />
    </Collapsible>
  );
}
