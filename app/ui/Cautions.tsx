import { Link } from "react-router";
import type { AdultPosition, PlaceId, RungId } from "../core/model";
import type { Assessment, Finding, SafeWay } from "../core/safety";
import { safeWayText } from "../words/safeWays";
import { useCommand } from "./command/useCommand";
import { InlineButton } from "./controls/buttons";
import { Term } from "./controls/Term";

export const POSITIONS: Record<AdultPosition, string> = {
  "in-room": "Be in the room.",
  beside: "Sit beside.",
  "arms-reach": "Stay within arm's reach.",
};

/** One line a rule: the hardest effect first. */
function byRule(findings: readonly Finding[]): Finding[] {
  const order = { block: 0, hold: 1, caution: 2 };
  const sorted = [...findings].sort((a, b) => order[a.effect] - order[b.effect]);
  return sorted.filter((one, i) => sorted.findIndex((other) => other.rule === one.rule) === i);
}

const named = (line: Finding, names: ReadonlyMap<string, string>) =>
  line.material ? `${names.get(line.material) ?? line.material}: ` : "";

/** Cautions that were read once are kept in sight, short; a tap tells the whole again. */
function ShortLines({ lines }: { lines: readonly Finding[] }) {
  if (lines.length === 0) return null;
  return (
    <ul className="bare">
      {lines.map((line) => (
        <li key={line.rule}>
          <details>
            <summary>{line.short}</summary>
            {line.reason} {line.advice}
          </details>
        </li>
      ))}
    </ul>
  );
}

export interface CautionsProps {
  safety: Assessment;
  names: ReadonlyMap<string, string>;
  /** The rules that the household has read; without it everything is told in full. */
  read?: ReadonlySet<string>;
}

/** What to mind with a tray: where to be, what can happen, what to do. A block can't be dismissed. */
export function Cautions({ safety, names, read }: CautionsProps) {
  const readCautions = useCommand("care.readCautions");
  const lines = byRule(safety.findings);
  if (lines.length === 0) return <p>{POSITIONS[safety.position]}</p>;
  const known = (line: Finding) => line.effect !== "block" && read?.has(line.rule) === true;
  const toRead = lines.filter((line) => !known(line));
  const dismissible = toRead.filter((line) => line.effect !== "block");
  return (
    <section className={`edge ${safety.state}`} aria-label="Mind this">
      <p>
        {safety.state === "blocked" && <strong>Not safe now: take it off the shelf. </strong>}
        {safety.state === "adult-held" && (
          <strong>
            <Term id="adult-held">Adult-held</Term>: kept high, opened together, counted out and back.{" "}
          </strong>
        )}
        {POSITIONS[safety.position]}
      </p>
      <ul>
        {toRead.map((line) => (
          <li key={line.rule}>
            <strong>
              {named(line, names)}
              {line.reason}
            </strong>{" "}
            {line.advice}
          </li>
        ))}
      </ul>
      <ShortLines lines={lines.filter(known)} />
      {read && dismissible.length > 0 && (
        <InlineButton onClick={() => void readCautions.run({ rules: dismissible.map((line) => line.rule) })}>
          Read: keep it short from now on
        </InlineButton>
      )}
    </section>
  );
}

/** The nearest safe ways for a blocked tray. Another time can be taken at once: it becomes a place of its own. */
export function SafeWays({
  ways,
  place,
  linkTo,
}: {
  ways: readonly SafeWay[];
  place: PlaceId;
  /** Where a rung of the same activity is opened. */
  linkTo?(rung: RungId): string;
}) {
  const addQuietPlace = useCommand("care.addQuietPlace");
  if (ways.length === 0) return null;
  return (
    <section aria-label="Safe ways">
      <h3>What would be safe</h3>
      <ul>
        {ways.map((way) => (
          <li key={safeWayText(way)}>
            {"rung" in way && linkTo ? (
              <Link to={linkTo(way.rung.id)}>{safeWayText(way)}</Link>
            ) : (
              safeWayText(way)
            )}
            {way.way === "time" && (
              <>
                {" "}
                <InlineButton
                  onClick={() => void addQuietPlace.run({ place, asleep: way.asleep.map((one) => one.id) })}
                >
                  Make it a place to plan for
                </InlineButton>
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
