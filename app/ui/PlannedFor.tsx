import { href, useFetcher } from "react-router";
import type { ChildId } from "../core/model";
import { atWork } from "./actionResult";
import { LinkAct } from "./controls/Act";
import { Send } from "./Send";

interface Answer {
  issues: readonly { message: string }[];
  planned?: { child: ChildId; planFor: boolean };
}

/** Who is not planned for, said once, with the tap that changes it and takes the change back. */
export function PlannedFor({
  leftOut,
  outgrown,
  names,
}: {
  /** Children whom activities would suit and whom nothing is planned for. */
  leftOut: readonly { id: string; name: string }[];
  /** A sentence for each child who is older than all activities. */
  outgrown: readonly string[];
  /** The names of all children by their ids. */
  names: ReadonlyMap<string, string>;
}) {
  const fetcher = useFetcher<Answer>();
  const changed = fetcher.data?.planned;
  const isBusy = atWork(fetcher);
  const fault = fetcher.data?.issues[0]?.message;
  if (leftOut.length + outgrown.length === 0 && !changed) return null;
  return (
    <div className="quiet">
      {changed?.planFor && (
        <Send
          fetcher={fetcher}
          action={href("/family")}
          values={{ intent: "plan-for", child: changed.child, planFor: false }}
        >
          <span role="status">Trays are planned for {names.get(changed.child)} from now on.</span>{" "}
          <LinkAct busy={isBusy}>Undo</LinkAct>
        </Send>
      )}
      {leftOut.map(({ id, name }) => (
        <Send
          key={id}
          fetcher={fetcher}
          action={href("/family")}
          values={{ intent: "plan-for", child: id, planFor: true }}
        >
          No trays are planned for {name}. <LinkAct busy={isBusy}>Plan for {name}, too</LinkAct>
        </Send>
      ))}
      {outgrown.map((text) => (
        <p key={text} className="flat">
          {text}
        </p>
      ))}
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
    </div>
  );
}
