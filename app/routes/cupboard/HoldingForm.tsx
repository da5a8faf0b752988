import { Checkbox, Input } from "antd";
import { addDays, type Holding, type Material, type PlainDate } from "../../core/model";
import type { Units } from "../../core/units";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryFaults, EntryItem } from "../../ui/form/parts";
import { countText } from "../../words/numbers";
import { Recipe } from "./Recipe";

interface HoldingFormProps {
  holding: Holding;
  material: Material;
  today: PlainDate;
  units: Units;
  onDone(): void;
}

const ORIGINS = [
  { value: "owned", label: "ours" },
  { value: "gathered", label: "gathered" },
  { value: "borrowed", label: "borrowed" },
] as const;

/** Where a thing is, whose it is, how long it is there, and how it is made. */
export function HoldingForm({ holding, material, today, units, onDone }: HoldingFormProps) {
  const save = useCommand("cupboard.saveHolding");
  const keeps = material.keepsDays ?? material.recipe?.keepsDays;
  return (
    <EntryForm
      command={save}
      values={{ holding: holding.id }}
      initial={{
        where: holding.where,
        origin: holding.origin,
        dueBack: holding.dueBack,
        useBy: holding.useBy ?? (material.keepsDays ? addDays(today, material.keepsDays) : ""),
        worn: holding.worn !== undefined,
      }}
      aria-label={`About ${material.name}`}
    >
      <div className="grid fields">
        <EntryItem label="Where in the house" name="where">
          <Input maxLength={60} />
        </EntryItem>
        <EntryItem label="It is" name="origin">
          <Choice options={ORIGINS} />
        </EntryItem>
        <EntryItem label="Borrowed: back on" name="dueBack">
          <Input type="date" />
        </EntryItem>
        <EntryItem label={`Use by${keeps ? ` (fresh: ${countText(keeps, "day")})` : ""}`} name="useBy">
          <Input type="date" />
        </EntryItem>
        <EntryItem name="worn" ticked>
          <Checkbox>Worn: look it over</Checkbox>
        </EntryItem>
      </div>
      <div className="row gap">
        <ActionButton busy={save.isBusy}>Keep</ActionButton>
        <InlineButton type="button" onClick={onDone}>
          Close
        </InlineButton>
        {save.answer !== undefined && !save.isBusy && <span role="status">kept</span>}
        <EntryFaults />
      </div>
      {material.recipe && <Recipe material={material} holding={holding} today={today} units={units} />}
    </EntryForm>
  );
}
