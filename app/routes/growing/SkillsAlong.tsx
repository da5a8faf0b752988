import { href, Link } from "react-router";
import { AREA_IDS, type AreaId } from "../../core/model";
import type { GrowingView } from "../../engine/queries/growingView";
import { AreaMark } from "../../ui/AreaMark";
import { Deferred } from "../../ui/controls/Deferred";
import { AREA_NAMES } from "../../words/areas";
import { READY_NAMES, signText, windowText } from "../../words/growing";
import { SkillBand, SpanScale } from "./SkillBand";

/** The names in one column, the bands beside them; above them where it is narrow. */
const NAMED = { flex: "0 1 340px", margin: 0 };

/** Drawn when it comes near: most of it lies far below. */
const FAR_BELOW = { contentVisibility: "auto", containIntrinsicSize: "auto 500px" } as const;

/** The skills of an area that are told of, each with its band. */
function AreaAlong({ area, view }: { area: AreaId; view: GrowingView }) {
  const { skills, span, months, child } = view;
  return (
    <section aria-label={AREA_NAMES[area]} style={FAR_BELOW}>
      <div className="row at-top">
        <h2 style={NAMED}>
          <AreaMark area={area} /> {AREA_NAMES[area]}
        </h2>
        <span className="grow">
          <SpanScale span={span} months={months} />
        </span>
      </div>
      <ul className="bare lines links">
        {skills
          .filter((one) => one.skill.area === area)
          .map((one) => (
            <li key={one.skill.id} className="row at-top">
              <span style={NAMED}>
                <Link to={`${href("/growing/:skill", { skill: one.skill.id })}?child=${child.id}`}>
                  {one.skill.name}
                </Link>{" "}
                <span className={`tag ${one.chance.word}`}>{READY_NAMES[one.chance.word]}</span>
              </span>
              <span className="grow">
                <SkillBand along={one} span={span} months={months} area={area} />
                <small>{[windowText(one), signText(one.signs)].filter(Boolean).join("; ")}</small>
              </span>
            </li>
          ))}
      </ul>
    </section>
  );
}

/** The skills by area along the month rule; what is drawn stands in words beside it, row by row. */
export function SkillsAlong({ view }: { view: GrowingView }) {
  const { skills, child } = view;
  const [first, ...others] = AREA_IDS.filter((area) => skills.some((one) => one.skill.area === area));
  if (!first) {
    return <p className="empty-state">No skill of this area has its usual ages here. Look at all months.</p>;
  }
  return (
    <>
      <p className="quiet">
        The band: from when one in ten does it to when nine in ten do. The line: {child.name} now. ● seen, ▴
        done alone on a tray, ○ not yet.
      </p>
      <AreaAlong area={first} view={view} />
      <Deferred>
        {others.map((area) => (
          <AreaAlong key={area} area={area} view={view} />
        ))}
      </Deferred>
    </>
  );
}
