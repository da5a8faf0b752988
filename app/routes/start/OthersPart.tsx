import { Button, Input } from "antd";
import { Field } from "../../ui/controls/Field";

const MOST_OTHERS = 6;

export interface Other {
  name: string;
  birth: string;
}

/** Everyone else who may get at the shelf: siblings, older or younger, and children who visit. */
export function OthersPart({
  others,
  onOthers,
  fault,
}: {
  others: readonly Other[];
  onOthers(others: Other[]): void;
  fault(path: string): string | undefined;
}) {
  const change = (at: number, more: Partial<Other>) =>
    onOthers(others.map((one, i) => (i === at ? { ...one, ...more } : one)));
  return (
    <fieldset>
      <legend>Other children at home or visiting</legend>
      <p className="quiet">Also those it is not planned for: what they get at counts for safety.</p>
      {others.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: rows are told apart by their order only
        <div className="fields" key={i}>
          <Field label="Name of another child" name={`other-name-${i}`} fault={fault(`others[${i}].name`)}>
            <Input
              id={`other-name-${i}`}
              value={one.name}
              maxLength={40}
              autoComplete="off"
              onChange={(event) => change(i, { name: event.target.value })}
            />
          </Field>
          <Field
            label="Birth date of that child"
            name={`other-birth-${i}`}
            fault={fault(`others[${i}].birth`)}
          >
            <Input
              id={`other-birth-${i}`}
              type="date"
              value={one.birth}
              onChange={(event) => change(i, { birth: event.target.value })}
            />
          </Field>
          <Button
            type="text"
            aria-label={`Remove ${one.name || "this child"}`}
            onClick={() => onOthers(others.filter((_, other) => other !== i))}
          >
            Remove
          </Button>
        </div>
      ))}
      {others.length < MOST_OTHERS && (
        <Button onClick={() => onOthers([...others, { name: "", birth: "" }])}>Add another child</Button>
      )}
    </fieldset>
  );
}
