import { Button } from "antd";
import { Suspense } from "react";
import { Await, Form, Link, useFetcher } from "react-router";
import type { Plan, Swap } from "../../core/planner";
import { amountText } from "../../ui/amounts";
import { Cautions } from "../../ui/Cautions";
import { activityOf } from "../../ui/drawnTrays";
import { SheetHead } from "../../ui/SheetHead";
import type { Route } from "./+types/plan";

type Data = Route.ComponentProps["loaderData"];
type Tray = Plan["trays"][number];

/** The terms as small bars, the greatest first. A bar to the left speaks against it. */
function Reasons({ tray }: { tray: Tray }) {
  const most = Math.max(...tray.reasons.map((reason) => Math.abs(reason.value)), 1);
  return (
    <ul className="reasons">
      {tray.reasons.map((reason) => (
        <li key={`${reason.term} ${reason.text}`}>
          <span
            className={`bar${reason.value < 0 ? " against" : ""}`}
            style={{ width: `${(Math.abs(reason.value) / most) * 100}%` }}
          />
          <span>{reason.text}</span>
        </li>
      ))}
    </ul>
  );
}

const Hidden = ({ tray, on }: { tray: Tray; on: string }) => (
  <>
    <input type="hidden" name="child" value={tray.child} />
    <input type="hidden" name="activity" value={tray.activity} />
    <input type="hidden" name="rung" value={tray.rung} />
    <input type="hidden" name="on" value={on} />
  </>
);

function lossText(loss: number): string {
  if (loss < 1) return "as good";
  if (loss < 5) return "a little less good";
  return "clearly less good";
}

function SwapList({ tray, data, swaps }: { tray: Tray; data: Data; swaps: readonly Swap[] }) {
  if (swaps.length === 0) return <p className="quiet">Nothing else fits this place now.</p>;
  return (
    <ul className="swaps" aria-label="Alternatives">
      {swaps.map((swap) => (
        <li key={swap.activity}>
          <Form method="post">
            <input type="hidden" name="intent" value="swap" />
            <Hidden tray={tray} on={data.from} />
            <input type="hidden" name="inActivity" value={swap.activity} />
            <input type="hidden" name="inRung" value={swap.rung} />
            <span>
              <strong>{swap.name}</strong> {swap.title}
              <small>
                {lossText(swap.loss)}
                {swap.displaces.length > 0 ? `; it would also displace ${swap.displaces.join(", ")}` : ""}
              </small>
            </span>
            <Button htmlType="submit" size="small" aria-label={`Swap in ${swap.name}`}>
              Swap in
            </Button>
          </Form>
        </li>
      ))}
    </ul>
  );
}

/** Alternatives, worked out when they are asked for. */
function Swaps({ tray, data, elseTo }: { tray: Tray; data: Data; elseTo: string }) {
  if (!data.swaps) {
    return (
      <Link to={elseTo} preventScrollReset className="button-like">
        What else could stand here?
      </Link>
    );
  }
  return (
    <>
      <h3>What else could stand here</h3>
      <Suspense fallback={<progress aria-label="Working out the alternatives" />}>
        <Await
          resolve={data.swaps}
          errorElement={<p>The alternatives could not be worked out. Close the tray and ask again.</p>}
        >
          {(swaps) => <SwapList tray={tray} data={data} swaps={swaps} />}
        </Await>
      </Suspense>
    </>
  );
}

export interface ProposedTraySheetProps {
  tray: Tray;
  data: Data;
  closeTo: string;
  /** Where the alternatives for this tray are. */
  elseTo: string;
}

/** One proposed tray: what it is, why it is here, lock, swap, leave out. */
export function ProposedTraySheet({ tray, data, closeTo, elseTo }: ProposedTraySheetProps) {
  const activity = activityOf(data.catalogue, tray.activity);
  const rung = activity?.rungs.find((one) => one.id === tray.rung);
  const fetcher = useFetcher();
  if (!activity || !rung) return null;
  const material = (id: string) => data.catalogue.materials.find((one) => one.id === id);
  const names = new Map(
    tray.allotted.map((one) => [one.material, material(one.material)?.name ?? one.material]),
  );
  const child = data.children.find((one) => one.id === tray.child)?.name;
  return (
    <aside className="sheet" aria-label={activity.name}>
      <SheetHead title={activity.name} closeTo={closeTo} />
      <p className="quiet">
        {rung.title}. For {child}, at {data.places.find((place) => place.id === tray.place)?.name}.
      </p>
      <p>{activity.invitation}</p>
      <Cautions
        safety={{ state: tray.state, findings: tray.findings, position: tray.position }}
        names={names}
      />
      <h3>Why this</h3>
      <Reasons tray={tray} />
      <h3>Made from</h3>
      <ul>
        {tray.allotted.map((one) => (
          <li key={one.need}>
            {amountText(one.quantity, material(one.material)?.unit ?? "piece", data.household.units)}{" "}
            {names.get(one.material)}
            {one.holding ? "" : " (to buy)"}
          </li>
        ))}
      </ul>
      {!data.preview && (
        <>
          <div className="buttons">
            <fetcher.Form method="post">
              <input type="hidden" name="intent" value={tray.locked ? "unlock" : "lock"} />
              <Hidden tray={tray} on={data.from} />
              <Button
                htmlType="submit"
                type={tray.locked ? "default" : "primary"}
                loading={fetcher.state !== "idle"}
              >
                {tray.locked ? "Unlock" : "Lock it"}
              </Button>
            </fetcher.Form>
            <Form method="post">
              <Hidden tray={tray} on={data.from} />
              <Button htmlType="submit" name="intent" value="not-now">
                Not for a month
              </Button>{" "}
              <Button htmlType="submit" name="intent" value="never">
                Never
              </Button>
            </Form>
          </div>
          <Swaps tray={tray} data={data} elseTo={elseTo} />
        </>
      )}
    </aside>
  );
}
