import { type ReactNode, Suspense } from "react";
import { Await, href, Link } from "react-router";
import type { DrawnTray } from "../../engine/queries/drawnTrays";
import type { TrayInsert, TrayWatch } from "../../engine/queries/shelfToday";
import { AreaMark } from "../../ui/AreaMark";
import { CareCard } from "../../ui/CareCard";
import { Deferred } from "../../ui/controls/Deferred";
import { momentText, shortDay } from "../../words/dates";
import { nightText } from "../../words/days";
import { spotText } from "../../words/prep";
import { changeText } from "../../words/reach";
import { DayMoments } from "./DayMoments";
import { InsertCard } from "./InsertCard";
import { Moves } from "./Moves";
import type { TodaySheetProps } from "./todayProps";

function WatchList({ watch, linkTo }: { watch: readonly TrayWatch[]; linkTo(trayId: string): string }) {
  if (watch.length === 0) return <p className="quiet">Tap a tray to see what it tells.</p>;
  return (
    <ul className="bare">
      {watch.map(({ tray, text }) => (
        <li key={tray.id} className="row one-line at-top">
          <AreaMark area={tray.area} />
          <span>
            <Link to={linkTo(tray.id)}>{text}</Link>
            <small>{tray.name}</small>
          </span>
        </li>
      ))}
    </ul>
  );
}

/** Trays with a line under each: what must be up high, what only goes out at quiet times. */
function TrayList({
  title,
  trays,
  linkTo,
}: {
  title: string;
  trays: readonly { tray: DrawnTray; line: string }[];
  linkTo(trayId: string): string;
}) {
  if (trays.length === 0) return null;
  return (
    <>
      <h2>{title}</h2>
      <ul className="bare">
        {trays.map(({ tray, line }) => (
          <li key={tray.id}>
            <Link to={linkTo(tray.id)}>{tray.name}</Link>
            <small>{line}</small>
          </li>
        ))}
      </ul>
    </>
  );
}

function Unsafe({ trays, linkTo }: { trays: readonly DrawnTray[]; linkTo(trayId: string): string }) {
  if (trays.length === 0) return null;
  return (
    <section className="panel edge danger">
      <h2>Take these down now</h2>
      {trays.map((tray) => (
        <p key={tray.id}>
          <Link to={linkTo(tray.id)}>{tray.name}</Link>: not safe for everyone who can reach it.
        </p>
      ))}
    </section>
  );
}

/** What changes for safety in the days ahead: trays to take down, and who will get at what. */
function Foreseen({ turning, reach, linkTo }: Pick<TodaySheetProps, "turning" | "reach" | "linkTo">) {
  if (turning.length + reach.length === 0) return null;
  return (
    <section className="panel edge danger" aria-label="Foreseen">
      <h2>Before long</h2>
      {turning.map((one) => (
        <p key={one.tray}>
          <Link to={linkTo(one.tray)}>{one.name}</Link>:{" "}
          {one.becomes === "blocked" ? "take it down by" : "adult-held from"} {shortDay(one.from)}.{" "}
          {one.reason}
        </p>
      ))}
      {reach.map((change) => (
        <p key={change.child.id}>
          From {shortDay(change.on)} {changeText(change)}: look again by then, or count{" "}
          {change.places.length === 1 ? change.places[0]?.name : `${change.places.length} more places`} as
          within reach. <Link to={href("/household")}>Who gets at what</Link>
        </p>
      ))}
    </section>
  );
}

function Inserts({ inserts, preview }: { inserts: readonly TrayInsert[]; preview: boolean }) {
  if (inserts.length === 0 || preview) return null;
  return (
    <>
      <h2>Lay out today</h2>
      {inserts.map(({ tray, insert }) => (
        <div key={tray.id}>
          <h3>{tray.name}</h3>
          <InsertCard tray={tray.id} insert={insert} />
        </div>
      ))}
    </>
  );
}

/** What does not stay out overnight, and what to do with it. */
function Tonight({ tonight, linkTo }: Pick<TodaySheetProps, "tonight" | "linkTo">) {
  if (tonight.length === 0) return null;
  return (
    <>
      <h2>Before the night</h2>
      <ul className="bare">
        {[...new Set(tonight.map((one) => one.tray))].map((tray) => {
          const tasks = tonight.filter((one) => one.tray === tray);
          return (
            <li key={tray.id}>
              <Link to={linkTo(tray.id)}>{tasks[0]?.name}</Link>
              <small>{tasks.map(nightText).join(" ")}</small>
            </li>
          );
        })}
      </ul>
    </>
  );
}

/** The advice of the guides: it comes in while the rest is there already. */
function Guidance({
  guidance,
  children,
}: {
  guidance: TodaySheetProps["guidance"];
  children(guidance: Awaited<TodaySheetProps["guidance"]>): ReactNode;
}) {
  const nothing = <p className="quiet">Tap a tray to see what it tells.</p>;
  return (
    <Suspense fallback={<p className="quiet">Looking it up…</p>}>
      <Await resolve={guidance} errorElement={nothing}>
        {children}
      </Await>
    </Suspense>
  );
}

/** Beside the shelf: what is not safe any more, what to lay out and watch, what must be up high, what changes. */
export function TodaySheet(props: TodaySheetProps) {
  const { held, unsafe, asleep, care, guidance, drying, restock, next, smallest, preview, linkTo } = props;
  return (
    <aside className="sheet" aria-label="Today">
      <Unsafe trays={unsafe} linkTo={linkTo} />
      <Foreseen turning={props.turning} reach={props.reach} linkTo={linkTo} />
      {care.map((note) => (
        <CareCard key={`${note.care.kind} ${note.about}`} note={note} />
      ))}
      <DayMoments
        day={props.day}
        ways={props.ways}
        invites={props.invites}
        units={props.units}
        preview={preview}
        linkTo={linkTo}
      />
      <Guidance guidance={guidance}>
        {({ watch, inserts }) => (
          <>
            <Inserts inserts={inserts} preview={preview} />
            <h2>Watch for</h2>
            <WatchList watch={watch} linkTo={linkTo} />
          </>
        )}
      </Guidance>
      <TrayList
        title={smallest ? `Up high before ${smallest} is about` : "Up high"}
        trays={held.map((tray) => ({ tray, line: "Opened within arm's reach, counted out and back" }))}
        linkTo={linkTo}
      />
      <TrayList
        title="Only while they sleep"
        trays={asleep.map(({ tray, place }) => ({
          tray,
          line: `${place.name}. Put it up before anybody wakes.`,
        }))}
        linkTo={linkTo}
      />
      <Deferred>
        <Moves {...props} />
        <Tonight tonight={props.tonight} linkTo={linkTo} />
        {drying.length > 0 && (
          <>
            <h2>Drying</h2>
            <ul className="bare">
              {drying.map((one) => (
                <li key={one.tray}>
                  <Link to={linkTo(one.tray)}>{one.name}</Link>
                  <small>
                    Until about {momentText(one.until)}: {spotText(one.where)}
                  </small>
                </li>
              ))}
            </ul>
          </>
        )}
        {restock.length > 0 && (
          <>
            <h2>To restock</h2>
            <p>
              {restock.join(", ")}: too little for the next shelf.{" "}
              <Link to={href("/prepare")}>See the list</Link>
            </p>
          </>
        )}
        <h2>Next change</h2>
        <p>
          {shortDay(next)}. <Link to={href("/reminders")}>Put it into my calendar</Link>
        </p>
      </Deferred>
    </aside>
  );
}
