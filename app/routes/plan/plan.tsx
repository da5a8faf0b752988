import { Button } from "antd";
import { Suspense, useEffect } from "react";
import {
  Await,
  href,
  Link,
  type ShouldRevalidateFunctionArgs,
  useAsyncError,
  useBlocker,
  useRevalidator,
  useSearchParams,
} from "react-router";
import { type Issue, type Place, type PlainDate, parseJson, type Rotation } from "../../core/model";
import { isStale } from "../../engine/commands/plan";
import { WishesUndone } from "../../engine/commands/wishes";
import { drawnPlaces } from "../../engine/queries/drawnTrays";
import { keyFrom } from "../../engine/queries/trayKey";
import { planner } from "../../solver/plannerClient";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { LinkButton } from "../../ui/controls/LinkButton";
import { Waiting } from "../../ui/controls/Waiting";
import { PlannedFor } from "../../ui/PlannedFor";
import { ShelfDrawing } from "../../ui/ShelfDrawing";
import { addressWith } from "../../ui/useAddressChange";
import { shortDay } from "../../words/dates";
import { titled } from "../../words/titles";
import { askFor, askLater } from "../askFor";
import type { Route } from "./+types/plan";
import { Proposal } from "./Proposal";
import { usePlanning } from "./usePlanning";

export const meta = () => titled("Plan");

/** A plan that is known already comes within a moment. */
const KNOWN_WITHIN_MS = 30;

const moment = () => new Promise<undefined>((done) => setTimeout(() => done(undefined), KNOWN_WITHIN_MS));

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const search = new URL(request.url).searchParams;
  const plan = askLater(request, "planProposal");
  const view = await askFor(request, "plan");
  const known = await Promise.race([plan.catch(() => undefined), moment()]);
  return {
    ...view,
    // Only a plan that is known already is waited for. The page is there at once, and any other plan arrives in it.
    plan: known ?? plan,
    swaps: keyFrom(search.get("tray")) && search.get("else") ? askLater(request, "planSwaps") : undefined,
    whyNot: keyFrom(search.get("why")) ? askLater(request, "planWhyNot") : undefined,
    gains: search.has("gains") ? askLater(request, "planGains") : undefined,
    // After the plan, for the planner does one thing at a time; none where it was stopped.
    looks: view.preview ? undefined : plan.then(() => askFor(request, "planLooks")).catch(() => []),
  };
}

/** What was refused because the data had changed is followed by a new plan. */
export const shouldRevalidate = ({ actionResult, defaultShouldRevalidate }: ShouldRevalidateFunctionArgs) =>
  (actionResult as { issues?: readonly Issue[] } | undefined)?.issues?.some(isStale) === true ||
  defaultShouldRevalidate;

/**
 * Whoever leaves the screen has no use for what is still being worked out. The router asks its blockers as soon as a link is
 * pressed; to wait until the next screen is drawn would share the processor with a solver that nobody waits for.
 */
function useEndOnLeaving() {
  useBlocker(({ currentLocation, nextLocation }) => {
    if (nextLocation.pathname !== currentLocation.pathname) planner.stop();
    return false;
  });
  useEffect(() => () => planner.stop(), []);
}

/** The shelf with nothing on it, while it is worked out what comes there. */
function Planning({ places }: { places: readonly Place[] }) {
  const waiting = new Map<string, string>(places.map((place) => [place.id, "being planned"]));
  return (
    <div className="with-sheet">
      <main className="main">
        <div className="row between at-top">
          <div role="status">
            <h1>Planning…</h1>
            <p className="quiet">
              Weighing every rung, place and material against each other. The more children and places there
              are, the longer it takes; you can stop it.
            </p>
          </div>
          <div className="row">
            <Waiting what="Planning" />
            <Button onClick={() => planner.stop()}>Stop</Button>
          </div>
        </div>
        <ShelfDrawing
          label="The shelf that is being planned"
          trays={[]}
          places={drawnPlaces(places, waiting)}
          onSelect={() => {}}
        />
      </main>
      <aside className="sheet" aria-busy="true" aria-label="The plan" />
    </div>
  );
}

function NoPlan() {
  const { revalidate, state } = useRevalidator();
  const error = useAsyncError();
  const stopped = error instanceof DOMException && error.name === "AbortError";
  return (
    <section className="empty-state" data-failed={stopped ? undefined : "true"}>
      <h1>No plan was made</h1>
      <p>
        {stopped ? "You stopped the planner." : "The planner broke off; the fault is ours."} Nothing has
        changed: the shelf, notes and things are as they were.
      </p>
      <p>
        <Button type="primary" loading={state !== "idle"} onClick={() => void revalidate()}>
          Plan again
        </Button>{" "}
        <Link to={href("/")}>Back to the shelf</Link>
      </p>
    </section>
  );
}

function NoPlaces() {
  return (
    <section className="empty-state">
      <h1>Nowhere to set anything out</h1>
      <p>Add a shelf bay, a table or a mat first; then the plan has somewhere to go.</p>
      <LinkButton to={href("/household")}>Add a place</LinkButton>
    </section>
  );
}

/** Nobody is planned for: all children are older than the activities, or the adult wants trays for none. */
function NobodyToPlanFor(plannedFor: Route.ComponentProps["loaderData"]["plannedFor"]) {
  return (
    <section className="empty-state">
      <h1>
        {plannedFor.beyond.length > 0 && plannedFor.leftOut.length === 0
          ? "Everything here is below this age"
          : "Trays are planned for nobody yet"}
      </h1>
      <PlannedFor {...plannedFor} outgrown={plannedFor.beyond} />
      <p>
        A younger child can be added in Household. Activities of your own can be written for any age, and the
        Journal keeps notes.
      </p>
      <p className="row">
        <LinkButton to={`${href("/household")}?part=children`}>Children, in Household</LinkButton>
        <Link to={href("/activities")}>All activities</Link>
      </p>
    </section>
  );
}

/** The next rotation is accepted already: say so, with the way back and the way to change it. */
function Upcoming({ rotation, from }: { rotation: Rotation; from: PlainDate }) {
  const undoAccept = useCommand("plan.undoAccept");
  const reopen = useCommand("plan.reopen");
  return (
    <div className="panel row told">
      <span role="status">
        Accepted: the next shelf stands from {shortDay(rotation.from)} on. Below is the one after it, from{" "}
        {shortDay(from)}.
      </span>
      <InlineButton onClick={() => void undoAccept.run({ rotation: rotation.id })}>Undo</InlineButton>
      <InlineButton onClick={() => void reopen.run({ rotation: rotation.id })}>Change it</InlineButton>
      <CommandFaults of={reopen} />
    </div>
  );
}

/** Reads the change of wishes that stands in the address; undefined where nothing there can be read. */
function changeFrom(text: string | null) {
  const read = text === null ? undefined : parseJson(text);
  return read?.ok ? WishesUndone.safeParse(read.value).data : undefined;
}

/** What was just said to the planner can be taken back. */
function UndoStrip() {
  const [search] = useSearchParams();
  const undo = useCommand("wishes.undo");
  const change = changeFrom(search.get("undo"));
  if (!change) return null;
  return (
    <div className="panel row told">
      <span role="status">Planned anew with what you said.</span>
      <InlineButton onClick={() => void undo.run(change, { goTo: addressWith({ undo: undefined }) })}>
        Undo
      </InlineButton>
    </div>
  );
}

/** A new plan is on its way while the old one is still there: said, and to be stopped. */
function ReplanningNotice() {
  if (!usePlanning()) return null;
  return (
    <p className="panel row told afloat anew">
      <span role="status">Planning anew; this is still the plan before.</span>
      <Waiting what="Planning anew" />
      <InlineButton type="button" onClick={() => planner.stop()}>
        Stop
      </InlineButton>
    </p>
  );
}

export default function PlanPage({ loaderData }: Route.ComponentProps) {
  useEndOnLeaving();
  if (loaderData.places.length === 0) return <NoPlaces />;
  if (loaderData.planned.length === 0) return <NobodyToPlanFor {...loaderData.plannedFor} />;
  const accepted = loaderData.upcoming && <Upcoming rotation={loaderData.upcoming} from={loaderData.from} />;
  const strips = (
    <>
      <ReplanningNotice />
      {accepted}
      <UndoStrip />
    </>
  );
  return (
    // A plan from another day is another plan: the one before does not stay until it is there.
    <Suspense
      key={loaderData.from}
      fallback={
        <>
          {accepted}
          <Planning places={loaderData.places} />
        </>
      }
    >
      <Await resolve={loaderData.plan} errorElement={<NoPlan />}>
        {(plan) => <Proposal plan={plan} data={loaderData} strips={strips} />}
      </Await>
    </Suspense>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
