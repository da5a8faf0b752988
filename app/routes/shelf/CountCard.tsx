import { Form, Input } from "antd";
import { useState } from "react";
import type { PlainDate, TrayId } from "../../core/model";
import type { CountState } from "../../core/safety";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { type RunningCommand, useCommand } from "../../ui/command/useCommand";
import { ActionButton } from "../../ui/controls/buttons";
import { shortDay } from "../../words/dates";

export interface CountCardProps {
  tray: TrayId;
  pieces: number;
  count: CountState;
}

/** A number of pieces with the button that counts them. */
function CountForm({
  id,
  label,
  min,
  usual,
  act,
  isMain = false,
  command,
  tray,
}: {
  id: string;
  label: string;
  min: number;
  /** As many as there should be. */
  usual: number;
  act: string;
  isMain?: boolean;
  command: RunningCommand<"trays.countOut"> | RunningCommand<"trays.countBack">;
  tray: TrayId;
}) {
  const [count, setCount] = useState(String(usual));
  return (
    <Form onFinish={() => void command.runForm({ tray, count })}>
      <label htmlFor={id}>{label}</label>{" "}
      <Input
        style={{ width: 84 }}
        id={id}
        type="number"
        min={min}
        value={count}
        onChange={(event) => setCount(event.target.value)}
      />{" "}
      <ActionButton primary={isMain} busy={command.isBusy}>
        {act}
      </ActionButton>
    </Form>
  );
}

/** An adult-held tray is opened by counting its pieces out, and shut by counting them back. */
export function CountCard({ tray, pieces, count }: CountCardProps) {
  const countOut = useCommand("trays.countOut");
  const countBack = useCommand("trays.countBack");
  const countFound = useCommand("trays.countFound");
  return (
    <section className="panel edge danger" aria-label="Count the pieces">
      {count.state === "shut" && (
        <>
          <p>Open it within arm’s reach. Count the pieces out, and back again when you shut it.</p>
          <CountForm
            id="count-out"
            label="Pieces out"
            min={1}
            usual={pieces}
            act="Opened"
            command={countOut}
            tray={tray}
          />
        </>
      )}
      {count.state === "open" && (
        <>
          <p role="status">
            Open since {shortDay(count.on as PlainDate)}:{" "}
            {count.out === 1 ? "1 piece is" : `${count.out} pieces are`} out.
          </p>
          <CountForm
            id="count-back"
            label="Pieces back"
            min={0}
            usual={count.out}
            act="Shut"
            isMain
            command={countBack}
            tray={tray}
          />
        </>
      )}
      {count.state === "missing" && (
        <>
          <p role="alert">
            {count.missing === 1 ? "One piece is" : `${count.missing} pieces are`} missing since{" "}
            {shortDay(count.on as PlainDate)}. Look for {count.missing === 1 ? "it" : "them"} before anybody
            plays on the floor there.
          </p>
          <ActionButton busy={countFound.isBusy} onClick={() => void countFound.run({ tray })}>
            Found
          </ActionButton>
        </>
      )}
      {[countOut, countBack, countFound].map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the three commands never change their order
        <CommandFaults key={i} of={one} />
      ))}
    </section>
  );
}
