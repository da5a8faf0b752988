import { href, Link } from "react-router";
import { AREA_IDS } from "../../core/model";
import { AreaMark } from "../../ui/AreaMark";
import { AREA_NAMES } from "../../words/areas";
import { READY_NAMES, signText, windowText } from "../../words/growing";
import type { GrowingView } from "./growingView";
import { SkillBand, SpanScale } from "./SkillBand";

/** The skills by area along the month rule; what is drawn stands in words beside it, row by row. */
export function SkillsAlong({ view }: { view: GrowingView }) {
  const { skills, span, months, child } = view;
  if (skills.length === 0) {
    return <p className="empty-state">No skill of this area has its usual ages here. Look at all months.</p>;
  }
  return (
    <>
      <p className="quiet legend-line">
        The band: from when one in ten does it to when nine in ten do. The line: {child.name} now. ● seen, ▴
        done alone on a tray, ○ not yet.
      </p>
      {AREA_IDS.filter((area) => skills.some((one) => one.skill.area === area)).map((area) => (
        <table key={area} className="along" aria-label={AREA_NAMES[area]}>
          <thead>
            <tr>
              <th scope="col">
                <AreaMark area={area} /> {AREA_NAMES[area]}
              </th>
              <th scope="col">
                <span className="out-of-sight">Usual ages, and what was noted</span>
                <SpanScale span={span} months={months} />
              </th>
            </tr>
          </thead>
          <tbody>
            {skills
              .filter((one) => one.skill.area === area)
              .map((one) => (
                <tr key={one.skill.id}>
                  <th scope="row">
                    <Link to={`${href("/growing/:skill", { skill: one.skill.id })}?child=${child.id}`}>
                      {one.skill.name}
                    </Link>{" "}
                    <span className={`fit ${one.chance.word}`}>{READY_NAMES[one.chance.word]}</span>
                  </th>
                  <td>
                    <SkillBand along={one} span={span} months={months} area={area} />
                    <small>{[windowText(one), signText(one.signs)].filter(Boolean).join("; ")}</small>
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
      ))}
    </>
  );
}
