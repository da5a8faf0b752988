import { Suspense } from "react";
import { Await, href, Link, useSearchParams } from "react-router";
import type { Purchase } from "../../core/planner";
import type { Units } from "../../core/units";
import { Waiting } from "../../ui/controls/Waiting";
import { thingText } from "../../words/things";

const SHOWN = 8;
/** So many of the activities that a purchase opens up are named. */
const NAMED = 3;

function Line({ one, units }: { one: Purchase; units: Units }) {
  const { material, pack, opens } = one;
  const more = opens.length - NAMED;
  return (
    <li>
      <strong>{thingText(pack.quantity, material, units)}</strong>, about {(pack.cents / 100).toFixed(2)}:{" "}
      {opens.slice(0, NAMED).join(", ")}
      {more > 0 ? ` and ${more} more` : ""}
    </li>
  );
}

/** What one small purchase would open up, worked out when it is asked for. */
export function Purchases({ purchases, units }: { purchases?: Promise<Purchase[]>; units: Units }) {
  const [search] = useSearchParams();
  if (!purchases) {
    const next = new URLSearchParams(search);
    next.set("buy", "1");
    return (
      <p>
        <Link to={`${href("/cupboard")}?${next}`} preventScrollReset>
          What would one small purchase open up?
        </Link>
      </p>
    );
  }
  return (
    <section aria-label="What one small purchase would open up">
      <h2>One small purchase would open up</h2>
      <Suspense fallback={<Waiting what="Working out what a purchase would open up" />}>
        <Await resolve={purchases} errorElement={<p>That could not be worked out. Ask again.</p>}>
          {(found) =>
            found.length === 0 ? (
              <p className="quiet">Nothing that fits now waits for a single purchase.</p>
            ) : (
              <ul>
                {found.slice(0, SHOWN).map((one) => (
                  <Line key={one.material.id} one={one} units={units} />
                ))}
              </ul>
            )
          }
        </Await>
      </Suspense>
    </section>
  );
}
