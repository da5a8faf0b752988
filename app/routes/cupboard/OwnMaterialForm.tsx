import { Alert, Button, Checkbox, Input, Select } from "antd";
import { useMemo, useState } from "react";
import { href, useFetcher } from "react-router";
import { TICKED_HAZARDS } from "../../commands/ownMaterials";
import type { Danger, Issue } from "../../core/model";
import { ALLERGEN_GROUPS, dangersOfThing } from "../../core/safety";
import { atWork } from "../../ui/actionResult";
import { Field } from "../../ui/controls/Field";
import { Fold } from "../../ui/controls/Fold";
import { Hidden } from "../../ui/controls/Hidden";
import { Send } from "../../ui/Send";
import { HAZARD_WORDS } from "../../words/hazards";
import { FOUND } from "./found";
import { pieceOf, SizePart } from "./SizePart";

const ALLERGENS = ALLERGEN_GROUPS.map((group) => ({ value: group.id, label: group.name }));
const UNITS = ["piece", "sheet", "cm", "ml", "g"].map((value) => ({ value, label: value }));

/** What the name recalls: why it is dangerous, and the adult's word that it is something else. */
function DangerPart({ found }: { found: readonly Danger[] }) {
  return found.map((danger) => (
    <Alert
      key={danger.id}
      type="error"
      title={`It reads like ${danger.name}. ${danger.why}`}
      description={
        <>
          <p>Instead: {danger.instead}. It is judged as such wherever it is set out.</p>
          <Checkbox name="notDangers" value={danger.id}>
            It is something else. I have looked; this is kept with the day.
          </Checkbox>
        </>
      }
    />
  ));
}

/** The fields of one thing; made anew for each, so that nothing of the last one stays. */
function OwnFields({
  site,
  dangers,
  fetcherKey,
}: {
  site: string;
  dangers: readonly Danger[];
  fetcherKey: string;
}) {
  const fetcher = useFetcher<{ issues: Issue[]; added?: string }>({ key: fetcherKey });
  const [name, setName] = useState("");
  const [shape, setShape] = useState<string>();
  const [mm, setMm] = useState<string[]>([]);
  const [allergens, setAllergens] = useState<string[]>([]);
  const [unit, setUnit] = useState("piece");
  const [use, setUse] = useState("reusable");
  const [found, setFound] = useState("kitchen");
  const fault = (path: string) => fetcher.data?.issues.find((issue) => issue.path === path)?.message;
  const piece = pieceOf(shape, mm);
  const recalled = useMemo(() => dangersOfThing({ name, piece }, dangers), [name, piece, dangers]);
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "own", site: site, unit: unit, use: use, found: found }}
      action={href("/cupboard")}
      aria-label="A thing of our own"
    >
      <div className="fields">
        <Field label="Name" name="own-name" fault={fault("name")}>
          <Input
            id="own-name"
            name="name"
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </Field>
        <Field label="How many" name="own-quantity" fault={fault("quantity")}>
          <Input id="own-quantity" name="quantity" type="number" min={0} step="any" defaultValue={1} />
        </Field>
        <Field label="In" name="own-unit">
          <Select id="own-unit" value={unit} onChange={setUnit} options={UNITS} />
        </Field>
        <Field label="Used up?" name="own-use">
          <Select
            id="own-use"
            value={use}
            onChange={setUse}
            options={[
              { value: "reusable", label: "stays" },
              { value: "consumable", label: "is used up" },
            ]}
          />
        </Field>
        <Field label="Found in" name="own-found">
          <Select
            id="own-found"
            value={found}
            onChange={setFound}
            options={Object.entries(FOUND).map(([value, label]) => ({ value, label }))}
            popupMatchSelectWidth={200}
          />
        </Field>
      </div>
      <DangerPart found={recalled} />
      <SizePart
        shape={shape}
        mm={mm}
        onShape={setShape}
        onMm={setMm}
        faults={[fault("shape"), fault("mm")]}
      />
      <div className="ticks">
        {TICKED_HAZARDS.map((kind) => (
          <Checkbox key={kind} name="hazards" value={kind}>
            {HAZARD_WORDS[kind]}
          </Checkbox>
        ))}
      </div>
      <div className="fields">
        <Field label="Longest free cord, cm" name="own-cord" fault={fault("cordCm")}>
          <Input id="own-cord" name="cordCm" type="number" min={0} step="any" />
        </Field>
        <Field label="Longest free elastic, cm" name="own-elastic" fault={fault("elasticCm")}>
          <Input id="own-elastic" name="elasticCm" type="number" min={0} step="any" />
        </Field>
        <Field label="Round a closed loop, cm" name="own-loop" fault={fault("loopCm")}>
          <Input id="own-loop" name="loopCm" type="number" min={0} step="any" />
        </Field>
        <Field label="Food that can choke, until months" name="own-choke" fault={fault("chokeMonths")}>
          <Input id="own-choke" name="chokeMonths" type="number" min={0} max={120} />
        </Field>
        <Field label="Holds or may hold" name="own-allergens" fault={fault("allergens")}>
          <Select
            id="own-allergens"
            mode="multiple"
            value={allergens}
            onChange={setAllergens}
            options={ALLERGENS}
            showSearch={{ optionFilterProp: "label" }}
            placeholder="milk, nuts…"
            style={{ minWidth: 200 }}
          />
          {allergens.map((id) => (
            <Hidden key={id} name="allergens" value={id} />
          ))}
        </Field>
      </div>
      <Button htmlType="submit" loading={atWork(fetcher)}>
        Add it
      </Button>
    </Send>
  );
}

/** A thing of the parent's own: name, amount, the size of one piece, what it can hurt. */
export function OwnMaterialForm({ site, dangers }: { site: string; dangers: readonly Danger[] }) {
  const [turn, setTurn] = useState(0);
  const key = `own-material-${turn}`;
  const answer = useFetcher<{ issues: Issue[]; added?: string }>({ key });
  const [added, setAdded] = useState<string>();
  // Each thing begins with an empty form: the size and hazards of the last one are not those of the next.
  if (answer.state === "idle" && answer.data?.added) {
    setAdded(answer.data.added);
    setTurn(turn + 1);
  }
  return (
    <Fold title="Add a thing of our own" className="own-material">
      {added && (
        <p className="done" role="status">
          {added} is in the cupboard.
        </p>
      )}
      <OwnFields key={key} site={site} dangers={dangers} fetcherKey={key} />
    </Fold>
  );
}
