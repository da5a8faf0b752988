import { Button } from "antd";
import { Suspense } from "react";
import {
  Await,
  Form,
  Link,
  redirect,
  useActionData,
  useAsyncError,
  useNavigation,
  useRevalidator,
  useSearchParams,
} from "react-router";
import { loadCatalogue } from "../../catalogue";
import { catalogueOf, upcomingRotation } from "../../core/household";
import type { PlainDate, Rotation } from "../../core/model";

import { readHome } from "../../data/household";
import { answered } from "../../ui/answered";
import { shortDay } from "../../ui/dates";
import { stopPlanner } from "../../workers/plannerClient";
import type { Asked, Look } from "../../workers/planService";
import type { Route } from "./+types/plan";
import { changePlan } from "./actions";
import { askedFor, keyFrom } from "./asked";
import { Faults } from "./Faults";
import { Proposal } from "./Proposal";
import { usePlanning } from "./planning";
import { alternativesFor, gainsFor, looksFor, proposalFor, whyNotFor } from "./proposals";

/** After the plan, for the planner does one thing at a time; none where it was stopped. */
const looksAfter = (asked: Asked): Promise<Look[]> =>
  proposalFor(asked)
    .then(() => looksFor(asked))
    .catch(() => []);

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  const { household, today, ahead, children } = home;
  const asked = askedFor(request, home);
  const { site, tables, on } = asked;
  const upcoming = upcomingRotation(home.tables, site, today);
  const search = new URL(request.url).searchParams;
  const out = keyFrom(search.get("tray"));
  const why = keyFrom(search.get("why"));
  const wants = search.get("else");
  return {
    // Not awaited: the page is there at once, the plan arrives in it.
    plan: proposalFor(asked),
    swaps: out && wants ? alternativesFor(asked, out, wants === "kept") : undefined,
    whyNot: why ? whyNotFor(asked, why) : undefined,
    gains: search.has("gains") ? gainsFor(asked) : undefined,
    looks: ahead > 0 ? undefined : looksAfter(asked),
    catalogue: catalogueOf(await loadCatalogue(), tables),
    places: home.tables.places.filter((place) => place.site === site),
    children,
    household,
    from: on,
    weeks: asked.weeks,
    today,
    preview: ahead > 0,
    wishes: tables.wishes,
    nextTimes: tables.nextTimes,
    upcoming: ahead > 0 ? undefined : upcoming,
  };
}

export const clientAction = async ({ request }: Route.ClientActionArgs) =>
  answered(await changePlan(request));

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

/** The next rotation is accepted already: say so, with the way back and the way to change it. */
function Upcoming({ rotation, from }: { rotation: Rotation; from: PlainDate }) {
  return (
    <Form method="post" className="undo-strip">
      <input type="hidden" name="rotation" value={rotation.id} />
      <span role="status">
        Accepted: the next shelf stands from {shortDay(rotation.from)} on. Below is the one after it, from{" "}
        {shortDay(from)}.
      </span>
      <button type="submit" className="link" name="intent" value="undo-accept">
        Undo
      </button>
      <button type="submit" className="link" name="intent" value="reopen">
        Change it
      </button>
    </Form>
  );
}

/** What was just said to the planner can be taken back. */
function UndoStrip() {
  const [search] = useSearchParams();
  const change = search.get("undo");
  if (!change) return null;
  return (
    <Form method="post" className="undo-strip">
      <input type="hidden" name="intent" value="undo" />
      <input type="hidden" name="change" value={change} />
      <span role="status">Planned anew with what you said.</span>
      <button type="submit" className="link">
        Undo
      </button>
    </Form>
  );
}

/** A new plan is on its way while the old one is still there: said, and to be stopped. */
function Anew() {
  if (!usePlanning()) return null;
  return (
    <p className="undo-strip anew">
      <span role="status">Planning anew; this is still the plan before.</span>
      <progress aria-label="Planning anew" />
      <button type="button" className="link" onClick={stopPlanner}>
        Stop
      </button>
    </p>
  );
}

export default function PlanPage({ loaderData }: Route.ComponentProps) {
  const answer = useActionData<typeof clientAction>();
  const busy = useNavigation().state !== "idle";
  // With a tray open, what is wrong is said in its sheet.
  const open = useSearchParams()[0].has("tray");
  if (loaderData.places.length === 0) return <NoPlaces />;
  const strips = (
    <>
      <Anew />
      {loaderData.upcoming && <Upcoming rotation={loaderData.upcoming} from={loaderData.from} />}
      <UndoStrip />
      {!busy && !open && <Faults problems={answer?.problems ?? []} />}
    </>
  );
  return (
    <Suspense fallback={<Planning />}>
      <Await resolve={loaderData.plan} errorElement={<NoPlan />}>
        {(plan) => <Proposal plan={plan} data={loaderData} strips={strips} />}
      </Await>
    </Suspense>
  );
}
