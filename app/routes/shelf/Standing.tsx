import { useState } from "react";
import type { TrayView } from "../../core/household";
import type { PlaceId } from "../../core/model";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { ToggleButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { LabelledGroup } from "../../ui/controls/LabelledGroup";

/** Another place for a tray that stands. */
function MoveTo({ view: { tray, otherPlaces } }: { view: TrayView }) {
  const move = useCommand("trays.move");
  const [chosen, choose] = useState(otherPlaces[0]?.id);
  // The place that was chosen may be the tray's own by now.
  const place = otherPlaces.find((one) => one.id === chosen)?.id ?? otherPlaces[0]?.id;
  if (place === undefined) return null;
  return (
    <>
      <Choice<PlaceId>
        aria-label="Put it at"
        value={place}
        onChange={choose}
        options={otherPlaces.map((one) => ({ value: one.id, label: one.name }))}
      />{" "}
      <ToggleButton size="small" onClick={() => void move.run({ tray: tray.id, place })}>
        Put it there
      </ToggleButton>{" "}
      <CommandFaults of={move} />
    </>
  );
}

/** Where a tray stands: put it elsewhere, take it down for now, put it back. All by keys, too. */
export function Standing({ view }: { view: TrayView }) {
  const putUp = useCommand("trays.putUp");
  const takeDown = useCommand("trays.takeDown");
  const { tray, placeName } = view;
  return (
    <>
      <h3>Where it stands</h3>
      <LabelledGroup className="row gap" label="Where it stands">
        {tray.downOn ? (
          <ToggleButton onClick={() => void putUp.run({ tray: tray.id })}>
            Put it back at {placeName}
          </ToggleButton>
        ) : (
          <>
            <MoveTo view={view} />
            <ToggleButton size="small" onClick={() => void takeDown.run({ tray: tray.id })}>
              Take it down for now
            </ToggleButton>
          </>
        )}
        <CommandFaults of={putUp} />
        <CommandFaults of={takeDown} />
      </LabelledGroup>
    </>
  );
}
