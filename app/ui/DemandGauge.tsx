import type { HandDemand } from "../core/setup";
import type { Units } from "../core/units";
import { demandText } from "../words/growing";
import { GraspPicture } from "./GraspPicture";
import { COLOURS } from "./theme/tokens";

const MOST_MM = 80;
const HIGH = 22;
/** Steps of an axis that are shown; a harder rung fills all of them. */
const STEPS = 4;

/** "stiffness ●●○○": how far up an axis the rung stands. */
const Steps = ({ name, step }: { name: string; step: number }) => (
  <span>
    {name}{" "}
    <span role="img" aria-label={`step ${Math.min(step, STEPS)} of ${STEPS}`}>
      {"●".repeat(Math.min(step, STEPS))}
      {"○".repeat(Math.max(0, STEPS - step))}
    </span>
  </span>
);

/** What a tray asks of the hand: its smallest piece on a rule, beside the grasp that a piece of this size asks for. */
export function DemandGauge({ demand, units }: { demand: HandDemand; units: Units }) {
  const { pieceMm, grasp, stiffness, strength } = demand;
  const text = demandText(demand, units);
  if (!text && !stiffness && !strength) return null;
  const at = Math.min(pieceMm ?? 0, MOST_MM);
  return (
    <div className="row gap">
      {pieceMm !== undefined && grasp && (
        <>
          <svg viewBox={`-2 0 ${MOST_MM + 4} ${HIGH}`} width="170" aria-hidden="true">
            <path d={`M0 ${HIGH - 4}H${MOST_MM}`} stroke={COLOURS.ink} strokeWidth={0.8} />
            {Array.from({ length: MOST_MM / 10 + 1 }, (_, i) => i * 10).map((x) => (
              <path
                key={x}
                d={`M${x} ${HIGH - 4}v${x % 50 === 0 ? -4 : -2.4}`}
                stroke={COLOURS.ink}
                strokeWidth={0.6}
              />
            ))}
            <path d={`M${at} 2l3 5h-6z`} fill={COLOURS.brick} />
            <path d={`M${at} 6V${HIGH - 4}`} stroke={COLOURS.brick} strokeWidth={1} />
          </svg>
          <GraspPicture grasp={grasp} />
        </>
      )}
      <p className="grow flat">
        {text} {stiffness ? <Steps name="stiffness" step={stiffness} /> : null}{" "}
        {strength ? <Steps name="force" step={strength} /> : null}
      </p>
    </div>
  );
}
