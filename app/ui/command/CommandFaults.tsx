import type { Issue } from "../../core/model";

/** The faults of a command, each in a line of its own. */
export const CommandFaults = ({ of: { issues } }: { of: { issues: readonly Issue[] } }) =>
  issues.map((issue) => (
    <p className="fault" role="alert" key={`${issue.path} ${issue.message}`}>
      {issue.message}
    </p>
  ));
