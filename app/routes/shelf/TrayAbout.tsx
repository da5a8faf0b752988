import { safetyActions } from "../../core/safety";
import { DemandGauge } from "../../ui/DemandGauge";
import { MeetingList } from "../../ui/MeetingList";
import { NoteLine } from "../../ui/NoteLine";
import { Script, TalkCard } from "../../ui/Script";
import { thingText } from "../../words/things";
import { awayText } from "../../words/trayChange";
import { ContentPart } from "./ContentPart";
import { MoveCard } from "./MoveCard";
import { NextTimes } from "./NextTimes";
import { OnTheSpot } from "./OnTheSpot";
import { Standing } from "./Standing";
import { TrayPicture } from "./TrayPicture";
import type { TraySheetProps } from "./traySheetProps";

/** What the sheet of a tray tells below its note: what to do with it now, how it is shown, what is on it, what was noted. */
export function TrayAbout(props: TraySheetProps) {
  const { view, guide, way, decided, preview, units } = props;
  const { tray, activity, notes } = view;
  return (
    <>
      {!preview &&
        (view.steps.length > 0 ||
          view.heirs.length > 0 ||
          view.optionalNeeds.leaveOut ||
          view.optionalNeeds.putBack) && (
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
          <Script
            guide={guide}
            way={way}
            acts={view.safety ? safetyActions(view.safety) : []}
            state={view.safety?.state}
          />
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
        {view.optionalNeeds.away.length > 0 && (
          <li className="quiet">Left out here: {awayText(view.optionalNeeds.away, props)}.</li>
        )}
        {view.things.length === 0 && <li>Nothing: you are enough.</li>}
      </ul>
      <ContentPart
        tray={tray}
        guide={guide}
        filled={view.filled}
        things={view.setOut}
        pieces={view.ownPieces}
        preview={preview}
      />
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
    </>
  );
}
