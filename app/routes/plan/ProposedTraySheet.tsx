import { Button, Form } from "antd";
import { Suspense, useState } from "react";
import { Await, Link, useSearchParams } from "react-router";
import { rungOfTray } from "../../core/household";
import { awayFrom } from "../../core/materials";
import type { PlaceId, PlainDate } from "../../core/model";
import type { PlannedRotation, Swap } from "../../core/planner";
import { Cautions } from "../../ui/Cautions";
import { ANSWER } from "../../ui/command/after";
import { useCommand } from "../../ui/command/useCommand";
import { Choice } from "../../ui/controls/Choice";
import { LinkButton } from "../../ui/controls/LinkButton";
import { Waiting } from "../../ui/controls/Waiting";
import { NextTimeList } from "../../ui/NextTimeList";
import { SheetHead } from "../../ui/SheetHead";
import { addressWith } from "../../ui/useAddressChange";
import { shortDay } from "../../words/dates";
import { fillingText } from "../../words/fillings";
import { whenText } from "../../words/moments";
import { namesText } from "../../words/names";
import { reasonText } from "../../words/plan";
import { safeUntilText } from "../../words/safeUntil";
import { thingText } from "../../words/things";
import { Faults } from "./Faults";
import type { PlanData as Data } from "./planData";

type Tray = PlannedRotation["trays"][number];

/** A bar behind the words, as long as its share of the greatest. */
const barBehind = (value: number, most: number) => ({
  padding: "3px 8px",
  background: `linear-gradient(${value < 0 ? "#f1d9d2" : "#dbe8dc"} 0 0) no-repeat 0 / ${(100 * Math.abs(value)) / most}% 100%`,
});

/** The terms as small bars, the greatest first. A bar to the left speaks against it. */
function Reasons({ tray }: { tray: Tray }) {
  const most = Math.max(...tray.reasons.map((reason) => Math.abs(reason.value)), 1);
  return (
    <ul className="bare">
      {tray.reasons.map((reason) => (
        <li key={`${reason.term} ${reasonText(reason)}`} style={barBehind(reason.value, most)}>
          {reasonText(reason)}
        </li>
      ))}
    </ul>
  );
}

/** The tray, as every change of it names it. */
const named = (tray: Tray, on: PlainDate, first: PlainDate) => ({
  child: tray.child,
  activity: tray.activity,
  rung: tray.rung,
  on,
  first,
});

/** The plan anew after something was said to it, with the way back; a tray that stays is left open. */
const planAnew = (stays = false) => ({
  goTo: addressWith({ else: undefined, why: undefined, undo: ANSWER, ...(stays ? {} : { tray: undefined }) }),
});

function lossText(loss: number): string {
  if (loss < 1) return "as good";
  if (loss < 5) return "a little less good";
  return "clearly less good";
}

function SwapList({
  tray,
  on,
  data,
  swaps,
}: {
  tray: Tray;
  on: PlainDate;
  data: Data;
  swaps: readonly Swap[];
}) {
  const swapIn = useCommand("wishes.swap");
  if (swaps.length === 0) return <p className="quiet">Nothing else fits this place now.</p>;
  return (
    <ul className="bare lines" aria-label="Alternatives">
      {swaps.map((swap) => (
        <li key={swap.activity}>
          <div className="row one-line">
            <span className="grow">
              <strong>{swap.name}</strong> {swap.title}
              <small>
                {lossText(swap.loss)}
                {swap.displaces.length > 0 ? `; it would also displace ${swap.displaces.join(", ")}` : ""}
              </small>
            </span>
            <Button
              size="small"
              aria-label={`Swap in ${swap.name}`}
              onClick={() =>
                void swapIn.run(
                  { ...named(tray, on, data.from), inActivity: swap.activity, inRung: swap.rung },
                  planAnew(),
                )
              }
            >
              Swap in
            </Button>
          </div>
        </li>
      ))}
    </ul>
  );
}

interface Opened {
  tray: Tray;
  /** The first day of the rotation that it is in. */
  on: PlainDate;
  data: Data;
  /** The address with some of what it says changed. */
  address(changes: Record<string, string | null>): string;
}

/** Alternatives, worked out when they are asked for. */
function Swaps({ tray, on, data, address }: Opened) {
  const [search] = useSearchParams();
  if (!data.swaps) {
    return (
      <LinkButton to={address({ else: "free" })} preventScrollReset>
        What else could stand here?
      </LinkButton>
    );
  }
  return (
    <>
      <h3>What else could stand here</h3>
      <p className="quiet">
        The rest of the shelf{" "}
        <Link to={address({ else: "free" })} preventScrollReset>
          may change
        </Link>{" "}
        or{" "}
        <Link to={address({ else: "kept" })} preventScrollReset>
          stays as it is
        </Link>
        .
      </p>
      <Suspense
        // Another question is another wait: the answer to the one before does not stand in for it.
        key={`${search.get("tray")} ${search.get("else")}`}
        fallback={<Waiting what="Working out the alternatives" />}
      >
        <Await
          resolve={data.swaps}
          errorElement={<p>The alternatives could not be worked out. Close the tray and ask again.</p>}
        >
          {(swaps) => <SwapList tray={tray} on={on} data={data} swaps={swaps} />}
        </Await>
      </Suspense>
    </>
  );
}

/** To another place or another rotation, by keys: what dragging does. */
function Move({ tray, on, data, rotations }: Opened & { rotations: readonly PlannedRotation[] }) {
  const move = useCommand("wishes.move");
  const [toPlace, setToPlace] = useState<PlaceId>(tray.place);
  const [toOn, setToOn] = useState<PlainDate>(on);
  const run = () => void move.run({ ...named(tray, on, data.from), toPlace, toOn }, planAnew());
  return (
    <>
      <Form className="row gap" aria-label="Move this tray" onFinish={run}>
        <label htmlFor="toPlace">To</label>
        <Choice<PlaceId>
          id="toPlace"
          value={toPlace}
          onChange={setToPlace}
          options={data.places.map((place) => ({ value: place.id, label: place.name }))}
        />
        <label htmlFor="toOn">from</label>
        <Choice<PlainDate>
          id="toOn"
          value={toOn}
          onChange={setToOn}
          options={rotations.map((rotation) => ({ value: rotation.from, label: shortDay(rotation.from) }))}
        />
        <Button htmlType="submit">Move it</Button>
      </Form>
      <Faults issues={move.issues} />
    </>
  );
}

/** Lock, put off, refuse, swap, move: what the adult can say to a proposed tray. */
function TrayActions({
  tray,
  on,
  data,
  address,
  rotations,
}: Opened & { rotations: readonly PlannedRotation[] }) {
  const lock = useCommand("wishes.lock");
  const unlock = useCommand("wishes.unlock");
  const notNow = useCommand("wishes.notNow");
  const never = useCommand("wishes.never");
  const planned = named(tray, on, data.from);
  const { child, activity } = tray;
  return (
    <>
      <div className="row gap">
        {tray.locked ? (
          <Button onClick={() => void unlock.run({ child, activity }, planAnew(true))}>Unlock</Button>
        ) : (
          <Button type="primary" onClick={() => void lock.run(planned, planAnew(true))}>
            Lock it
          </Button>
        )}
        <Button onClick={() => void notNow.run(planned, planAnew())}>Not for a month</Button>
        <Button onClick={() => void never.run(planned, planAnew())}>Never</Button>
      </div>
      <Move tray={tray} on={on} data={data} address={address} rotations={rotations} />
      <Swaps tray={tray} on={on} data={data} address={address} />
    </>
  );
}

export interface ProposedTraySheetProps {
  tray: Tray;
  rotations: readonly PlannedRotation[];
  week: number;
  data: Data;
  address(changes: Record<string, string | null>): string;
}

/** One proposed tray: what it is, why it is here, lock, move, swap, leave out. */
export function ProposedTraySheet({ tray, rotations, week, data, address }: ProposedTraySheetProps) {
  const opened = rungOfTray(data.catalogue, tray);
  if (!opened) return null;
  const { activity, rung } = opened;
  const whole = activity.rungs.find((one) => one.id === tray.rung);
  const away = whole ? awayFrom(whole, tray.allotted) : [];
  const on = rotations[week]?.from ?? data.from;
  const safeUntil = safeUntilText(tray);
  const material = (id: string) => data.catalogue.materials.find((one) => one.id === id);
  const names = new Map(
    tray.allotted.map((one) => [one.material, material(one.material)?.name ?? one.material]),
  );
  const users = data.children.filter((one) => one.id === tray.child || tray.also.includes(one.id));
  return (
    <aside className="sheet" aria-label={activity.name}>
      <SheetHead title={activity.name} closeTo={address({ tray: null })} />
      <p className="quiet">
        {rung.title}. For {namesText(users.map((one) => one.name))}, at{" "}
        {data.places.find((place) => place.id === tray.place)?.name}
        {week > 0 ? `, from ${shortDay(on)}` : ""}.
      </p>
      {tray.when && <p>{whenText(tray.when, data.moments)}</p>}
      {tray.filling && <p>Filled with {fillingText(tray.filling)}.</p>}
      <p>{activity.invitation}</p>
      <Cautions
        safety={{ state: tray.state, findings: tray.findings, position: tray.position }}
        names={names}
      />
      {safeUntil && <p className="fault">It is {safeUntil}</p>}
      <NextTimeList notes={data.nextTimes.filter((one) => one.activity === tray.activity)} />
      <h3>Why this</h3>
      <Reasons tray={tray} />
      <h3>Made from</h3>
      <ul>
        {tray.allotted.map((one) => (
          <li key={one.need}>
            {thingText(
              one.quantity,
              material(one.material) ?? { name: names.get(one.material) ?? "", unit: "piece" },
              data.household.units,
            )}
            {one.mixed ? " (to be mixed)" : one.holding ? "" : " (to buy)"}
          </li>
        ))}
        {away.length > 0 && (
          <li className="quiet">
            Left out here: {namesText(away.map((need) => material(need.material)?.name ?? need.material))}.
          </li>
        )}
      </ul>
      {tray.second && (
        <p className="quiet">
          It stands beside another of the same and goes with it: what you ask for is asked of that one.
        </p>
      )}
      {!data.preview && !tray.second && (
        <TrayActions tray={tray} on={on} data={data} address={address} rotations={rotations} />
      )}
    </aside>
  );
}
