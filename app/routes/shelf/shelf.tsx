import { Form, Link, redirect, useNavigate, useSearchParams } from "react-router";
import { loadCatalogue, loadGuide } from "../../catalogue";
import { addDays, type Catalogue, daysBetween, type PlainDate } from "../../core/model";
import { situationOf, upcomingRotation } from "../../core/planner";
import { readHome } from "../../data/household";
import { shortDay } from "../../ui/dates";
import { activityOf } from "../../ui/drawnTrays";
import { wayOf } from "../../ui/Script";
import { ShelfDrawing } from "../../ui/ShelfDrawing";
import type { Route } from "./+types/shelf";
import { changeShelf } from "./actions";
import { shelfView, trayView } from "./shelfView";
import { TodaySheet } from "./TodaySheet";
import { TraySheet } from "./TraySheet";

/** Three trays a day, one thing each, so that all are watched in turn. */
async function watchFor(catalogue: Catalogue, view: ReturnType<typeof shelfView>, today: PlainDate) {
  const { drawn, trays, rotation } = view;
  const day = rotation ? Math.max(0, daysBetween(rotation.from, today)) : 0;
  const lines = [0, 1, 2].slice(0, drawn.length).map(async (i) => {
    const tray = drawn[(day * 3 + i) % drawn.length];
    const activity = activityOf(catalogue, trays.find((one) => one.id === tray?.id)?.activity ?? "");
    const guide = activity && (await loadGuide(activity));
    const text = guide?.watchFor[day % guide.watchFor.length];
    return tray && text ? [{ tray, text }] : [];
  });
  return (await Promise.all(lines)).flat();
}

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const [home, builtIn] = await Promise.all([readHome(request), loadCatalogue()]);
  if (!home) throw redirect("/start");
  const situation = situationOf(builtIn, home.tables, home.on, home.site.id);
  const search = new URL(request.url).searchParams;
  const selectedId = search.get("tray");
  const view = shelfView(home, situation, selectedId);
  const selected = view.trays.find((tray) => tray.id === selectedId);
  const activity = selected && activityOf(situation.catalogue, selected.activity);
  const smallest = [...home.children]
    .filter((child) => child.mouths !== "no")
    .sort((a, b) => (a.birth < b.birth ? 1 : -1))[0];
  return {
    ...view,
    // Not awaited: the shelf is drawn while the guides still come in.
    watch: watchFor(situation.catalogue, view, home.today),
    guide: activity && (await loadGuide(activity)),
    way: wayOf(home.household.approach),
    smallest: smallest?.name,
    open: selected && trayView(home, situation, selected),
    on: home.on,
    today: home.today,
    preview: home.ahead > 0,
    rotationDays: home.household.rotationDays,
    units: home.household.units,
    upcoming: upcomingRotation(home.tables, situation.site, home.today)?.from,
    planned: home.children.filter((child) => child.planFor).map((child) => child.name),
  };
}

export const clientAction = ({ request }: Route.ClientActionArgs) => changeShelf(request);

function NoShelf() {
  return (
    <section className="empty-state">
      <h1>The shelf is empty</h1>
      <p>Plan the first rotation: it takes a few seconds, and you can change every tray before it stands.</p>
      <Link className="button-like" to="/plan">
        Plan the first rotation
      </Link>
    </section>
  );
}

function nextChange(today: PlainDate, due: PlainDate, upcoming: PlainDate | undefined): string {
  if (upcoming) return `The next shelf is accepted, from ${shortDay(upcoming)} on.`;
  return today < due ? `Next change on ${shortDay(due)}.` : `The next change is due since ${shortDay(due)}.`;
}

export default function Shelf({ loaderData }: Route.ComponentProps) {
  const { rotation, drawn, moves, open, today, on, preview, rotationDays } = loaderData;
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const linkTo = (tray: string | null) => {
    const next = new URLSearchParams(search);
    for (const key of ["tray", "note", "removed"]) next.delete(key);
    if (tray) next.set("tray", tray);
    return `/?${next}`;
  };
  if (!rotation) return <NoShelf />;
  const due = addDays(rotation.from, rotationDays);
  const ready = moves.filter((one) => one.suggestion.move !== "leave" && !one.decided).length;
  const accepted = search.get("accepted");
  return (
    <div className={`with-sheet${open ? " opened" : ""}`}>
      <main className="main">
        <div className="head">
          <div>
            <h1>
              {loaderData.planned.join(" and ")}’s shelf, day{" "}
              {Math.max(1, daysBetween(rotation.from, today) + 1)}
            </h1>
            <p className="quiet">
              {nextChange(today, due, loaderData.upcoming)}{" "}
              {ready === 0 ? "Nothing has to move." : `${ready} of ${drawn.length} look ready to move.`}
            </p>
          </div>
          <Link className="button-like" to={`/plan${preview ? `?ahead=${search.get("ahead")}` : ""}`}>
            Plan the next rotation
          </Link>
        </div>
        {accepted && accepted === rotation.id && (
          <Form method="post" className="undo-strip">
            <input type="hidden" name="intent" value="undo-accept" />
            <input type="hidden" name="rotation" value={accepted} />
            <span role="status">Accepted. The shelf stands from {shortDay(rotation.from)} on.</span>
            <button type="submit" className="link">
              Undo
            </button>
          </Form>
        )}
        {loaderData.uncounted.map(({ tray, name, count }) => (
          <p className="care-strip" role="alert" key={tray}>
            <Link to={linkTo(tray)}>{name}</Link>:{" "}
            {count.state === "missing"
              ? "pieces are missing. Look for them before anybody plays there."
              : "it was left open. Count the pieces back."}
          </p>
        ))}
        <ShelfDrawing
          label="The shelf as it stands"
          trays={drawn}
          places={loaderData.places}
          onSelect={(id) => void navigate(linkTo(id), { preventScrollReset: true })}
        />
      </main>
      {open ? (
        <TraySheet
          key={open.tray.id}
          view={open}
          guide={loaderData.guide}
          way={loaderData.way}
          on={on}
          noteId={search.get("note")}
          removedId={search.get("removed")}
          decided={moves.some((one) => one.tray.id === open.tray.id && one.decided)}
          preview={preview}
          units={loaderData.units}
          closeTo={linkTo(null)}
        />
      ) : (
        <TodaySheet
          moves={moves}
          held={loaderData.held}
          unsafe={loaderData.unsafe}
          asleep={loaderData.asleep}
          care={loaderData.care}
          watch={loaderData.watch}
          smallest={loaderData.smallest}
          on={on}
          preview={preview}
          linkTo={linkTo}
        />
      )}
    </div>
  );
}
