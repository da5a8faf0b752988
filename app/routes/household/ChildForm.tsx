import { Form, Input } from "antd";
import { type Child, daysBetween, type PlainDate } from "../../core/model";
import { ALLERGY_NAMES, NotUnderstood } from "../../ui/allergies";
import { BornAndMouths } from "../../ui/childItems";
import { useCommand } from "../../ui/command/useCommand";
import { Choice } from "../../ui/controls/Choice";
import { Tags } from "../../ui/controls/Tags";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryItem } from "../../ui/form/parts";
import { ageText, beyondText } from "../../words/ages";
import { RowButtons } from "./RowButtons";

/** A child's dates, mouth, loves and allergies; without a child, the form for another one. */
export function ChildForm({
  child,
  turn = 0,
  today,
  loves,
}: {
  child?: Child;
  /** Another number begins the form for another one anew. */
  turn?: number;
  today: PlainDate;
  /** What activities can be dressed in, to choose from. */
  loves: readonly string[];
}) {
  const save = useCommand("household.saveChild");
  const early = child?.due ? Math.round(daysBetween(child.birth, child.due) / 7) : 0;
  return (
    <EntryForm
      // Made anew with what was saved; the answer is kept outside of it, so that its word of that stays.
      key={child?.updatedAt ?? turn}
      command={save}
      values={{ id: child?.id ?? "" }}
      initial={{
        name: child?.name ?? "",
        birth: child?.birth ?? "",
        earlyWeeks: Math.max(0, early),
        mouths: child?.mouths ?? "by-age",
        planFor: child && !child.planFor ? "no" : "yes",
        interests: child?.interests ?? [],
        allergies: child?.allergies ?? [],
      }}
      className="row-form"
      aria-label={child ? child.name : "Another child"}
    >
      <h3>{child ? `${child.name}, ${ageText(child, today)}` : "Another child"}</h3>
      <div className="grid fields">
        <EntryItem label="Name or initial" name="name">
          <Input maxLength={40} />
        </EntryItem>
        <EntryItem label="Birth date" name="birth" hint={child && beyondText(child.name, child, today)}>
          <Input type="date" />
        </EntryItem>
        <BornAndMouths />
        <EntryItem label="Plan trays" name="planFor">
          <Choice
            options={[
              { value: "yes", label: "yes" },
              { value: "no", label: "no, can only reach" },
            ]}
          />
        </EntryItem>
        <EntryItem label="Loves just now" name="interests" className="wide">
          <Tags suggestions={loves} placeholder="snails, bridges…" />
        </EntryItem>
        <EntryItem label="Allergies" name="allergies" className="wide">
          <Tags suggestions={ALLERGY_NAMES} placeholder="milk, nuts, plasters…" />
        </EntryItem>
      </div>
      <AllergiesHint before={child?.allergies ?? []} />
      <RowButtons
        save={save}
        done={`${save.answer} is saved.`}
        row={child && { table: "children", id: child.id }}
      />
    </EntryForm>
  );
}

/** Says of what is typed just now which allergies block nothing. */
function AllergiesHint({ before }: { before: readonly string[] }) {
  const allergies: string[] | undefined = Form.useWatch("allergies");
  return <NotUnderstood allergies={allergies ?? before} />;
}
