import type { Problem } from "../../core/model";

/** What was wrong with the last thing said to the plan. */
export const Faults = ({ problems }: { problems: readonly Problem[] }) => (
  <>
    {problems.map((problem) => (
      <p className="care-strip" role="alert" key={problem.path}>
        {problem.message} Nothing was changed.
      </p>
    ))}
  </>
);
