import { Button, Tabs } from "antd";
import { Fragment } from "react";
import { href, useNavigate } from "react-router";
import type { Child, PlainDate } from "../../core/model";
import type { RemovedRow } from "../../engine/store/removed";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { Collapsible } from "../../ui/controls/Collapsible";
import { Deferred } from "../../ui/controls/Deferred";
import { KeysSwitch } from "../../ui/KeysSwitch";
import { WorryForm } from "../../ui/WorryForm";
import { withinSentence } from "../../words/barriers";
import { dayText } from "../../words/dates";
import { ROUTINE_NAMES } from "../../words/moments";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/household";
import { BackupPart } from "./BackupPart";
import { ChildForm } from "./ChildForm";
import { MomentsPart } from "./MomentsPart";
import { PlacesPart } from "./PlacesPart";
import { Answer } from "./RowButtons";
import { SetAsidePart } from "./SetAsidePart";
import { LimitsPart, Settings } from "./SettingsForms";
import { Sites } from "./Sites";

export const meta = () => titled("Household");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "household");

function DemoClock({ today }: { today: PlainDate }) {
  const moveDemo = useCommand("household.moveDemo");
  const openFreshDemo = useCommand("start.openFreshDemo");
  return (
    <section className="row-form">
      <h2>The demo’s day</h2>
      <p>It stands at {dayText(today)}.</p>
      <Button onClick={() => void moveDemo.run({ days: 1 })}>A day on</Button>{" "}
      <Button onClick={() => void moveDemo.run({ days: 7 })}>A week on</Button>{" "}
      <Button onClick={() => void openFreshDemo.run({}, { goTo: href("/") })}>Start the demo afresh</Button>
      <Answer of={moveDemo} text="The demo’s day has moved on." />
    </section>
  );
}

function Removed({ rows }: { rows: readonly RemovedRow[] }) {
  const putBack = useCommand("household.putBack");
  if (rows.length === 0) return null;
  return (
    <section className="panel row told" aria-label="Removed">
      <span role="status">Removed:</span>
      {rows.slice(0, 6).map((row) => (
        <InlineButton key={row.id} onClick={() => void putBack.run({ table: row.table, id: row.id })}>
          Put back {row.name ?? (row.routine && withinSentence(ROUTINE_NAMES[row.routine]))}
        </InlineButton>
      ))}
    </section>
  );
}

type Part = { data: Route.ComponentProps["loaderData"] };

function ChildrenPart({ data: { children, today, loves } }: Part) {
  const [first, ...others] = children;
  const formsOf = (child: Child) => (
    <Fragment key={child.id}>
      <ChildForm child={child} today={today} loves={loves} />
      <WorryForm child={child} />
    </Fragment>
  );
  return (
    <>
      {first && formsOf(first)}
      <Deferred>
        {others.map(formsOf)}
        <Collapsible title="Add another child" onDemand>
          <ChildForm turn={children.length} today={today} loves={loves} />
        </Collapsible>
      </Deferred>
    </>
  );
}

/** Children, places, how one works, homes and data: one part at a time, in the address. */
export default function HouseholdPage({ loaderData }: Route.ComponentProps) {
  const { household, today, which, copies, storage, part: tab } = loaderData;
  const navigate = useNavigate();
  // A form starts anew only when what it shows has changed: saving one must not empty another.
  return (
    <main className="main wide">
      <h1>{household.name}</h1>
      <p className="quiet">Everyone who can reach the shelf counts for safety.</p>
      <SetAsidePart rows={loaderData.setAside} />
      <Removed rows={loaderData.removed} />
      <Tabs
        activeKey={tab}
        onChange={(key) => void navigate(`?part=${key}`, { replace: true, preventScrollReset: true })}
        items={[
          { key: "children", label: "Children", children: <ChildrenPart data={loaderData} /> },
          {
            key: "places",
            label: "Shelf and places",
            children: <PlacesPart {...loaderData} others={loaderData.children} />,
          },
          {
            key: "day",
            label: "Moments of the day",
            children: (
              <MomentsPart
                moments={loaderData.moments}
                places={loaderData.places.filter((place) => place.site === loaderData.site.id)}
                others={loaderData.children}
              />
            ),
          },
          {
            key: "work",
            label: "How we work",
            children: (
              <>
                <Settings household={household} />
                <LimitsPart household={household} />
              </>
            ),
          },
          { key: "homes", label: "Homes", children: <Sites sites={household.sites} /> },
          {
            key: "data",
            label: "Data",
            children: (
              <>
                <BackupPart
                  which={which}
                  copies={copies}
                  storage={storage}
                  savedOn={loaderData.savedOn}
                  names={loaderData.names}
                  clashes={loaderData.clashes}
                />
                {which === "demo" && <DemoClock today={today} />}
                <KeysSwitch on={loaderData.keys} />
              </>
            ),
          },
        ]}
      />
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
