import { href, useFetcher } from "react-router";
import type { TrayId } from "../../core/model";
import type { InsertState } from "../../core/rotation";
import { Chip, LinkAct } from "../../ui/controls/Act";
import { Term } from "../../ui/controls/Term";
import { Send } from "../../ui/Send";

/** Today's piece of a tray, and the one after it: used with the note, or passed over, or to come again. */
export function InsertCard({ tray, insert }: { tray: TrayId; insert: InsertState }) {
  const fetcher = useFetcher();
  const { today, next, left } = insert;
  return (
    <Send
      fetcher={fetcher}
      values={{ tray, label: today.label, intent: "insert" }}
      action={`${href("/")}?index`}
      className="panel"
      aria-label="Today’s piece"
    >
      <p>
        <strong>
          <Term id="insert">Today</Term>, no. {today.number}: {today.label}
        </strong>
        {today.used ? " was used." : "."}{" "}
        <span className="quiet">{next ? `Then: ${next}. ` : "It is the last. "}</span>
        <span className="quiet">{left === 1 ? "1 left." : `${left} left.`}</span>
      </p>
      {today.used ? (
        <Chip size="small" name="what" value="again">
          Let it come again
        </Chip>
      ) : (
        <>
          <Chip size="small" name="what" value="used">
            Used
          </Chip>{" "}
          <Chip size="small" name="what" value="skipped">
            Skip it
          </Chip>
        </>
      )}
      {insert.saidToday && (
        <>
          {" "}
          <LinkAct name="intent" value="insert-undo">
            Undo
          </LinkAct>
        </>
      )}
    </Send>
  );
}
