import type { ChildId } from "../core/model";
import { CommandFaults } from "./command/CommandFaults";
import { useCommand } from "./command/useCommand";
import { InlineButton } from "./controls/buttons";

/** Who is not planned for, said once, with the tap that changes it and takes the change back. */
export function PlannedFor({
  leftOut,
  outgrown,
  names,
}: {
  /** Children whom activities would suit and whom nothing is planned for. */
  leftOut: readonly { id: ChildId; name: string }[];
  /** A sentence for each child who is older than all activities. */
  outgrown: readonly string[];
  /** The names of all children by their ids. */
  names: ReadonlyMap<string, string>;
}) {
  const planFor = useCommand("household.planFor");
  const changed = planFor.answer;
  if (leftOut.length + outgrown.length === 0 && !changed) return null;
  return (
    <div className="quiet">
      {changed?.planFor && (
        <p className="flat">
          <span role="status">Trays are planned for {names.get(changed.child)} from now on.</span>{" "}
          <InlineButton
            busy={planFor.isBusy}
            onClick={() => void planFor.run({ child: changed.child, planFor: false })}
          >
            Undo
          </InlineButton>
        </p>
      )}
      {leftOut.map(({ id, name }) => (
        <p key={id} className="flat">
          No trays are planned for {name}.{" "}
          <InlineButton busy={planFor.isBusy} onClick={() => void planFor.run({ child: id, planFor: true })}>
            Plan for {name}, too
          </InlineButton>
        </p>
      ))}
      {outgrown.map((text) => (
        <p key={text} className="flat">
          {text}
        </p>
      ))}
      <CommandFaults of={planFor} />
    </div>
  );
}
