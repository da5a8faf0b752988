import { Button, Checkbox, Input } from "antd";
import { useFetcher } from "react-router";
import type { Problem } from "../../core/model";
import { atWork } from "../../ui/answered";
import { Field } from "../../ui/Field";
import { FOUND } from "./found";

const HAZARDS = [
  ["sharp", "cuts"],
  ["pointed", "pointed"],
  ["glass", "glass"],
  ["irritant", "stings"],
  ["washable", "not for the mouth"],
  ["toxic", "poisonous"],
  ["breaks-up", "bits come off"],
  ["powder", "dust"],
  ["bag", "thin film"],
  ["heavy", "heavy"],
  ["heat", "hot"],
  ["hanging", "hangs"],
  ["climb", "is climbed"],
  ["find", "found outdoors"],
  ["expanding", "swells in water"],
  ["button-battery", "button battery"],
  ["strong-magnet", "strong magnet"],
  ["balloon", "balloon"],
  ["honey", "honey"],
] as const;

const SHAPES = [
  ["", "nothing loose"],
  ["sphere", "ball: diameter"],
  ["disc", "disc: diameter, height"],
  ["cylinder", "stick or tube: diameter, length"],
  ["box", "box: length, width, height"],
  ["ellipsoid", "egg or stone: three diameters"],
] as const;

/** A thing of the parent's own: name, amount, the size of one piece, what it can hurt. */
export function OwnMaterialForm({ site }: { site: string }) {
  const fetcher = useFetcher<{ problems: Problem[]; added?: string }>();
  const fault = (path: string) => fetcher.data?.problems.find((problem) => problem.path === path)?.message;
  return (
    <details className="own-material">
      <summary>Add a thing of our own</summary>
      <fetcher.Form method="post" action="/cupboard">
        <input type="hidden" name="intent" value="own" />
        <input type="hidden" name="site" value={site} />
        <div className="fields">
          <Field label="Name" name="own-name" fault={fault("name")}>
            <Input id="own-name" name="name" maxLength={80} />
          </Field>
          <Field label="How many" name="own-quantity" fault={fault("quantity")}>
            <Input id="own-quantity" name="quantity" type="number" min={0} step="any" defaultValue={1} />
          </Field>
          <Field label="In" name="own-unit">
            <select id="own-unit" name="unit">
              {["piece", "sheet", "cm", "ml", "g"].map((unit) => (
                <option key={unit}>{unit}</option>
              ))}
            </select>
          </Field>
          <Field label="Used up?" name="own-use">
            <select id="own-use" name="use">
              <option value="reusable">stays</option>
              <option value="consumable">is used up</option>
            </select>
          </Field>
          <Field label="Found in" name="own-found">
            <select id="own-found" name="found">
              {Object.entries(FOUND).map(([value, label]) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </select>
          </Field>
        </div>
        <div className="fields">
          <Field label="One piece is a" name="own-shape">
            <select id="own-shape" name="shape">
              {SHAPES.map(([value, label]) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </select>
          </Field>
          <Field label="Sizes in mm" name="own-mm1" fault={fault("mm")}>
            <span className="sizes">
              <Input id="own-mm1" name="mm1" type="number" min={0} step="any" />
              <Input name="mm2" type="number" min={0} step="any" aria-label="Second size in mm" />
              <Input name="mm3" type="number" min={0} step="any" aria-label="Third size in mm" />
            </span>
          </Field>
        </div>
        <div className="ticks">
          {HAZARDS.map(([value, label]) => (
            <Checkbox key={value} name="hazards" value={value}>
              {label}
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
          <Field label="Allergen (wheat, egg…)" name="own-allergen" fault={fault("allergen")}>
            <Input id="own-allergen" name="allergen" maxLength={40} />
          </Field>
        </div>
        <Button htmlType="submit" loading={atWork(fetcher)}>
          Add it
        </Button>{" "}
        {fetcher.data?.added && <span role="status">{fetcher.data.added} is in the cupboard.</span>}
      </fetcher.Form>
    </details>
  );
}
