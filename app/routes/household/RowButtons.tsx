import type { useFetcher } from "react-router";
import { atWork } from "../../ui/actionResult";
import { Act } from "../../ui/controls/Act";
import { EntryFaults, EntryLink } from "../../ui/form/parts";
import type { HouseholdAnswer } from "./actions";

/** What came of a change: its faults, or that it is done. */
export function Answer({ answer }: { answer?: HouseholdAnswer }) {
  if (!answer) return null;
  return (
    <>
      {answer.issues.map((issue) => (
        <p className="fault" role="alert" key={`${issue.path} ${issue.message}`}>
          {issue.message}
        </p>
      ))}
      {answer.done && (
        <span className="good" role="status">
          {answer.done}
        </span>
      )}
    </>
  );
}

/** Save and remove; what was removed can be put back from the list above. */
export function RowButtons({
  isNew,
  canRemove = !isNew,
  fetcher,
}: {
  isNew: boolean;
  canRemove?: boolean;
  fetcher: ReturnType<typeof useFetcher<HouseholdAnswer>>;
}) {
  return (
    <div className="row gap">
      <Act busy={atWork(fetcher)}>{isNew ? "Add" : "Save"}</Act>
      {canRemove && <EntryLink intent="remove">Remove</EntryLink>}
      <EntryFaults />
      {fetcher.data?.done && (
        <span className="good" role="status">
          {fetcher.data.done}
        </span>
      )}
    </div>
  );
}
