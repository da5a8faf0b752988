import { Button } from "antd";
import { lazy, Suspense, useState } from "react";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import type { SeenDialogProps } from "./SeenDialog";

/** Loaded with the first note. */
const SeenDialog = lazy(() => import("./SeenDialog"));

/** What was done a moment ago, with the way back. */
function Done({ id, onClose }: { id: string; onClose(): void }) {
  const remove = useCommand("anecdotes.remove");
  const restore = useCommand("anecdotes.restore");
  const [done, setDone] = useState<"noted" | "removed" | "back">("noted");
  const turn = async () => {
    const isThere = done !== "removed";
    const changed = await (isThere ? remove : restore).run({ id });
    if (changed) setDone(isThere ? "removed" : "back");
  };
  const words = { noted: "Noted.", removed: "The note is removed.", back: "The note is back." };
  return (
    <div className="panel row told afloat">
      <span role="status">{words[done]}</span>
      <InlineButton onClick={() => void turn()}>Undo</InlineButton>
      <InlineButton onClick={onClose}>Close</InlineButton>
    </div>
  );
}

/** The way in to a note about something seen anywhere, from every screen; once it is kept, the way back. */
export function Seen(props: Pick<SeenDialogProps, "childrenHere" | "skills" | "today">) {
  const keep = useCommand("anecdotes.keep");
  const [id, setId] = useState<string>();
  const [closed, setClosed] = useState<string>();
  const kept = keep.answer?.id;
  const isOpen = id !== undefined && kept !== id;
  return (
    <>
      <Button data-key="o" aria-haspopup="dialog" onClick={() => setId(crypto.randomUUID())}>
        Note
      </Button>
      {isOpen && (
        <Suspense>
          <SeenDialog {...props} id={id} keep={keep} onClose={() => setId(undefined)} />
        </Suspense>
      )}
      {kept && !isOpen && kept !== closed && <Done key={kept} id={kept} onClose={() => setClosed(kept)} />}
    </>
  );
}
