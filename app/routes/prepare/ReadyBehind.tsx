import type { LaidReady } from "../../core/household";
import { Collapsible } from "../../ui/controls/Collapsible";
import { type ChangeWords, changesOfText } from "../../words/trayChange";

/** What to lay ready in a bag behind each tray, so that it can be made easier or harder on the spot. */
export function ReadyBehind({ ready, words }: { ready: readonly LaidReady[]; words: ChangeWords }) {
  const withThings = ready
    .map(({ steps, ...one }) => ({ ...one, steps: steps.filter((step) => step.more.length > 0) }))
    .filter(({ steps }) => steps.length > 0);
  if (withThings.length === 0) return null;
  return (
    <section aria-label="In a bag behind">
      <h2>In a bag behind</h2>
      <p className="quiet">
        With these beside it, a tray is made easier or harder at once: “On the spot” on the tray.
      </p>
      <Collapsible title={`For ${withThings.length} ${withThings.length === 1 ? "tray" : "trays"}`}>
        <ul>
          {withThings.map(({ tray, activity, steps }) => (
            <li key={tray.id}>
              {activity.name}
              {steps.map(({ rung, easier, more }) => (
                <small key={rung.id}>
                  {easier ? "easier" : "harder"}, {rung.title}: {changesOfText(more, words)}
                </small>
              ))}
            </li>
          ))}
        </ul>
      </Collapsible>
    </section>
  );
}
