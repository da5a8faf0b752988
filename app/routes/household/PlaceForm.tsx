import { Input } from "antd";
import { useFetcher } from "react-router";
import type { Child, Place, Site } from "../../core/model";
import { Field } from "../../ui/Field";
import { Send } from "../../ui/Send";
import { PLACE_NAMES } from "../../words/places";
import type { HouseholdAnswer } from "./actions";
import { RowButtons } from "./RowButtons";

/** A place, and who cannot get at it; without a place, the form for another one. */
export function PlaceForm({
  place,
  others,
  places,
  sites,
}: {
  place?: Place;
  others: readonly Child[];
  /** All places of the household: some cannot be used at once with this one. */
  places: readonly Place[];
  sites: readonly Site[];
}) {
  const fetcher = useFetcher<HouseholdAnswer>();
  const part = place?.id ?? "new-place";
  const id = (name: string) => `${part}-${name}`;
  const near = places.filter((one) => one.id !== place?.id && one.site === (place?.site ?? sites[0]?.id));
  return (
    <Send
      fetcher={fetcher}
      values={{ id: place?.id ?? "", table: "places", asksServes: "yes" }}
      className="row-form place"
      aria-label={place ? place.name : "Another place"}
    >
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
        {sites.length > 1 && (
          <Field label="Home" name={id("site")}>
            <select id={id("site")} name="site" defaultValue={place?.site ?? sites[0]?.id}>
              {sites.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </Field>
        )}
        <Field label="Kept away, because" name={id("because")}>
          <select id={id("because")} name="because" defaultValue={place?.because ?? "high"}>
            <option value="high">it is high</option>
            <option value="asleep">only while they sleep</option>
            <option value="door">there is a door</option>
            <option value="gate">there is a gate</option>
            <option value="lock">it is locked</option>
          </select>
        </Field>
        <Field label="Height of the board or top, cm" name={id("height")}>
          <Input
            id={id("height")}
            name="heightCm"
            type="number"
            min={0}
            max={300}
            defaultValue={place?.heightCm ?? ""}
          />
        </Field>
        <Field label="Cue (after the nap)" name={id("cue")}>
          <Input id={id("cue")} name="cue" defaultValue={place?.cue} maxLength={80} />
        </Field>
        <fieldset className="plain reach">
          <legend>Kept away from it</legend>
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
        {near.length > 0 && (
          <details className="reach">
            <summary>Not at once with</summary>
            {near.map((one) => (
              <label key={one.id}>
                <input
                  type="checkbox"
                  name="exclusiveWith"
                  value={one.id}
                  defaultChecked={place?.exclusiveWith.includes(one.id)}
                />{" "}
                {one.name}
              </label>
            ))}
          </details>
        )}
      </div>
      <RowButtons intent="place" isNew={!place} fetcher={fetcher} />
    </Send>
  );
}
