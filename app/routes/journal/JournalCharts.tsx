import { lazy, Suspense, useCallback, useMemo, useState } from "react";
import { href, Link, useNavigate } from "react-router";
import { addTo } from "../../core/collections";
import { AREA_COLOURS } from "../../core/draw/areaColours";
import type { PlainDate, Tray } from "../../core/model";
import { areasOf, interestByWeek, type JournalEntry, trayCourses } from "../../core/report/journal";
import Chart from "../../ui/Chart";
import { Choice } from "../../ui/controls/Choice";
import { Collapsible } from "../../ui/controls/Collapsible";
import { AREA_NAMES } from "../../words/areas";
import { shortDate, shortDay } from "../../words/dates";

/** Loaded once it is opened. */
const CourseTable = lazy(() => import("./CourseTable"));

interface JournalChartsProps {
  entries: readonly JournalEntry[];
  trays: readonly Tray[];
  today: PlainDate;
}

const AXIS = { axisLabel: { color: "#4f5b57" }, nameTextStyle: { color: "#4f5b57" } };
/** So many activities are shown over the weeks: those noted most. */
const SHOWN_ACTIVITIES = 14;
const SHOWN_WEEKS = 16;
/** Weeks that are looked at for what has been missing. */
const MISSING_WEEKS = 4;

/** Minutes and repeats of one tray over its days out; a point leads to its note's day. */
function Course({ entries, trays }: Pick<JournalChartsProps, "entries" | "trays">) {
  const navigate = useNavigate();
  const courses = useMemo(
    () => trayCourses(entries, trays).sort((a, b) => b.points.length - a.points.length),
    [entries, trays],
  );
  const [chosen, choose] = useState(0);
  const course = courses[chosen];
  const option = useMemo(
    () => ({
      grid: { left: 48, right: 70, top: 36, bottom: 44 },
      xAxis: { type: "value", name: "day out", nameLocation: "middle", nameGap: 28, minInterval: 1, ...AXIS },
      yAxis: [
        { type: "value", name: "minutes", min: 0, ...AXIS },
        { type: "value", name: "again", min: 0, minInterval: 1, splitLine: { show: false }, ...AXIS },
      ],
      series: [
        {
          name: "Minutes",
          type: "line",
          symbolSize: 10,
          endLabel: { show: true, formatter: "minutes" },
          color: "#1E5B52",
          data: course?.points.map((one) => [one.dayOut, one.minutes ?? null]),
        },
        {
          name: "Times again",
          type: "line",
          yAxisIndex: 1,
          symbol: "diamond",
          symbolSize: 11,
          lineStyle: { type: "dashed" },
          endLabel: { show: true, formatter: "again" },
          color: "#8E2F5C",
          data: course?.points.map((one) => [one.dayOut, one.repeats ?? null]),
        },
      ],
    }),
    [course],
  );
  const onPoint = useCallback(
    (_: number, index: number) => {
      const on = course?.points[index]?.on;
      if (on) void navigate(`${href("/journal")}?on=${on}`);
    },
    [course, navigate],
  );
  if (!course) return <p className="quiet">No minutes are noted yet. Watch a tray, and they stand here.</p>;
  return (
    <section aria-labelledby="course-title">
      <h2 id="course-title">Minutes and repeats over the days out</h2>
      <Choice
        aria-label="Which tray"
        value={String(chosen)}
        onChange={(at) => choose(Number(at))}
        options={[
          ...courses.map((one, i) => ({ value: String(i), label: `${one.name} (${one.points.length})` })),
        ]}
      />
      <Chart label={`${course.name}: minutes and repeats`} option={option} heightPx={260} onPoint={onPoint} />
      <Collapsible title="As a table" onDemand>
        <Suspense fallback={null}>
          <CourseTable points={course.points} />
        </Suspense>
      </Collapsible>
    </section>
  );
}

/** From not wanted to wanted again, the darker the more. */
const SHADES: readonly (readonly [number, string, string])[] = [
  [0.8, "#16302F", "wanted again"],
  [0.45, "#5e8f7f", "liked"],
  [0, "#cbb877", "little"],
  [-1, "#e3d6b4", "not wanted"],
];
const shadeFor = (interest: number) => SHADES.find(([from]) => interest >= from)?.[1] ?? "#e3d6b4";

const ShadeKey = () => (
  <p className="row">
    {SHADES.map(([, colour, words]) => (
      <span key={words}>
        <svg width="14" height="14" style={{ verticalAlign: -2 }} aria-hidden="true">
          <rect width="14" height="14" fill={colour} />
        </svg>{" "}
        {words}
      </span>
    ))}
  </p>
);

/** Interest by activity and week: dark where it was wanted again. A field leads to the activity's notes. */
function InterestWeeks({ entries }: Pick<JournalChartsProps, "entries">) {
  const navigate = useNavigate();
  const { cells, weeks, names, ids } = useMemo(() => {
    const all = interestByWeek(entries);
    const notes = new Map<string, number>();
    for (const one of all) addTo(notes, one.activity, one.notes);
    const top = [...notes].sort((a, b) => b[1] - a[1]).slice(0, SHOWN_ACTIVITIES);
    const kept = top.map(([id]) => id).reverse();
    const shown = [...new Set(all.map((one) => one.week))].sort().slice(-SHOWN_WEEKS);
    return {
      ids: kept,
      names: kept.map((id) => all.find((one) => one.activity === id)?.name ?? id),
      weeks: shown,
      cells: all.filter((one) => kept.includes(one.activity) && shown.includes(one.week)),
    };
  }, [entries]);
  const option = useMemo(
    () => ({
      grid: { left: 170, right: 20, top: 8, bottom: 30 },
      xAxis: { type: "category", data: weeks.map(shortDate), ...AXIS },
      yAxis: { type: "category", data: names, axisLabel: { width: 150, overflow: "truncate" } },
      series: [
        {
          type: "scatter",
          symbol: "rect",
          symbolSize: [18, 20],
          data: cells.map((one) => ({
            value: [weeks.indexOf(one.week), ids.indexOf(one.activity)],
            itemStyle: { color: shadeFor(one.interest), opacity: 1 },
          })),
        },
      ],
    }),
    [cells, weeks, names, ids],
  );
  const onPoint = useCallback(
    (_: number, index: number) => {
      const cell = cells[index];
      if (cell) void navigate(`${href("/journal")}?activity=${cell.activity}`);
    },
    [cells, navigate],
  );
  if (cells.length === 0) return null;
  return (
    <section aria-labelledby="interest-title">
      <h2 id="interest-title">Interest by activity and week (from Monday)</h2>
      <Chart
        label={`Interest of ${names.length} activities over ${weeks.length} weeks`}
        option={option}
        heightPx={60 + names.length * 24}
        onPoint={onPoint}
      />
      <ShadeKey />
      <p className="quiet">
        The notes of:{" "}
        {ids.toReversed().map((id, i) => (
          <span key={id}>
            {i > 0 && " · "}
            <Link to={`${href("/journal")}?activity=${id}`}>{names[ids.indexOf(id)]}</Link>
          </span>
        ))}
      </p>
    </section>
  );
}

/** What kind of activity has been missing: each area's notes of the last weeks, the rarest first. */
function Missing({ entries, today }: Omit<JournalChartsProps, "trays">) {
  const navigate = useNavigate();
  const rows = useMemo(() => areasOf(entries, today, MISSING_WEEKS), [entries, today]);
  const option = useMemo(
    () => ({
      grid: { left: 130, right: 24, top: 4, bottom: 30 },
      xAxis: { type: "value", minInterval: 1, ...AXIS },
      yAxis: {
        type: "category",
        inverse: true,
        data: rows.map((one) => AREA_NAMES[one.area]),
        ...AXIS,
      },
      series: [
        {
          type: "bar",
          data: rows.map((one) => ({ value: one.notes, itemStyle: { color: AREA_COLOURS[one.area] } })),
        },
      ],
    }),
    [rows],
  );
  const onPoint = useCallback(
    (_: number, index: number) => {
      const row = rows[index];
      if (row) void navigate(`${href("/journal")}?area=${row.area}`);
    },
    [rows, navigate],
  );
  return (
    <section aria-labelledby="missing-title">
      <h2 id="missing-title">Notes by area in the last {MISSING_WEEKS} weeks</h2>
      <Chart label="Notes by area, the rarest first" option={option} heightPx={290} onPoint={onPoint} />
      <ul>
        {rows.slice(0, 4).map((one) => (
          <li key={one.area}>
            <Link to={`${href("/journal")}?area=${one.area}`}>{AREA_NAMES[one.area]}</Link>:{" "}
            {one.notes === 1 ? "1 note" : `${one.notes} notes`}
            {one.lastOn ? `, last on ${shortDay(one.lastOn)}` : ", never noted"}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The journal as charts, for those who would rather look; every chart leads back to the notes. */
export default function JournalCharts({ entries, trays, today }: JournalChartsProps) {
  return (
    <div className="columns">
      <Course entries={entries} trays={trays} />
      <Missing entries={entries} today={today} />
      <InterestWeeks entries={entries} />
    </div>
  );
}
