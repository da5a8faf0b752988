import { Form, Input } from "antd";
import { useState } from "react";
import type { ActivityId, NextTime } from "../../core/model";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { ToggleButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { NextTimeList } from "../../ui/NextTimeList";

interface NextTimesProps {
  activity: ActivityId;
  notes: readonly NextTime[];
  preview: boolean;
}

/** A line to remember. */
function ReminderForm({ activity }: { activity: ActivityId }) {
  const add = useCommand("notes.addReminder");
  const [kind, setKind] = useState<NextTime["kind"]>("next-time");
  const [words, setWords] = useState("");
  const keep = async () => {
    if ((await add.run({ activity, kind, words })) !== undefined) setWords("");
  };
  return (
    <Form className="row" aria-label="For next time" onFinish={() => void keep()}>
      <Choice<NextTime["kind"]>
        value={kind}
        onChange={setKind}
        aria-label="What it is about"
        options={[
          { value: "next-time", label: "next time" },
          { value: "source", label: "where it came from" },
          { value: "kept", label: "kept, worn, given away" },
        ]}
      />
      <Input
        value={words}
        onChange={(event) => setWords(event.target.value)}
        aria-label="What to remember"
        maxLength={500}
        placeholder="Use drops, not trails"
      />
      <ToggleButton size="small">Keep</ToggleButton>
      <CommandFaults of={add} />
    </Form>
  );
}

/** What the adult wants to remember when this activity is planned or prepared again. */
export function NextTimes({ activity, notes, preview }: NextTimesProps) {
  return (
    <>
      <h3>For next time</h3>
      <NextTimeList notes={notes} removable={!preview} />
      {!preview && <ReminderForm activity={activity} />}
    </>
  );
}
