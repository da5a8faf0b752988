import { Form } from "antd";
import { useState } from "react";
import type { TrayChangeResult, TrayView } from "../../core/household";
import type { ActivityId, PlainDate, Rung, RungId } from "../../core/model";
import type { CommandInput } from "../../engine/commands";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { type RunningCommand, useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton, ToggleButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { Collapsible } from "../../ui/controls/Collapsible";
import { barrierText } from "../../words/barriers";
import { shortDate } from "../../words/dates";
import { type ChangeWords, trayChangeText } from "../../words/trayChange";

interface WayProps {
  label: string;
  title: string;
  change: CommandInput<"trays.rearrange">;
  result: TrayChangeResult;
  words: ChangeWords;
  rearrange: RunningCommand<"trays.rearrange">;
}

/** One way of setting it out otherwise: a button with what changes, or why it can't be now. */
function Way({ label, title, change, result, words, rearrange }: WayProps) {
  if ("fault" in result) {
    return (
      <p className="quiet">
        {label} ({title}): {barrierText(result.fault)}
      </p>
    );
  }
  const { tray } = result.change;
  return (
    <div className="row one-line at-top gap">
      <ToggleButton aria-label={`${label}: ${title}`} onClick={() => void rearrange.run(change)}>
        {label}
      </ToggleButton>
      <span>
        {title}
        <small>
          {trayChangeText(result.change, words)}
          {tray.state === "adult-held" && " Adult-held: you stay beside it."}
        </small>
      </span>
    </div>
  );
}

interface LaterProps {
  child: TrayView["heirs"][number]["child"];
  rungs: readonly Rung[];
  activity: ActivityId;
  shelvesAhead: readonly PlainDate[];
  handOn: RunningCommand<"wishes.handOn">;
}

/** For a shelf to come: the plan is asked for it, and judges it for that child. */
function Later({ child, rungs, activity, shelvesAhead, handOn }: LaterProps) {
  const [rung, setRung] = useState(rungs[0]?.id);
  const [from, setFrom] = useState(shelvesAhead[0]);
  const put = () => {
    if (rung && from) void handOn.run({ child: child.id, activity, rung, from });
  };
  return (
    <Form className="row gap" aria-label={`Later for ${child.name}`} onFinish={put}>
      <span className="quiet fill">Or on a shelf to come:</span>
      <Choice<RungId>
        value={rung}
        onChange={setRung}
        style={{ maxWidth: "100%" }}
        aria-label="What"
        options={rungs.map((one) => ({ value: one.id, label: one.title }))}
      />
      <Choice<PlainDate>
        value={from}
        onChange={setFrom}
        aria-label="On which shelf"
        options={shelvesAhead.map((day) => ({ value: day, label: `on the shelf from ${shortDate(day)}` }))}
      />
      <ActionButton>Put on the plan</ActionButton>
    </Form>
  );
}

/** The one of the two that was done last: only that is offered to be taken back. */
function useLatest(rearrange: WayProps["rearrange"], handOn: LaterProps["handOn"]) {
  const [known, setKnown] = useState({
    rearrange: rearrange.told,
    handOn: handOn.told,
    latest: rearrange.told,
  });
  if (rearrange.told !== known.rearrange || handOn.told !== known.handOn) {
    const latest = rearrange.told === known.rearrange ? handOn.told : rearrange.told;
    setKnown({ rearrange: rearrange.told, handOn: handOn.told, latest });
  }
  return {
    was: known.latest === rearrange.told ? rearrange.answer : undefined,
    asked: known.latest === handOn.told ? handOn.answer : undefined,
  };
}

/** The last change on the spot, with the way back. */
function OnTheSpotDone({
  view,
  rearrange,
  handOn,
}: Pick<OnTheSpotProps, "view"> & {
  rearrange: WayProps["rearrange"];
  handOn: LaterProps["handOn"];
}) {
  const undoWishes = useCommand("wishes.undo");
  const [undone, setUndone] = useState<unknown>();
  const { was, asked } = useLatest(rearrange, handOn);
  const takeBack = async (change: NonNullable<typeof asked>) => {
    if ((await undoWishes.run(change)) !== undefined) setUndone(change);
  };
  return (
    <>
      {was && (
        <div className="panel row told">
          <span role="status">Set out anew: {view.rung.title}.</span>
          <InlineButton onClick={() => void rearrange.run(was)}>Undo</InlineButton>
        </div>
      )}
      {asked && asked !== undone && (
        <div className="panel row told">
          <span role="status">The plan is asked for it.</span>
          <InlineButton onClick={() => void takeBack(asked)}>Undo</InlineButton>
        </div>
      )}
      <CommandFaults of={rearrange} />
      <CommandFaults of={handOn} />
    </>
  );
}

/** What may stay away, left out or put back. */
const OPTIONAL_NEED_CHANGES = [
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
  const rearrange = useCommand("trays.rearrange");
  const handOn = useCommand("wishes.handOn");
  const { tray, steps, heirs, optionalNeeds } = view;
  return (
    <section aria-label="On the spot">
      <h3>On the spot</h3>
      <OnTheSpotDone view={view} rearrange={rearrange} handOn={handOn} />
      {steps.map(({ rung, easier, result }) => (
        <Way
          key={rung.id}
          label={easier ? "Easier now" : "Harder now"}
          title={rung.title}
          change={{ tray: tray.id, rung: rung.id }}
          result={result}
          words={words}
          rearrange={rearrange}
        />
      ))}
      {OPTIONAL_NEED_CHANGES.flatMap(({ by, label, title }) => {
        const one = optionalNeeds[by];
        return one ? (
          <Way
            key={by}
            label={label}
            title={title}
            change={{ tray: tray.id, rung: tray.rung, without: one.without }}
            result={{ change: one.made }}
            words={words}
            rearrange={rearrange}
          />
        ) : (
          []
        );
      })}
      {heirs.map(({ child, rungs }) => (
        <Collapsible key={child.id} title={`Give it to ${child.name}`}>
          {rungs.map(({ rung, place, placeName, result }) => (
            <Way
              key={rung.id}
              label={rung.id === tray.rung ? "As it is" : "A step down"}
              title={place === tray.place ? rung.title : `${rung.title}, at ${placeName}`}
              change={{ tray: tray.id, rung: rung.id, child: child.id, place }}
              result={result}
              words={words}
              rearrange={rearrange}
            />
          ))}
          <Later
            child={child}
            rungs={rungs.map((one) => one.rung)}
            activity={tray.activity}
            shelvesAhead={shelvesAhead}
            handOn={handOn}
          />
        </Collapsible>
      ))}
    </section>
  );
}
