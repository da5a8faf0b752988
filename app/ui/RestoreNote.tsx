import { LinkAct } from "./controls/Act";
import { Send } from "./Send";

/** A note that was removed a moment ago, with the way back. */
export function RestoreNote({ id }: { id: string }) {
  return (
    <Send values={{ intent: "restore-note", id: id }} className="panel row told" preventScrollReset>
      <span role="status">The note is removed.</span>
      <LinkAct>Undo</LinkAct>
    </Send>
  );
}
