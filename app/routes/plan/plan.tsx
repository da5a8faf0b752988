import { Button } from "antd";
import { Suspense } from "react";
import {
  Await,
  Form,
  Link,
  redirect,
  useAsyncError,
  useNavigate,
  useRevalidator,
  useSearchParams,
} from "react-router";
import { loadCatalogue } from "../../catalogue";
import { addDays, type PlainDate, type Rotation } from "../../core/model";
import { catalogueOf, type Plan, putAwayOn, standingRotation, upcomingRotation } from "../../core/planner";
import { type Home, readHome } from "../../data/household";
import { shortDay } from "../../ui/dates";
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

/**
 * The day the next rotation begins, and the tables to plan from: after the one that stands, or after
 * the one already accepted. A look ahead starts as if what stands now had long been put away.
 */
function startOf(home: Home, site: string) {
  const { tables, household, today, ahead, on } = home;
  const last = upcomingRotation(tables, site, today) ?? standingRotation(tables, site, today);
  const due = last ? addDays(last.from, household.rotationDays) : today;
  if (ahead > 0) return { from: on, tables: putAwayOn(tables, site, today, [due, on].sort()[0] ?? on) };
  return { from: [due, today].sort().at(-1) ?? today, tables };
}

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  const { household, today, ahead, children } = home;
  const site = household.sites[0]?.id ?? "home";
  const upcoming = upcomingRotation(home.tables, site, today);
  const { from, tables } = startOf(home, site);
  const out = wantedSwaps(new URL(request.url).searchParams);
  return {
    // Not awaited: the page is there at once, the plan arrives in it.
    plan: proposalFor(tables, from),
    swaps: out ? alternativesFor(tables, from, out) : undefined,
    catalogue: catalogueOf(await loadCatalogue(), tables),
    places: home.tables.places.filter((place) => place.site === site),
    children,
    household,
    from,
    today,
    preview: ahead > 0,
    wishes: tables.wishes,
    upcoming: ahead > 0 ? undefined : upcoming,
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

function NoPlan() {
  const { revalidate, state } = useRevalidator();
  const error = useAsyncError();
  const stopped = error instanceof DOMException && error.name === "AbortError";
  return (
    <section className="empty-state">
      <h1>No plan was made</h1>
      <p>
        {stopped
          ? "You stopped the planner."
          : `The planner failed: ${error instanceof Error ? error.message : "unknown"}`}{" "}
        Nothing has changed.
      </p>
      <Button type="primary" loading={state !== "idle"} onClick={() => void revalidate()}>
        Plan again
      </Button>
    </section>
  );
}

function NoPlaces() {
  return (
    <section className="empty-state">
      <h1>Nowhere to set anything out</h1>
      <p>Add a shelf bay, a table or a mat first; then the plan has somewhere to go.</p>
      <Link className="button-like" to="/household">
        Add a place
      </Link>
    </section>
  );
}

const keyOf = (tray: Plan["trays"][number]) => `${tray.child}.${tray.activity}`;

const WORDS = { anchor: "easy", reach: "in reach", stretch: "stretch" };

/** The next rotation is accepted already: say so, with the way back. */
function Upcoming({ rotation, from }: { rotation: Rotation; from: PlainDate }) {
  return (
    <Form method="post" className="undo-strip">
      <input type="hidden" name="intent" value="undo-accept" />
      <input type="hidden" name="rotation" value={rotation.id} />
      <span role="status">
        Accepted: the next shelf stands from {shortDay(rotation.from)} on. Below is the one after it, from{" "}
        {shortDay(from)}.
      </span>
      <button type="submit" className="link">
        Undo
      </button>
    </Form>
  );
}

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
        {data.upcoming && <Upcoming rotation={data.upcoming} from={data.from} />}
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
  if (loaderData.places.length === 0) return <NoPlaces />;
  return (
    <Suspense fallback={<Planning />}>
      <Await resolve={loaderData.plan} errorElement={<NoPlan />}>
        {(plan) => <Proposal plan={plan} data={loaderData} />}
      </Await>
    </Suspense>
  );
}
