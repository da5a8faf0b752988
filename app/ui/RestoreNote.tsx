import { useCommand } from "./command/useCommand";
import { InlineButton } from "./controls/buttons";

/**
 * A note that was removed a moment ago, with the way back.
 * @param goTo The address that is opened once it is back.
 */
export function RestoreNote({ id, goTo }: { id: string; goTo: string }) {
  const restore = useCommand("notes.restore");
  return (
    <div className="panel row told">
      <span role="status">The note is removed.</span>
      <InlineButton onClick={() => void restore.run({ id }, { goTo })}>Undo</InlineButton>
    </div>
  );
}
