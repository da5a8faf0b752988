import { Button } from "antd";
import { useEffect, useState } from "react";
import { href, Link } from "react-router";
import { BODY_SIGNS, type TrayId, type WatchTap } from "../../core/model";
import { elapsedMs, endOf, type Watch } from "../../core/rotation";
import { ANSWER } from "../../ui/command/after";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { GraspPicture } from "../../ui/GraspPicture";
import { searchAhead, useAddressChange } from "../../ui/useAddressChange";
import { useAwake } from "../../ui/useAwake";
import { GRASP_OPTIONS } from "../../words/grasps";
import { SIGN_WORDS } from "../../words/signs";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/watch";

export const meta = () => titled("Watch");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "watch");

type Watched = Route.ComponentProps["loaderData"]["watched"][number];

const TAPS: { tap: WatchTap; label: string; kind: "help" | "event" | "end" }[] = [
  { tap: "self", label: "By self", kind: "help" },
  { tap: "looked", label: "Looked to me", kind: "help" },
  { tap: "word", label: "Helped with a word", kind: "help" },
  { tap: "hand", label: "Helped with a hand", kind: "help" },
  { tap: "again", label: "Again", kind: "event" },
  { tap: "changed", label: "Another way", kind: "event" },
  { tap: "mouthed", label: "Into the mouth", kind: "event" },
  { tap: "upset", label: "Upset", kind: "event" },
  { tap: "left", label: "Left it", kind: "end" },
  { tap: "put-back", label: "Put it back", kind: "end" },
];
const HANDS = [
  ["left", "Left hand"],
  ["right", "Right hand"],
  ["both", "Both hands"],
] as const;
const LABELS = new Map(TAPS.map(({ tap, label }) => [tap, label]));

/** The time of day, told anew each second while something is watched. */
function useNow(running: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [running]);
  return now;
}

const clockText = (ms: number) => {
  const seconds = Math.floor(ms / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
};

/** The address that follows once a watch is a note: the others that are watched, or the shelf with the note. */
function addressAfterNote(tray: TrayId): string {
  const others = searchAhead()
    .getAll("tray")
    .filter((id) => id !== tray);
  return others.length > 0
    ? `${href("/watch")}?${others.map((id) => `tray=${id}`).join("&")}`
    : `${href("/")}?tray=${tray}&note=${ANSWER}`;
}

function Running({ one, watch }: { one: Watched; watch: Watch }) {
  const tapOnce = useCommand("watches.tap");
  const markHand = useCommand("watches.hand");
  const markGrasp = useCommand("watches.grasp");
  const sign = useCommand("watches.sign");
  const undo = useCommand("watches.undo");
  const end = useCommand("watches.end");
  const drop = useCommand("watches.drop");
  const now = useNow(endOf(watch) === undefined);
  const tray = one.id;
  const last = watch.taps.at(-1);
  const counts = (tap: WatchTap) => watch.taps.filter((other) => other.tap === tap).length;
  return (
    <>
      <p className="watch-clock" role="timer" aria-label="Minutes and seconds">
        {clockText(elapsedMs(watch, Math.max(now, watch.began)))}
      </p>
      <div className="columns" style={{ "--least": "140px", columnGap: 10 }}>
        {TAPS.map(({ tap, label, kind }) => (
          <button
            key={tap}
            type="button"
            className={`watch-tap ${kind}`}
            onClick={() => void tapOnce.run({ tray, tap, at: Date.now() })}
          >
            {label}
            {counts(tap) > 0 && (
              <>
                {" "}
                <b className="tag now">{counts(tap)} ×</b>
              </>
            )}
          </button>
        ))}
      </div>
      <details className="gap">
        <summary>Hand, grasp and posture</summary>
        <div className="row gap">
          {HANDS.map(([hand, label]) => (
            <button
              key={hand}
              type="button"
              className="watch-mark"
              aria-pressed={watch.hand === hand}
              onClick={() => void markHand.run({ tray, hand })}
            >
              {label}
            </button>
          ))}
          {GRASP_OPTIONS.map(([grasp, label]) => (
            <button
              key={grasp}
              type="button"
              className="watch-mark"
              aria-pressed={watch.grasp === grasp}
              onClick={() => void markGrasp.run({ tray, grasp })}
            >
              <GraspPicture grasp={grasp} />
              {label}
            </button>
          ))}
          {BODY_SIGNS.map((seen) => (
            <button
              key={seen}
              type="button"
              className="watch-mark"
              aria-pressed={watch.signs?.includes(seen) ?? false}
              onClick={() => void sign.run({ tray, sign: seen })}
            >
              {SIGN_WORDS[seen]}
            </button>
          ))}
        </div>
      </details>
      <div className="row between gap">
        <InlineButton disabled={!last} onClick={() => void undo.run({ tray })}>
          {last ? `Undo: ${LABELS.get(last.tap)}` : "Nothing tapped yet"}
        </InlineButton>
        <Button
          size="large"
          onClick={() => void end.run({ tray, at: Date.now() }, { goTo: addressAfterNote(tray) })}
        >
          Done: make it a note
        </Button>
        <InlineButton onClick={() => void drop.run({ tray }, { goTo: `${href("/")}?tray=${tray}` })}>
          Drop it
        </InlineButton>
      </div>
      <CommandFaults of={end} />
    </>
  );
}

function Panel({ one }: { one: Watched }) {
  const begin = useCommand("watches.begin");
  return (
    <section aria-label={`${one.child}: ${one.name}`}>
      <h1>
        {one.child}: {one.name}
      </h1>
      {one.watch ? (
        <Running one={one} watch={one.watch} />
      ) : (
        <button
          type="button"
          className="watch-begin"
          onClick={() => void begin.run({ tray: one.id, at: Date.now() })}
        >
          It began
        </button>
      )}
    </section>
  );
}

/** Another tray to be watched at the same time. */
function AlsoWatch({ others }: { others: readonly Watched[] }) {
  const [also, setAlso] = useState(others[0]?.id);
  const changeAddress = useAddressChange();
  const add = () =>
    changeAddress((search) => {
      if (also) search.append("tray", also);
    });
  return (
    <div className="row">
      <label htmlFor="also">And watch</label>{" "}
      <Choice<TrayId>
        id="also"
        value={also}
        onChange={setAlso}
        options={others.map((one) => ({ value: one.id, label: `${one.child}: ${one.name}` }))}
      />{" "}
      <Button size="small" onClick={add}>
        at once
      </Button>
    </div>
  );
}

export default function WatchPage({ loaderData }: Route.ComponentProps) {
  const { watched, others } = loaderData;
  useAwake();
  const [first] = watched;
  return (
    <main className="watch">
      <nav className="row between" aria-label="Watching">
        <Link to={first ? `${href("/")}?tray=${first.id}` : "/"}>Back to the shelf</Link>
        {watched.length === 1 && others.length > 0 && <AlsoWatch others={others} />}
      </nav>
      {watched.length === 0 && <p>This tray is not out now. Go back to the shelf and choose one.</p>}
      <div className="columns">
        {watched.map((one) => (
          <Panel key={one.id} one={one} />
        ))}
      </div>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
