import { Button } from "antd";
import { useEffect, useState } from "react";
import { Form, href, Link, useFetcher, useSubmit } from "react-router";
import { standingRotation } from "../../core/household";
import { activityOf, BODY_SIGNS, type WatchTap } from "../../core/model";
import { elapsedMs, endOf, type Watch, watchOf } from "../../core/rotation";
import { LinkAct } from "../../ui/controls/Act";
import { Choice } from "../../ui/controls/Choice";
import { Hidden } from "../../ui/controls/Hidden";
import { GraspPicture } from "../../ui/GraspPicture";
import { useAsJson } from "../../ui/Send";
import { useAwake } from "../../ui/useAwake";
import { useTap } from "../../ui/useTap";
import { GRASP_OPTIONS } from "../../words/grasps";
import { SIGN_WORDS } from "../../words/signs";
import { titled } from "../../words/titles";
import { answered } from "../answered";
import { homeOf } from "../homeContext";
import type { Route } from "./+types/watch";
import { actOnWatch } from "./actions";

export const meta = () => titled("Watch");

export async function clientLoader({ request, context }: Route.ClientLoaderArgs) {
  const home = await homeOf(context);
  const { tables, children, today, site } = home;
  const wanted = new URL(request.url).searchParams.getAll("tray");
  const catalogue = home.catalogue;
  const rotation = standingRotation(tables, site.id, today);
  const named = tables.trays
    .filter((tray) => tray.rotation === rotation?.id)
    .flatMap((tray) => {
      const activity = activityOf(catalogue, tray.activity);
      const child = children.find((one) => one.id === tray.child);
      if (!activity || !child) return [];
      return [
        { id: tray.id, name: activity.name, child: child.name, watch: watchOf(tables.watches, tray.id) },
      ];
    });
  return {
    watched: wanted.flatMap((id) => named.find((one) => one.id === id) ?? []),
    others: named.filter((one) => !wanted.includes(one.id)),
  };
}

export const clientAction = (args: Route.ClientActionArgs) => answered(actOnWatch(args));

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

function Running({ one, watch }: { one: Watched; watch: Watch }) {
  const tap = useTap();
  const submit = useSubmit();
  const asJson = useAsJson();
  const now = useNow(endOf(watch) === undefined);
  const send = (fields: object) => void tap({ tray: one.id, at: Date.now(), ...fields });
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
            onClick={() => send({ intent: "tap", tap })}
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
              onClick={() => send({ intent: "hand", hand })}
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
              onClick={() => send({ intent: "grasp", grasp })}
            >
              <GraspPicture grasp={grasp} />
              {label}
            </button>
          ))}
          {BODY_SIGNS.map((sign) => (
            <button
              key={sign}
              type="button"
              className="watch-mark"
              aria-pressed={watch.signs?.includes(sign) ?? false}
              onClick={() => send({ intent: "sign", sign })}
            >
              {SIGN_WORDS[sign]}
            </button>
          ))}
        </div>
      </details>
      <div className="row between gap">
        <LinkAct type="button" disabled={!last} onClick={() => send({ intent: "undo" })}>
          {last ? `Undo: ${LABELS.get(last.tap)}` : "Nothing tapped yet"}
        </LinkAct>
        <Button
          size="large"
          onClick={() => void submit({ intent: "done", tray: one.id, at: String(Date.now()) }, asJson)}
        >
          Done: make it a note
        </Button>
        <LinkAct type="button" onClick={() => void submit({ intent: "drop", tray: one.id }, asJson)}>
          Drop it
        </LinkAct>
      </div>
    </>
  );
}

function Panel({ one }: { one: Watched }) {
  const fetcher = useFetcher();
  const asJson = useAsJson();
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
          onClick={() =>
            void fetcher.submit({ intent: "begin", tray: one.id, at: String(Date.now()) }, asJson)
          }
        >
          It began
        </button>
      )}
    </section>
  );
}

export default function WatchPage({ loaderData, actionData }: Route.ComponentProps) {
  const { watched, others } = loaderData;
  useAwake();
  const [first] = watched;
  return (
    <main className="watch">
      <nav className="row between" aria-label="Watching">
        <Link to={first ? `${href("/")}?tray=${first.id}` : "/"}>Back to the shelf</Link>
        {watched.length === 1 && others.length > 0 && (
          <Form method="get">
            <Hidden name="tray" value={first?.id} />
            <label htmlFor="also">And watch</label>{" "}
            <Choice
              id="also"
              name="tray"
              options={others.map((one) => ({ value: one.id, label: `${one.child}: ${one.name}` }))}
            />{" "}
            <Button htmlType="submit" size="small">
              at once
            </Button>
          </Form>
        )}
      </nav>
      {actionData &&
        "issues" in actionData &&
        actionData.issues.map((issue) => (
          <p className="fault" role="alert" key={issue.message}>
            {issue.message}
          </p>
        ))}
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
