import { useState } from "react";
import { href, Link } from "react-router";
import type { ChildId, PlaceId } from "../../core/model";
import type { ChildWithFewTrays, MissingPlace } from "../../core/planner";
import { USUAL_PLACE_NAMES, type UsualPlace, usualPlaceOf } from "../../engine/commands/places";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { withinSentence } from "../../words/barriers";
import { countText } from "../../words/numbers";

/** At most so many of the places that would help are offered. */
const MAX_OFFERED = 3;

/** The places that can be added with a tap, each once, with how many activities each opens up. */
export function offeredPlaces(places: readonly MissingPlace[]): { place: UsualPlace; activities: number }[] {
  const offered = new Map<UsualPlace, number>();
  for (const { kind, routine, activities } of places) {
    const place = usualPlaceOf(kind, routine);
    if (place) offered.set(place, Math.max(activities, offered.get(place) ?? 0));
  }
  return [...offered].map(([place, activities]) => ({ place, activities })).slice(0, MAX_OFFERED);
}

/** Children who get no tray or too few: which place would help, added with a tap. */
export function WithoutTray({
  without,
  nameOf,
}: {
  without: readonly ChildWithFewTrays[];
  nameOf(child: ChildId): string;
}) {
  const addPlace = useCommand("household.addPlace");
  const removePlace = useCommand("household.removePlace");
  const [isUndone, setUndone] = useState(false);
  const added = isUndone ? undefined : addPlace.answer;
  const isBusy = addPlace.isBusy || removePlace.isBusy;
  const add = (place: UsualPlace) => {
    setUndone(false);
    void addPlace.run({ place });
  };
  const undo = async (id: PlaceId) => {
    if ((await removePlace.run({ id })) !== undefined) setUndone(true);
  };
  if (without.length === 0 && !added) return null;
  return (
    <section className="panel edge" aria-label="Who gets few trays">
      {added && (
        <div className="row">
          <span role="status">{USUAL_PLACE_NAMES[added.place]} is one of your places now.</span>
          <InlineButton busy={isBusy} onClick={() => void undo(added.id)}>
            Undo
          </InlineButton>
        </div>
      )}
      {without.map(({ child, trays, places }) => (
        <div key={child}>
          <p className="flat">
            <strong>
              {trays === 0 ? "No tray" : `Only ${countText(trays, "tray")}`} for {nameOf(child)} yet.
            </strong>{" "}
            {places.length > 0
              ? "What suits this age needs a place that you have not named:"
              : "Nothing that suits this age is safe here with the things that are ticked."}
          </p>
          <div className="row">
            {offeredPlaces(places).map(({ place, activities }) => (
              <ActionButton key={place} busy={isBusy} onClick={() => add(place)}>
                Add: {withinSentence(USUAL_PLACE_NAMES[place])} (
                {activities === 1 ? "1 activity" : `${activities} activities`})
              </ActionButton>
            ))}
            {places.length === 0 && <Link to={href("/cupboard")}>Tick what is there, in the Cupboard</Link>}
            <Link to={`${href("/household")}?part=places`}>All places, in Household</Link>
          </div>
        </div>
      ))}
      <CommandFaults of={addPlace} />
      <CommandFaults of={removePlace} />
    </section>
  );
}
