import { Button } from "antd";
import { href, isRouteErrorResponse, Link, useRevalidator, useRouteError } from "react-router";
import { isStorageFull } from "../words/storage";

/** What browsers say where a part of the app can't be fetched. */
const NOT_HERE = /dynamically imported module|importing a module script|module script failed/i;

/** What is told of an error, and no more than is known: what was kept before is kept, the last change may not be. */
export function errorText(error: unknown): string {
  if (isStorageFull(error)) {
    return "There is no room left in this browser, and what you did last was not kept. Save a backup file, make room on the device, and do it again.";
  }
  if (error instanceof Error && NOT_HERE.test(error.message)) {
    return "This part of Orto is not on this device yet. Connect once: it comes by itself then, and stays.";
  }
  return "Something in Orto went wrong while it drew this page: the fault is ours. All notes, children and things that were kept before are still in this browser. What you did last may not be: look before you go on.";
}

/** In place of a screen that failed; the frame round it stays. */
export function Failed() {
  const error = useRouteError();
  const { revalidate, state } = useRevalidator();
  if (isRouteErrorResponse(error) && error.status === 404) {
    return (
      <section className="empty-state">
        <h1>There is no such page</h1>
        <p>The address may be mistyped, or what it showed has been removed.</p>
        <Link to={href("/")}>Back to the shelf</Link>
      </section>
    );
  }
  return (
    <section className="empty-state" role="alert" data-failed="true">
      <h1>This page could not be drawn</h1>
      <p>{errorText(error)}</p>
      <p>
        <Button type="primary" loading={state !== "idle"} onClick={() => void revalidate()}>
          Try again
        </Button>{" "}
        <Link to={href("/")}>Back to the shelf</Link>
      </p>
    </section>
  );
}
