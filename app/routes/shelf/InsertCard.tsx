import { href, useFetcher } from "react-router";
import type { InsertState } from "../../core/rotation";
import { Send } from "../../ui/Send";

/** Today's piece of a tray, and the one after it: used with the note, or passed over, or to come again. */
export function InsertCard({ tray, insert }: { tray: string; insert: InsertState }) {
  const fetcher = useFetcher();
  const { today, next, left } = insert;
  return (
    <Send
      fetcher={fetcher}
      values={{ tray, label: today.label, intent: "insert" }}
      action={`${href("/")}?index`}
      className="insert-card"
      aria-label="Today’s piece"
    >
      <p>
        <strong>
          Today, no. {today.number}: {today.label}
        </strong>
        {today.used ? " was used." : "."}{" "}
        <span className="quiet">{next ? `Then: ${next}. ` : "It is the last. "}</span>
        <span className="quiet">{left === 1 ? "1 left." : `${left} left.`}</span>
      </p>
      {today.used ? (
        <button type="submit" className="chip small" name="what" value="again">
          Let it come again
        </button>
      ) : (
        <>
          <button type="submit" className="chip small" name="what" value="used">
            Used
          </button>{" "}
          <button type="submit" className="chip small" name="what" value="skipped">
            Skip it
          </button>
        </>
      )}
      {insert.saidToday && (
        <>
          {" "}
          <button type="submit" className="link" name="intent" value="insert-undo">
            Undo
          </button>
        </>
      )}
    </Send>
  );
}
