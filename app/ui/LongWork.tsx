import { Progress as Bar } from "antd";
import { InlineButton } from "./controls/buttons";
import type { Progress } from "./useLongWork";

interface LongWorkProps {
  /** "Saving", as a screen reader says it. */
  what: string;
  /** What it goes through one by one. */
  unit?: string;
  work: { isAtWork: boolean; progress: Progress; word: string | undefined; end(): void };
}

/** A long piece of work while it goes on, with the way to end it; after that, why nothing came of it. */
export function LongWork({ what, unit = "picture", work }: LongWorkProps) {
  const { done, of } = work.progress;
  if (!work.isAtWork) return work.word ? <p role="status">{work.word}</p> : null;
  return (
    <p className="row one-line">
      <Bar
        aria-label={what}
        percent={of === 0 ? 0 : Math.round((100 * done) / of)}
        format={() => (of === 0 ? `${what}…` : `${what}: ${unit} ${done} of ${of}`)}
      />
      <InlineButton type="button" onClick={work.end}>
        Cancel
      </InlineButton>
    </p>
  );
}
