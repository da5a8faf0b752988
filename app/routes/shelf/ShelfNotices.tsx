import { Fragment } from "react";
import { Link } from "react-router";
import type { Rotation, TrayId } from "../../core/model";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { addressWith } from "../../ui/useAddressChange";
import { shortDay } from "../../words/dates";

/** The shelf was accepted a moment ago, with the way back. */
export function Accepted({ rotation: { id, from } }: { rotation: Pick<Rotation, "id" | "from"> }) {
  const undo = useCommand("plan.undoAccept");
  return (
    <div className="panel row told">
      <span role="status">Accepted. The shelf stands from {shortDay(from)} on.</span>
      <InlineButton
        onClick={() => void undo.run({ rotation: id }, { goTo: addressWith({ accepted: undefined }) })}
      >
        Undo
      </InlineButton>
    </div>
  );
}

/** Trays that were taken down for now. */
export function Down({
  trays,
  linkTo,
}: {
  trays: readonly { tray: TrayId; name: string }[];
  linkTo(tray: string): string;
}) {
  if (trays.length === 0) return null;
  return (
    <p>
      Taken down:{" "}
      {trays.map(({ tray, name }, i) => (
        <Fragment key={tray}>
          {i > 0 && ", "}
          <Link to={linkTo(tray)}>{name}</Link>
        </Fragment>
      ))}
      .
    </p>
  );
}
