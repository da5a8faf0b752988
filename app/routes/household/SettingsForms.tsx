import { Button, Input } from "antd";
import { useFetcher } from "react-router";
import type { Household } from "../../core/model";
import { Field } from "../../ui/Field";
import { Send } from "../../ui/Send";
import { LIMIT_LABELS } from "../../words/limits";
import type { HouseholdAnswer } from "./actions";
import { RowButtons } from "./RowButtons";

const HowMuch = ({ id, value }: { id: "stay" | "theme"; value: Household["planning"]["stay"] }) => (
  <select id={id} name={id} defaultValue={value}>
    <option value="little">little</option>
    <option value="some">some</option>
    <option value="much">much</option>
  </select>
);

/** How the household works: approach, days, the mix that is wanted, focus, units. */
export function Settings({ household }: { household: Household }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  return (
    <Send fetcher={fetcher} className="row-form" aria-label="How we work" key={household.updatedAt}>
      <div className="fields">
        <Field label="Name of the household" name="household-name">
          <Input id="household-name" name="name" defaultValue={household.name} maxLength={60} />
        </Field>
        <Field label="Approach" name="approach">
          <select id="approach" name="approach" defaultValue={household.approach}>
            <option value="quiet-shelf">quiet shelf</option>
            <option value="open-play">open play</option>
            <option value="theme-week">theme week</option>
            <option value="strength-and-grasp">strength and grasp</option>
            <option value="in-the-day">in the day</option>
          </select>
        </Field>
        <Field label="Days between changes" name="rotationDays">
          <Input
            id="rotationDays"
            name="rotationDays"
            type="number"
            min={1}
            max={60}
            defaultValue={household.rotationDays}
          />
        </Field>
        <Field label="Easy trays wanted, each child" name="anchors">
          <Input
            id="anchors"
            name="anchors"
            type="number"
            min={0}
            max={10}
            defaultValue={household.mix.anchors}
          />
        </Field>
        <Field label="Stretches wanted, each child" name="stretches">
          <Input
            id="stretches"
            name="stretches"
            type="number"
            min={0}
            max={10}
            defaultValue={household.mix.stretches}
          />
        </Field>
        <Field label="Open-ended trays wanted, each child" name="openEnded">
          <Input
            id="openEnded"
            name="openEnded"
            type="number"
            min={0}
            max={10}
            defaultValue={household.mix.openEnded}
          />
        </Field>
        <Field label="Trays change" name="rhythm">
          <select id="rhythm" name="rhythm" defaultValue={household.planning.rhythm}>
            <option value="all-at-once">all on one day</option>
            <option value="few-at-a-time">a few at a time</option>
            <option value="when-cold">when they go cold</option>
          </select>
        </Field>
        <Field label="New at once, where a few change" name="newAtOnce">
          <Input
            id="newAtOnce"
            name="newAtOnce"
            type="number"
            min={0}
            max={20}
            defaultValue={household.planning.newAtOnce}
          />
        </Field>
        <Field label="Repetition before change" name="stay">
          <HowMuch id="stay" value={household.planning.stay} />
        </Field>
        <Field label="A theme weighs" name="theme">
          <HowMuch id="theme" value={household.planning.theme} />
        </Field>
        <Field label="Hemisphere, for the seasons" name="hemisphere">
          <select id="hemisphere" name="hemisphere" defaultValue={household.hemisphere}>
            <option value="north">north</option>
            <option value="south">south</option>
          </select>
        </Field>
        <Field label="Units" name="units">
          <select id="units" name="units" defaultValue={household.units}>
            <option value="metric">mm, ml, g</option>
            <option value="us">inches, ounces</option>
          </select>
        </Field>
      </div>
      <RowButtons intent="settings" isNew={false} canRemove={false} fetcher={fetcher} />
      <Button htmlType="submit" name="intent" value="approach">
        Set all to what goes with the approach
      </Button>
    </Send>
  );
}

/** How much one rotation may ask for. */
export function LimitsPart({ household }: { household: Household }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  return (
    <Send fetcher={fetcher} className="row-form" aria-label="Limits of a rotation">
      <h3>At most, in one rotation</h3>
      <div className="fields">
        {LIMIT_LABELS.map(({ key, label }) => (
          <Field key={key} label={label} name={`limit-${key}`}>
            <Input
              id={`limit-${key}`}
              name={key}
              type="number"
              min={0}
              defaultValue={household.limits[key]}
            />
          </Field>
        ))}
      </div>
      <RowButtons intent="limits" isNew={false} canRemove={false} fetcher={fetcher} />
    </Send>
  );
}
