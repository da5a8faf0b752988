import type { Issue } from "../../core/model";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { EntryFaults } from "../../ui/form/parts";

/** A sentence that is shown once a command has done its work. */
export const Done = ({ of: { answer }, text }: { of: { answer: unknown }; text: string }) =>
  answer === undefined ? null : (
    <span className="good" role="status">
      {text}
    </span>
  );

/** The outcome of a change: its faults, or that it is done. */
export const Answer = ({ of, text }: { of: { issues: readonly Issue[]; answer: unknown }; text: string }) => (
  <>
    <CommandFaults of={of} />
    <Done of={of} text={text} />
  </>
);

/** Save and remove; what was removed can be put back from the list above. */
export function RowButtons({
  save,
  done,
  row,
  isNew = row === undefined,
}: {
  save: { isBusy: boolean; answer: unknown };
  /** The sentence that is shown once it is saved. */
  done: string;
  /** The row that can be removed. */
  row?: { table: "children" | "places" | "moments"; id: string } | undefined;
  isNew?: boolean;
}) {
  const remove = useCommand("household.remove");
  return (
    <div className="row gap">
      <ActionButton busy={save.isBusy}>{isNew ? "Add" : "Save"}</ActionButton>
      {row && <InlineButton onClick={() => void remove.run(row)}>Remove</InlineButton>}
      <EntryFaults />
      <CommandFaults of={remove} />
      <Done of={save} text={done} />
    </div>
  );
}
