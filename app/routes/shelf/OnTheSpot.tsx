import { href, useFetcher } from "react-router";
import type { OtherwiseResult, TrayView } from "../../core/household";
import type { ActivityId, PlainDate, Rung } from "../../core/model";
import { Act, Chip, LinkAct } from "../../ui/controls/Act";
import { Choice } from "../../ui/controls/Choice";
import { Fold } from "../../ui/controls/Fold";
import { Send } from "../../ui/Send";
import { barrierText } from "../../words/barriers";
import { shortDate } from "../../words/dates";
import { type ChangeWords, otherwiseText } from "../../words/otherwise";
import type { ShelfAnswer } from "./actions";

const ACTION = `${href("/")}?index`;

interface WayProps {
  label: string;
  title: string;
  values: object;
  result: OtherwiseResult;
  words: ChangeWords;
  fetcher: ReturnType<typeof useFetcher<ShelfAnswer>>;
}

/** One way of setting it out otherwise: a button with what changes, or why it can't be now. */
function Way({ label, title, values, result, words, fetcher }: WayProps) {
  if ("fault" in result) {
    return (
      <p className="quiet">
        {label} ({title}): {barrierText(result.fault)}
      </p>
    );
  }
  const { tray } = result.otherwise;
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "otherwise", ...values }}
      action={ACTION}
      className="row one-line at-top gap"
    >
      <Chip aria-label={`${label}: ${title}`}>{label}</Chip>
      <span>
        {title}
        <small>
          {otherwiseText(result.otherwise, words)}
          {tray.state === "adult-held" && " Adult-held: you stay beside it."}
        </small>
      </span>
    </Send>
  );
}

interface LaterProps {
  child: TrayView["heirs"][number]["child"];
  rungs: readonly Rung[];
  activity: ActivityId;
  shelvesAhead: readonly PlainDate[];
  fetcher: WayProps["fetcher"];
}

/** For a shelf to come: the plan is asked for it, and judges it for that child. */
function Later({ child, rungs, activity, shelvesAhead, fetcher }: LaterProps) {
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "hand-on-later", child: child.id, activity }}
      action={ACTION}
      className="row gap"
      aria-label={`Later for ${child.name}`}
    >
      <span className="quiet fill">Or on a shelf to come:</span>
      <Choice
        name="rung"
        style={{ maxWidth: "100%" }}
        aria-label="What"
        options={rungs.map((one) => ({ value: one.id, label: one.title }))}
      />
      <Choice
        name="from"
        aria-label="On which shelf"
        options={shelvesAhead.map((day) => ({ value: day, label: `on the shelf from ${shortDate(day)}` }))}
      />
      <Act>Put on the plan</Act>
    </Send>
  );
}

/** What may stay away, left out or put back. */
const SPARING = [
  { by: "leaveOut", label: "Leave out", title: "Then the tray can be left to the child" },
  { by: "putBack", label: "Put back", title: "What was left out" },
] as const;

interface OnTheSpotProps {
  view: TrayView;
  words: ChangeWords;
  /** The first days of the shelves to come. */
  shelvesAhead: readonly PlainDate[];
}

/** The tray set out otherwise at once: a step down or up, or given to another child, now or on a shelf to come. */
export function OnTheSpot({ view, words, shelvesAhead }: OnTheSpotProps) {
  const fetcher = useFetcher<ShelfAnswer>();
  const { tray, steps, heirs, sparing } = view;
  const { was, asked, issues } = fetcher.data ?? {};
  return (
    <section aria-label="On the spot">
      <h3>On the spot</h3>
      {was && (
        <Send
          fetcher={fetcher}
          values={{ intent: "otherwise", ...was }}
          action={ACTION}
          className="panel row told"
        >
          <span role="status">Set out anew: {view.rung.title}.</span>
          <LinkAct>Undo</LinkAct>
        </Send>
      )}
      {asked && (
        <Send
          fetcher={fetcher}
          values={{ intent: "hand-on-undo", ...asked }}
          action={ACTION}
          className="panel row told"
        >
          <span role="status">The plan is asked for it.</span>
          <LinkAct>Undo</LinkAct>
        </Send>
      )}
      {issues?.map((issue) => (
        <p className="fault" role="alert" key={issue.message}>
          {issue.message}
        </p>
      ))}
      {steps.map(({ rung, easier, result }) => (
        <Way
          key={rung.id}
          label={easier ? "Easier now" : "Harder now"}
          title={rung.title}
          values={{ tray: tray.id, rung: rung.id }}
          result={result}
          words={words}
          fetcher={fetcher}
        />
      ))}
      {SPARING.flatMap(({ by, label, title }) => {
        const one = sparing[by];
        return one ? (
          <Way
            key={by}
            label={label}
            title={title}
            values={{ tray: tray.id, rung: tray.rung, without: one.without }}
            result={{ otherwise: one.made }}
            words={words}
            fetcher={fetcher}
          />
        ) : (
          []
        );
      })}
      {heirs.map(({ child, rungs }) => (
        <Fold key={child.id} title={`Give it to ${child.name}`}>
          {rungs.map(({ rung, place, placeName, result }) => (
            <Way
              key={rung.id}
              label={rung.id === tray.rung ? "As it is" : "A step down"}
              title={place === tray.place ? rung.title : `${rung.title}, at ${placeName}`}
              values={{ tray: tray.id, rung: rung.id, child: child.id, place }}
              result={result}
              words={words}
              fetcher={fetcher}
            />
          ))}
          <Later
            child={child}
            rungs={rungs.map((one) => one.rung)}
            activity={tray.activity}
            shelvesAhead={shelvesAhead}
            fetcher={fetcher}
          />
        </Fold>
      ))}
    </section>
  );
}
