import { href, Link } from "react-router";
import type { Material } from "../../core/model";
import type { GrowingView } from "../../engine/queries/growingView";
import { AreaMark } from "../../ui/AreaMark";
import { dayText } from "../../words/dates";
import { ruleChangeText } from "../../words/growing";
import { countText } from "../../words/numbers";
import { changeText } from "../../words/reach";

/** What will fit in one, two, three months, what that will want, and who will get at what by then. */
export function Ahead({ view, materials }: { view: GrowingView; materials: ReadonlyMap<string, Material> }) {
  const { ahead = [], reach, rules, child } = view;
  const wanted = [...new Set(ahead.flatMap((one) => one.coming.flatMap((coming) => coming.lacks)))];
  return (
    <>
      <p className="quiet">As it looks from today, if nothing but {child.name}’s age changed.</p>
      <div className="columns" style={{ "--least": "300px" }}>
        {ahead.map(({ months, coming }) => (
          <section key={months} aria-label={`In ${countText(months, "month")}`}>
            <h2>In {countText(months, "month")}</h2>
            {coming.length === 0 ? (
              <p className="quiet">Nothing new that this home can set out safely.</p>
            ) : (
              <ul className="bare">
                {coming.map(({ activity, rung, lacks }) => (
                  <li key={activity.id} className="row one-line at-top">
                    <AreaMark area={activity.area} />
                    <span>
                      <Link
                        to={`${href("/activities/:id", { id: activity.id })}?rung=${rung.id}&child=${child.id}`}
                      >
                        {activity.name}
                      </Link>
                      <small>{rung.title}</small>
                      {lacks.length > 0 && (
                        <small>missing: {lacks.map((id) => materials.get(id)?.name ?? id).join(", ")}</small>
                      )}
                    </span>
                  </li>
                ))}
              </ul>
            )}
          </section>
        ))}
      </div>
      {wanted.length > 0 && (
        <section aria-label="To look out for">
          <h2>To look out for</h2>
          <p>{wanted.map((id) => materials.get(id)?.name ?? id).join(", ")}.</p>
        </section>
      )}
      {reach.length + rules.length > 0 && (
        <section aria-label="What changes for safety">
          <h2>What changes for safety</h2>
          <ul>
            {rules.map((change) => (
              <li key={`${change.on} ${change.from} ${change.to}`}>
                From {dayText(change.on)}: {ruleChangeText(change)}
              </li>
            ))}
            {reach.map((change) => (
              <li key={`${change.on} ${change.by}`}>
                From {dayText(change.on)}: {changeText(change)}. They can reach then:{" "}
                {change.places.map((place) => place.name).join(", ")}.
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
