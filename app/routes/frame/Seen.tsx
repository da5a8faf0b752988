import { Button } from "antd";
import { lazy, Suspense, useState } from "react";
import { href, useFetcher } from "react-router";
import type { SeenAnswer } from "../../engine/commands/anecdotes";
import { LinkAct } from "../../ui/controls/Act";
import { Send } from "../../ui/Send";
import type { SeenDialogProps } from "./SeenDialog";

/** Loaded with the first note. */
const SeenDialog = lazy(() => import("./SeenDialog"));

const DONE: Record<NonNullable<SeenAnswer["done"]>["intent"], string> = {
  anecdote: "Noted.",
  "remove-anecdote": "The note is removed.",
  "restore-anecdote": "The note is back.",
};

/** What was done a moment ago, with the way back. */
function Done({
  done,
  fetcher,
  onClose,
}: {
  done: NonNullable<SeenAnswer["done"]>;
  fetcher: ReturnType<typeof useFetcher<SeenAnswer>>;
  onClose(): void;
}) {
  const back = done.intent === "remove-anecdote" ? "restore-anecdote" : "remove-anecdote";
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: back, id: done.id }}
      action={href("/seen")}
      className="panel row told afloat"
    >
      <span role="status">{DONE[done.intent]}</span>
      <LinkAct>Undo</LinkAct>
      <LinkAct type="button" onClick={onClose}>
        Close
      </LinkAct>
    </Send>
  );
}

/** The way in to a note about something seen anywhere, from every screen; once it is kept, the way back. */
export function Seen(props: Pick<SeenDialogProps, "childrenHere" | "skills" | "today">) {
  const fetcher = useFetcher<SeenAnswer>();
  const [id, setId] = useState<string>();
  const [closed, setClosed] = useState<SeenAnswer["done"]>();
  const done = fetcher.data?.done;
  const isOpen = id !== undefined && done?.id !== id;
  return (
    <>
      <Button data-key="o" aria-haspopup="dialog" onClick={() => setId(crypto.randomUUID())}>
        Note
      </Button>
      {isOpen && (
        <Suspense>
          <SeenDialog {...props} id={id} fetcher={fetcher} onClose={() => setId(undefined)} />
        </Suspense>
      )}
      {done && !isOpen && done !== closed && (
        <Done done={done} fetcher={fetcher} onClose={() => setClosed(done)} />
      )}
    </>
  );
}
