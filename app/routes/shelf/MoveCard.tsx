import { type Activity, type Guide, Move, type Observation, type RungId, type Tray } from "../../core/model";
import type { Suggestion } from "../../core/rotation";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton, ToggleButton } from "../../ui/controls/buttons";
import { Collapsible } from "../../ui/controls/Collapsible";
import { NoteLine } from "../../ui/NoteLine";
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
    <Collapsible title={behind.length === 1 ? "The note behind it" : `The ${behind.length} notes behind it`}>
      <ul className="bare notes">
        {behind.map((note) => (
          <NoteLine key={note.id} note={note} />
        ))}
      </ul>
    </Collapsible>
  );
}

/** Any other move: the adult decides. */
function AnotherMove({
  tray,
  offered,
  activity,
}: Pick<MoveCardProps, "tray"> & { offered: readonly Move[]; activity: Activity }) {
  const decide = useCommand("trays.decide");
  const take = (move: Move, toRung?: RungId) =>
    void decide.run({ tray: tray.id, move, toRung, until: undefined, toChild: undefined });
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
    <Collapsible title="Something else">
      <div className="row">
        {others.map((move) => (
          <ToggleButton key={move} size="small" onClick={() => take(move)}>
            {MOVE_WORDS[move].act}
          </ToggleButton>
        ))}
      </div>
      {steps.map(
        ({ move, rung }) =>
          rung &&
          !offered.includes(move) && (
            <ToggleButton key={move} size="small" onClick={() => take(move, rung)}>
              {MOVE_WORDS[move].act}
            </ToggleButton>
          ),
      )}
    </Collapsible>
  );
}

/** What looks right for a tray next: the reason with its notes, one tap to take it, and every other move. */
export function MoveCard({ tray, suggestion, decided, preview, notes = [], guide, activity }: MoveCardProps) {
  const decide = useCommand("trays.decide");
  const undecide = useCommand("trays.undecide");
  const take = (move: Move) => {
    const { toRung, until, toChild } = suggestion;
    void decide.run({ tray: tray.id, move, toRung, until, toChild });
  };
  const words = MOVE_WORDS[suggestion.move];
  const how = howTo(suggestion.move, guide);
  if (decided) {
    return (
      <div className="gap">
        <span>Decided: {words.done}.</span>{" "}
        <InlineButton onClick={() => void undecide.run({ trays: [tray.id] })}>Undo</InlineButton>
        {how && <small>{how}</small>}
      </div>
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
            <p className="flat">
              <ActionButton primary onClick={() => take(suggestion.move)}>
                {words.act}
              </ActionButton>{" "}
              <ActionButton onClick={() => take("leave")}>Leave it</ActionButton>
            </p>
          )}
          {activity && <AnotherMove tray={tray} offered={[suggestion.move, "leave"]} activity={activity} />}
        </>
      )}
    </div>
  );
}
