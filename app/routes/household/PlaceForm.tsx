import { Input } from "antd";
import { useFetcher } from "react-router";
import type { Child, Place } from "../../core/model";
import { Field } from "../../ui/Field";
import { PLACE_NAMES } from "../../ui/places";
import type { HouseholdAnswer } from "./actions";
import { RowButtons } from "./RowButtons";

/** A place, and who cannot get at it; without a place, the form for another one. */
export function PlaceForm({ place, others }: { place?: Place; others: readonly Child[] }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  const part = place?.id ?? "new-place";
  const id = (name: string) => `${part}-${name}`;
  return (
    <fetcher.Form method="post" className="row-form place" aria-label={place ? place.name : "Another place"}>
      <input type="hidden" name="id" value={place?.id ?? ""} />
      <input type="hidden" name="part" value={part} />
      <input type="hidden" name="table" value="places" />
      <div className="fields">
        <Field label="Place" name={id("name")}>
          <Input id={id("name")} name="name" defaultValue={place?.name} maxLength={60} />
        </Field>
        <Field label="Kind" name={id("kind")}>
          <select id={id("kind")} name="kind" defaultValue={place?.kind ?? "bay"}>
            {Object.entries(PLACE_NAMES).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </Field>
        <Field label="Board (bays)" name={id("board")}>
          <Input
            id={id("board")}
            name="board"
            type="number"
            min={1}
            max={10}
            defaultValue={place?.board === undefined ? "" : place.board + 1}
          />
        </Field>
        <fieldset className="plain reach">
          <legend>Out of reach of</legend>
          {others.map((child) => (
            <label key={child.id}>
              <input
                type="checkbox"
                name="outOfReachOf"
                value={child.id}
                defaultChecked={place?.outOfReachOf.includes(child.id)}
              />{" "}
              {child.name}
            </label>
          ))}
        </fieldset>
        <fieldset className="plain reach">
          <legend>Only for (none ticked: for all)</legend>
          <input type="hidden" name="asksServes" value="yes" />
          {others
            .filter((child) => child.planFor)
            .map((child) => (
              <label key={child.id}>
                <input
                  type="checkbox"
                  name="servesOnly"
                  value={child.id}
                  defaultChecked={place?.servesOnly.includes(child.id)}
                />{" "}
                {child.name}
              </label>
            ))}
        </fieldset>
      </div>
      <RowButtons intent="place" isNew={!place} fetcher={fetcher} />
    </fetcher.Form>
  );
}
