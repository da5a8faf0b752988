import type { Making, Material } from "../core/model";
import type { Units } from "../core/units";
import { cutText, makingTimeText, nearText } from "../words/making";

interface MakingCardProps {
  name: string;
  making: Making;
  units: Units;
  /** A thing as it is here, measured where it was: what is cut for it is cut by that. */
  thingOf(id: string): Material | undefined;
}

/** How a thing is made at home: what from, the sizes to cut, the steps, and what it has to stand first. */
export function MakingCard({ name, making, units, thingOf }: MakingCardProps) {
  const cuts = making.cuts.flatMap((cut) => cutText(cut, thingOf(cut.for), units) ?? []);
  return (
    <section aria-label={`How to make: ${name}`}>
      <p>
        <strong>Make it</strong> from {making.from}. Tools: {making.tools}. {makingTimeText(making)}.{" "}
        {nearText(making)}
      </p>
      {cuts.length > 0 && (
        <ul aria-label="Sizes to cut">
          {cuts.map((cut) => (
            <li key={cut}>{cut}</li>
          ))}
        </ul>
      )}
      <ol>
        {making.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <p>
        <strong>Before a child gets it:</strong> {making.test}{" "}
        <span className="quiet">Lasts {making.keeps}.</span>
      </p>
    </section>
  );
}
