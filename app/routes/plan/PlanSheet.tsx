import { Button, Form, Input, InputNumber, Progress } from "antd";
import { useState } from "react";
import { href } from "react-router";
import { addTo } from "../../core/collections";
import { AREA_IDS, activityOf, Limits } from "../../core/model";
import type { Plan, PlannedRotation } from "../../core/planner";
import { digestOf } from "../../engine/queries/planRequest";
import { AreaMark } from "../../ui/AreaMark";
import { ANSWER } from "../../ui/command/after";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { Deferred } from "../../ui/controls/Deferred";
import { Term } from "../../ui/controls/Term";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryFaults, EntryItem } from "../../ui/form/parts";
import { COLOURS } from "../../ui/theme/tokens";
import { AREA_NAMES } from "../../words/areas";
import { shortDay } from "../../words/dates";
import { LIMIT_LABELS } from "../../words/limits";
import { boughtForText } from "../../words/plan";
import { thingText } from "../../words/things";
import { Gains, Looks, WhyNotPart } from "./Asking";
import { FocusPart } from "./FocusPart";
import type { PlanData as Data } from "./planData";
import { ThemePart } from "./ThemePart";
import { usePlanning } from "./usePlanning";

const BAR = {
  size: "small",
  showInfo: false,
  strokeColor: COLOURS.spruce,
  style: { display: "block" },
} as const;

function Accept({ data, next }: { data: Data; next: PlannedRotation }) {
  const accept = useCommand("plan.accept");
  const planning = usePlanning();
  const [from, setFrom] = useState<string>(data.from);
  if (data.preview) return <p className="quiet">A preview can’t be accepted. Go back to today for that.</p>;
  const { weeks, shown } = data;
  const run = () =>
    accept.runForm(
      { from, weeks, shown, digest: digestOf(next) },
      { goTo: from <= data.today ? `${href("/")}?accepted=${ANSWER}` : href("/plan") },
    );
  return (
    <Form className="row" aria-label="Accept this plan" onFinish={() => void run()}>
      <label htmlFor="from">Stands from</label>
      <Input id="from" type="date" value={from} onChange={(event) => setFrom(event.target.value)} />
      <Button htmlType="submit" type="primary" loading={accept.isBusy} disabled={planning}>
        Accept
      </Button>
      <CommandFaults of={accept} />
    </Form>
  );
}

/** What the plan takes of each limit, how full it is, and how far it may go. */
function LimitsForm({ data, used }: { data: Data; used: Partial<Record<keyof Limits, number>> }) {
  const setLimits = useCommand("settings.setLimits");
  const { limits } = data.household;
  return (
    <EntryForm
      command={setLimits}
      initial={Limits.parse(limits)}
      aria-label="Limits"
      key={JSON.stringify(limits)}
    >
      {LIMIT_LABELS.map(({ key, label }) => (
        <div key={key} className="row one-line">
          <span className="grow" aria-hidden="true">
            {label}
            <Progress percent={Math.min(100, (100 * (used[key] ?? 0)) / (limits[key] || 1))} {...BAR} />
          </span>
          <span className="quiet" style={{ whiteSpace: "nowrap" }}>
            {used[key] ?? 0} of at most
          </span>
          <EntryItem name={key}>
            <InputNumber min={0} aria-label={label} style={{ width: 76 }} />
          </EntryItem>
        </div>
      ))}
      <ActionButton busy={setLimits.isBusy}>Plan with these limits</ActionButton>
      <EntryFaults />
    </EntryForm>
  );
}

/** What the plan uses of each limit. */
const usedOf = (plan: PlannedRotation): Partial<Record<keyof Limits, number>> => ({
  ...plan.used,
  prepMinutes: plan.trays.reduce((sum, tray) => sum + tray.prepMinutes, plan.mixMinutes),
  cents: plan.shopping.reduce((sum, line) => sum + line.cents, 0),
});

function Balance({ plan, data }: { plan: PlannedRotation; data: Data }) {
  const counts = new Map<keyof typeof AREA_NAMES, number>();
  for (const tray of plan.trays) {
    const area = activityOf(data.catalogue, tray.activity)?.area;
    if (area) addTo(counts, area, 1);
  }
  return (
    <ul className="bare grid" aria-label="Areas">
      {AREA_IDS.map((id) => (
        <li key={id} className={counts.has(id) ? "row one-line" : "row one-line quiet"}>
          <AreaMark area={id} size={18} />
          <span>{AREA_NAMES[id]}</span>
          <b className="push">{counts.get(id) ?? 0}</b>
        </li>
      ))}
    </ul>
  );
}

function Refusals({ data }: { data: Data }) {
  const takeBack = useCommand("wishes.takeBack");
  const refused = data.wishes.filter(
    (wish) => wish.kind === "never" || (wish.kind === "not-until" && (wish.until ?? data.from) >= data.from),
  );
  if (refused.length === 0) return null;
  return (
    <>
      <h2>Left out, as you said</h2>
      <ul className="bare">
        {refused.map((wish) => (
          <li key={wish.id}>
            {activityOf(data.catalogue, wish.activity)?.name ?? wish.activity}
            {wish.kind === "not-until" && wish.until ? ` until ${shortDay(wish.until)}` : ""}{" "}
            <InlineButton onClick={() => void takeBack.run({ wish: wish.id })}>Allow again</InlineButton>
          </li>
        ))}
      </ul>
    </>
  );
}

/** What is to be bought for all rotations shown, and which trays would go without it. */
function Shopping({ plan, data }: { plan: Plan; data: Data }) {
  const lines = plan.rotations.flatMap((rotation) => rotation.shopping);
  const material = (id: string) => data.catalogue.materials.find((one) => one.id === id);
  if (lines.length === 0) return null;
  return (
    <>
      <h2>To buy</h2>
      <ul>
        {lines.map((line) => (
          <li key={`${line.material} ${boughtForText(line)}`}>
            {thingText(
              line.quantity,
              material(line.material) ?? { name: line.material, unit: "piece" },
              data.household.units,
            )}
            , {boughtForText(line)}
          </li>
        ))}
      </ul>
    </>
  );
}

/** Which tray holds what others would need. */
function Contested({ rotation, data }: { rotation: PlannedRotation; data: Data }) {
  if (rotation.contested.length === 0) return null;
  const name = (id: string) => data.catalogue.materials.find((one) => one.id === id)?.name ?? id;
  return (
    <>
      <h2>All in use</h2>
      <ul>
        {rotation.contested.slice(0, 5).map((one) => (
          <li key={one.material}>
            {name(one.material)}: on {one.heldBy.join(", ")}. {one.wantedBy.join(", ")} would need it.
          </li>
        ))}
      </ul>
    </>
  );
}

/** Beside the proposal: accept it, limits and focus, the balance of areas, what to look at, buy and ask. */
export function PlanSheet({
  plan,
  data,
  address,
}: {
  plan: Plan;
  data: Data;
  address(changes: Record<string, string | null>): string;
}) {
  const [first] = plan.rotations;
  if (!first) return null;
  const themes = first.focuses.filter((one) => one.focus.kind === "theme");
  return (
    <aside className="sheet" aria-label="The plan">
      <h2>From {shortDay(data.from)}</h2>
      <p className="quiet">
        Tap a tray for its reasons, to lock, move or swap it, or to leave it out. Each is{" "}
        <Term id="easy">easy</Term>, <Term id="now">a fit</Term>, a <Term id="stretch">stretch</Term> or{" "}
        <Term id="adult-held">adult-held</Term>.
      </p>
      {/* Another plan begins on another day: the field must not keep the day of the one before. */}
      <Accept key={data.from} data={data} next={first} />
      {!data.preview && <Looks data={data} />}
      <h2>Limits</h2>
      <LimitsForm data={data} used={usedOf(first)} />
      <Deferred>
        <FocusPart data={data} outcomes={first.focuses} />
        {data.wardrobe &&
          themes.map(
            ({ focus }) =>
              data.wardrobe && (
                <ThemePart
                  key={focus.on}
                  on={focus.on}
                  wardrobe={data.wardrobe}
                  planned={plan.rotations.flatMap((one) => one.trays.map((tray) => tray.activity))}
                  catalogue={data.catalogue}
                />
              ),
          )}
        {!data.preview && <Gains data={data} address={address} />}
        <h2>Areas</h2>
        <Balance plan={first} data={data} />
        <Shopping plan={plan} data={data} />
        <Contested rotation={first} data={data} />
        {!data.preview && <WhyNotPart data={data} />}
        <Refusals data={data} />
      </Deferred>
    </aside>
  );
}
