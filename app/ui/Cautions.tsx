import type { AdultPosition } from "../core/model";
import type { Assessment, Finding } from "../core/safety";

const POSITIONS: Record<AdultPosition, string> = {
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

/** What to mind with a tray: where to be, what can happen, what to do. A block can't be dismissed. */
export function Cautions({ safety, names }: { safety: Assessment; names: ReadonlyMap<string, string> }) {
  const lines = byRule(safety.findings);
  if (lines.length === 0) return <p className="position">{POSITIONS[safety.position]}</p>;
  return (
    <section className={`cautions ${safety.state}`} aria-label="Mind this">
      <p className="position">
        {safety.state === "blocked" && <strong>Not safe now: take it off the shelf. </strong>}
        {safety.state === "adult-held" && (
          <strong>Adult-held: kept high, opened together, counted out and back. </strong>
        )}
        {POSITIONS[safety.position]}
      </p>
      <ul>
        {lines.map((line) => (
          <li key={line.rule}>
            <strong>
              {line.material ? `${names.get(line.material) ?? line.material}: ` : ""}
              {line.reason}
            </strong>{" "}
            {line.advice}
          </li>
        ))}
      </ul>
    </section>
  );
}
