import type { ComponentProps } from "react";
import type { Guide } from "../../core/model";
import { CONTENT_LAYERS } from "../../core/model";
import { Script, TalkCard } from "../../ui/Script";
import { LAYER_NAMES } from "../../words/fillings";

function Fillings({ guide }: { guide: Guide }) {
  const layers = CONTENT_LAYERS.filter((layer) => guide.fillings[layer]);
  if (layers.length === 0 && guide.stories.length === 0 && !guide.dress) return null;
  return (
    <>
      <h3>Fill it and dress it</h3>
      <ul>
        {layers.map((layer) => (
          <li key={layer}>
            {LAYER_NAMES[layer]}: {guide.fillings[layer]}
          </li>
        ))}
        {guide.dress && <li>In the craze of the month: {guide.dress}</li>}
        {guide.stories.map((story) => (
          <li key={story}>A story: {story}</li>
        ))}
      </ul>
    </>
  );
}

/** How to show, watch and vary an activity, whatever the rung. */
export function GuidePart(props: ComponentProps<typeof Script>) {
  const { guide } = props;
  return (
    <div className="columns">
      <section>
        <h2>Show</h2>
        <Script {...props} />
        <TalkCard guide={guide} />
      </section>
      <section>
        <h2>Watch</h2>
        <ul>
          {guide.watchFor.map((what) => (
            <li key={what}>{what}</li>
          ))}
          <li>A mistake shows itself: {guide.mistake}</li>
          <li>It may turn into this, and that is fine: {guide.turnsInto.join(" ")}</li>
        </ul>
        <h3>If it goes wrong</h3>
        <ul>
          {guide.troubles.map(({ wrong, fix }) => (
            <li key={wrong}>
              {wrong}: {fix}.
            </li>
          ))}
        </ul>
        {guide.variant && (
          <>
            <h3>Another posture</h3>
            <p>{guide.variant}</p>
          </>
        )}
        <Fillings guide={guide} />
        {guide.inserts.length > 0 && (
          <>
            <h3>Day by day</h3>
            <p>{guide.inserts.join(" · ")}</p>
          </>
        )}
      </section>
    </div>
  );
}
