import { Link } from "react-router";
import type { Household } from "../../core/model";
import type { Urgency } from "../../core/rotation";
import type { TrayWithMove } from "../../engine/queries/shelfView";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { MOVE_WORDS, URGENCY_WORDS } from "../../words/moves";
import { MoveCard } from "./MoveCard";
import type { TodaySheetProps } from "./todayProps";

const TITLES: Record<Household["planning"]["rhythm"], string> = {
  "all-at-once": "Looks ready to move",
  "few-at-a-time": "Change these next",
  "when-cold": "Gone cold",
};

/** Takes every suggestion that is open with one tap; it can be undone with one. */
function TakeAll({ open }: { open: readonly TrayWithMove[] }) {
  const decideAll = useCommand("trays.decideAll");
  const all = open.map(({ tray, suggestion: { move, toRung, until, toChild } }) => ({
    tray: tray.id,
    move,
    toRung,
    until,
    toChild,
  }));
  return (
    <ActionButton busy={decideAll.isBusy} onClick={() => void decideAll.run({ all })}>
      Take all {open.length}
    </ActionButton>
  );
}

function Decided({ decided }: { decided: readonly TrayWithMove[] }) {
  const undecide = useCommand("trays.undecide");
  if (decided.length === 0) return null;
  return (
    <>
      <h3>Decided</h3>
      <ul className="bare">
        {decided.map(({ tray, name, suggestion }) => (
          <li key={tray.id}>
            {name}: {MOVE_WORDS[suggestion.move].done}.{" "}
            <InlineButton
              aria-label={`Undo: ${name}`}
              onClick={() => void undecide.run({ trays: [tray.id] })}
            >
              Undo
            </InlineButton>
          </li>
        ))}
      </ul>
      {decided.length > 1 && (
        <InlineButton onClick={() => void undecide.run({ trays: decided.map((one) => one.tray.id) })}>
          Undo all
        </InlineButton>
      )}
    </>
  );
}

const NowBecause = ({ urgency }: { urgency: Urgency | undefined }) =>
  urgency ? <small>now: {URGENCY_WORDS[urgency]}</small> : null;

type MovesProps = Pick<TodaySheetProps, "moves" | "due" | "rhythm" | "preview" | "linkTo">;

/** What becomes of the trays: one by one with the reason, or all at once; by the household's rhythm. */
export function Moves({ moves, due, rhythm, preview, linkTo }: MovesProps) {
  const open = moves.filter((one) => one.suggestion.move !== "leave" && !one.decided);
  const because = new Map(due.map((one) => [one.tray, one.because]));
  const first = open.find((one) => one.tray.id === due[0]?.tray) ?? open[0];
  const others = open.filter((one) => one !== first);
  return (
    <>
      <h2>{TITLES[rhythm]}</h2>
      {first ? (
        <>
          <h3>
            <Link to={linkTo(first.tray.id)}>{first.name}</Link>
          </h3>
          <MoveCard tray={first.tray} suggestion={first.suggestion} decided={false} preview={preview} />
          {others.length > 0 && (
            <ul className="bare">
              {others.map(({ tray, name, suggestion }) => (
                <li key={tray.id}>
                  <Link to={linkTo(tray.id)}>{name}</Link>: {MOVE_WORDS[suggestion.move].act.toLowerCase()}
                  <NowBecause urgency={because.get(tray.id)} />
                </li>
              ))}
            </ul>
          )}
          {open.length > 1 && !preview && <TakeAll open={open} />}
        </>
      ) : (
        <p className="quiet">
          {moves.some((one) => one.decided) ? "All decided." : "Nothing just now. Repetition is good."}
        </p>
      )}
      <Decided decided={moves.filter((one) => one.decided)} />
    </>
  );
}
