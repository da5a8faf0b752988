import type { Issue } from "../../core/model";

/** What was wrong with the last thing said to the plan. */
export const Faults = ({ issues }: { issues: readonly Issue[] }) => (
  <>
    {issues.map((issue) => (
      <p className="fault" role="alert" key={issue.path}>
        {issue.message} Nothing was changed.
      </p>
    ))}
  </>
);
