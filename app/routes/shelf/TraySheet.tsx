import { lazy, Suspense } from "react";
import { href } from "react-router";
import { Cautions, SafeWays } from "../../ui/Cautions";
import { Deferred } from "../../ui/controls/Deferred";
import { LinkButton } from "../../ui/controls/LinkButton";
import { Term } from "../../ui/controls/Term";
import { RestoreNote } from "../../ui/RestoreNote";
import { SheetHead } from "../../ui/SheetHead";
import { shortDay } from "../../words/dates";
import { whenText } from "../../words/moments";
import { namesText } from "../../words/names";
import { safeWayText } from "../../words/safeWays";
import { CountCard } from "./CountCard";
import { InsertCard } from "./InsertCard";
import { NoteButtons } from "./NotePanel";
import { TrayAbout } from "./TrayAbout";
import type { TraySheetProps } from "./traySheetProps";

/** Loaded with the first note, so that the shelf itself opens sooner. */
const NoteDetails = lazy(() => import("./NoteDetails"));

const WORDS = { coming: "coming", now: "fits", settled: "settled" };

/** The sheet of one tray: note it, show it, mind this, made from, noted before. */
export function TraySheet(props: TraySheetProps) {
  const { view, noteId, removedId, preview, closeTo } = props;
  const { tray, activity, rung, chance, notes } = view;
  const taken = notes.find((note) => note.id === noteId);
  return (
    <aside className="sheet" aria-label={activity.name}>
      <SheetHead title={activity.name} closeTo={closeTo} />
      <p className="quiet">
        {rung.title}. For {namesText(view.childNames)}, at {view.placeName}
        {chance && (
          <>
            ; <Term id={chance.word}>{WORDS[chance.word]}</Term> now
          </>
        )}
        .
      </p>
      {tray.when && <p className="quiet">{whenText(tray.when, view.moments)}</p>}
      {view.safety && (
        <Cautions
          safety={view.safety}
          names={new Map(view.things.map((thing) => [thing.id, thing.name]))}
          read={view.read}
        />
      )}
      {view.safety?.state === "blocked" && <SafeWays ways={view.ways} place={tray.place} />}
      {!preview &&
        view.pieces > 0 &&
        (view.safety?.state === "adult-held" || view.count.state !== "shut") && (
          <CountCard tray={tray.id} pieces={view.pieces} count={view.count} />
        )}
      {removedId && <RestoreNote id={removedId} changes={{ note: removedId, removed: undefined }} />}
      {!preview && (
        <p>
          <LinkButton to={`${href("/show")}?tray=${tray.id}`}>Show</LinkButton>{" "}
          <LinkButton to={`${href("/watch")}?tray=${tray.id}`}>
            {view.watching ? "Go on watching" : "Watch"}
          </LinkButton>
        </p>
      )}
      {!preview && view.insert && <InsertCard tray={tray.id} insert={view.insert} />}
      {!preview && !taken && <NoteButtons tray={tray} />}
      {!preview && taken && (
        <Suspense fallback={<p role="status">Noted.</p>}>
          <NoteDetails key={taken.id} note={taken} photos={props.photos} />
        </Suspense>
      )}
      {view.mouthedOften && (
        <section className="panel edge danger">
          <h3>Into the mouth three times</h3>
          <p>
            Say in Household that {namesText(view.childNames)} puts things in the mouth: the plan then keeps
            small pieces away.
            {view.ways[0] && ` Until then: ${safeWayText(view.ways[0])}.`}
          </p>
        </section>
      )}
      {view.namedDangers.map(({ danger, on: noted }) => (
        <p className="fault" role="status" key={`${danger.id} ${noted}`}>
          Your note of {shortDay(noted)} speaks of {danger.name}. {danger.why} Instead: {danger.instead}.
        </p>
      ))}
      <Deferred>
        <TrayAbout {...props} />
      </Deferred>
    </aside>
  );
}
