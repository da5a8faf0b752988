import { Button, Input } from "antd";
import { Link, redirect, useFetcher, useSearchParams } from "react-router";
import { loadCatalogue } from "../../catalogue";
import { catalogueOf } from "../../core/planner";
import { PREP_STEPS, type PrepLine, type PrepStep } from "../../core/prep";
import { readHome } from "../../data/household";
import { amountText, type Units } from "../../ui/amounts";
import { shortDay } from "../../ui/dates";
import type { Route } from "./+types/prepare";
import { changePrepare } from "./actions";
import { type PrepareView, prepareView } from "./prepareView";

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  const view = prepareView(home, catalogueOf(await loadCatalogue(), home.tables));
  return { view, units: home.household.units, today: home.today, preview: home.ahead > 0 };
}

export const clientAction = ({ request }: Route.ClientActionArgs) => changePrepare(request);

const STEP_NAMES: Record<PrepStep, string> = {
  gather: "Gather",
  cut: "Cut",
  count: "Count out",
  fill: "Fill",
  print: "Print",
  "lay-out": "Set out",
  beside: "Have beside you",
};

interface LineProps {
  line: PrepLine;
  view: PrepareView;
  units: Units;
}

/** One thing to do: ticked by a tap, with how its number came about. */
function Line({ line, view, units }: LineProps) {
  const fetcher = useFetcher();
  const ticked = view.state.ticked.includes(line.id);
  const pending = fetcher.formData?.get("done");
  const done = pending ? pending === "yes" : ticked;
  // The names of papers say "sheet" themselves.
  const unit = line.unit === "sheet" ? "piece" : line.unit;
  const amount = line.quantity && unit ? amountText(line.quantity, unit, units) : "";
  return (
    <li className={done ? "done-line" : ""}>
      <label>
        <input
          type="checkbox"
          defaultChecked={ticked}
          key={String(ticked)}
          onChange={(event) =>
            void fetcher.submit(
              {
                intent: "tick",
                rotation: view.rotation.id,
                line: line.id,
                done: event.target.checked ? "yes" : "no",
              },
              { method: "post" },
            )
          }
        />
        <span>
          {line.step === "gather" || line.step === "fill" ? `${amount} ${line.text}` : line.text}
          {line.step === "gather" && <small>for {line.trays.join(", ")}</small>}
        </span>
      </label>
      {line.sum && (
        <details>
          <summary>how</summary>
          {line.sum}
        </details>
      )}
    </li>
  );
}

function Lines({ lines, view, units }: Omit<LineProps, "line"> & { lines: readonly PrepLine[] }) {
  return (
    <ul className="prep-lines">
      {lines.map((line) => (
        <Line key={line.id} line={line} view={view} units={units} />
      ))}
    </ul>
  );
}

/** One step of the sheet; what is to be gathered comes by the place where it is. */
function Step({
  step,
  lines,
  view,
  units,
}: Omit<LineProps, "line"> & { step: PrepStep; lines: readonly PrepLine[] }) {
  if (lines.length === 0) return null;
  const places = [...new Set(lines.map((line) => line.where ?? ""))];
  return (
    <section aria-label={STEP_NAMES[step]}>
      <h2>{STEP_NAMES[step]}</h2>
      {places.map((place) => (
        <div key={place}>
          {place && <h3>{place}</h3>}
          <Lines lines={lines.filter((line) => (line.where ?? "") === place)} view={view} units={units} />
        </div>
      ))}
    </section>
  );
}

/** Counts down what was used up, once; it can be taken back. */
function Prepared({ view }: { view: PrepareView }) {
  const fetcher = useFetcher();
  return (
    <fetcher.Form method="post" className="prepared">
      <input type="hidden" name="rotation" value={view.rotation.id} />
      {view.state.before ? (
        <p className="undo-strip">
          <span role="status">All is prepared; what it used up is counted down in the cupboard.</span>
          <button type="submit" className="link" name="intent" value="not-prepared">
            Undo
          </button>
        </p>
      ) : (
        <Button
          htmlType="submit"
          type="primary"
          name="intent"
          value="prepared"
          loading={fetcher.state !== "idle"}
        >
          All is prepared
        </Button>
      )}
    </fetcher.Form>
  );
}

function BackLine({ one, view }: { one: PrepareView["back"][number]; view: PrepareView }) {
  const fetcher = useFetcher<{ problems: { message: string }[] }>();
  const noted = view.state.back.find((other) => other.holding === one.holding.id);
  return (
    <li className={noted ? "done-line" : ""}>
      <fetcher.Form method="post" aria-label={`Put back ${one.material.name}`}>
        <input type="hidden" name="intent" value="put-back" />
        <input type="hidden" name="rotation" value={view.rotation.id} />
        <input type="hidden" name="holding" value={one.holding.id} />
        <span>
          {one.quantity} × {one.material.name}
          <small>{one.holding.where || "to its place"}</small>
        </span>
        <label htmlFor={`missing-${one.holding.id}`}>missing</label>
        <Input
          id={`missing-${one.holding.id}`}
          name="missing"
          type="number"
          min={0}
          defaultValue={noted?.missing ?? 0}
          style={{ width: 70 }}
        />
        <Button htmlType="submit" size="small" loading={fetcher.state !== "idle"}>
          {noted ? "Change" : "It is back"}
        </Button>
        {fetcher.data?.problems.map((problem) => (
          <p className="fault" role="alert" key={problem.message}>
            {problem.message}
          </p>
        ))}
      </fetcher.Form>
    </li>
  );
}

function PutBack({ view }: { view: PrepareView }) {
  if (view.back.length === 0) return null;
  return (
    <section aria-label="Put back">
      <h2>Put back</h2>
      <p className="quiet">
        From {view.goneNames.join(", ")}. Count as you go: what is missing is taken off the cupboard.
      </p>
      <ul className="prep-lines">
        {view.back.map((one) => (
          <BackLine key={one.holding.id} one={one} view={view} />
        ))}
      </ul>
    </section>
  );
}

function Low({ view, units }: { view: PrepareView; units: Units }) {
  if (view.low.length === 0) return null;
  return (
    <section aria-label="Running low">
      <h2>Running low</h2>
      <ul>
        {view.low.map(({ holding, material, lasts }) => (
          <li key={holding.id}>
            {material.name}: {amountText(holding.quantity, material.unit, units)} left,{" "}
            {lasts === 0 ? "too little for another shelf like this" : "enough for one more shelf like this"}.
          </li>
        ))}
      </ul>
    </section>
  );
}

const NothingYet = () => (
  <section className="empty-state">
    <h1>Nothing to prepare yet</h1>
    <p>Accept a plan first; then the sheet for it stands here: what to fetch, cut, count and set out.</p>
    <Link className="button-like" to="/plan">
      To the plan
    </Link>
  </section>
);

export default function PreparePage({ loaderData }: Route.ComponentProps) {
  const { view, units, today } = loaderData;
  const [search] = useSearchParams();
  if (!view) return <NothingYet />;
  const eveningOnly = search.has("evening");
  const lines = view.sheet.lines.filter((line) => !eveningOnly || line.evening);
  const left = view.sheet.lines.filter((line) => !view.state.ticked.includes(line.id)).length;
  return (
    <main className="main wide">
      <div className="head">
        <div>
          <h1>Prepare the shelf from {shortDay(view.rotation.from)}</h1>
          <p className="quiet">
            About {view.sheet.minutes} min, and {view.sheet.clearMinutes} min to clear up while it is out.{" "}
            {left === 0 ? "All is ticked off." : `${left} of ${view.sheet.lines.length} still to do.`}
          </p>
        </div>
        {view.rotation.from > today && (
          <div className="head-links">
            <Link to="/prepare" aria-current={eveningOnly ? undefined : "true"} replace>
              All
            </Link>
            <Link to="/prepare?evening=1" aria-current={eveningOnly ? "true" : undefined} replace>
              What can be done the evening before
            </Link>
          </div>
        )}
      </div>
      <div className="prep-columns">
        <div>
          {PREP_STEPS.map((step) => (
            <Step
              key={step}
              step={step}
              lines={lines.filter((line) => line.step === step)}
              view={view}
              units={units}
            />
          ))}
          <Prepared view={view} />
        </div>
        <div>
          <PutBack view={view} />
          <Low view={view} units={units} />
        </div>
      </div>
    </main>
  );
}
