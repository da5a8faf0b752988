import { Checkbox, Form, Input } from "antd";
import { dueDateOf } from "../../core/age";
import { isBeyondActivities } from "../../core/household/planned";
import { PlainDate } from "../../core/model";
import type { Plans } from "../../engine/commands/setUp";
import { ALLERGY_NAMES, NotUnderstood } from "../../ui/allergies";
import { BornAndMouths } from "../../ui/childItems";
import { Tags } from "../../ui/controls/Tags";
import { EntryItem } from "../../ui/form/parts";
import { beyondText, shortAgeText } from "../../words/ages";
import type { SetUpValues, TypedChild } from "./values";

/** Wide enough on a desktop that each label stands in one line, and its field beside the others. */
const FIELDS = { "--least": "clamp(130px, 11vw, 150px)" };

/** The dates of a child as they are typed; undefined where the date of birth is none, or lies in the future. */
function bornOf({ birth, earlyWeeks }: TypedChild, today: PlainDate) {
  const date = PlainDate.safeParse(birth);
  if (!date.success || date.data > today) return undefined;
  return { birth: date.data, ...(earlyWeeks > 0 ? { due: dueDateOf(date.data, earlyWeeks) } : {}) };
}

/** The meaning of a date of birth today, said at its field. */
function birthHint(child: TypedChild, name: string, today: PlainDate): string | undefined {
  if (PlainDate.safeParse(child.birth).success && child.birth > today) {
    return "The birth date lies in the future. Check the year. A child who is not born yet can be added on the day.";
  }
  const born = bornOf(child, today);
  return born && (beyondText(name, born, today) ?? `${shortAgeText(born, today)}.`);
}

/** Whether trays are planned for a child: yes up to 66 months, otherwise no, until the adult says. */
function PlansFor({
  value = "by-age",
  onChange,
  name,
  isBeyond,
}: {
  value?: Plans;
  onChange?(plans: Plans): void;
  name: string;
  isBeyond: boolean;
}) {
  return (
    <Checkbox
      checked={value === "by-age" ? !isBeyond : value === "yes"}
      onChange={({ target }) => onChange?.(target.checked ? "yes" : "no")}
    >
      Plan trays for {name} {isBeyond && <span className="quiet">(without: counts for safety only)</span>}
    </Checkbox>
  );
}

/** Everything that is asked of a child, the first and all others alike; `at` is its place in the list. */
export function ChildFields({ at, today }: { at: number; today: PlainDate }) {
  const form = Form.useFormInstance<SetUpValues>();
  const child: TypedChild | undefined = Form.useWatch(["children", at], form);
  const name = child?.name.trim() || `child ${at + 1}`;
  const born = child && bornOf(child, today);
  const item = (field: keyof TypedChild) => ({ name: [at, field], path: ["children", at, field] });
  return (
    <>
      <div className="grid fields" style={FIELDS}>
        <EntryItem label="Name or initial" {...item("name")}>
          <Input autoComplete="off" maxLength={40} autoFocus={at === 0} />
        </EntryItem>
        <EntryItem label="Birth date" {...item("birth")} hint={child && birthHint(child, name, today)}>
          <Input type="date" max={today} />
        </EntryItem>
        <BornAndMouths item={item} />
        <EntryItem label="Allergies, if any" {...item("allergies")} className="wide">
          <Tags suggestions={ALLERGY_NAMES} placeholder="milk, nuts, plasters…" />
        </EntryItem>
        <EntryItem {...item("plans")} className="wide">
          <PlansFor name={name} isBeyond={born !== undefined && isBeyondActivities(born, today)} />
        </EntryItem>
      </div>
      <NotUnderstood allergies={child?.allergies ?? []} />
    </>
  );
}
