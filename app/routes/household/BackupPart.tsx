import { Button } from "antd";
import { useFetcher } from "react-router";
import { backupFile } from "../../commands/backup";
import type { Which } from "../../data/device";
import { atWork } from "../../ui/actionResult";
import { LinkAct } from "../../ui/controls/Act";
import { FileField } from "../../ui/controls/FileField";
import { Send } from "../../ui/Send";
import { saveFile } from "../../ui/saveFile";
import type { HouseholdAnswer } from "./actions";

/** Gives the browser a file to save, named by the day. */
async function saveBackupFile(which: Which) {
  const { name, text } = await backupFile(which);
  saveFile(name, text, "application/json");
}

/** So many faults of a bad file are listed; more would help nobody. */
const SHOWN_FAULTS = 8;

/** Save a backup file, restore from one, and bring back what a restore replaced. */
export function BackupPart({ which, safetyCopy }: { which: Which; safetyCopy?: string }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  const issues = fetcher.data?.issues ?? [];
  return (
    <section className="row-form" aria-label="Backup">
      <h2>Backup</h2>
      <p>All of it lives in this browser only. Save a file now and then, and keep it somewhere else.</p>
      <Button onClick={() => void saveBackupFile(which)}>Save a backup file</Button>
      <Send fetcher={fetcher} values={{ intent: "restore" }} className="restore">
        <FileField label="Restore from a file" name="file" accept=".json,application/json" />
        <Button htmlType="submit" loading={atWork(fetcher)}>
          Restore
        </Button>
      </Send>
      {issues.length > 0 && (
        <div className="fault" role="alert">
          <strong>Nothing was changed.</strong>
          <ul>
            {issues.slice(0, SHOWN_FAULTS).map((issue) => (
              <li key={`${issue.path} ${issue.message}`}>
                {issue.path ? <code>{issue.path}</code> : null} {issue.message}
              </li>
            ))}
          </ul>
          {issues.length > SHOWN_FAULTS && <p>and {issues.length - SHOWN_FAULTS} more.</p>}
        </div>
      )}
      {fetcher.data?.done && <p role="status">{fetcher.data.done}</p>}
      {safetyCopy && (
        <Send fetcher={fetcher}>
          <span className="quiet">A safety copy from {new Date(safetyCopy).toLocaleString()} is kept.</span>{" "}
          <LinkAct name="intent" value="restore-safety">
            Bring it back
          </LinkAct>
        </Send>
      )}
    </section>
  );
}
