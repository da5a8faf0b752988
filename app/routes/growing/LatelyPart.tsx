import { useMemo } from "react";
import { href, Link } from "react-router";
import { AREA_COLOURS } from "../../core/draw/areaColours";
import type { Lately } from "../../core/growing";
import { AREA_IDS } from "../../core/model";
import type { Units } from "../../core/units";
import { AreaMark } from "../../ui/AreaMark";
import Chart from "../../ui/Chart";
import { GraspPicture } from "../../ui/GraspPicture";
import { ScrollAcross } from "../../ui/ScrollAcross";
import { AREA_NAMES } from "../../words/areas";
import { shortDate } from "../../words/dates";
import { GRASP_NAMES } from "../../words/grasps";
import { namesText } from "../../words/names";
import { countText } from "../../words/numbers";
import { SIGN_WORDS } from "../../words/signs";
import { Held, Interest, Spread } from "./LatelyCharts";

const AXIS = { axisLabel: { color: "#4f5b57" }, nameTextStyle: { color: "#4f5b57" } };
const SIDES = { left: "left", right: "right", both: "both hands" } as const;

/** Minutes by area and week, in layers; what it shows stands as a table below. */
function Minutes({ lately, name }: { lately: Lately; name: string }) {
  const areas = AREA_IDS.filter((area) => lately.areas.some((one) => one.area === area));
  const minutesOf = (area: string, week: string) =>
    lately.areas.find((one) => one.area === area && one.week === week)?.minutes ?? 0;
  const option = useMemo(
    () => ({
      grid: { left: 48, right: 12, top: 30, bottom: 34 },
      xAxis: { type: "category", data: lately.weeks.map((week) => shortDate(week)), ...AXIS },
      yAxis: { type: "value", name: "minutes", ...AXIS },
      series: AREA_IDS.filter((area) => lately.areas.some((one) => one.area === area)).map((area) => ({
        name: AREA_NAMES[area],
        type: "bar",
        stack: "areas",
        color: AREA_COLOURS[area],
        data: lately.weeks.map(
          (week) => lately.areas.find((one) => one.area === area && one.week === week)?.minutes ?? 0,
        ),
      })),
    }),
    [lately],
  );
  return (
    <>
      <Chart label={`Minutes of ${name} by area and week`} option={option} heightPx={260} />
      <div className="columns">
        <ScrollAcross label="Minutes by area and week">
          <table className="plain-table">
            <thead>
              <tr>
                <th scope="col">Minutes</th>
                {lately.weeks.map((week) => (
                  <th scope="col" key={week}>
                    {shortDate(week)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {areas.map((area) => (
                <tr key={area}>
                  <th scope="row">
                    <AreaMark area={area} size={16} /> {AREA_NAMES[area]}
                  </th>
                  {lately.weeks.map((week) => (
                    <td key={week}>{Math.round(minutesOf(area, week)) || "–"}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </ScrollAcross>
        <section aria-label="Spread">
          <Spread lately={lately} />
        </section>
      </div>
    </>
  );
}

/** The hands: which grasp with how many notes, and which hand. */
function Hands({ hands }: { hands: Lately["hands"] }) {
  const grasps = [...hands.grasps].sort((a, b) => b[1] - a[1]);
  const sides = [...hands.sides].sort((a, b) => b[1] - a[1]);
  if (grasps.length + sides.length + hands.body.length === 0) {
    return (
      <p className="quiet">
        No grasp or hand was noted. They are among the details of a note, and taps while you watch.
      </p>
    );
  }
  return (
    <ul className="bare grasps in-columns">
      {grasps.map(([grasp, times]) => (
        <li key={grasp}>
          <GraspPicture grasp={grasp} /> {GRASP_NAMES[grasp]} <small>{countText(times, "note")}</small>
        </li>
      ))}
      {sides.length > 0 && (
        <li>Hand: {sides.map(([side, times]) => `${SIDES[side]} ${countText(times, "time")}`).join(", ")}</li>
      )}
      {hands.body.map(({ sign, times, first, last }) => (
        <li key={sign}>
          {SIGN_WORDS[sign]}{" "}
          <small>
            {countText(times, "time")},{" "}
            {first === last ? shortDate(first) : `${shortDate(first)} to ${shortDate(last)}`}
          </small>
        </li>
      ))}
    </ul>
  );
}

interface LatelyPartProps {
  lately: Lately;
  name: string;
  units: Units;
}

/** A month or two at a glance: each chart with a plain sentence that says what it shows. */
export default function LatelyPart({ lately, name, units }: LatelyPartProps) {
  const { weeks, notes, minutes, climbed, missing } = lately;
  if (notes === 0) {
    return (
      <p className="empty-state">
        Nothing was noted in the last {countText(weeks.length, "week")}. Open a tray on the Shelf: one tap is
        a note.
      </p>
    );
  }
  return (
    <>
      <p>
        {countText(notes, "note")} and {Math.round(minutes)} minutes in the last{" "}
        {countText(weeks.length, "week")}.{" "}
        {missing.length > 0
          ? `Without a note: ${namesText(missing.map((area) => AREA_NAMES[area].toLowerCase()))}.`
          : "Every area has its notes."}
      </p>
      <Minutes lately={lately} name={name} />
      <h2>Done alone for the first time</h2>
      {climbed.length === 0 ? (
        <p className="quiet">Nothing new in these weeks. Repetition is good.</p>
      ) : (
        <ul className="bare in-columns">
          {climbed.map(({ activity, rung, on }) => (
            <li key={`${activity.id} ${rung.id}`} className="row one-line at-top">
              <AreaMark area={activity.area} />
              <span>
                <Link to={href("/activities/:id", { id: activity.id })}>{activity.name}</Link>
                <small>
                  {rung.title}, {shortDate(on)}
                </small>
              </span>
            </li>
          ))}
        </ul>
      )}
      <h2>How much it was liked</h2>
      <Interest lately={lately} name={name} />
      <h2>Hands</h2>
      <Hands hands={lately.hands} />
      <Held held={lately.hands.held} name={name} units={units} />
    </>
  );
}
