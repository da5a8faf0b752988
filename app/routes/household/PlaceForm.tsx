import { Checkbox, Input } from "antd";
import { useFetcher } from "react-router";
import type { Child, Place, Site } from "../../core/model";
import { Choice } from "../../ui/controls/Choice";
import { Field } from "../../ui/controls/Field";
import { Fold } from "../../ui/controls/Fold";
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
          <Choice
            id={id("kind")}
            name="kind"
            defaultValue={place?.kind ?? "bay"}
            options={[
              ...Object.entries(PLACE_NAMES).map(([value, label]) => ({ value: value, label: label })),
            ]}
          />
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
            <Choice
              id={id("site")}
              name="site"
              defaultValue={place?.site ?? sites[0]?.id}
              options={sites.map((one) => ({ value: one.id, label: one.name }))}
            />
          </Field>
        )}
        <Field label="Kept away, because" name={id("because")}>
          <Choice
            id={id("because")}
            name="because"
            defaultValue={place?.because ?? "high"}
            options={[
              { value: "high", label: "it is high" },
              { value: "asleep", label: "only while they sleep" },
              { value: "door", label: "there is a door" },
              { value: "gate", label: "there is a gate" },
              { value: "lock", label: "it is locked" },
            ]}
          />
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
            <Checkbox
              key={child.id}
              name="outOfReachOf"
              value={child.id}
              defaultChecked={place?.outOfReachOf.includes(child.id)}
            >
              {child.name}
            </Checkbox>
          ))}
        </fieldset>
        <fieldset className="plain reach">
          <legend>Only for (none ticked: for all)</legend>

          {others
            .filter((child) => child.planFor)
            .map((child) => (
              <Checkbox
                key={child.id}
                name="servesOnly"
                value={child.id}
                defaultChecked={place?.servesOnly.includes(child.id)}
              >
                {child.name}
              </Checkbox>
            ))}
        </fieldset>
        {near.length > 0 && (
          <Fold title="Not at once with" className="reach">
            {near.map((one) => (
              <Checkbox
                key={one.id}
                name="exclusiveWith"
                value={one.id}
                defaultChecked={place?.exclusiveWith.includes(one.id)}
              >
                {one.name}
              </Checkbox>
            ))}
          </Fold>
        )}
      </div>
      <RowButtons intent="place" isNew={!place} fetcher={fetcher} />
    </Send>
  );
}
