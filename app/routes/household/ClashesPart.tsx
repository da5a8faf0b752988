import { useFetcher } from "react-router";
import type { Clash } from "../../core/merge";
import { LinkAct } from "../../ui/controls/Act";
import { Send } from "../../ui/Send";
import { clashText } from "../../words/clashes";
import type { NamesById } from "../../words/merge";
import type { HouseholdAnswer } from "./actions";
import { Answer } from "./RowButtons";

export type OpenClash = Clash & { id: string };

/** What two devices have said of one thing: what stands, and the other word, to be taken instead. */
export function ClashesPart({ clashes, names }: { clashes: readonly OpenClash[]; names: NamesById }) {
  const fetcher = useFetcher<HouseholdAnswer>();
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
              <Send fetcher={fetcher} values={{ id: clash.id }} className="inline">
                <LinkAct name="intent" value="leave-standing">
                  Leave it so
                </LinkAct>{" "}
                <LinkAct name="intent" value="take-other">
                  {clash.take}
                </LinkAct>
              </Send>
            </li>
          ))}
      </ul>
      <Answer answer={fetcher.data} />
    </section>
  );
}
