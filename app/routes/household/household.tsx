import { Button, Input } from "antd";
import { redirect, useFetcher } from "react-router";
import { ageOn } from "../../core/age";
import {
  AREA_IDS,
  type Child,
  daysBetween,
  type Household,
  type Place,
  type PlainDate,
} from "../../core/model";
import { newestSafetyCopy } from "../../data/backup";
import { readHome } from "../../data/household";
import { readTables } from "../../data/rows";
import { AREA_NAMES } from "../../ui/AreaMark";
import { dayText } from "../../ui/dates";
import { Field } from "../../ui/Field";
import { LIMIT_LABELS } from "../../ui/limitLabels";
import type { Route } from "./+types/household";
import { changeHousehold, type HouseholdAnswer } from "./actions";
import { BackupPart } from "./BackupPart";

/** Children and places that were removed, newest first: each can be put back. */
async function removedRows() {
  const { children, places } = await readTables();
  const gone = (table: "children" | "places", rows: readonly (Child | Place)[]) =>
    rows.flatMap(({ id, name, deletedAt }) => (deletedAt ? [{ table, id, name, deletedAt }] : []));
  return [...gone("children", children), ...gone("places", places)].sort((a, b) =>
    a.deletedAt < b.deletedAt ? 1 : -1,
  );
}

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  const { household, children, tables, today, which } = home;
  const places = tables.places.sort(
    (a, b) =>
      (a.site < b.site ? 1 : a.site > b.site ? -1 : 0) ||
      (a.board ?? 99) - (b.board ?? 99) ||
      a.order - b.order,
  );
  return {
    household,
    children,
    places,
    today,
    which,
    removed: await removedRows(),
    safetyCopy: (await newestSafetyCopy())?.savedAt,
  };
}

export const clientAction = ({ request }: Route.ClientActionArgs) => changeHousehold(request);

function Answer({ answer }: { answer?: HouseholdAnswer }) {
  if (!answer) return null;
  return (
    <>
      {answer.problems.map((problem) => (
        <p className="fault" role="alert" key={`${problem.path} ${problem.message}`}>
          {problem.message}
        </p>
      ))}
      {answer.done && (
        <span className="done" role="status">
          {answer.done}
        </span>
      )}
    </>
  );
}

const MONTHS = new Intl.NumberFormat(undefined, { maximumFractionDigits: 1 });

function ageText(child: Child, on: PlainDate): string {
  const age = ageOn(child.birth, on, child.due);
  if (!age.ok) return "not born yet";
  const { months, weeks, applies, correctedMonths } = age.value;
  const corrected =
    applies === "due" && correctedMonths !== null
      ? `, ${MONTHS.format(correctedMonths)} from the due date`
      : "";
  return `${months} months ${weeks} ${weeks === 1 ? "week" : "weeks"}${corrected}`;
}

function ChildForm({ child, today }: { child?: Child; today: PlainDate }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  const part = child?.id ?? "new-child";
  const early = child?.due ? Math.round(daysBetween(child.birth, child.due) / 7) : 0;
  const id = (name: string) => `${part}-${name}`;
  return (
    <fetcher.Form method="post" className="row-form" aria-label={child ? child.name : "Another child"}>
      <input type="hidden" name="id" value={child?.id ?? ""} />
      <input type="hidden" name="part" value={part} />
      <input type="hidden" name="table" value="children" />
      <h3>{child ? `${child.name}, ${ageText(child, today)}` : "Another child"}</h3>
      <div className="fields">
        <Field label="Name or initial" name={id("name")}>
          <Input id={id("name")} name="name" defaultValue={child?.name} maxLength={40} />
        </Field>
        <Field label="Birth date" name={id("birth")}>
          <Input id={id("birth")} name="birth" type="date" defaultValue={child?.birth} />
        </Field>
        <Field label="Born early by, weeks" name={id("early")}>
          <Input
            id={id("early")}
            name="earlyWeeks"
            type="number"
            min={0}
            max={17}
            defaultValue={Math.max(0, early)}
          />
        </Field>
        <Field label="Puts things in the mouth" name={id("mouths")}>
          <select id={id("mouths")} name="mouths" defaultValue={child?.mouths ?? "by-age"}>
            <option value="by-age">as usual for the age</option>
            <option value="yes">yes</option>
            <option value="no">no longer</option>
          </select>
        </Field>
        <Field label="Plan trays" name={id("plan")}>
          <select id={id("plan")} name="planFor" defaultValue={child && !child.planFor ? "no" : "yes"}>
            <option value="yes">yes</option>
            <option value="no">no, can only reach</option>
          </select>
        </Field>
        <Field label="Loves just now (commas between)" name={id("interests")}>
          <Input id={id("interests")} name="interests" defaultValue={child?.interests.join(", ")} />
        </Field>
        <Field label="Allergies (commas between)" name={id("allergies")}>
          <Input id={id("allergies")} name="allergies" defaultValue={child?.allergies.join(", ")} />
        </Field>
      </div>
      <RowButtons intent="child" isNew={!child} fetcher={fetcher} />
    </fetcher.Form>
  );
}

const KINDS: Record<Place["kind"], string> = {
  bay: "shelf bay",
  table: "low table",
  mat: "mat",
  floor: "floor",
  "high-chair": "high-chair tray",
  tower: "step tower",
  window: "window",
  "wet-spot": "wet spot",
  outdoors: "outdoors",
  line: "drying line",
  routine: "in the day",
};

function PlaceForm({ place, others }: { place?: Place; others: readonly Child[] }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  const part = place?.id ?? "new-place";
  const id = (name: string) => `${part}-${name}`;
  return (
    <fetcher.Form method="post" className="row-form place" aria-label={place ? place.name : "Another place"}>
      <input type="hidden" name="id" value={place?.id ?? ""} />
      <input type="hidden" name="part" value={part} />
      <input type="hidden" name="table" value="places" />
      <div className="fields">
        <Field label="Place" name={id("name")}>
          <Input id={id("name")} name="name" defaultValue={place?.name} maxLength={60} />
        </Field>
        <Field label="Kind" name={id("kind")}>
          <select id={id("kind")} name="kind" defaultValue={place?.kind ?? "bay"}>
            {Object.entries(KINDS).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </select>
        </Field>
        <Field label="Board (bays)" name={id("board")}>
          <Input
            id={id("board")}
            name="board"
            type="number"
            min={1}
            max={10}
            defaultValue={place?.board === undefined ? "" : place.board + 1}
          />
        </Field>
        <fieldset className="plain reach">
          <legend>Out of reach of</legend>
          {others.map((child) => (
            <label key={child.id}>
              <input
                type="checkbox"
                name="outOfReachOf"
                value={child.id}
                defaultChecked={place?.outOfReachOf.includes(child.id)}
              />{" "}
              {child.name}
            </label>
          ))}
        </fieldset>
      </div>
      <RowButtons intent="place" isNew={!place} fetcher={fetcher} />
    </fetcher.Form>
  );
}

/** Save and remove; what was removed can be put back from the list below. */
function RowButtons({
  intent,
  isNew,
  canRemove = !isNew,
  fetcher,
}: {
  intent: string;
  isNew: boolean;
  canRemove?: boolean;
  fetcher: ReturnType<typeof useFetcher<HouseholdAnswer>>;
}) {
  return (
    <div className="row-buttons">
      <Button htmlType="submit" name="intent" value={intent} loading={fetcher.state !== "idle"}>
        {isNew ? "Add" : "Save"}
      </Button>
      {canRemove && (
        <button type="submit" className="link" name="intent" value="remove">
          Remove
        </button>
      )}
      <Answer answer={fetcher.data} />
    </div>
  );
}

function Settings({ household }: { household: Household }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  return (
    <fetcher.Form method="post" className="row-form" aria-label="How we work">
      <input type="hidden" name="part" value="settings" />
      <div className="fields">
        <Field label="Name of the household" name="household-name">
          <Input id="household-name" name="name" defaultValue={household.name} maxLength={60} />
        </Field>
        <Field label="Approach" name="approach">
          <select id="approach" name="approach" defaultValue={household.approach}>
            <option value="quiet-shelf">quiet shelf</option>
            <option value="open-play">open play</option>
            <option value="theme-week">theme week</option>
            <option value="strength-and-grasp">strength and grasp</option>
            <option value="in-the-day">in the day</option>
          </select>
        </Field>
        <Field label="Days between changes" name="rotationDays">
          <Input
            id="rotationDays"
            name="rotationDays"
            type="number"
            min={1}
            max={60}
            defaultValue={household.rotationDays}
          />
        </Field>
        <Field label="Easy trays wanted, each child" name="anchors">
          <Input
            id="anchors"
            name="anchors"
            type="number"
            min={0}
            max={10}
            defaultValue={household.mix.anchors}
          />
        </Field>
        <Field label="Stretches wanted, each child" name="stretches">
          <Input
            id="stretches"
            name="stretches"
            type="number"
            min={0}
            max={10}
            defaultValue={household.mix.stretches}
          />
        </Field>
        <Field label="Focus for a while" name="focusArea">
          <select id="focusArea" name="focusArea" defaultValue={household.focusArea ?? ""}>
            <option value="">none: spread over all areas</option>
            {AREA_IDS.map((area) => (
              <option key={area} value={area}>
                {AREA_NAMES[area]}
              </option>
            ))}
          </select>
        </Field>
        <Field label="Units" name="units">
          <select id="units" name="units" defaultValue={household.units}>
            <option value="metric">mm, ml, g</option>
            <option value="us">inches, ounces</option>
          </select>
        </Field>
      </div>
      <RowButtons intent="settings" isNew={false} canRemove={false} fetcher={fetcher} />
    </fetcher.Form>
  );
}

function LimitsPart({ household }: { household: Household }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  return (
    <fetcher.Form method="post" className="row-form" aria-label="Limits of a rotation">
      <input type="hidden" name="part" value="limits" />
      <h3>At most, in one rotation</h3>
      <div className="fields">
        {LIMIT_LABELS.map(({ key, label }) => (
          <Field key={key} label={label} name={`limit-${key}`}>
            <Input
              id={`limit-${key}`}
              name={key}
              type="number"
              min={0}
              defaultValue={household.limits[key]}
            />
          </Field>
        ))}
      </div>
      <RowButtons intent="limits" isNew={false} canRemove={false} fetcher={fetcher} />
    </fetcher.Form>
  );
}

function DemoClock({ today }: { today: PlainDate }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  return (
    <fetcher.Form method="post" className="row-form">
      <h2>The demo’s day</h2>
      <p>It stands at {dayText(today)}.</p>
      <Button htmlType="submit" name="intent" value="demo-day">
        A day on
      </Button>{" "}
      <Button htmlType="submit" name="intent" value="demo-week">
        A week on
      </Button>{" "}
      <Button htmlType="submit" name="intent" value="demo-again">
        Start the demo afresh
      </Button>
      <Answer answer={fetcher.data} />
    </fetcher.Form>
  );
}

type RemovedRow = Awaited<ReturnType<typeof removedRows>>[number];

function Removed({ rows }: { rows: readonly RemovedRow[] }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  if (rows.length === 0) return null;
  return (
    <section className="undo-strip" aria-label="Removed">
      <span role="status">Removed:</span>
      {rows.slice(0, 6).map((row) => (
        <fetcher.Form method="post" key={row.id} className="inline">
          <input type="hidden" name="table" value={row.table} />
          <input type="hidden" name="id" value={row.id} />
          <button type="submit" className="link" name="intent" value="put-back">
            Put back {row.name}
          </button>
        </fetcher.Form>
      ))}
    </section>
  );
}

export default function HouseholdPage({ loaderData }: Route.ComponentProps) {
  const { household, children, places, today, which, safetyCopy } = loaderData;
  // A form starts anew only when what it shows has changed: saving one must not empty another.
  const { limits, updatedAt: _, ...settings } = household;
  return (
    <main className="main wide">
      <h1>{household.name}</h1>
      <p className="quiet">Everyone who can reach the shelf counts for safety.</p>
      <Removed rows={loaderData.removed} />
      <h2>Children</h2>
      {children.map((child) => (
        <ChildForm key={`${child.id} ${child.updatedAt}`} child={child} today={today} />
      ))}
      <details>
        <summary>Add another child</summary>
        <ChildForm key={`new ${children.length}`} today={today} />
      </details>
      <h2>How we work</h2>
      <Settings key={JSON.stringify(settings)} household={household} />
      <LimitsPart key={JSON.stringify(limits)} household={household} />
      <h2>Shelf and places</h2>
      <details>
        <summary>{places.length} places: see and change them</summary>
        {places.map((place) => (
          <PlaceForm key={`${place.id} ${place.updatedAt}`} place={place} others={children} />
        ))}
        <h3>Another place</h3>
        <PlaceForm key={`new ${places.length}`} others={children} />
      </details>
      <BackupPart safetyCopy={safetyCopy} />
      {which === "demo" && <DemoClock today={today} />}
    </main>
  );
}
