import type { Issue } from "../core/model";

/** So many faults of a bad file are listed; more would help nobody. */
const SHOWN_FAULTS = 8;

/** What is wrong with a file that was given. */
export const FileFaults = ({ issues }: { issues: readonly Issue[] }) => (
  <div className="fault" role="alert">
    <strong>Nothing was changed.</strong>
    <ul>
      {issues.slice(0, SHOWN_FAULTS).map((issue) => (
        <li key={`${issue.path} ${issue.message}`}>
          {issue.path && <code style={{ overflowWrap: "anywhere" }}>{issue.path}</code>} {issue.message}
        </li>
      ))}
    </ul>
    {issues.length > SHOWN_FAULTS && <p>and {issues.length - SHOWN_FAULTS} more.</p>}
  </div>
);
