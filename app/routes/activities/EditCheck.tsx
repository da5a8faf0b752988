import { Alert, Checkbox } from "antd";
import type { Danger, Issue } from "../../core/model";
import { ActionButton } from "../../ui/controls/buttons";

/** The dangers that its words name; the adult's word that something else is meant is kept with the day. */
function Recalled({
  recalled,
  notDangers,
  onNotDangers,
}: {
  recalled: readonly Danger[];
  notDangers: readonly string[];
  onNotDangers(ids: string[]): void;
}) {
  return recalled.map((danger) => (
    <Alert
      key={danger.id}
      type="error"
      title={`Its words name ${danger.name}. ${danger.why}`}
      description={
        <>
          <p>Instead: {danger.instead}.</p>
          <Checkbox
            checked={notDangers.includes(danger.id)}
            onChange={(event) =>
              onNotDangers(
                event.target.checked
                  ? [...notDangers, danger.id]
                  : notDangers.filter((one) => one !== danger.id),
              )
            }
          >
            It is something else; this is kept with the day.
          </Checkbox>
        </>
      }
    />
  ));
}

/** What is still to mend, and the way to save; the same checks as for every built-in activity. */
export function EditCheck({
  issues,
  isBegun,
  isWell,
  isBusy,
  onSave,
  ...danger
}: {
  issues: readonly Issue[];
  /** Nothing is called wrong before something was written. */
  isBegun: boolean;
  /** It could be saved. */
  isWell: boolean;
  isBusy: boolean;
  onSave(): void;
} & Parameters<typeof Recalled>[0]) {
  return (
    <aside className="sheet" aria-label="Check">
      <h2>Check</h2>
      <div>
        <Recalled {...danger} />
        {issues.length === 0 ? (
          <p role="status">Nothing is wrong with it.</p>
        ) : (
          <div role="status">
            <ul className="bare" aria-label="Still to mend">
              {issues.map((issue) => (
                <li key={`${issue.path} ${issue.message}`} className={isBegun ? "fault" : "quiet"}>
                  {issue.message}
                </li>
              ))}
            </ul>
          </div>
        )}
        <ActionButton primary disabled={!isWell} busy={isBusy} onClick={onSave}>
          Save it
        </ActionButton>
      </div>
      <p className="quiet">
        The same checks as for every built-in activity: it gets harder rung by rung, its ages suit what it
        grows, and small pieces have a twin in large or are kept adult-held. Who can reach it is judged when
        it is planned.
      </p>
    </aside>
  );
}
