import { Form } from "react-router";

/** A note that was removed a moment ago, with the way back. */
export function RestoreNote({ id }: { id: string }) {
  return (
    <Form method="post" className="undo-strip" preventScrollReset>
      <input type="hidden" name="intent" value="restore-note" />
      <input type="hidden" name="id" value={id} />
      <span role="status">The note is removed.</span>
      <button type="submit" className="link">
        Undo
      </button>
    </Form>
  );
}
