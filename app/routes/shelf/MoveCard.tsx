import { type Activity, type Guide, Move, type Observation, type RungId, type Tray } from "../../core/model";
import type { Suggestion } from "../../core/rotation";
import { Act, Chip, LinkAct } from "../../ui/controls/Act";
import { Fold } from "../../ui/controls/Fold";
import { NoteLine } from "../../ui/NoteLine";
import { Send } from "../../ui/Send";
import { howTo, MOVE_WORDS } from "../../words/moves";
import { whyText } from "../../words/suggestions";

export interface MoveCardProps {
  tray: Tray;
  suggestion: Suggestion;
  decided: boolean;
  preview: boolean;
  /** For the notes behind it, and how it is done; both only where the tray is open. */
  notes?: readonly Observation[];
  guide?: Guide;
  activity?: Activity;
}

/** The notes that a suggestion hangs on. */
function Behind({ suggestion, notes }: { suggestion: Suggestion; notes: readonly Observation[] }) {
  const behind = notes.filter((note) => suggestion.evidence.includes(note.id));
  if (behind.length === 0) return null;
  return (
    <Fold title={behind.length === 1 ? "The note behind it" : `The ${behind.length} notes behind it`}>
      <ul className="bare notes">
        {behind.map((note) => (
          <NoteLine key={note.id} note={note} />
        ))}
      </ul>
    </Fold>
  );
}

/** Any other move: the adult decides. */
function AnotherMove({
  tray,
  offered,
  activity,
}: Pick<MoveCardProps, "tray"> & { offered: readonly Move[]; activity: Activity }) {
  const at = activity.rungs.findIndex((rung) => rung.id === tray.rung);
  const steps: { move: Move; rung: RungId | undefined }[] = [
    { move: "harder", rung: activity.rungs[at + 1]?.id },
    { move: "easier", rung: at > 0 ? activity.rungs[at - 1]?.id : undefined },
    { move: "skip-rung", rung: activity.rungs[at + 2]?.id },
  ];
  const others = Move.options.filter(
    (move) => !offered.includes(move) && move !== "hand-on" && !steps.some((one) => one.move === move),
  );
  return (
    <Fold title="Something else">
      <Send values={{ intent: "decide", tray: tray.id }} className="row" preventScrollReset>
        {others.map((move) => (
          <Chip key={move} size="small" name="move" value={move}>
            {MOVE_WORDS[move].act}
          </Chip>
        ))}
      </Send>
      {steps.map(
        ({ move, rung }) =>
          rung &&
          !offered.includes(move) && (
            <Send
              values={{ intent: "decide", tray: tray.id, toRung: rung }}
              key={move}
              className="inline"
              preventScrollReset
            >
              <Chip size="small" name="move" value={move}>
                {MOVE_WORDS[move].act}
              </Chip>
            </Send>
          ),
      )}
    </Fold>
  );
}

/** What looks right for a tray next: the reason with its notes, one tap to take it, and every other move. */
export function MoveCard({ tray, suggestion, decided, preview, notes = [], guide, activity }: MoveCardProps) {
  const words = MOVE_WORDS[suggestion.move];
  const how = howTo(suggestion.move, guide);
  if (decided) {
    return (
      <Send values={{ intent: "undecide", trays: [tray.id] }} className="gap" preventScrollReset>
        <span>Decided: {words.done}.</span> <LinkAct>Undo</LinkAct>
        {how && <small>{how}</small>}
      </Send>
    );
  }
  const stays = suggestion.move === "leave";
  return (
    <div className="gap">
      <p>{whyText(suggestion.why)}</p>
      {how && <p className="quiet">{how}</p>}
      <Behind suggestion={suggestion} notes={notes} />
      {!preview && (
        <>
          {!stays && (
            <Send
              values={{
                intent: "decide",
                tray: tray.id,
                toRung: suggestion.toRung ?? "",
                until: suggestion.until ?? "",
                toChild: suggestion.toChild ?? "",
              }}
              preventScrollReset
            >
              <Act primary name="move" value={suggestion.move}>
                {words.act}
              </Act>{" "}
              <Act name="move" value="leave">
                Leave it
              </Act>
            </Send>
          )}
          {activity && <AnotherMove tray={tray} offered={[suggestion.move, "leave"]} activity={activity} />}
        </>
      )}
    </div>
  );
}
