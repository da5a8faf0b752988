import { Button, Form, Input, Segmented } from "antd";
import { useState } from "react";
import { AREA_IDS, type FocusWeight } from "../../core/model";
import type { FocusOutcome } from "../../core/planner";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { AREA_NAMES } from "../../words/areas";
import { FOCUS_WEIGHTS, focusText, outcomeText } from "../../words/focus";
import type { PlanData } from "./planData";

/** What a focus has got of the shelf, what stands in its way, and its end. */
function Outcome({ data, outcome }: { data: PlanData; outcome: FocusOutcome }) {
  const endFocus = useCommand("settings.endFocus");
  const { focus } = outcome;
  const name = focusText(focus, data.catalogue);
  return (
    <li>
      {outcomeText(outcome, data.catalogue)}
      {!data.preview && (
        <>
          {" "}
          <InlineButton
            aria-label={`End the focus: ${name}`}
            busy={endFocus.isBusy}
            onClick={() => void endFocus.run({ kind: focus.kind, on: focus.on })}
          >
            End it
          </InlineButton>
        </>
      )}
    </li>
  );
}

/** A deliberate weight for a while, said in a word or two. */
function FocusForm({ data }: { data: PlanData }) {
  const addFocus = useCommand("settings.addFocus");
  const [on, setOn] = useState("");
  const [until, setUntil] = useState("");
  const [weight, setWeight] = useState<FocusWeight>("little");
  const { focuses } = data.household;
  const words = [...new Set(data.children.flatMap((child) => child.interests))];
  return (
    <Form
      className="row gap"
      aria-label="Focus"
      onFinish={() => void addFocus.runForm({ on, weight, until })}
    >
      <label htmlFor="focus-on">{focuses.length > 0 ? "Another focus" : "Focus or theme for a while"}</label>
      <Input
        id="focus-on"
        value={on}
        onChange={(event) => setOn(event.target.value)}
        list="focus-choices"
        maxLength={60}
        placeholder="hands, snails, muffin tin, 4, T …"
      />
      <datalist id="focus-choices">
        {AREA_IDS.map((area) => (
          <option key={area} value={AREA_NAMES[area]} />
        ))}
        {words.map((word) => (
          <option key={word} value={word} />
        ))}
        {data.catalogue.skills.map((skill) => (
          <option key={skill.id} value={skill.name} />
        ))}
      </datalist>
      <Segmented<FocusWeight>
        aria-label="How much"
        value={weight}
        onChange={setWeight}
        options={Object.entries(FOCUS_WEIGHTS).map(([value, label]) => ({
          value: value as FocusWeight,
          label,
        }))}
      />
      <Input
        type="date"
        aria-label="until"
        value={until}
        onChange={(event) => setUntil(event.target.value)}
      />
      <Button htmlType="submit" loading={addFocus.isBusy}>
        Plan with it
      </Button>
      <CommandFaults of={addFocus} />
    </Form>
  );
}

/** What the plan dwells on for a while: one thing or several, each with what became of it. */
export function FocusPart({ data, outcomes }: { data: PlanData; outcomes: readonly FocusOutcome[] }) {
  return (
    <>
      {outcomes.length > 0 && (
        <>
          <h2>Focus</h2>
          <ul className="bare" aria-label="Focus">
            {outcomes.map((outcome) => (
              <Outcome key={`${outcome.focus.kind} ${outcome.focus.on}`} data={data} outcome={outcome} />
            ))}
          </ul>
        </>
      )}
      {!data.preview && <FocusForm key={JSON.stringify(data.household.focuses)} data={data} />}
    </>
  );
}
