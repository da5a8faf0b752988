import { useMemo } from "react";
import { AREA_COLOURS } from "../../core/draw/areaColours";
import type { Lately } from "../../core/growing";
import { AREA_IDS, addDays, daysBetween, type Grasp } from "../../core/model";
import { lengthText, type Units } from "../../core/units";
import { AreaMark } from "../../ui/AreaMark";
import Chart from "../../ui/Chart";
import { ScrollAcross } from "../../ui/ScrollAcross";
import { COLOURS } from "../../ui/theme/tokens";
import { AREA_NAMES } from "../../words/areas";
import { shortDate } from "../../words/dates";
import { GRASP_NAMES } from "../../words/grasps";
import { countText } from "../../words/numbers";

const AXIS = { axisLabel: { color: "#4f5b57" }, nameTextStyle: { color: "#4f5b57" } };
/** By the steps of interest: none, a little, liked, wanted again. */
const INTEREST_STEPS = ["none", "a little", "liked it", "wanted again"] as const;
const SYMBOLS = ["circle", "rect", "triangle", "diamond"] as const;
const SIGNS = ["●", "■", "▲", "◆"] as const;
const SERIES = [COLOURS.spruce, COLOURS.brick, COLOURS.beet, COLOURS.ink] as const;

/** How much was liked, week by week, in words at the axis: 0 none, 3 wanted again. */
export function Interest({ lately, name }: { lately: Lately; name: string }) {
  const { weeks, interest } = lately;
  const option = useMemo(
    () => ({
      grid: { left: 90, right: 12, top: 14, bottom: 34 },
      xAxis: { type: "category", data: weeks.map((week) => shortDate(week)), ...AXIS },
      yAxis: {
        type: "value",
        min: 0,
        max: 3,
        interval: 1,
        axisLabel: { ...AXIS.axisLabel, formatter: (step: number) => INTEREST_STEPS[step] ?? "" },
      },
      series: [
        {
          name: "How much it was liked",
          type: "line",
          symbolSize: 9,
          connectNulls: true,
          color: COLOURS.spruce,
          data: weeks.map((week) => interest.find((one) => one.week === week)?.mean ?? null),
        },
      ],
    }),
    [weeks, interest],
  );
  if (interest.length === 0) return <p className="quiet">No note says how much it was liked.</p>;
  const told = interest.map((one) => INTEREST_STEPS[Math.round(one.mean)]);
  const isSteady = told.every((one) => one === told[0]);
  const weekly = interest.map((one, i) => `${shortDate(one.week)}: ${told[i]}`);
  return (
    <>
      <p>
        {isSteady
          ? `On the whole the same in each week: ${told[0]}.`
          : `On the whole, by week. ${weekly.join("; ")}.`}
      </p>
      <Chart label={`How much ${name} liked it, by week`} option={option} heightPx={190} />
      <ScrollAcross label="How much it was liked, by week">
        <table className="plain-table">
          <tbody>
            <tr>
              <th scope="row">Week</th>
              {interest.map((one) => (
                <td key={one.week}>{shortDate(one.week)}</td>
              ))}
            </tr>
            <tr>
              <th scope="row">Liked</th>
              {interest.map((one, i) => (
                <td key={one.week}>{told[i]}</td>
              ))}
            </tr>
          </tbody>
        </table>
      </ScrollAcross>
    </>
  );
}

interface HeldProps {
  held: Lately["hands"]["held"];
  name: string;
  units: Units;
}

/** Which grasp was used on which size of piece, over the weeks. */
export function Held({ held, name, units }: HeldProps) {
  const sized = useMemo(() => held.filter((one) => one.pieceMm !== undefined), [held]);
  const grasps = useMemo(() => [...new Set(sized.map((one) => one.grasp))], [sized]);
  /** Each day from the first to the last, so that what lies between two notes is to scale. */
  const days = useMemo(() => {
    const noted = sized.map((one) => one.on).sort();
    const [first, last] = [noted[0], noted.at(-1)];
    return first && last
      ? Array.from({ length: daysBetween(first, last) + 1 }, (_, i) => addDays(first, i))
      : [];
  }, [sized]);
  const option = useMemo(
    () => ({
      grid: { left: 56, right: 12, top: 30, bottom: 34 },
      xAxis: { type: "category", data: days.map((day) => shortDate(day)), ...AXIS },
      yAxis: { type: "value", name: "piece, mm", min: 0, ...AXIS },
      series: grasps.map((grasp, i) => ({
        name: GRASP_NAMES[grasp],
        type: "scatter",
        symbol: SYMBOLS[i % SYMBOLS.length],
        symbolSize: 11,
        color: SERIES[i % SERIES.length],
        data: sized.filter((one) => one.grasp === grasp).map((one) => [shortDate(one.on), one.pieceMm]),
      })),
    }),
    [sized, grasps, days],
  );
  if (sized.length === 0) return null;
  const of = (grasp: Grasp) => {
    const own = sized.filter((one) => one.grasp === grasp);
    const sizes = own.flatMap((one) => one.pieceMm ?? []);
    return { sizes, first: own[0]?.on, last: own.at(-1)?.on };
  };
  return (
    <>
      <p>
        {name} held pieces from {lengthText(Math.min(...sized.map((one) => one.pieceMm ?? 0)), units)} on, in{" "}
        {countText(grasps.length, "way")}.
      </p>
      <Chart label={`Which grasp ${name} used on which size of piece`} option={option} heightPx={220} />
      <table className="plain-table">
        <thead>
          <tr>
            <th scope="col">Grasp</th>
            <th scope="col">Pieces</th>
            <th scope="col">First noted</th>
            <th scope="col">Last</th>
          </tr>
        </thead>
        <tbody>
          {grasps.map((grasp, i) => {
            const { sizes, first, last } = of(grasp);
            return (
              <tr key={grasp}>
                <th scope="row">
                  <span aria-hidden="true" style={{ color: SERIES[i % SERIES.length] }}>
                    {SIGNS[i % SIGNS.length]}
                  </span>{" "}
                  {GRASP_NAMES[grasp]}
                </th>
                <td>
                  {lengthText(Math.min(...sizes), units)} to {lengthText(Math.max(...sizes), units)}
                </td>
                <td>{first && shortDate(first)}</td>
                <td>{last && shortDate(last)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}

/** How the notes are spread over the areas: a bar for each, the longest the most. */
export function Spread({ lately }: { lately: Lately }) {
  const counts = AREA_IDS.map((area) => ({
    area,
    notes: lately.areas.filter((one) => one.area === area).reduce((sum, one) => sum + one.notes, 0),
  }));
  const most = Math.max(1, ...counts.map((one) => one.notes));
  return (
    <table className="plain-table fill" aria-label="Notes by area">
      <tbody>
        {counts.map(({ area, notes }) => (
          <tr key={area}>
            <th scope="row">
              <AreaMark area={area} size={16} /> {AREA_NAMES[area]}
            </th>
            <td style={{ width: "55%" }}>
              <span
                className="block"
                style={{ width: `${(100 * notes) / most}%`, height: 12, background: AREA_COLOURS[area] }}
              />
            </td>
            <td>{countText(notes, "note")}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
