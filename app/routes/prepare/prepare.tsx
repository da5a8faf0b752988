import { Button, Progress } from "antd";
import { href, Link, useSearchParams } from "react-router";
import type { PrepareView } from "../../core/day";
import { PREP_STEPS } from "../../core/prep";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { LinkButton } from "../../ui/controls/LinkButton";
import { NextTimeList } from "../../ui/NextTimeList";
import { COLOURS } from "../../ui/theme/tokens";
import { shortDay } from "../../words/dates";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/prepare";
import { HowItStands } from "./HowItStands";
import { PutBack } from "./PutBack";
import { ReadyBehind } from "./ReadyBehind";
import { Low, ShoppingPart } from "./Shopping";
import { EachTime, Step } from "./Steps";

export const meta = () => titled("Prepare");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "prepare");

/** Counts down what was used up, once; it can be taken back. */
function Prepared({ view }: { view: PrepareView }) {
  const markPrepared = useCommand("preparing.markPrepared");
  const unmarkPrepared = useCommand("preparing.unmarkPrepared");
  const rotation = view.rotation.id;
  return (
    <div className="gap">
      {view.state.before ? (
        <p className="panel row told">
          <span role="status">All is prepared; what it used up is counted down in the cupboard.</span>
          <InlineButton onClick={() => void unmarkPrepared.run({ rotation })}>Undo</InlineButton>
        </p>
      ) : (
        <Button
          type="primary"
          loading={markPrepared.isBusy}
          onClick={() => void markPrepared.run({ rotation })}
        >
          All is prepared
        </Button>
      )}
      <CommandFaults of={markPrepared} />
      <CommandFaults of={unmarkPrepared} />
    </div>
  );
}

/** How long it takes, how much of it can be done the evening before, and how long clearing up takes. */
function minutesLine({ lines, minutes, clearMinutes }: PrepareView["sheet"], isAhead: boolean): string {
  const tonight = lines
    .filter((line) => line.evening && !line.times)
    .reduce((sum, line) => sum + line.minutes, 0);
  const [whole, before] = [Math.round(minutes), Math.round(tonight)];
  const evening = `${before === whole ? "all of it" : `${before} of them`} the evening before if you like, `;
  return `About ${whole} min, ${isAhead ? evening : ""}and ${clearMinutes} min to clear up while it is out.`;
}

const NothingYet = () => (
  <section className="empty-state">
    <h1>Nothing to prepare yet</h1>
    <p>Accept a plan first; then the sheet for it stands here: what to fetch, cut, count and set out.</p>
    <LinkButton to={href("/plan")}>To the plan</LinkButton>
  </section>
);

/** What is left stays in sight, under the rule, however far one has come. */
const PINNED = {
  position: "sticky",
  top: 80,
  zIndex: 3,
  background: COLOURS.mist,
  padding: "6px 0",
} as const;

export default function PreparePage({ loaderData }: Route.ComponentProps) {
  const { view, units, today } = loaderData;
  const [search] = useSearchParams();
  if (!view) return <NothingYet />;
  const eveningOnly = search.has("evening");
  const once = view.sheet.lines.filter((line) => !line.times);
  const lines = once.filter((line) => !eveningOnly || line.evening);
  const isAhead = view.rotation.from > today;
  const left = once.filter((line) => !view.state.ticked.includes(line.id)).length;
  return (
    <main className="main wide">
      <div className="row between at-top no-print">
        <div>
          <h1>Prepare the shelf from {shortDay(view.rotation.from)}</h1>
          <p className="quiet">{minutesLine(view.sheet, isAhead)}</p>
        </div>
        {isAhead && (
          <div className="row links">
            <Link to={href("/prepare")} aria-current={eveningOnly ? undefined : "true"} replace>
              All
            </Link>
            <Link
              to={`${href("/prepare")}?evening=1`}
              aria-current={eveningOnly ? "true" : undefined}
              replace
            >
              What can be done the evening before
            </Link>
          </div>
        )}
      </div>
      <div className="row no-print" style={PINNED}>
        <span className="nowrap">
          {left === 0 ? "All is ticked off." : `${left} of ${once.length} still to do.`}
        </span>
        <Progress
          className="grow"
          aria-label="Ticked off"
          percent={Math.round((100 * (once.length - left)) / Math.max(1, once.length))}
          strokeColor={COLOURS.spruce}
        />
      </div>
      <div className="columns">
        <div className="no-print">
          {view.nextTimes.length > 0 && (
            <section aria-label="For this time">
              <h2>You noted for this time</h2>
              {view.nextTimes.map(({ name, notes }) => (
                <div key={name}>
                  <h3>{name}</h3>
                  <NextTimeList notes={notes} />
                </div>
              ))}
            </section>
          )}
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
          {!eveningOnly && <EachTime view={view} units={units} />}
        </div>
        <div>
          <HowItStands view={view} units={units} />
          <ShoppingPart view={view} units={units} />
          <ReadyBehind ready={view.ready} words={{ materials: view.known.materials, units }} />
          <PutBack view={view} units={units} />
          <Low view={view} units={units} />
        </div>
      </div>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
