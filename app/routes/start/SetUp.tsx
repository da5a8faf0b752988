import { Steps } from "antd";
import { useState } from "react";
import { href, useNavigation } from "react-router";
import type { Issue, PlainDate } from "../../core/model";
import { SetUpInput } from "../../engine/commands/setUp";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { EntryForm } from "../../ui/form/EntryForm";
import { useEntry } from "../../ui/form/entry";
import { EntryFaults } from "../../ui/form/parts";
import { fieldOf } from "../../ui/form/values";
import { ChildStep } from "./ChildStep";
import { ShelfStep } from "./ShelfStep";
import { SET_UP_DRAFT, STEPS, USUAL } from "./values";
import { WaysStep } from "./WaysStep";

/** The step that holds the first of some faults. */
const stepOf = (issues: readonly Issue[]) =>
  Math.max(
    0,
    STEPS.findIndex(({ fields }) =>
      issues.some(({ path }) => (fields as readonly string[]).includes(fieldOf(path))),
    ),
  );

/** On from one step to the next, or at once to the shelf: all but the child has a usual answer. */
function StepButtons({ step, onStep }: { step: number; onStep(step: number): void }) {
  const busy = useNavigation().state !== "idle";
  const { check, send } = useEntry();
  const next = STEPS[step + 1];
  const make = (
    <ActionButton type="button" primary={!next} size="large" busy={busy} onClick={() => send()}>
      Make our first shelf
    </ActionButton>
  );
  return (
    <div className="row gap">
      {next && (
        <ActionButton
          type="submit"
          primary
          size="large"
          onClick={(event) => {
            event.preventDefault();
            if (check(STEPS[step]?.fields)) onStep(step + 1);
          }}
        >
          Next: {next.title.toLowerCase()}
        </ActionButton>
      )}
      {make}
      {step > 0 && (
        <InlineButton type="button" onClick={() => onStep(step - 1)}>
          Back
        </InlineButton>
      )}
    </div>
  );
}

/** Three short steps to the first shelf, each drawn once it is come to; every field of all of them is sent. */
export function SetUp({ today }: { today: PlainDate }) {
  const setUp = useCommand("start.setUp");
  const [step, setStep] = useState(0);
  const [furthest, setFurthest] = useState(step);
  if (step > furthest) setFurthest(step);
  const parts = [
    <ChildStep key="children" today={today} />,
    <ShelfStep key="shelf" today={today} />,
    <WaysStep key="ways" />,
  ];
  return (
    <EntryForm
      command={setUp}
      goTo={href("/plan")}
      initial={USUAL}
      schema={SetUpInput}
      draft={SET_UP_DRAFT}
      onFaults={(issues) => setStep(stepOf(issues))}
      aria-label="Set up ours"
    >
      <h2 className="flat">Set up ours</h2>
      <p className="quiet">Two minutes. Everything can be changed later, and nothing leaves this browser.</p>
      <Steps
        size="small"
        responsive={false}
        titlePlacement="vertical"
        current={step}
        onChange={setStep}
        items={STEPS.map(({ title }) => ({ title }))}
      />
      {parts.slice(0, furthest + 1).map((part, at) => (
        <div key={part.key} className="step" hidden={at !== step}>
          {part}
        </div>
      ))}
      <EntryFaults />
      <StepButtons step={step} onStep={setStep} />
    </EntryForm>
  );
}
