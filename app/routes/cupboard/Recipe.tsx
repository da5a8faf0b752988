import { Form, Input } from "antd";
import { useState } from "react";
import { useFetcher } from "react-router";
import { scaledRecipe } from "../../core/materials";
import { addDays, type Holding, type Material, type PlainDate } from "../../core/model";
import type { Units } from "../../core/units";
import { LinkAct } from "../../ui/controls/Act";
import { useAsJson } from "../../ui/Send";
import { countText } from "../../words/numbers";
import { partsText } from "../../words/prep";
import type { CupboardAnswer } from "./actions";

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
  const fetcher = useFetcher<CupboardAnswer>();
  const asJson = useAsJson();
  const [amount, setAmount] = useState(material.recipe?.makes ?? 1);
  const mixed = scaledRecipe(material, amount);
  if (!material.recipe || !mixed) return null;
  const mixing = fetcher.data?.mixing;
  /** The form round it shows the new date at once: kept with the old one, it would be lost again. */
  const change = async (values: Parameters<typeof fetcher.submit>[0], useBy: PlainDate | undefined) => {
    await fetcher.submit(values, asJson);
    if (amount > 0) form.setFieldValue("useBy", useBy ?? "");
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
      <LinkAct
        type="button"
        onClick={() =>
          void change(
            { intent: "made", holding: holding.id, quantity: String(amount) },
            addDays(today, keepsDays),
          )
        }
      >
        It is made
      </LinkAct>
      {fetcher.data?.issues.map((issue) => (
        <span className="fault" role="alert" key={issue.path}>
          {" "}
          {issue.message}
        </span>
      ))}
      {mixing && (
        <>
          <span role="status">
            {" "}
            in the cupboard, with its date
            {mixing.parts.length > 0 && `; ${countText(mixing.parts.length, "part")} counted down`}
          </span>{" "}
          <LinkAct type="button" onClick={() => void change({ intent: "unmade", ...mixing }, mixing.useBy)}>
            Undo
          </LinkAct>
        </>
      )}
    </div>
  );
}
