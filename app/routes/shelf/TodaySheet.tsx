import { Suspense } from "react";
import { Await, Link } from "react-router";
import type { Place, PlainDate } from "../../core/model";
import { AreaMark } from "../../ui/AreaMark";
import { CareCard, type CareNote } from "../../ui/CareCard";
import type { DrawnTray } from "../../ui/ShelfDrawing";
import { MoveCard } from "./MoveCard";
import type { TrayWithMove } from "./shelfView";

interface Watch {
  tray: DrawnTray;
  text: string;
}

export interface TodaySheetProps {
  moves: readonly TrayWithMove[];
  held: readonly DrawnTray[];
  unsafe: readonly DrawnTray[];
  /** What only goes out while somebody sleeps. */
  asleep: readonly { tray: DrawnTray; place: Place }[];
  care: readonly CareNote[];
  watch: Promise<readonly Watch[]>;
  smallest?: string;
  on: PlainDate;
  preview: boolean;
  linkTo(trayId: string): string;
}

const READY = new Set(["harder", "easier", "rest", "retire"]);

function WatchList({ watch, linkTo }: { watch: readonly Watch[]; linkTo(trayId: string): string }) {
  if (watch.length === 0) return <p className="quiet">Tap a tray to see what it tells.</p>;
  return (
    <ul className="bare">
      {watch.map(({ tray, text }) => (
        <li key={tray.id} className="with-mark">
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

/** Beside the shelf: what is not safe any more, what to watch, what must be up high, what looks ready to move. */
export function TodaySheet(props: TodaySheetProps) {
  const { moves, held, unsafe, asleep, care, watch, smallest, on, preview, linkTo } = props;
  const open = moves.filter((one) => READY.has(one.suggestion.move) && !one.decided);
  const decided = moves.filter((one) => one.decided);
  const next = open[0];
  return (
    <aside className="sheet" aria-label="Today">
      {unsafe.length > 0 && (
        <section className="care-card">
          <h2>Take these down now</h2>
          {unsafe.map((tray) => (
            <p key={tray.id}>
              <Link to={linkTo(tray.id)}>{tray.name}</Link>: not safe for everyone who can reach it.
            </p>
          ))}
        </section>
      )}
      {care.map((note) => (
        <CareCard key={`${note.care.kind} ${note.about}`} note={note} />
      ))}
      <h2>Watch for</h2>
      <Suspense fallback={<p className="quiet">Looking it up…</p>}>
        <Await resolve={watch} errorElement={<p className="quiet">Tap a tray to see what it tells.</p>}>
          {(lines) => <WatchList watch={lines} linkTo={linkTo} />}
        </Await>
      </Suspense>
      {held.length > 0 && (
        <>
          <h2>{smallest ? `Up high before ${smallest} is about` : "Up high"}</h2>
          <ul className="bare">
            {held.map((tray) => (
              <li key={tray.id}>
                <Link to={linkTo(tray.id)}>{tray.name}</Link>
                <small>Opened within arm's reach, counted out and back</small>
              </li>
            ))}
          </ul>
        </>
      )}
      {asleep.length > 0 && (
        <>
          <h2>Only while they sleep</h2>
          <ul className="bare">
            {asleep.map(({ tray, place }) => (
              <li key={tray.id}>
                <Link to={linkTo(tray.id)}>{tray.name}</Link>
                <small>{place.name}. Put it up before anybody wakes.</small>
              </li>
            ))}
          </ul>
        </>
      )}
      <h2>Looks ready to move</h2>
      {next ? (
        <>
          <h3>
            <Link to={linkTo(next.tray.id)}>{next.name}</Link>
          </h3>
          <MoveCard tray={next.tray} suggestion={next.suggestion} decided={false} on={on} preview={preview} />
          {open.length > 1 && <p className="quiet">{open.length - 1} more after this one.</p>}
        </>
      ) : (
        <p className="quiet">
          {decided.length > 0 ? "All decided." : "Nothing just now. Repetition is good."}
        </p>
      )}
      {decided.map((one) => (
        <div key={one.tray.id}>
          <h3>{one.name}</h3>
          <MoveCard tray={one.tray} suggestion={one.suggestion} decided on={on} preview={preview} />
        </div>
      ))}
    </aside>
  );
}
