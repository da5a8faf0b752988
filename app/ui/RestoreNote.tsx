import { useCommand } from "./command/useCommand";
import { InlineButton } from "./controls/buttons";
import { addressWith } from "./useAddressChange";

/**
 * A note that was removed a moment ago, with the way back.
 * @param changes The search parameters that change once it is back.
 */
export function RestoreNote({
  id,
  changes,
}: {
  id: string;
  changes: Readonly<Record<string, string | undefined>>;
}) {
  const restore = useCommand("notes.restore");
  return (
    <div className="panel row told">
      <span role="status">The note is removed.</span>
      <InlineButton onClick={() => void restore.run({ id }, { goTo: addressWith(changes) })}>
        Undo
      </InlineButton>
    </div>
  );
}
