import { Button } from "antd";
import { Suspense } from "react";
import { Await, redirect, useNavigate, useRevalidator, useSearchParams } from "react-router";
import { CATALOGUE } from "../../catalogue";
import { addDays } from "../../core/model";
import { catalogueOf, type Plan, situationOf, standingRotation } from "../../core/planner";
import { readHome } from "../../data/household";
import { drawnPlaces, drawnTray } from "../../ui/drawnTrays";
import { type DrawnTray, ShelfDrawing } from "../../ui/ShelfDrawing";
import { stopPlanner } from "../../workers/plannerClient";
import type { Route } from "./+types/plan";
import { changePlan } from "./actions";
import { PlanSheet } from "./PlanSheet";
import { ProposedTraySheet } from "./ProposedTraySheet";
import { alternativesFor, proposalFor } from "./proposals";

/** The tray whose alternatives are asked for: `?tray=CHILD.ACTIVITY&else=1`. */
function wantedSwaps(search: URLSearchParams) {
  const [child = "", activity = ""] = (search.get("tray") ?? "").split(".");
  return search.has("else") && activity ? { child, activity } : undefined;
}

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  const { tables, household, today, ahead, children, on: shown } = home;
  const site = household.sites[0]?.id ?? "home";
  const standing = standingRotation(tables, site, today);
  const due = standing ? addDays(standing.from, household.rotationDays) : today;
  const next = [due, today].sort().at(-1) ?? today;
  const from = ahead > 0 ? shown : next;
  const situation = situationOf(CATALOGUE, tables, from, site);
  const out = wantedSwaps(new URL(request.url).searchParams);
  return {
    // Not awaited: the page is there at once, the plan arrives in it.
    plan: proposalFor(tables, from),
    swaps: out ? alternativesFor(tables, from, out) : undefined,
    catalogue: catalogueOf(CATALOGUE, tables),
    places: situation.places,
    children,
    household,
    from,
    today,
    preview: ahead > 0,
    wishes: tables.wishes,
    noBays: situation.places.length === 0,
  };
}

export const clientAction = ({ request }: Route.ClientActionArgs) => changePlan(request);

const STATUS: Record<Plan["status"], string> = {
  optimal: "Proven best for what you have.",
  "within-gap": "Within half a per cent of the best.",
  "time-limit": "The best found in the time; a better one may exist.",
};

function Planning() {
  return (
    <section className="empty-state" role="status">
      <h1>Planning…</h1>
      <p>Weighing every rung, place and material against each other. It takes a second or two.</p>
      <progress aria-label="Planning" />
      <Button onClick={stopPlanner}>Stop</Button>
    </section>
  );
}

function Stopped() {
  const { revalidate, state } = useRevalidator();
  return (
    <section className="empty-state">
      <h1>No plan was made</h1>
      <p>The planner was stopped. Nothing has changed.</p>
      <Button type="primary" loading={state !== "idle"} onClick={() => void revalidate()}>
        Plan again
      </Button>
    </section>
  );
}

const keyOf = (tray: Plan["trays"][number]) => `${tray.child}.${tray.activity}`;

const WORDS = { anchor: "easy", reach: "in reach", stretch: "stretch" };

function Proposal({ plan, data }: { plan: Plan; data: Route.ComponentProps["loaderData"] }) {
  const { catalogue, children, places } = data;
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const selectedKey = search.get("tray");
  const selected = plan.trays.find((tray) => keyOf(tray) === selectedKey);
  const linkTo = (key: string | null) => {
    const next = new URLSearchParams(search);
    next.delete("tray");
    next.delete("else");
    if (key) next.set("tray", key);
    return `/plan?${next}`;
  };
  const drawn = plan.trays.flatMap((tray): DrawnTray[] => {
    const word = tray.state === "adult-held" ? "adult-held" : tray.carried ? "stays" : WORDS[tray.band];
    const one = drawnTray(
      catalogue,
      children,
      { ...tray, id: keyOf(tray) },
      {
        word,
        selected: tray === selected,
        pinned: tray.locked,
      },
    );
    return one ? [one] : [];
  });
  const emptyTexts = new Map(plan.empty.map((one) => [one.place, one.because]));
  return (
    <div className={`with-sheet${selected ? " opened" : ""}`}>
      <main className="main">
        <div className="head">
          <div>
            <h1>The next shelf</h1>
            <p className="quiet">
              {plan.trays.length} trays on {places.length} places. {STATUS[plan.status]}
            </p>
          </div>
        </div>
        {plan.conflicts.map((conflict) => (
          <p className="care-strip" role="alert" key={conflict}>
            {conflict}
          </p>
        ))}
        <ShelfDrawing
          label="The proposed shelf"
          trays={drawn}
          places={drawnPlaces(places, emptyTexts)}
          onSelect={(key) => void navigate(linkTo(key), { preventScrollReset: true })}
        />
      </main>
      {selected ? (
        <ProposedTraySheet
          key={keyOf(selected)}
          tray={selected}
          data={data}
          closeTo={linkTo(null)}
          elseTo={`${linkTo(keyOf(selected))}&else=1`}
        />
      ) : (
        <PlanSheet plan={plan} data={data} />
      )}
    </div>
  );
}

export default function PlanPage({ loaderData }: Route.ComponentProps) {
  return (
    <Suspense fallback={<Planning />}>
      <Await resolve={loaderData.plan} errorElement={<Stopped />}>
        {(plan) => <Proposal plan={plan} data={loaderData} />}
      </Await>
    </Suspense>
  );
}
