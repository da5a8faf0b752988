import { useState } from "react";
import { href, Link } from "react-router";
import type { Child, Guide, Observation } from "../../core/model";
import { minuteOf } from "../../core/model";
import { amountText, type Units } from "../../core/units";
import type { StepView } from "../../engine/queries/sittingView";
import { AreaMark } from "../../ui/AreaMark";
import { Cautions } from "../../ui/Cautions";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton, ToggleButton } from "../../ui/controls/buttons";
import { Collapsible } from "../../ui/controls/Collapsible";
import { LabelledGroup } from "../../ui/controls/LabelledGroup";
import { Script } from "../../ui/Script";
import { shortDay } from "../../words/dates";
import { clockText } from "../../words/moments";
import { namesText } from "../../words/names";
import { HELP_LABELS, noteWords } from "../../words/notes";
import { thingText } from "../../words/things";
import { titled } from "../../words/titles";
import type { Way } from "../../words/ways";
import { askFor } from "../askFor";
import type { Route } from "./+types/sitting";

export const meta = ({ loaderData }: Route.MetaArgs) =>
  titled(loaderData ? `A sitting: ${loaderData.view.name}` : "A sitting");

export const clientLoader = ({ request, params }: Route.ClientLoaderArgs) =>
  askFor(request, "sitting", params);

/** A note for one child on one step: a tap, and the way back. */
function ChildNote({
  sitting,
  at,
  child,
  note,
  several,
}: {
  sitting: string;
  at: number;
  child: Child;
  note?: Observation;
  several: boolean;
}) {
  const noteStep = useCommand("sittings.note");
  const undoNote = useCommand("sittings.undoNote");
  const about = { sitting, step: at };
  // Made once, so that two quick taps are one note.
  const [id] = useState(() => crypto.randomUUID());
  if (note) {
    return (
      <span>
        {several ? `${child.name}: ` : ""}
        {noteWords(note).join(", ")}{" "}
        <InlineButton
          aria-label={`Undo the note for ${child.name}`}
          onClick={() => void undoNote.run({ ...about, id: note.id })}
        >
          Undo
        </InlineButton>
      </span>
    );
  }
  return (
    <LabelledGroup className="row gap" label={`How it went for ${child.name}`}>
      {several && <span>{child.name}</span>}
      {HELP_LABELS.map(({ value: help, label }) => (
        <ToggleButton
          key={help}
          size="small"
          onClick={() => void noteStep.run({ ...about, child: child.id, id, help })}
        >
          {label}
        </ToggleButton>
      ))}
    </LabelledGroup>
  );
}

interface StepProps {
  view: Route.ComponentProps["loaderData"]["view"];
  one: StepView;
  /** Which of the steps it is, from 1. */
  number: number;
  guide?: Guide;
  way: Way;
  units: Units;
  unit: Parameters<typeof amountText>[1];
  today: string;
  canNote: boolean;
}

function Step({ view, one, number, guide, way, units, unit, today, canNote }: StepProps) {
  const { step, activity, rung, moment, notes } = one;
  const names = new Map<string, string>(view.gather.map((thing) => [thing.material.id, thing.material.name]));
  const day = step.on === today ? "today" : shortDay(step.on);
  return (
    <li className="row one-line at-top">
      <b style={{ width: 20 }}>{number}</b>
      <AreaMark area={activity.area} />
      <div>
        <strong>{activity.name}</strong>
        <p>
          {rung.title}
          <small>
            {day}
            {moment ? `, ${clockText(minuteOf(moment.at))}` : ""}
            {step.quantity ? ` · ${amountText(step.quantity, unit, units)}` : ""} · about{" "}
            {activity.playMinutes} min
          </small>
        </p>
        {guide && (
          <Collapsible title="How" onDemand>
            <p>{activity.invitation}</p>
            <Script guide={guide} way={way} acts={[]} state={one.offer?.judgement.state} />
          </Collapsible>
        )}
        {one.offer && <Cautions safety={one.offer.judgement} names={names} />}
        {canNote &&
          one.children.map((child) => (
            <ChildNote
              // Another one once it is noted or taken back, so that the next note is a new one.
              key={`${child.id} ${notes.find((note) => note.child === child.id)?.id ?? ""}`}
              sitting={view.sitting.id}
              at={one.at}
              child={child}
              note={notes.find((note) => note.child === child.id)}
              several={view.children.length > 1}
            />
          ))}
      </div>
    </li>
  );
}

export default function SittingPage({ loaderData }: Route.ComponentProps) {
  const { view, guides, units, way, today, preview, material } = loaderData;
  const { sitting, name, children, steps, gather, minutes } = view;
  const end = useCommand("sittings.end");
  const goOn = useCommand("sittings.goOn");
  const drop = useCommand("sittings.drop");
  const unit = material?.unit ?? "piece";
  const used = steps.reduce((sum, one) => sum + (one.step.quantity ?? 0), 0);
  const isOver = sitting.endedOn !== undefined;
  return (
    <main className="main wide">
      <p>
        <Link to={href("/")}>The shelf</Link>
      </p>
      <h1>
        {used > 0 && material ? thingText(used, material, units) : name}, {steps.length}{" "}
        {sitting.day ? (steps.length === 1 ? "thing" : "things") : steps.length === 1 ? "way" : "ways"}
      </h1>
      <p className="quiet">
        For {namesText(children.map((child) => child.name))}
        {sitting.day ? "" : ", from easy to hard"}, about {minutes} min in all. Stop while it is still fun.
      </p>
      {isOver && (
        <div className="panel row told">
          <span role="status">Ended. Its notes are in the journal.</span>
          <InlineButton onClick={() => void goOn.run({ sitting: sitting.id })}>Go on with it</InlineButton>
        </div>
      )}
      <div className="columns">
        <ol className="bare lines">
          {steps.map((one, i) => (
            <Step
              key={one.at}
              {...{ view, one, way, units, unit, today }}
              number={i + 1}
              guide={guides[i]}
              canNote={!preview && !isOver}
            />
          ))}
        </ol>
        <section aria-label="Fetch">
          <h2>Fetch</h2>
          <ul>
            {gather.map((one) => (
              <li key={one.material.id}>{thingText(one.quantity, one.material, units)}</li>
            ))}
          </ul>
          {!preview && !isOver && (
            <div className="row">
              <ActionButton onClick={() => void end.run({ sitting: sitting.id })}>End it</ActionButton>
              {steps.every((one) => one.notes.length === 0) && (
                <InlineButton onClick={() => void drop.run({ sitting: sitting.id }, { goTo: href("/") })}>
                  Drop it
                </InlineButton>
              )}
            </div>
          )}
        </section>
      </div>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
