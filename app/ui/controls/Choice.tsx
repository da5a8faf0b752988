import { Select } from "antd";
import { type CSSProperties, useState } from "react";

export interface ChoiceOption<T extends string> {
  value: T;
  label: string;
}

export interface ChoiceProps<T extends string> {
  /** The field's name in its form. */
  name?: string;
  id?: string;
  "aria-label"?: string;
  defaultValue?: T;
  /** Where something else keeps what is chosen. */
  value?: T;
  /** Single ones, or groups with their name. */
  options: readonly (ChoiceOption<T> | { label: string; options: readonly ChoiceOption<T>[] })[];
  onChange?(value: T): void;
  className?: string;
  style?: CSSProperties;
}

/** The names of things by their id, as options in that order. */
export const optionsOf = <T extends string>(names: Readonly<Record<T, string>>): ChoiceOption<T>[] =>
  (Object.entries(names) as [T, string][]).map(([value, label]) => ({ value, label }));

/** From so many on a list is narrowed down by typing. */
const LONG = 12;

/** One of several, sent with its form under its name; the first of them where nothing else was said. */
export function Choice<T extends string>({
  name,
  defaultValue,
  value,
  options,
  onChange,
  ...more
}: ChoiceProps<T>) {
  const all = options.flatMap((one) => ("options" in one ? one.options : [one]));
  const [own, setOwn] = useState<T | undefined>(
    () => (all.find((one) => one.value === defaultValue) ?? all[0])?.value,
  );
  const chosen = value ?? own;
  const choose = (next: T) => {
    setOwn(next);
    onChange?.(next);
  };
  return (
    <>
      <Select<T>
        value={chosen}
        options={options.map((one) => ("options" in one ? { ...one, options: [...one.options] } : one))}
        onChange={choose}
        popupMatchSelectWidth={false}
        {...(all.length > LONG ? { showSearch: { optionFilterProp: "label" } } : {})}
        {...more}
        style={{ minWidth: 120, ...more.style }}
      />
      {name && <input type="hidden" name={name} value={chosen ?? ""} />}
    </>
  );
}
