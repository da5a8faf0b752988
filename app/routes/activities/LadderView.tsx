import { Link } from "react-router";
import { AREA_COLOURS } from "../../core/draw/areaColours";
import type { ActivityView } from "../../engine/queries/activityView";
import { Drawn } from "../../ui/Drawn";
import { COLOURS } from "../../ui/theme/tokens";

export interface LadderViewProps {
  view: ActivityView;
  childName: string;
  linkTo(rung: string): string;
}

/** The ladder, hardest at the top, with a flag for each child at the rung to go for: the chosen one's in full colour. */
export function LadderView({ view, childName, linkTo }: LadderViewProps) {
  const { ladder, index, activity, others } = view;
  const rows = ladder.rungs.map((one, i) => ({ ...one, i, front: view.fronts[i] })).toReversed();
  return (
    <ol
      className="bare links ladder"
      reversed
      aria-label="Ladder, the hardest rung first"
      style={{ "--area": AREA_COLOURS[activity.area] }}
    >
      {rows.map(({ rung, chance, i, front }) => (
        <li key={rung.id} className={`row${i === index ? " chosen" : ""}`}>
          {front && <Drawn drawing={front} small />}
          <Link
            className="grow"
            to={linkTo(rung.id)}
            preventScrollReset
            aria-current={i === index ? "true" : undefined}
          >
            {rung.title}
          </Link>
          <span>
            <span className={`tag ${chance.word}`}>{chance.word}</span>
            <span className="quiet"> about {Math.round(rung.window.median)} months </span>
            {i === ladder.at && (
              <span className="tag" style={{ background: COLOURS.spruce, color: "#fff" }}>
                {childName}
              </span>
            )}
            {others
              .filter((one) => one.at === i)
              .map((one) => (
                <span key={one.name} className="tag">
                  {one.name}
                </span>
              ))}
          </span>
        </li>
      ))}
    </ol>
  );
}
