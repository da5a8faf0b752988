import { useState } from "react";
import type { Approach, Guide } from "../core/model";
import { Chip } from "./controls/Act";

export const WAYS = ["quiet", "talk", "explore"] as const;
export type Way = (typeof WAYS)[number];

const WAY_NAMES: Record<Way, string> = {
  quiet: "Quiet",
  talk: "Talk through",
  explore: "Explore first",
};

/** The way of showing that goes with how the household works. */
const WAY_OF: Record<Approach, Way> = {
  "quiet-shelf": "quiet",
  "open-play": "explore",
  "theme-week": "talk",
  "strength-and-grasp": "talk",
  "in-the-day": "talk",
};
export const wayOf = (approach: Approach): Way => WAY_OF[approach];

/** The three ways of showing, one of them chosen. */
export function WayChoice({ way, onWay }: { way: Way; onWay(way: Way): void }) {
  return (
    <fieldset className="plain chips" aria-label="Way of showing">
      {WAYS.map((one) => (
        <Chip key={one} type="button" size="small" aria-pressed={one === way} onClick={() => onWay(one)}>
          {WAY_NAMES[one]}
        </Chip>
      ))}
    </fieldset>
  );
}

/**
 * What the adult does, step by step, in the household's way of showing; the other two are a tap away. What keeps safe
 * comes first in each of them.
 */
export function Script({ guide, way, acts }: { guide: Guide; way: Way; acts: readonly string[] }) {
  const [shown, show] = useState(way);
  return (
    <>
      <WayChoice way={shown} onWay={show} />
      {acts.length > 0 && (
        <ul className="acts" aria-label="First, so that it is safe">
          {acts.map((act) => (
            <li key={act}>{act}</li>
          ))}
        </ul>
      )}
      <ol className="steps">
        {guide[shown].map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </>
  );
}

/** A few words to repeat, one thing to wonder at, one to guess before it happens. */
export function TalkCard({ guide }: { guide: Guide }) {
  return (
    <dl className="talk-card">
      <dt>Words</dt>
      <dd>{guide.words.join(" · ")}</dd>
      <dt>Wonder</dt>
      <dd>{guide.wonder}</dd>
      <dt>Guess</dt>
      <dd>{guide.guess}</dd>
    </dl>
  );
}
