import { Select } from "antd";
import { useRef, useState } from "react";
import { flushSync } from "react-dom";

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
  /** Sends its form at once. */
  sends?: boolean;
  className?: string;
}

/** From so many on a list is narrowed down by typing. */
const LONG = 12;

/** One of several, sent with its form under its name; the first of them where nothing else was said. */
export function Choice<T extends string>({
  name,
  defaultValue,
  value,
  options,
  onChange,
  sends = false,
  ...more
}: ChoiceProps<T>) {
  const all = options.flatMap((one) => ("options" in one ? one.options : [one]));
  const [own, setOwn] = useState<T | undefined>(
    () => (all.find((one) => one.value === defaultValue) ?? all[0])?.value,
  );
  const field = useRef<HTMLInputElement>(null);
  const chosen = value ?? own;
  const choose = (next: T) => {
    // The field has to hold what was chosen before its form is sent.
    flushSync(() => setOwn(next));
    onChange?.(next);
    if (sends) field.current?.form?.requestSubmit();
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
        className={`choice ${more.className ?? ""}`}
      />
      {name && <input ref={field} type="hidden" name={name} value={chosen ?? ""} />}
    </>
  );
}
