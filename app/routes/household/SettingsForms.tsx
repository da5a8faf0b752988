import { Input } from "antd";
import { useFetcher } from "react-router";
import { AREA_IDS, type Household } from "../../core/model";
import { AREA_NAMES } from "../../ui/AreaMark";
import { Field } from "../../ui/Field";
import { LIMIT_LABELS } from "../../ui/limitLabels";
import type { HouseholdAnswer } from "./actions";
import { RowButtons } from "./RowButtons";

/** How the household works: approach, days, the mix that is wanted, focus, units. */
export function Settings({ household }: { household: Household }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  return (
    <fetcher.Form method="post" className="row-form" aria-label="How we work">
      <input type="hidden" name="part" value="settings" />
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
        <Field label="Focus for a while" name="focusArea">
          <select id="focusArea" name="focusArea" defaultValue={household.focusArea ?? ""}>
            <option value="">none: spread over all areas</option>
            {AREA_IDS.map((area) => (
              <option key={area} value={area}>
                {AREA_NAMES[area]}
              </option>
            ))}
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
    </fetcher.Form>
  );
}

/** How much one rotation may ask for. */
export function LimitsPart({ household }: { household: Household }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  return (
    <fetcher.Form method="post" className="row-form" aria-label="Limits of a rotation">
      <input type="hidden" name="part" value="limits" />
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
    </fetcher.Form>
  );
}
