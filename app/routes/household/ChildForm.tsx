import { Input } from "antd";
import { useState } from "react";
import { useFetcher } from "react-router";
import { ageOn } from "../../core/age";
import { type Child, daysBetween, type PlainDate } from "../../core/model";
import { ALLERGY_NAMES, NotUnderstood } from "../../ui/allergies";
import { Choice } from "../../ui/controls/Choice";
import { Field } from "../../ui/controls/Field";
import { Tags } from "../../ui/controls/Tags";
import { Send } from "../../ui/Send";
import type { HouseholdAnswer } from "./actions";
import { RowButtons } from "./RowButtons";

const MONTHS = new Intl.NumberFormat(undefined, { maximumFractionDigits: 1 });

function ageText(child: Child, on: PlainDate): string {
  const age = ageOn(child.birth, on, child.due);
  if (!age.ok) return "not born yet";
  const { months, weeks, applies, correctedMonths } = age.value;
  const corrected =
    applies === "due" && correctedMonths !== null
      ? `, ${MONTHS.format(correctedMonths)} from the due date`
      : "";
  return `${months} months ${weeks} ${weeks === 1 ? "week" : "weeks"}${corrected}`;
}

/** A child's dates, mouth, loves and allergies; without a child, the form for another one. */
export function ChildForm({
  child,
  today,
  loves,
}: {
  child?: Child;
  today: PlainDate;
  /** What activities can be dressed in, to choose from. */
  loves: readonly string[];
}) {
  const fetcher = useFetcher<HouseholdAnswer>();
  const part = child?.id ?? "new-child";
  const early = child?.due ? Math.round(daysBetween(child.birth, child.due) / 7) : 0;
  const id = (name: string) => `${part}-${name}`;
  const [loved, setLoved] = useState(child?.interests ?? []);
  const [allergies, setAllergies] = useState(child?.allergies ?? []);
  return (
    <Send
      fetcher={fetcher}
      values={{ id: child?.id ?? "", table: "children", interests: loved, allergies }}
      className="row-form"
      aria-label={child ? child.name : "Another child"}
    >
      <h3>{child ? `${child.name}, ${ageText(child, today)}` : "Another child"}</h3>
      <div className="fields">
        <Field label="Name or initial" name={id("name")}>
          <Input id={id("name")} name="name" defaultValue={child?.name} maxLength={40} />
        </Field>
        <Field label="Birth date" name={id("birth")}>
          <Input id={id("birth")} name="birth" type="date" defaultValue={child?.birth} />
        </Field>
        <Field label="Born early by, weeks" name={id("early")}>
          <Input
            id={id("early")}
            name="earlyWeeks"
            type="number"
            min={0}
            max={17}
            defaultValue={Math.max(0, early)}
          />
        </Field>
        <Field label="Puts things in the mouth" name={id("mouths")}>
          <Choice
            id={id("mouths")}
            name="mouths"
            defaultValue={child?.mouths ?? "by-age"}
            options={[
              { value: "by-age", label: "as usual for the age" },
              { value: "yes", label: "yes" },
              { value: "no", label: "no longer" },
            ]}
          />
        </Field>
        <Field label="Plan trays" name={id("plan")}>
          <Choice
            id={id("plan")}
            name="planFor"
            defaultValue={child && !child.planFor ? "no" : "yes"}
            options={[
              { value: "yes", label: "yes" },
              { value: "no", label: "no, can only reach" },
            ]}
          />
        </Field>
        <Field label="Loves just now" name={id("interests")}>
          <Tags
            id={id("interests")}
            value={loved}
            onChange={setLoved}
            suggestions={loves}
            placeholder="snails, bridges…"
          />
        </Field>
        <Field label="Allergies" name={id("allergies")}>
          <Tags
            id={id("allergies")}
            value={allergies}
            onChange={setAllergies}
            suggestions={ALLERGY_NAMES}
            placeholder="milk, nuts, plasters…"
          />
        </Field>
      </div>
      <NotUnderstood allergies={allergies} />
      <RowButtons intent="child" isNew={!child} fetcher={fetcher} />
    </Send>
  );
}
