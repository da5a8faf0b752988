import { Checkbox, Input, InputNumber } from "antd";
import type { Child, Place, Site } from "../../core/model";
import { useCommand } from "../../ui/command/useCommand";
import { Choice, optionsOf } from "../../ui/controls/Choice";
import { Collapsible } from "../../ui/controls/Collapsible";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryItem } from "../../ui/form/parts";
import { PLACE_NAMES } from "../../words/places";
import { RowButtons } from "./RowButtons";

const BECAUSE = [
  { value: "high", label: "it is high" },
  { value: "asleep", label: "only while they sleep" },
  { value: "door", label: "there is a door" },
  { value: "gate", label: "there is a gate" },
  { value: "lock", label: "it is locked" },
] as const;

const namesOf = (rows: readonly { id: string; name: string }[]) =>
  rows.map((row) => ({ value: row.id, label: row.name }));

/** A place as the fields of its form. */
const fieldsOf = (place: Place | undefined, sites: readonly Site[]) => ({
  name: place?.name ?? "",
  kind: place?.kind ?? "bay",
  board: place?.board === undefined ? undefined : place.board + 1,
  site: place?.site ?? sites[0]?.id,
  because: place?.because ?? "high",
  heightCm: place?.heightCm,
  cue: place?.cue ?? "",
  outOfReachOf: place?.outOfReachOf ?? [],
  servesOnly: place?.servesOnly ?? [],
  exclusiveWith: place?.exclusiveWith ?? [],
});

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
  const save = useCommand("household.savePlace");
  const near = places.filter((one) => one.id !== place?.id && one.site === (place?.site ?? sites[0]?.id));
  return (
    <EntryForm
      command={save}
      values={{ id: place?.id ?? "", asksServes: true }}
      initial={fieldsOf(place, sites)}
      className="row-form place"
      aria-label={place ? place.name : "Another place"}
    >
      <div className="grid fields">
        <EntryItem label="Place" name="name">
          <Input maxLength={60} />
        </EntryItem>
        <EntryItem label="Kind" name="kind">
          <Choice options={optionsOf(PLACE_NAMES)} />
        </EntryItem>
        <EntryItem label="Board (bays)" name="board">
          <InputNumber min={1} max={10} precision={0} />
        </EntryItem>
        {sites.length > 1 && (
          <EntryItem label="Home" name="site">
            <Choice options={namesOf(sites)} />
          </EntryItem>
        )}
        <EntryItem label="Height of the board or top, cm" name="heightCm">
          <InputNumber min={0} max={300} />
        </EntryItem>
        <EntryItem
          label="Cue (after the nap)"
          name="cue"
          tip="What begins it in your day: it is said with the tray."
        >
          <Input maxLength={80} />
        </EntryItem>
        <EntryItem label="Kept away from it" name="outOfReachOf">
          <Checkbox.Group options={namesOf(others)} />
        </EntryItem>
        <EntryItem label="Kept away, because" name="because">
          <Choice options={BECAUSE} />
        </EntryItem>
        <EntryItem label="Only for (none ticked: for all)" name="servesOnly">
          <Checkbox.Group options={namesOf(others.filter((child) => child.planFor))} />
        </EntryItem>
      </div>
      {near.length > 0 && (
        <Collapsible title="Not at once with">
          <EntryItem name="exclusiveWith">
            <Checkbox.Group options={namesOf(near)} aria-label="Not at once with" />
          </EntryItem>
        </Collapsible>
      )}
      <RowButtons
        save={save}
        done={`${save.answer} is saved.`}
        row={place && { table: "places", id: place.id }}
      />
    </EntryForm>
  );
}
