import { Button, Input } from "antd";
import { useFetcher } from "react-router";
import type { Household } from "../../core/model";
import { Choice } from "../../ui/controls/Choice";
import { Field } from "../../ui/controls/Field";
import { Send } from "../../ui/Send";
import { LIMIT_LABELS } from "../../words/limits";
import type { HouseholdAnswer } from "./actions";
import { RowButtons } from "./RowButtons";

const HowMuch = ({ id, value }: { id: "stay" | "theme"; value: Household["planning"]["stay"] }) => (
  <Choice
    id={id}
    name={id}
    defaultValue={value}
    options={[
      { value: "little", label: "little" },
      { value: "some", label: "some" },
      { value: "much", label: "much" },
    ]}
  />
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
          <Choice
            id="approach"
            name="approach"
            defaultValue={household.approach}
            options={[
              { value: "quiet-shelf", label: "quiet shelf" },
              { value: "open-play", label: "open play" },
              { value: "theme-week", label: "theme week" },
              { value: "strength-and-grasp", label: "strength and grasp" },
              { value: "in-the-day", label: "in the day" },
            ]}
          />
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
          <Choice
            id="rhythm"
            name="rhythm"
            defaultValue={household.planning.rhythm}
            options={[
              { value: "all-at-once", label: "all on one day" },
              { value: "few-at-a-time", label: "a few at a time" },
              { value: "when-cold", label: "when they go cold" },
            ]}
          />
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
          <Choice
            id="hemisphere"
            name="hemisphere"
            defaultValue={household.hemisphere}
            options={[
              { value: "north", label: "north" },
              { value: "south", label: "south" },
            ]}
          />
        </Field>
        <Field label="Units" name="units">
          <Choice
            id="units"
            name="units"
            defaultValue={household.units}
            options={[
              { value: "metric", label: "mm, ml, g" },
              { value: "us", label: "inches, ounces" },
            ]}
          />
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
