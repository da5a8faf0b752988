import { lazy, Suspense } from "react";
import { Await, href, Link, useNavigate, useNavigation, useSearchParams } from "react-router";
import { addDays, daysBetween, type PlainDate, type TrayId } from "../../core/model";
import { preloadSubject } from "../../engine/commands";
import { useCommand } from "../../ui/command/useCommand";
import { LinkButton } from "../../ui/controls/LinkButton";
import { MovableShelf } from "../../ui/MovableShelf";
import { PlannedFor } from "../../ui/PlannedFor";
import { ShelfDrawing } from "../../ui/ShelfDrawing";
import { dayText, shortDay } from "../../words/dates";
import { namesText } from "../../words/names";
import { countText } from "../../words/numbers";
import { titled } from "../../words/titles";
import { askFor, askLater } from "../askFor";
import type { Route } from "./+types/shelf";
import { NoShelf } from "./NoShelf";
import { Accepted, Down } from "./ShelfNotices";
import { TodaySheet } from "./TodaySheet";
import type { TodaySheetProps } from "./todayProps";

/** Loaded with the first tray that is opened, while its loader works: the shelf itself opens sooner. */
function loadTraySheet() {
  // The commands that are tapped in it next.
  void preloadSubject("notes");
  void preloadSubject("trays");
  return import("./TraySheet");
}
const TraySheet = lazy(async () => ({ default: (await loadTraySheet()).TraySheet }));

export const meta = () => titled("Shelf");

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const isTrayOpen = new URL(request.url).searchParams.has("tray");
  const [view] = await Promise.all([askFor(request, "shelf"), isTrayOpen && loadTraySheet()]);
  return {
    ...view,
    // Not awaited: the shelf is drawn while the guides still come in.
    guidance: askLater(request, "shelfToday"),
    ways: askLater(request, "usesBeforeSpoiling"),
  };
}

function nextChange(today: PlainDate, due: PlainDate, upcoming: PlainDate | undefined): string {
  if (upcoming) return `The next shelf is accepted, from ${shortDay(upcoming)} on.`;
  return today < due ? `Next change on ${shortDay(due)}.` : `The next change is due since ${shortDay(due)}.`;
}

/** The piece of the day on its tray, once the guides have come in. */
function TodayTag({ tray, guidance }: { tray: TrayId; guidance: TodaySheetProps["guidance"] }) {
  return (
    <Suspense fallback={null}>
      <Await resolve={guidance} errorElement={null}>
        {({ inserts }) => {
          const line = inserts.find((one) => one.tray.id === tray);
          return line ? <span className="tag now tray-tag">today: {line.insert.today.label}</span> : null;
        }}
      </Await>
    </Suspense>
  );
}

/** The tray that was tapped and whose sheet is on its way; null where none is to be open, undefined where none was tapped. */
function useTapped(): string | null | undefined {
  const { location } = useNavigation();
  return location?.pathname === href("/") ? new URLSearchParams(location.search).get("tray") : undefined;
}

export default function Shelf({ loaderData }: Route.ComponentProps) {
  const { rotation, drawn, moves, open, today, preview, rotationDays } = loaderData;
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const linkTo = (tray: string | null) => {
    const next = new URLSearchParams(search);
    for (const key of ["tray", "note", "removed"]) next.delete(key);
    if (tray) next.set("tray", tray);
    return `${href("/")}?${next}`;
  };
  const move = useCommand("trays.move");
  const [notMoved] = move.issues;
  const tapped = useTapped();
  if (!rotation)
    return (
      <NoShelf
        day={loaderData.day}
        ways={loaderData.ways}
        units={loaderData.units}
        preview={loaderData.preview}
        linkTo={linkTo}
        plannedFor={loaderData.plannedFor}
      />
    );
  const shelf = {
    label: "The shelf as it stands",
    trays: drawn.map((one) => ({
      ...one,
      selected: tapped === undefined ? one.selected : one.id === tapped,
      tag: preview ? undefined : <TodayTag tray={one.id} guidance={loaderData.guidance} />,
    })),
    places: loaderData.places,
    onSelect: (id: string) => void navigate(linkTo(id), { preventScrollReset: true }),
  };
  const due = addDays(rotation.from, rotationDays);
  const ready = moves.filter((one) => one.suggestion.move !== "leave" && !one.decided).length;
  const accepted = search.get("accepted");
  return (
    <div className={`with-sheet${open ? " opened" : ""}`}>
      <main className="main">
        <div className="row between at-top">
          <div>
            <h1>
              {loaderData.planned.length > 0 ? `${namesText(loaderData.planned)}’s shelf` : "The shelf"}, day{" "}
              {Math.max(1, daysBetween(rotation.from, today) + 1)}
            </h1>
            <p className="quiet">
              {nextChange(today, due, loaderData.upcoming)}{" "}
              {ready === 0 ? "Nothing has to move." : `${ready} of ${drawn.length} look ready to move.`}
            </p>
            {!preview && <PlannedFor {...loaderData.plannedFor} />}
          </div>
          <LinkButton to={`${href("/plan")}${preview ? `?ahead=${search.get("ahead")}` : ""}`}>
            Plan the next rotation
          </LinkButton>
        </div>
        {accepted && accepted === rotation.id && <Accepted rotation={rotation} />}
        {loaderData.uncounted.map(({ tray, name, count }) => (
          <p className="fault" role="alert" key={tray}>
            <Link to={linkTo(tray)}>{name}</Link>:{" "}
            {count.state === "missing"
              ? "pieces are missing. Look for them before anybody plays there."
              : "it was left open. Count the pieces back."}
          </p>
        ))}
        {notMoved && (
          <p className="fault" role="alert">
            {notMoved.message} It stays where it was.
          </p>
        )}
        {preview ? (
          <ShelfDrawing {...shelf} />
        ) : (
          <MovableShelf {...shelf} onMove={(tray, place) => void move.runForm({ tray, place })} />
        )}
        <Down trays={loaderData.down} linkTo={linkTo} />
        {loaderData.unsaved && (
          <p className="quiet">
            {countText(loaderData.unsaved.notes, "note")} since {dayText(loaderData.unsaved.since)} are in
            this browser only. <Link to={`${href("/household")}?part=data`}>Save a backup file</Link>
          </p>
        )}
      </main>
      {open ? (
        <Suspense fallback={<aside className="sheet" aria-busy="true" />}>
          <TraySheet
            key={open.tray.id}
            view={open}
            guide={loaderData.guide}
            way={loaderData.way}
            noteId={search.get("note")}
            photos={loaderData.photos}
            trayPhoto={loaderData.trayPhoto}
            removedId={search.get("removed")}
            decided={moves.some((one) => one.tray.id === open.tray.id && one.decided)}
            preview={preview}
            units={loaderData.units}
            materials={loaderData.materials}
            shelvesAhead={loaderData.shelvesAhead}
            closeTo={linkTo(null)}
          />
        </Suspense>
      ) : (
        <TodaySheet
          moves={moves}
          held={loaderData.held}
          unsafe={loaderData.unsafe}
          asleep={loaderData.asleep}
          turning={loaderData.turning}
          reach={loaderData.reach}
          care={loaderData.care}
          guidance={loaderData.guidance}
          ways={loaderData.ways}
          due={loaderData.due}
          day={loaderData.day}
          invites={loaderData.invites}
          drying={loaderData.drying}
          tonight={loaderData.tonight}
          restock={loaderData.restock}
          next={loaderData.upcoming ?? due}
          rhythm={loaderData.rhythm}
          smallest={loaderData.smallest}
          preview={preview}
          units={loaderData.units}
          linkTo={linkTo}
        />
      )}
    </div>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
