import { COLOURS } from "../theme/tokens";

/** Something is being worked out: three pieces that come one after the other, and what it is in words. */
export function Waiting({ what }: { what: string }) {
  const isStill = window.matchMedia("(prefers-reduced-motion: reduce)").matches;
  return (
    <svg width="52" height="26" role="progressbar" aria-label={what}>
      {[0, 1, 2].map((i) => (
        <rect key={i} x={i * 19} y="8" width="14" height="10" rx="3" fill={COLOURS["ash-dark"]}>
          {!isStill && (
            <animate
              attributeName="fill"
              values={`${COLOURS["ash-dark"]};${COLOURS.marigold};${COLOURS["ash-dark"]}`}
              dur="1.2s"
              begin={`${i * 0.2}s`}
              repeatCount="indefinite"
            />
          )}
        </rect>
      ))}
    </svg>
  );
}
