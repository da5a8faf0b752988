import { Checkbox } from "antd";
import { useState } from "react";
import { href, Link } from "react-router";
import type { PrepareView } from "../../core/day";
import type { PrepLine, PrepStep } from "../../core/prep";
import { amountText, type Units } from "../../core/units";
import { useCommand } from "../../ui/command/useCommand";
import { EachTimeLines } from "../../ui/EachTimeLines";
import { shortDay } from "../../words/dates";
import { sumText, taskText } from "../../words/prep";
import { changesText } from "../../words/standIns";

const STEP_NAMES: Record<PrepStep, string> = {
  gather: "Gather",
  mix: "Mix",
  cut: "Cut",
  count: "Count out",
  fill: "Fill",
  print: "Print",
  label: "Label",
  "lay-out": "Set out",
  beside: "Have beside you",
};

/** "about 6 min"; less than a whole one is said so. */
const minutesText = (minutes: number) =>
  minutes < 0.75 ? "under a minute" : `about ${Math.round(minutes)} min`;

interface LineProps {
  line: PrepLine;
  view: PrepareView;
  units: Units;
}

/** One thing to do: ticked by a tap, with how its number came about. */
function Line({ line, view, units }: LineProps) {
  const tick = useCommand("preparing.tick");
  // The tick stands at once, although it is still on its way.
  const [tapped, setTapped] = useState(false);
  const ticked = view.state.ticked.includes(line.id);
  const done = tick.isBusy ? tapped : ticked;
  // The names of papers say "sheet" themselves.
  const unit = line.unit === "sheet" ? "piece" : line.unit;
  const text = taskText(line, units);
  const sum = sumText(line, units);
  const amount = line.quantity && unit ? amountText(line.quantity, unit, units) : "";
  return (
    <li className={`row between${done ? " done-line" : ""}`}>
      <Checkbox
        defaultChecked={ticked}
        key={String(ticked)}
        onChange={({ target }) => {
          setTapped(target.checked);
          void tick.run({ rotation: view.rotation.id, line: line.id, done: target.checked });
        }}
      >
        <span>
          {line.step === "gather" || line.step === "fill" ? `${amount} ${text}` : text}
          {line.step === "gather" && <small>for {line.trays.join(", ")}</small>}
          {line.worn && (
            <small className="fault">
              found worn on {shortDay(line.worn)}: look it over, and leave it out if anything comes off
            </small>
          )}
          {line.insteadOf && (
            <small>
              instead of {line.insteadOf.material}
              {line.insteadOf.changes.length > 0 ? `: ${changesText(line.insteadOf.changes)}` : ""}
            </small>
          )}
        </span>
      </Checkbox>
      {sum && (
        <details>
          <summary>how</summary>
          {sum}
        </details>
      )}
    </li>
  );
}

function Lines({ lines, view, units }: Omit<LineProps, "line"> & { lines: readonly PrepLine[] }) {
  return (
    <ul className="bare">
      {lines.map((line) => (
        <Line key={line.id} line={line} view={view} units={units} />
      ))}
    </ul>
  );
}

/** One step of the sheet; what is to be gathered comes by the place where it is. */
export function Step({
  step,
  lines,
  view,
  units,
}: Omit<LineProps, "line"> & { step: PrepStep; lines: readonly PrepLine[] }) {
  if (lines.length === 0) return null;
  const places = [...new Set(lines.map((line) => line.where ?? ""))];
  const minutes = lines.reduce((sum, line) => sum + line.minutes, 0);
  return (
    <section aria-label={STEP_NAMES[step]}>
      <h2>
        {STEP_NAMES[step]} {minutes > 0 && <small>{minutesText(minutes)}</small>}
      </h2>
      {step === "print" && (
        <p>
          <Link to={href("/workbench")}>To the workbench</Link>, where they are drawn at true size.
        </p>
      )}
      {places.map((place) => (
        <div key={place}>
          {place && <h3>{place}</h3>}
          <Lines lines={lines.filter((line) => (line.where ?? "") === place)} view={view} units={units} />
        </div>
      ))}
    </section>
  );
}

/** What is done again before each of its moments: no tick holds for it, the Shelf tells it on its day. */
export function EachTime({ view, units }: Omit<LineProps, "line">) {
  const lines = view.sheet.lines.filter((line) => line.times);
  if (lines.length === 0) return null;
  const names = [...new Set(lines.flatMap((line) => line.trays))];
  return (
    <section aria-label="Before each time">
      <h2>Before each time</h2>
      <p className="quiet">Not once for the week: the Shelf tells it again on the day.</p>
      {names.map((name) => {
        const own = lines.filter((line) => line.trays.includes(name));
        const times = own[0]?.times ?? 1;
        const minutes = own.reduce((sum, line) => sum + line.minutes, 0) / times;
        return (
          <div key={name}>
            <h3>
              {name}{" "}
              <small>
                {times === 1 ? "once" : `${times} times`}, {minutesText(minutes)} each
              </small>
            </h3>
            <EachTimeLines lines={own} units={units} />
          </div>
        );
      })}
    </section>
  );
}
