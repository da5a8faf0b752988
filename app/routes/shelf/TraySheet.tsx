import { lazy, Suspense } from "react";
import { href } from "react-router";
import type { TrayView } from "../../core/household";
import type { Guide, Material, Photo, PlainDate } from "../../core/model";
import { actsOf } from "../../core/safety";
import type { Units } from "../../core/units";
import { Cautions, SafeWays } from "../../ui/Cautions";
import { LinkButton } from "../../ui/controls/LinkButton";
import { Term } from "../../ui/controls/Term";
import { DemandGauge } from "../../ui/DemandGauge";
import { MeetingList } from "../../ui/MeetingList";
import { NoteLine } from "../../ui/NoteLine";
import { RestoreNote } from "../../ui/RestoreNote";
import { Script, TalkCard } from "../../ui/Script";
import { SheetHead } from "../../ui/SheetHead";
import { shortDay } from "../../words/dates";
import { whenText } from "../../words/moments";
import { namesText } from "../../words/names";
import { safeWayText } from "../../words/safeWays";
import { thingText } from "../../words/things";
import type { Way } from "../../words/ways";
import { ContentPart } from "./ContentPart";
import { CountCard } from "./CountCard";
import { InsertCard } from "./InsertCard";
import { MoveCard } from "./MoveCard";
import { NextTimes } from "./NextTimes";
import { NoteButtons } from "./NotePanel";
import { OnTheSpot } from "./OnTheSpot";
import { Standing } from "./Standing";
import { TrayPicture } from "./TrayPicture";

/** Loaded with the first note, so that the shelf itself opens sooner. */
const NoteDetails = lazy(() => import("./NoteDetails"));

const WORDS = { coming: "coming", now: "fits", settled: "settled" };

export interface TraySheetProps {
  view: TrayView;
  /** Absent for an activity of one's own that has none. */
  guide?: Guide;
  way: Way;
  noteId: string | null;
  /** Pictures of the note that is open. */
  photos: readonly Photo[];
  /** The newest picture that goes with a note of this rung. */
  trayPhoto: Photo | undefined;
  removedId: string | null;
  decided: boolean;
  preview: boolean;
  units: Units;
  materials: ReadonlyMap<string, Material>;
  /** The first days of the shelves to come. */
  shelvesAhead: readonly PlainDate[];
  closeTo: string;
}

/** The sheet of one tray: note it, show it, mind this, made from, noted before. */
export function TraySheet(props: TraySheetProps) {
  const { view, guide, way, noteId, removedId, decided, preview, units, closeTo } = props;
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
      {removedId && <RestoreNote id={removedId} />}
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
      {!preview && (view.steps.length > 0 || view.heirs.length > 0) && (
        <OnTheSpot
          view={view}
          words={{ materials: props.materials, units }}
          shelvesAhead={props.shelvesAhead}
        />
      )}
      {view.suggestion && (
        <MoveCard
          tray={tray}
          suggestion={view.suggestion}
          decided={decided}
          preview={preview}
          notes={notes}
          guide={guide}
          activity={activity}
        />
      )}
      <h3>Show</h3>
      <p>{activity.invitation}</p>
      {guide && (
        <>
          <Script guide={guide} way={way} acts={view.safety ? actsOf(view.safety) : []} />
          <TalkCard guide={guide} />
          <h3>Watch for</h3>
          <ul>
            {guide.watchFor.map((what) => (
              <li key={what}>{what}</li>
            ))}
          </ul>
        </>
      )}
      <h3>On the tray</h3>
      <TrayPicture view={view} photo={props.trayPhoto} units={props.units} />
      <ul>
        {view.things.map((thing) => (
          <li key={thing.id}>
            {thingText(thing.quantity, thing, units)}
            {thing.where ? <span className="quiet"> ({thing.where})</span> : null}
          </li>
        ))}
        {view.things.length === 0 && <li>Nothing: you are enough.</li>}
      </ul>
      <ContentPart tray={tray} guide={guide} pieces={view.ownPieces} preview={preview} />
      <MeetingList meetings={view.meetings} units={units} />
      <DemandGauge demand={view.demand} units={units} />
      {!preview && <Standing view={view} />}
      <NextTimes activity={activity.id} notes={view.nextTimes} preview={preview} />
      <h3>Noted before</h3>
      {notes.length === 0 ? (
        <p className="quiet">Nothing yet. One tap above is a note.</p>
      ) : (
        <ul className="bare notes">
          {notes.slice(0, 8).map((note) => (
            <NoteLine key={note.id} note={note} />
          ))}
        </ul>
      )}
    </aside>
  );
}
