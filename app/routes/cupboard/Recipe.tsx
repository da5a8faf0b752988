import { Form, Input } from "antd";
import { useState } from "react";
import { scaledRecipe } from "../../core/materials";
import { addDays, type Holding, type Material, type PlainDate } from "../../core/model";
import type { Units } from "../../core/units";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { countText } from "../../words/numbers";
import { partsText } from "../../words/prep";

/** How it is made at home, for as much as is wanted; what was made goes into the cupboard with its date. */
export function Recipe({
  material,
  holding,
  today,
  units,
}: {
  material: Material;
  holding: Holding;
  today: PlainDate;
  units: Units;
}) {
  const form = Form.useFormInstance();
  const mix = useCommand("cupboard.mix");
  const unmix = useCommand("cupboard.unmix");
  const [undone, setUndone] = useState<unknown>();
  const [amount, setAmount] = useState(material.recipe?.makes ?? 1);
  const mixed = scaledRecipe(material, amount);
  if (!material.recipe || !mixed) return null;
  const mixing = mix.answer === undone ? undefined : mix.answer;
  /** The form round it shows the new date at once: kept with the old one, it would be lost again. */
  const showDate = (useBy: PlainDate | undefined) => {
    if (amount > 0) form.setFieldValue("useBy", useBy ?? "");
  };
  const make = async (keepsDays: number) => {
    if (await mix.run({ holding: holding.id, quantity: amount })) showDate(addDays(today, keepsDays));
  };
  const takeBack = async (mixed: NonNullable<typeof mixing>) => {
    if ((await unmix.run(mixed)) === undefined) return;
    setUndone(mixed);
    showDate(mixed.useBy);
  };
  const { keepsDays } = material.recipe;
  const unit = material.unit === "piece" ? "" : material.unit;
  return (
    <div>
      <label htmlFor={`make-${holding.id}`}>
        Make{" "}
        <Input
          id={`make-${holding.id}`}
          style={{ width: 84 }}
          type="number"
          min={1}
          step="any"
          value={amount}
          onChange={(event) => setAmount(Number(event.target.value))}
        />{" "}
        {unit}:
      </label>{" "}
      {partsText(mixed, units)}. {material.recipe.how}
      <span className="quiet">
        {" "}
        About {material.recipe.minutes} min
        {material.recipe.standsHours > 0 ? `, then ${material.recipe.standsHours} h` : ""}; keeps{" "}
        {countText(keepsDays, "day")}.
      </span>{" "}
      <InlineButton onClick={() => void make(keepsDays)}>It is made</InlineButton>
      <CommandFaults of={mix} />
      {mixing && (
        <>
          <span role="status">
            {" "}
            in the cupboard, with its date
            {mixing.parts.length > 0 && `; ${countText(mixing.parts.length, "part")} counted down`}
          </span>{" "}
          <InlineButton onClick={() => void takeBack(mixing)}>Undo</InlineButton>
        </>
      )}
    </div>
  );
}
