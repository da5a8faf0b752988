import { Input, InputNumber } from "antd";
import type { SheetKind } from "../../core/print";
import type { SheetValuesHere } from "../../engine/queries/openSheet";
import { Choice } from "../../ui/controls/Choice";
import { fieldName } from "../../words/sheets";

interface FieldsProps {
  kind: SheetKind;
  values: SheetValuesHere;
  onChange(values: SheetValuesHere): void;
}

/** What can be changed about a sheet; each change is seen at once. */
export function Fields({ kind, values, onChange }: FieldsProps) {
  const set = (name: string, value: number | string) => onChange({ ...values, [name]: value });
  return (
    <div className="grid">
      {Object.entries(kind.fields).map(([name, field]) => {
        const label = fieldName(name);
        return (
          // biome-ignore lint/a11y/noLabelWithoutControl: each of the three controls below is inside it
          <label key={name}>
            <span className="block">{label}</span>
            {field.kind === "number" && (
              <InputNumber
                aria-label={label}
                min={field.least}
                max={field.most}
                step={field.step}
                value={Number(values[name])}
                onChange={(value) => value !== null && set(name, value)}
              />
            )}
            {field.kind === "choice" && (
              <Choice
                aria-label={label}
                value={String(values[name])}
                options={field.options.map((one) => ({ value: one, label: one }))}
                onChange={(value) => set(name, value)}
              />
            )}
            {field.kind === "text" && (
              <Input
                aria-label={label}
                maxLength={field.most}
                // Taken when it is left: what the address answers late must not take back what is typed meanwhile.
                key={String(values[name])}
                defaultValue={String(values[name])}
                onBlur={(event) => event.target.value.trim() !== "" && set(name, event.target.value)}
                onPressEnter={(event) => event.currentTarget.blur()}
              />
            )}
          </label>
        );
      })}
    </div>
  );
}
