import { memo } from "react";
import { Link } from "react-router";
import { smallFront } from "../../core/draw";
import { AreaMark } from "../../ui/AreaMark";
import { Drawn } from "../../ui/Drawn";
import { Glyph } from "../../ui/Glyph";
import type { ActivityFacts } from "./facts";

const MONTHS = new Intl.NumberFormat(undefined, { maximumFractionDigits: 0 });

function fitText({ word, medianMonths }: ActivityFacts): string {
  if (word === "now") return "now";
  return word === "coming" ? `coming, about ${MONTHS.format(medianMonths)} months` : "done with ease";
}

function SupplyText({ supply, lacks }: ActivityFacts) {
  switch (supply) {
    case "there":
      return <span className="supply there">everything is there</span>;
    case "stand-in":
      return <span className="supply there">there, with a stand-in</span>;
    case "buy":
      return <span className="supply">to buy: {lacks.join(", ")}</span>;
    case "missing":
      return <span className="supply lacking">missing: {lacks.join(", ")}</span>;
  }
}

/** One result: what it is, whether it fits now, whether everything is there. */
export const ActivityRow = memo(function ActivityRow({ facts, to }: { facts: ActivityFacts; to: string }) {
  const front = smallFront(facts.laid, facts.laid.things, facts.laid.place);
  return (
    <li className={`activity-row ${facts.word}`}>
      {front ? <Drawn drawing={front} /> : <Glyph name={facts.glyph} />}
      <div>
        <Link to={to}>
          <strong>{facts.name}</strong>
        </Link>
        {facts.own && <span className="tag">ours</span>}
        <p>{facts.rungTitle}</p>
        <small>
          <span className={`fit ${facts.word}`}>{fitText(facts)}</span>{" "}
          {facts.here === "blocked" ? (
            <span className="supply lacking">not safe here now: open it for what would be</span>
          ) : (
            <SupplyText {...facts} />
          )}
        </small>
      </div>
      <div className="activity-side">
        <AreaMark area={facts.area} size={20} />
        <small>{facts.minutes.prep === 0 ? "no preparation" : `${facts.minutes.prep} min to prepare`}</small>
        <small>
          {[
            facts.wet && "wet",
            facts.messy && "messy",
            facts.loud && "loud",
            facts.adult !== "in-room" && "adult beside",
          ]
            .filter(Boolean)
            .join(", ")}
        </small>
      </div>
    </li>
  );
});
