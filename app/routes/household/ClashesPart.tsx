import type { Clash } from "../../core/merge";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { clashText } from "../../words/clashes";
import type { NamesById } from "../../words/merge";
import { Answer } from "./RowButtons";

export type OpenClash = Clash & { id: string };

/** What two devices have said of one thing: what stands, and the other word, to be taken instead. */
export function ClashesPart({ clashes, names }: { clashes: readonly OpenClash[]; names: NamesById }) {
  const leaveStanding = useCommand("household.leaveStanding");
  const takeOther = useCommand("household.takeOther");
  if (clashes.length === 0) return null;
  return (
    <section aria-label="Changed on both devices" className="gap">
      <h3>Changed on both devices</h3>
      <p className="quiet">The later word stands. The earlier one is kept here until you have decided.</p>
      <ul>
        {clashes
          .map((one) => ({ ...clashText(one, names), id: one.id }))
          .map((clash) => (
            <li key={clash.id}>
              <strong>{clash.title}</strong>
              <ul>
                {clash.fields.map((field) => (
                  <li key={field.name}>
                    {field.name}: {field.stands} <span className="quiet">stands, not</span> {field.other}
                  </li>
                ))}
              </ul>
              <InlineButton onClick={() => void leaveStanding.run({ id: clash.id })}>
                Leave it so
              </InlineButton>{" "}
              <InlineButton onClick={() => void takeOther.run({ id: clash.id })}>{clash.take}</InlineButton>
            </li>
          ))}
      </ul>
      <CommandFaults of={leaveStanding} />
      <Answer of={takeOther} text="Taken." />
    </section>
  );
}
