import type { Insert, TrayId } from "../../core/model";
import type { InsertState } from "../../core/rotation";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton, ToggleButton } from "../../ui/controls/buttons";
import { Term } from "../../ui/controls/Term";

/** Today's piece of a tray, and the one after it: used with the note, or passed over, or to come again. */
export function InsertCard({ tray, insert }: { tray: TrayId; insert: InsertState }) {
  const sayPiece = useCommand("trays.sayPiece");
  const takeBack = useCommand("trays.takeBackPiece");
  const { today, next, left } = insert;
  const say = (what: Insert["what"]) => void sayPiece.run({ tray, label: today.label, what });
  return (
    <section className="panel" aria-label="Today’s piece">
      <p>
        <strong>
          <Term id="insert">Today</Term>, no. {today.number}: {today.label}
        </strong>
        {today.used ? " was used." : "."}{" "}
        <span className="quiet">{next ? `Then: ${next}. ` : "It is the last. "}</span>
        <span className="quiet">{left === 1 ? "1 left." : `${left} left.`}</span>
      </p>
      {today.used ? (
        <ToggleButton size="small" onClick={() => say("again")}>
          Let it come again
        </ToggleButton>
      ) : (
        <>
          <ToggleButton size="small" onClick={() => say("used")}>
            Used
          </ToggleButton>{" "}
          <ToggleButton size="small" onClick={() => say("skipped")}>
            Skip it
          </ToggleButton>
        </>
      )}
      {insert.saidToday && (
        <>
          {" "}
          <InlineButton onClick={() => void takeBack.run({ tray })}>Undo</InlineButton>
        </>
      )}
    </section>
  );
}
