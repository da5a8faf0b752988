import { Button } from "antd";
import { useEffect, useEffectEvent, useRef } from "react";
import { href, Link, useNavigate, useSearchParams } from "react-router";
import { wayOf as handWay, spokenOf } from "../../core/draw";
import type { Guide, TrayId } from "../../core/model";
import { pageAt, type ShowPage, showPages } from "../../core/rotation";
import { safetyActions } from "../../core/safety";
import type { Units } from "../../core/units";
import { Cautions, POSITIONS } from "../../ui/Cautions";
import { LinkButton } from "../../ui/controls/LinkButton";
import { WayChoice } from "../../ui/Script";
import { TrayAbove } from "../../ui/TrayAbove";
import { COLOURS } from "../../ui/theme/tokens";
import { searchAhead, useAddressChange } from "../../ui/useAddressChange";
import { useAwake } from "../../ui/useAwake";
import { guideBeside } from "../../words/beside";
import { namesOfNeeds } from "../../words/layout";
import { thingText } from "../../words/things";
import { titled } from "../../words/titles";
import { askOrLeadTo } from "../askFor";
import type { Route } from "./+types/show";

export const meta = ({ loaderData }: Route.MetaArgs) =>
  titled(loaderData ? `Show: ${loaderData.view.activity.name}` : "Show");

/** A tray that is gone leads back to the shelf. */
export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askOrLeadTo(request, "show", href("/"));

type Data = Route.ComponentProps["loaderData"];

/** What to mind and what is on the tray: before anything is shown. */
function MindPage({ data }: { data: Data }) {
  const { view, units } = data;
  const names = new Map(view.things.map((thing) => [thing.id, thing.name]));
  return (
    <>
      <p className="large">{view.activity.name}</p>
      {view.safety && <Cautions safety={view.safety} names={names} read={view.read} />}
      <OnTray things={view.things} units={units} />
      {view.insert && (
        <p>
          Today: <strong>{view.insert.today.label}</strong>
        </p>
      )}
    </>
  );
}

const OnTray = ({ things, units }: { things: Data["view"]["things"]; units: Units }) => (
  <p>
    {things.length === 0
      ? "Nothing to fetch: you are enough."
      : things.map((thing) => thingText(thing.quantity, thing, units)).join(" · ")}
  </p>
);

/** The tray from above: what a step speaks of in full colour, and the way of the hand. */
function Picture({ data, sentence }: { data: Data; sentence: string | undefined }) {
  const { layout, setOut, rung } = data.view;
  if (!layout) return null;
  const spoken = sentence === undefined ? undefined : spokenOf(sentence, setOut);
  const way = sentence === undefined ? undefined : handWay(sentence, layout, rung.fits, spoken ?? []);
  return (
    <TrayAbove
      layout={layout}
      names={namesOfNeeds(setOut)}
      units={data.units}
      {...(spoken ? { spoken } : {})}
      {...(way ? { way } : {})}
    />
  );
}

/** What keeps safe, before anything is shown; the same whichever way it is shown. */
const SafePage = ({ page }: { page: Extract<ShowPage, { kind: "safe" }> }) => (
  <>
    <p className="quiet middling">First, so that it is safe</p>
    <ul className="middling strong">
      {page.acts.map((act) => (
        <li key={act}>{act}</li>
      ))}
    </ul>
  </>
);

function StepPage({ page }: { page: Extract<ShowPage, { kind: "step" }> }) {
  return (
    <>
      <p className="quiet middling">
        {page.number} of {page.of}
      </p>
      <p className="large">{page.text}</p>
      {page.words.length > 0 && <p className="middling good">“{page.words.join("” · “")}”</p>}
    </>
  );
}

function EndPage({ page, tray }: { page: Extract<ShowPage, { kind: "end" }>; tray: TrayId }) {
  return (
    <>
      <p className="quiet middling">Now watch</p>
      <ul className="middling strong">
        {page.watchFor.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
      <p className="middling good">
        Wonder: {page.wonder} Guess: {page.guess}
      </p>
      <p className="row middling">
        <LinkButton to={`${href("/watch")}?tray=${tray}`}>Watch</LinkButton>
        <Link to={`${href("/")}?tray=${tray}`}>Note it</Link>
      </p>
    </>
  );
}

/** The position and the cautions, short, under every page. */
function Foot({ view }: { view: Data["view"] }) {
  if (!view.safety) return null;
  const lines = [...new Set(view.safety.findings.map((one) => one.short))];
  return (
    <p className="panel edge">
      {POSITIONS[view.safety.position]} {lines.join(" ")}
    </p>
  );
}

const NEXT_KEYS = new Set(["ArrowRight", "PageDown", " "]);
const BACK_KEYS = new Set(["ArrowLeft", "PageUp", "Backspace"]);
/** So far has a finger to travel sideways for a swipe. */
const SWIPE_PX = 50;

/** Turns the pages by keys and swipes; leaves by Escape. */
function useTurning(turn: (by: number) => void, leave: () => void) {
  const start = useRef<number | undefined>(undefined);
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    const onControl = event.target instanceof Element && event.target.closest("a, button, select, summary");
    if (event.key === "Escape") leave();
    else if (NEXT_KEYS.has(event.key) && !(event.key === " " && onControl)) {
      event.preventDefault();
      turn(1);
    } else if (BACK_KEYS.has(event.key)) {
      event.preventDefault();
      turn(-1);
    }
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => onKey(event);
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
  return {
    onTouchStart: (event: React.TouchEvent) => {
      start.current = event.touches[0]?.clientX;
    },
    onTouchEnd: (event: React.TouchEvent) => {
      const end = event.changedTouches[0]?.clientX;
      if (start.current === undefined || end === undefined) return;
      const by = end - start.current;
      if (Math.abs(by) > SWIPE_PX) turn(by < 0 ? 1 : -1);
      start.current = undefined;
    },
  };
}

function Pages({ data, guide }: { data: Data; guide: Guide }) {
  const { view, way } = data;
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const pages = showPages(
    guideBeside(guide, view.safety?.state),
    way,
    view.safety ? safetyActions(view.safety) : [],
  );
  const at = pageAt(pages.length, search.get("step"));
  const page = pages[at];
  const changeAddress = useAddressChange();
  const go = (changes: Record<string, string>) =>
    changeAddress((next) => {
      for (const [key, value] of Object.entries(changes)) next.set(key, value);
    });
  const leave = () => void navigate(`${href("/")}?tray=${view.tray.id}`);
  const turn = (by: number) => {
    // Two quick turns are two pages, and a turn back and on is none.
    const from = pageAt(pages.length, searchAhead().get("step"));
    const to = Math.min(Math.max(0, from + by), pages.length - 1);
    if (to !== from) go({ step: String(to) });
  };
  const touches = useTurning(turn, leave);
  return (
    <main className="show" {...touches}>
      <nav className="row between" aria-label="Showing">
        <Link to={`${href("/")}?tray=${view.tray.id}`}>Back to the shelf</Link>
        <WayChoice way={way} onWay={(one) => go({ way: one, step: "0" })} />
      </nav>
      <h1 className="out-of-sight">Show {view.activity.name}</h1>
      <div className={view.layout && page?.kind !== "end" ? "columns show-both" : "columns show-both alone"}>
        {page?.kind !== "end" && (
          <Picture data={data} sentence={page?.kind === "step" ? page.text : undefined} />
        )}
        <section aria-live="polite">
          {page?.kind === "mind" && <MindPage data={data} />}
          {page?.kind === "safe" && <SafePage page={page} />}
          {page?.kind === "step" && <StepPage page={page} />}
          {page?.kind === "end" && <EndPage page={page} tray={view.tray.id} />}
        </section>
      </div>
      {page?.kind !== "mind" && <Foot view={view} />}
      <div className="row between">
        <Button size="large" onClick={() => turn(-1)} disabled={at === 0}>
          Back
        </Button>
        <svg width={pages.length * 15} height="9" aria-hidden="true">
          {pages.map((one, i) => (
            <circle
              // biome-ignore lint/suspicious/noArrayIndexKey: the pages never change their order
              key={`${one.kind} ${i}`}
              cx={i * 15 + 7.5}
              cy="4.5"
              r="4.5"
              fill={i === at ? COLOURS.ink : COLOURS.line}
            />
          ))}
        </svg>
        <Button size="large" type="primary" onClick={() => turn(1)} disabled={at === pages.length - 1}>
          Next
        </Button>
      </div>
    </main>
  );
}

export default function ShowPageScreen({ loaderData }: Route.ComponentProps) {
  useAwake();
  if (!loaderData.guide) {
    return (
      <main className="show">
        <Link to={`${href("/")}?tray=${loaderData.view.tray.id}`}>Back to the shelf</Link>
        <p>This activity has no steps written down yet. Write them in Activities.</p>
      </main>
    );
  }
  return <Pages data={loaderData} guide={loaderData.guide} />;
}

/** Turning a page changes nothing that is read. */
export function shouldRevalidate({
  currentUrl,
  nextUrl,
  defaultShouldRevalidate,
}: {
  currentUrl: URL;
  nextUrl: URL;
  defaultShouldRevalidate: boolean;
}) {
  const same = (key: string) => currentUrl.searchParams.get(key) === nextUrl.searchParams.get(key);
  if (currentUrl.href === nextUrl.href) return defaultShouldRevalidate;
  return !(same("tray") && same("way"));
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
