import { Button } from "antd";
import { Fragment } from "react";
import { useFetcher } from "react-router";
import type { PlainDate } from "../../core/model";
import { peopleOf } from "../../core/safety";
import { newestSafetyCopyDate } from "../../data/backup";
import { type RemovedRow, removedRows } from "../../data/removed";
import { setAsideRows } from "../../data/setAside";
import { actionResult } from "../../ui/actionResult";
import { WorryForm } from "../../ui/CareCard";
import { LinkAct } from "../../ui/controls/Act";
import { Fold } from "../../ui/controls/Fold";
import { Send } from "../../ui/Send";
import { dayText } from "../../words/dates";
import { titled } from "../../words/titles";
import { homeOf } from "../homeContext";
import type { Route } from "./+types/household";
import { actOnHousehold, type HouseholdAnswer } from "./actions";
import { BackupPart } from "./BackupPart";
import { ChildForm } from "./ChildForm";
import { PlaceForm } from "./PlaceForm";
import { ReachPart } from "./ReachPart";
import { Answer } from "./RowButtons";
import { SetAsidePart } from "./SetAsidePart";
import { LimitsPart, Settings } from "./SettingsForms";
import { Sites } from "./Sites";

export const meta = () => titled("Household");

export async function clientLoader({ context }: Route.ClientLoaderArgs) {
  const home = await homeOf(context);
  const { household, children, tables, today, which } = home;
  const places = tables.places.toSorted(
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
    people: peopleOf(tables),
    site: home.site,
    removed: await removedRows(home.db),
    setAside: await setAsideRows(home.db),
    safetyCopy: await newestSafetyCopyDate(home.db),
  };
}

export const clientAction = async (args: Route.ClientActionArgs) => actionResult(await actOnHousehold(args));

function DemoClock({ today }: { today: PlainDate }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  return (
    <Send fetcher={fetcher} className="row-form">
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
    </Send>
  );
}

function Removed({ rows }: { rows: readonly RemovedRow[] }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  if (rows.length === 0) return null;
  return (
    <section className="undo-strip" aria-label="Removed">
      <span role="status">Removed:</span>
      {rows.slice(0, 6).map((row) => (
        <Send fetcher={fetcher} values={{ table: row.table, id: row.id }} key={row.id} className="inline">
          <LinkAct name="intent" value="put-back">
            Put back {row.name}
          </LinkAct>
        </Send>
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
      <SetAsidePart rows={loaderData.setAside} />
      <Removed rows={loaderData.removed} />
      <h2>Children</h2>
      {children.map((child) => (
        <Fragment key={child.id}>
          <ChildForm key={child.updatedAt} child={child} today={today} />
          <WorryForm child={child} />
        </Fragment>
      ))}
      <Fold title="Add another child">
        <ChildForm key={`new ${children.length}`} today={today} />
      </Fold>
      <h2>How we work</h2>
      <Settings key={JSON.stringify(settings)} household={household} />
      <LimitsPart key={JSON.stringify(limits)} household={household} />
      <Sites sites={household.sites} />
      <h2>Shelf and places</h2>
      <ReachPart
        places={places.filter((place) => place.site === loaderData.site.id)}
        people={loaderData.people}
        today={today}
      />
      <Fold title={<>{places.length}places: see and change them</>}>
        {places.map((place) => (
          <PlaceForm
            key={`${place.id} ${place.updatedAt}`}
            place={place}
            others={children}
            places={places}
            sites={household.sites}
          />
        ))}
        <h3>Another place</h3>
        <PlaceForm key={`new ${places.length}`} others={children} places={places} sites={household.sites} />
      </Fold>
      <BackupPart which={which} safetyCopy={safetyCopy} />
      {which === "demo" && <DemoClock today={today} />}
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
