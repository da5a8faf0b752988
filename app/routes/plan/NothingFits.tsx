import { href, Link } from "react-router";
import { pushTo } from "../../core/collections";
import type { PlaceId } from "../../core/model";
import type { EmptyReason } from "../../core/planner";
import { LinkButton } from "../../ui/controls/LinkButton";
import { countText } from "../../words/numbers";
import { emptyText } from "../../words/plan";

/** Where each thing that stands in the way is changed. */
const WAYS: Record<EmptyReason["code"], { to: string; act: string }> = {
  missing: { to: "/cupboard", act: "Tick what is there, in the Cupboard" },
  "nothing-fits": { to: "/household?part=places", act: "Add a place, or say who gets at one, in Household" },
  breach: { to: "/household?part=work", act: "Change the limits, in Household" },
  repeats: { to: "/activities", act: "Put one on the plan, from Activities" },
  enough: { to: "/activities", act: "Put one on the plan, from Activities" },
};

/** In place of an empty shelf: what stands in the way of each place, the most frequent first, and where it is changed. */
export function NothingFits({ empty }: { empty: readonly { place: PlaceId; because: EmptyReason }[] }) {
  const byText = new Map<string, EmptyReason["code"][]>();
  for (const { because } of empty) pushTo(byText, emptyText(because), because.code);
  const reasons = [...byText].sort(([, a], [, b]) => b.length - a.length);
  const ways = reasons.flatMap(([, codes]) => codes.map((code) => WAYS[code]));
  const [first, ...others] = new Set(ways.length > 0 ? ways : [WAYS["nothing-fits"]]);
  return (
    <section className="panel edge" aria-labelledby="nothing-fits">
      <h2 id="nothing-fits" className="flat">
        Nothing can be set out yet
      </h2>
      <ul>
        {reasons.map(([text, codes]) => (
          <li key={text}>
            {text} <span className="quiet">{countText(codes.length, "place")}</span>
          </li>
        ))}
      </ul>
      <p className="row">
        {first && <LinkButton to={first.to}>{first.act}</LinkButton>}
        {others.map(({ to, act }) => (
          <Link key={to} to={to}>
            {act}
          </Link>
        ))}
        <Link to={href("/activities")}>See every activity, and why it is not safe or lacks something</Link>
      </p>
    </section>
  );
}
