import { Segmented } from "antd";
import type { ReactNode } from "react";
import { href, useNavigate, useSearchParams } from "react-router";
import { allottedThings, smallFront } from "../../core/draw";
import { rungOfTray } from "../../core/household";
import { materialIndex } from "../../core/materials";
import { activityOf, type ChildId, weekdayOf } from "../../core/model";
import { MOST_WEEKS, type Plan, type PlannedRotation } from "../../core/planner";
import { type DrawnTray, drawnPlaces, drawnTray } from "../../engine/queries/drawnTrays";
import { isKeyOf, keyFrom, keyText } from "../../engine/queries/trayKey";
import { ANSWER } from "../../ui/command/after";
import { useCommand } from "../../ui/command/useCommand";
import { Collapsible } from "../../ui/controls/Collapsible";
import { PlannedFor } from "../../ui/PlannedFor";
import { ShelfDrawing } from "../../ui/ShelfDrawing";
import { type DrawnWeek, ShelfWeeks } from "../../ui/ShelfWeeks";
import { addressWith, useAddressChange } from "../../ui/useAddressChange";
import { shortDay } from "../../words/dates";
import { weekdayName } from "../../words/moments";
import { namesText } from "../../words/names";
import { countText } from "../../words/numbers";
import { conflictText, emptyText } from "../../words/plan";
import { safeUntilText } from "../../words/safeUntil";
import { Faults } from "./Faults";
import { NothingFits } from "./NothingFits";
import { PlanSheet } from "./PlanSheet";
import { ProposedTraySheet } from "./ProposedTraySheet";
import type { PlanData } from "./planData";
import { WithoutTray } from "./WithoutTray";

const STATUS: Record<Plan["status"], string> = {
  optimal: "Proven best for what you have.",
  "within-gap": "Within half a per cent of the best.",
  "time-limit": "The best found in the time; a better one may exist.",
};
const WORDS = { anchor: "easy", reach: "fits", stretch: "stretch" };

const wordOf = (tray: PlannedRotation["trays"][number]) => {
  const word = tray.carried ? "stays" : WORDS[tray.band];
  const held = tray.state === "adult-held" ? "adult-held" : word;
  const [day, ...more] = tray.when?.days ?? [];
  if (!day) return held;
  return `${held} · ${more.length === 0 ? weekdayName(weekdayOf(day)) : `${more.length + 1} days`}`;
};

function drawnWeek(
  rotation: PlannedRotation,
  week: number,
  data: PlanData,
  selectedKey: string | null,
): DrawnTray[] {
  const materials = materialIndex(data.catalogue);
  const frontOf = (tray: PlannedRotation["trays"][number]) => {
    const rung = rungOfTray(data.catalogue, tray)?.rung;
    const kind = data.places.find((one) => one.id === tray.place)?.kind;
    return rung && smallFront(rung, allottedThings(tray.allotted, materials), kind ?? "bay");
  };
  return rotation.trays.flatMap((tray): DrawnTray[] => {
    const id = keyText({ ...tray, week });
    const one = drawnTray(
      data.catalogue,
      data.children,
      { ...tray, id },
      {
        word: wordOf(tray),
        selected: id === selectedKey,
        pinned: tray.locked,
        front: frontOf(tray),
      },
    );
    return one ? [one] : [];
  });
}

/** What a rotation asks of the adult, in a line. */
function sumsOf(rotation: PlannedRotation): string {
  const fresh = rotation.trays.filter((tray) => !tray.carried);
  const minutes = rotation.trays.reduce((sum, tray) => sum + tray.prepMinutes, rotation.mixMinutes);
  return `${rotation.trays.length} trays, ${fresh.length} new. ${minutes} min to prepare.`;
}

const emptyTextsOf = (rotation: PlannedRotation) =>
  new Map(rotation.empty.map((one) => [one.place, emptyText(one.because)]));

/** Trays that are safe for their rotation, and not for long after it: told before one accepts. */
function SafeUntil({ plan, data }: { plan: Plan; data: PlanData }) {
  const lines = plan.rotations.flatMap((rotation) =>
    rotation.trays.flatMap((tray) => {
      const text = safeUntilText(tray);
      const name = activityOf(data.catalogue, tray.activity)?.name;
      return text && name ? [{ name, text }] : [];
    }),
  );
  const [only] = lines;
  if (!only) return null;
  if (lines.length === 1)
    return (
      <p className="fault" role="status">
        {only.name}: {only.text} The shelf reminds you.
      </p>
    );
  const names = [...new Set(lines.map((line) => line.name))];
  return (
    <Collapsible
      className="fault"
      title={`${namesText(names)}: safe for now, and not for as long as they stand. The shelf reminds you.`}
    >
      {lines.map(({ name, text }) => (
        <p key={`${name} ${text}`}>
          {name}: {text}
        </p>
      ))}
    </Collapsible>
  );
}

/** How many rotations are shown. */
function WeeksChoice({ weeks }: { weeks: number }) {
  const changeAddress = useAddressChange();
  return (
    <div className="row">
      <span id="weeks-label">Rotations</span>
      <Segmented
        aria-labelledby="weeks-label"
        value={weeks}
        options={Array.from({ length: MOST_WEEKS }, (_, i) => i + 1)}
        onChange={(count) =>
          changeAddress(
            (search) => {
              const ahead = search.get("ahead");
              for (const key of [...search.keys()]) search.delete(key);
              search.set("weeks", String(count));
              if (ahead) search.set("ahead", ahead);
            },
            { replace: false },
          )
        }
      />
    </div>
  );
}

/** Moves between the plan, one of its trays and what is asked about it, all in the address. */
function useAddress() {
  const [search] = useSearchParams();
  return (changes: Record<string, string | null>) => {
    const next = new URLSearchParams(search);
    for (const key of ["tray", "else", "undo"]) next.delete(key);
    for (const [key, value] of Object.entries(changes)) {
      if (value === null) next.delete(key);
      else next.set(key, value);
    }
    return `${href("/plan")}?${next}`;
  };
}

/** The proposal: the next rotation as it would stand, or several side by side, and the sheet beside it. */
export function Proposal({ plan, data, strips }: { plan: Plan; data: PlanData; strips: ReactNode }) {
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const moveTray = useCommand("wishes.move");
  const address = useAddress();
  const selectedKey = search.get("tray");
  const key = keyFrom(selectedKey);
  const selected = key && plan.rotations[key.week]?.trays.find((tray) => isKeyOf(key, tray));
  const select = (id: string) => void navigate(address({ tray: id }), { preventScrollReset: true });
  const [first] = plan.rotations;
  if (!first) return null;

  const move = (trayId: string, weekId: string, placeId: string) => {
    const from = keyFrom(trayId);
    const tray =
      // A second stands where the plan finds room for it: no wish names it.
      from && !from.second && plan.rotations[from.week]?.trays.find((one) => isKeyOf(from, one));
    const to = plan.rotations[Number(weekId)];
    if (!tray || !from || !to || (tray.place === placeId && from.week === Number(weekId))) return;
    void moveTray.runForm(
      {
        child: tray.child,
        activity: tray.activity,
        rung: tray.rung,
        on: plan.rotations[from.week]?.from ?? data.from,
        first: data.from,
        toPlace: placeId,
        toOn: to.from,
      },
      { goTo: addressWith({ else: undefined, why: undefined, tray: undefined, undo: ANSWER }) },
    );
  };
  const nameOf = (child: ChildId) => data.plannedFor.names.get(child) ?? "this child";
  const weeks = plan.rotations.map(
    (rotation, week): DrawnWeek => ({
      id: String(week),
      label: week === 0 ? "The proposed shelf" : `The shelf from ${shortDay(rotation.from)}`,
      title: `From ${shortDay(rotation.from)}`,
      sums: sumsOf(rotation),
      trays: drawnWeek(rotation, week, data, selectedKey),
      places: drawnPlaces(data.places, emptyTextsOf(rotation)),
    }),
  );
  return (
    <div className={`with-sheet${selected ? " opened" : ""}`}>
      <main className="main">
        <div className="row between at-top">
          <div>
            <h1>
              {weeks.length > 1 ? "The next shelves" : "The next shelf"}
              {data.planned.length > 0 && ` for ${namesText(data.planned.map(({ name }) => name))}`}
            </h1>
            {first.trays.length > 0 && (
              <p className="quiet">
                {countText(first.trays.length, "tray")} on {countText(data.places.length, "place")}.{" "}
                {STATUS[plan.status]}
              </p>
            )}
            {!data.preview && <PlannedFor {...data.plannedFor} />}
          </div>
          <WeeksChoice weeks={data.weeks} />
        </div>
        {strips}
        {!selected && <Faults issues={moveTray.issues} />}
        <SafeUntil plan={plan} data={data} />
        {plan.rotations.flatMap((rotation) =>
          rotation.conflicts.map(conflictText).map((conflict) => (
            <p className="fault" role="alert" key={`${rotation.from} ${conflict}`}>
              {conflict}
            </p>
          )),
        )}
        {!data.preview && <WithoutTray without={first.without} nameOf={nameOf} />}
        {first.trays.length === 0 && data.planned.length > 0 && <NothingFits empty={first.empty} />}
        {weeks.length > 1 ? (
          <ShelfWeeks weeks={weeks} onSelect={select} onMove={data.preview ? undefined : move} />
        ) : (
          <ShelfDrawing
            label="The proposed shelf"
            trays={weeks[0]?.trays ?? []}
            places={weeks[0]?.places ?? []}
            onSelect={select}
          />
        )}
      </main>
      {selected && key ? (
        <ProposedTraySheet
          key={selectedKey}
          tray={selected}
          rotations={plan.rotations}
          week={key.week}
          data={data}
          address={(changes) => address({ tray: selectedKey, ...changes })}
        />
      ) : (
        <PlanSheet plan={plan} data={data} address={address} />
      )}
    </div>
  );
}
