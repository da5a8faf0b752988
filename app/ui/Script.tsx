import { Segmented } from "antd";
import { useState } from "react";
import type { Guide } from "../core/model";
import type { SafetyState } from "../core/safety";
import { guideBeside } from "../words/beside";
import { WAY_NAMES, WAYS, type Way } from "../words/ways";

/** The three ways of showing, one of them chosen. */
export function WayChoice({ way, onWay }: { way: Way; onWay(way: Way): void }) {
  return (
    <Segmented<Way>
      aria-label="Way of showing"
      value={way}
      onChange={onWay}
      options={WAYS.map((one) => ({ value: one, label: WAY_NAMES[one] }))}
    />
  );
}

/**
 * What the adult does, step by step, in the household's way of showing; the other two are a tap away. What keeps safe
 * comes first in each of them.
 */
export function Script({
  guide,
  way,
  acts,
  state,
}: {
  guide: Guide;
  way: Way;
  acts: readonly string[];
  /** As the tray is judged for this child: one that is adult-held is never left out. */
  state: SafetyState | undefined;
}) {
  const [shown, show] = useState(way);
  const steps = guideBeside(guide, state)[shown];
  return (
    <>
      <WayChoice way={shown} onWay={show} />
      {acts.length > 0 && (
        <ul className="bare edge danger strong" aria-label="First, so that it is safe">
          {acts.map((act) => (
            <li key={act}>{act}</li>
          ))}
        </ul>
      )}
      <ol>
        {steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </>
  );
}

/** A few words to repeat, one thing to wonder at, one to guess before it happens. */
export function TalkCard({ guide }: { guide: Guide }) {
  return (
    <dl className="panel pair">
      <dt>Words</dt>
      <dd>{guide.words.join(" · ")}</dd>
      <dt>Wonder</dt>
      <dd>{guide.wonder}</dd>
      <dt>Guess</dt>
      <dd>{guide.guess}</dd>
    </dl>
  );
}
