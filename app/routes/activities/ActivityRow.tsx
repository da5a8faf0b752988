import { memo } from "react";
import { Link } from "react-router";
import { smallFront } from "../../core/draw";
import type { ActivityFacts } from "../../engine/queries/activityFacts";
import { AreaMark } from "../../ui/AreaMark";
import { Drawn } from "../../ui/Drawn";
import { Glyph } from "../../ui/Glyph";

const MONTHS = new Intl.NumberFormat(undefined, { maximumFractionDigits: 0 });

function fitText({ word, medianMonths }: ActivityFacts): string {
  if (word === "now") return "now";
  return word === "coming" ? `coming, about ${MONTHS.format(medianMonths)} months` : "done with ease";
}

function SupplyText({ supply, lacks }: ActivityFacts) {
  switch (supply) {
    case "there":
      return <span>everything is there</span>;
    case "stand-in":
      return <span>there, with a stand-in</span>;
    case "buy":
      return <span>to buy: {lacks.join(", ")}</span>;
    case "missing":
      return <span className="bad">missing: {lacks.join(", ")}</span>;
  }
}

/** What it asks of the adult, in a few words. */
const effortText = ({ minutes, wet, messy, loud, adult }: ActivityFacts): string =>
  [
    minutes.prep === 0 ? "no preparation" : `${minutes.prep} min to prepare`,
    wet && "wet",
    messy && "messy",
    loud && "loud",
    adult !== "in-room" && "adult beside",
  ]
    .filter(Boolean)
    .join(", ");

/** One result: what it is, whether it fits now, whether everything is there. */
export const ActivityRow = memo(function ActivityRow({ facts, to }: { facts: ActivityFacts; to: string }) {
  const front = smallFront(facts.laid, facts.laid.things, facts.laid.place);
  return (
    <li className="row at-top">
      {front ? <Drawn drawing={front} small /> : <Glyph name={facts.glyph} small />}
      <div className="grow links">
        <AreaMark area={facts.area} size={18} />{" "}
        <Link to={to}>
          <strong>{facts.name}</strong>
        </Link>
        {facts.own && (
          <>
            {" "}
            <span className="tag settled">ours</span>
          </>
        )}
        <p className="flat">{facts.rungTitle}</p>
        <small>
          <span className={`tag ${facts.word}`}>{fitText(facts)}</span>{" "}
          {facts.here === "blocked" ? (
            <span className="bad">not safe here now: open it for what would be</span>
          ) : (
            <SupplyText {...facts} />
          )}
          {` · ${effortText(facts)}`}
        </small>
      </div>
    </li>
  );
});
