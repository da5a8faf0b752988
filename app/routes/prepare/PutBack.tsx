import { Button, Checkbox, Form, Input } from "antd";
import { useState } from "react";
import type { PrepareView } from "../../core/day";
import type { Units } from "../../core/units";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { thingText } from "../../words/things";

function BackLine({ one, view }: { one: PrepareView["back"][number]; view: PrepareView }) {
  const putBack = useCommand("preparing.putBack");
  const noted = view.state.back.find((other) => other.holding === one.holding.id);
  const [missing, setMissing] = useState(String(noted?.missing ?? 0));
  const [worn, setWorn] = useState(one.holding.worn !== undefined);
  const run = () =>
    void putBack.runForm({ rotation: view.rotation.id, holding: one.holding.id, missing, worn });
  return (
    <li className={noted ? "done-line" : ""}>
      <Form className="row" aria-label={`Put back ${one.material.name}`} onFinish={run}>
        <span className="grow">
          {one.quantity} × {one.material.name}
          <small>{one.holding.where || "to its place"}</small>
        </span>
        <label htmlFor={`missing-${one.holding.id}`}>missing</label>
        <Input
          id={`missing-${one.holding.id}`}
          type="number"
          min={0}
          value={missing}
          onChange={(event) => setMissing(event.target.value)}
          style={{ flexBasis: 54 }}
        />
        <Checkbox checked={worn} onChange={(event) => setWorn(event.target.checked)}>
          worn
        </Checkbox>
        <Button htmlType="submit" size="small" loading={putBack.isBusy}>
          {noted ? "Change" : "It is back"}
        </Button>
        <CommandFaults of={putBack} />
      </Form>
    </li>
  );
}

/** What a tray left behind can serve others: kept, it is in the cupboard. */
function MadeLine({
  one,
  view,
  units,
}: {
  one: PrepareView["made"][number];
  view: PrepareView;
  units: Units;
}) {
  const keepMade = useCommand("preparing.keepMade");
  const dropMade = useCommand("preparing.dropMade");
  const kept = view.state.kept.some((k) => k.tray === one.tray.id && k.material === one.material.id);
  const made = { rotation: view.rotation.id, tray: one.tray.id, material: one.material.id };
  return (
    <li className={kept ? "done-line" : ""}>
      <div className="row">
        <span className="grow">
          {thingText(one.quantity, one.material, units)}
          <small>left over; another tray can use it</small>
        </span>
        <Button
          size="small"
          aria-label={kept ? `Undo: keep ${one.material.name}` : `Keep it: ${one.material.name}`}
          onClick={() => void (kept ? dropMade : keepMade).run(made)}
        >
          {kept ? "Undo" : "Keep it"}
        </Button>
      </div>
    </li>
  );
}

/** What comes back from trays that are put away, and what they left for others. */
export function PutBack({ view, units }: { view: PrepareView; units: Units }) {
  if (view.back.length === 0 && view.made.length === 0) return null;
  return (
    <section aria-label="Put back">
      <h2>Put back</h2>
      <p className="quiet">
        From {view.goneNames.join(", ")}. Count as you go: what is missing is taken off the cupboard; what is
        worn is looked over before it goes out again.
      </p>
      <ul className="bare">
        {view.back.map((one) => (
          <BackLine key={one.holding.id} one={one} view={view} />
        ))}
        {view.made.map((one) => (
          <MadeLine key={`${one.tray.id} ${one.material.id}`} one={one} view={view} units={units} />
        ))}
      </ul>
    </section>
  );
}
