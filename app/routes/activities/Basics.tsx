import { Checkbox, Form, Input, InputNumber } from "antd";
import { useId } from "react";
import type { Draft } from "../../core/content";
import { AREA_IDS } from "../../core/model";
import { Choice, optionsOf } from "../../ui/controls/Choice";
import { AREA_NAMES } from "../../words/areas";
import { ROUTINE_NAMES } from "../../words/moments";
import { PLACE_NAMES } from "../../words/places";
import { EditField } from "./EditField";

const KINDS = [
  { value: "wet", label: "wet" },
  { value: "messy", label: "messy" },
  { value: "loud", label: "loud" },
  { value: "beside", label: "the adult sits beside" },
] as const;
type Kind = (typeof KINDS)[number]["value"];

const MINUTES = [
  { key: "prepMinutes", label: "Preparation, minutes" },
  { key: "clearMinutes", label: "Clearing up, minutes" },
  { key: "playMinutes", label: "Play, minutes" },
] as const;

const kindsOf = (draft: Draft): Kind[] => [
  ...(["wet", "messy", "loud"] as const).filter((kind) => draft[kind]),
  ...(draft.adult === "in-room" ? [] : (["beside"] as const)),
];

/** What the activity is, where it is done, and what it asks of the house. */
export function Basics({ draft, change }: { draft: Draft; change(part: Partial<Draft>): void }) {
  const id = useId();
  return (
    <>
      <div className="grid fields">
        <EditField path="name" label="Name" htmlFor={`${id}name`} wide>
          <Input
            id={`${id}name`}
            value={draft.name}
            maxLength={60}
            onChange={(event) => change({ name: event.target.value })}
          />
        </EditField>
        <EditField path="invitation" label="One line of invitation" htmlFor={`${id}invitation`} wide>
          <Input
            id={`${id}invitation`}
            value={draft.invitation}
            onChange={(event) => change({ invitation: event.target.value })}
          />
        </EditField>
        <EditField path="area" label="Area" htmlFor={`${id}area`}>
          <Choice
            id={`${id}area`}
            value={draft.area}
            onChange={(area) => change({ area })}
            options={AREA_IDS.map((area) => ({ value: area, label: AREA_NAMES[area] }))}
          />
        </EditField>
        <EditField
          path="form"
          label="Movement (like: post in a slot)"
          htmlFor={`${id}form`}
          tip="Activities of one movement are not planned side by side."
        >
          <Input
            id={`${id}form`}
            value={draft.form}
            onChange={(event) => change({ form: event.target.value })}
          />
        </EditField>
        {MINUTES.map(({ key, label }) => (
          <EditField key={key} path={key} label={label} htmlFor={id + key}>
            <InputNumber
              id={id + key}
              min={0}
              value={Number.isFinite(draft[key]) ? draft[key] : null}
              onChange={(minutes) => change({ [key]: minutes ?? Number.NaN })}
            />
          </EditField>
        ))}
      </div>
      <Form.Item label="Places" className="wide">
        <Checkbox.Group
          aria-label="Places"
          options={optionsOf(PLACE_NAMES)}
          value={draft.places}
          onChange={(places) =>
            change({ places, ...(places.includes("routine") ? {} : { routines: undefined }) })
          }
        />
      </Form.Item>
      {draft.places.includes("routine") && (
        <Form.Item label="In the day, it is part of (none: of any)" className="wide">
          <Checkbox.Group
            aria-label="In the day"
            options={optionsOf(ROUTINE_NAMES)}
            value={draft.routines ?? []}
            onChange={(routines) => change({ routines: routines.length > 0 ? routines : undefined })}
          />
        </Form.Item>
      )}
      <Form.Item label="Mind" className="wide">
        <Checkbox.Group<Kind>
          aria-label="Mind"
          options={[...KINDS]}
          value={kindsOf(draft)}
          onChange={(kinds) =>
            change({
              wet: kinds.includes("wet"),
              messy: kinds.includes("messy"),
              loud: kinds.includes("loud"),
              adult: kinds.includes("beside") ? "beside" : "in-room",
            })
          }
        />
      </Form.Item>
    </>
  );
}
