import { Button } from "antd";
import type { useFetcher } from "react-router";
import { atWork } from "../../ui/actionResult";
import { LinkAct } from "../../ui/controls/Act";
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
        <span className="done" role="status">
          {answer.done}
        </span>
      )}
    </>
  );
}

/** Save and remove; what was removed can be put back from the list below. */
export function RowButtons({
  intent,
  isNew,
  canRemove = !isNew,
  fetcher,
}: {
  intent: string;
  isNew: boolean;
  canRemove?: boolean;
  fetcher: ReturnType<typeof useFetcher<HouseholdAnswer>>;
}) {
  return (
    <div className="row-buttons">
      <Button htmlType="submit" name="intent" value={intent} loading={atWork(fetcher)}>
        {isNew ? "Add" : "Save"}
      </Button>
      {canRemove && (
        <LinkAct name="intent" value="remove">
          Remove
        </LinkAct>
      )}
      <Answer answer={fetcher.data} />
    </div>
  );
}
