import { href, Link, useFetcher } from "react-router";
import type { ChildId } from "../../core/model";
import type { ChildWithFewTrays, MissingPlace } from "../../core/planner";
import type { FamilyAnswer } from "../../engine/commands/family";
import { USUAL_PLACE_NAMES, type UsualPlace, usualPlaceOf } from "../../engine/commands/places";
import { atWork } from "../../ui/actionResult";
import { Act, LinkAct } from "../../ui/controls/Act";
import { Send } from "../../ui/Send";
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
  const fetcher = useFetcher<FamilyAnswer>();
  const { added, issues } = fetcher.data ?? {};
  const isBusy = atWork(fetcher);
  if (without.length === 0 && !added) return null;
  return (
    <section className="panel edge" aria-label="Who gets few trays">
      {added && (
        <Send
          fetcher={fetcher}
          action={href("/family")}
          values={{ intent: "remove-place", id: added.id }}
          className="row"
        >
          <span role="status">{USUAL_PLACE_NAMES[added.place]} is one of your places now.</span>
          <LinkAct busy={isBusy}>Undo</LinkAct>
        </Send>
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
              <Send
                key={place}
                fetcher={fetcher}
                action={href("/family")}
                values={{ intent: "add-place", place }}
              >
                <Act busy={isBusy}>
                  Add: {withinSentence(USUAL_PLACE_NAMES[place])} (
                  {activities === 1 ? "1 activity" : `${activities} activities`})
                </Act>
              </Send>
            ))}
            {places.length === 0 && <Link to={href("/cupboard")}>Tick what is there, in the Cupboard</Link>}
            <Link to={`${href("/household")}?part=places`}>All places, in Household</Link>
          </div>
        </div>
      ))}
      {issues?.[0] && (
        <p className="fault" role="alert">
          {issues[0].message}
        </p>
      )}
    </section>
  );
}
