import { Button, Checkbox, Input } from "antd";
import { useFetcher } from "react-router";
import type { PrepareView } from "../../core/day";
import type { Units } from "../../core/units";
import { atWork } from "../../ui/actionResult";
import { Send } from "../../ui/Send";
import { thingText } from "../../words/things";

function BackLine({ one, view }: { one: PrepareView["back"][number]; view: PrepareView }) {
  const fetcher = useFetcher<{ issues: { message: string }[] }>();
  const noted = view.state.back.find((other) => other.holding === one.holding.id);
  return (
    <li className={noted ? "done-line" : ""}>
      <Send
        fetcher={fetcher}
        values={{ intent: "put-back", rotation: view.rotation.id, holding: one.holding.id }}
        aria-label={`Put back ${one.material.name}`}
        className="row"
      >
        <span className="grow">
          {one.quantity} × {one.material.name}
          <small>{one.holding.where || "to its place"}</small>
        </span>
        <label htmlFor={`missing-${one.holding.id}`}>missing</label>
        <Input
          id={`missing-${one.holding.id}`}
          name="missing"
          type="number"
          min={0}
          defaultValue={noted?.missing ?? 0}
          style={{ flexBasis: 54 }}
        />
        <Checkbox name="worn" value="yes" defaultChecked={one.holding.worn !== undefined}>
          worn
        </Checkbox>
        <Button htmlType="submit" size="small" loading={atWork(fetcher)}>
          {noted ? "Change" : "It is back"}
        </Button>
        {fetcher.data?.issues.map((issue) => (
          <p className="fault" role="alert" key={issue.message}>
            {issue.message}
          </p>
        ))}
      </Send>
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
  const fetcher = useFetcher();
  const kept = view.state.kept.some((k) => k.tray === one.tray.id && k.material === one.material.id);
  return (
    <li className={kept ? "done-line" : ""}>
      <Send
        fetcher={fetcher}
        values={{ rotation: view.rotation.id, tray: one.tray.id, material: one.material.id }}
        aria-label={`Keep ${one.material.name}`}
        className="row"
      >
        <span className="grow">
          {thingText(one.quantity, one.material, units)}
          <small>left over; another tray can use it</small>
        </span>
        <Button htmlType="submit" size="small" name="intent" value={kept ? "drop-made" : "keep-made"}>
          {kept ? "Undo" : "Keep it"}
        </Button>
      </Send>
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
