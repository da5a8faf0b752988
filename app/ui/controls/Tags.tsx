import { Select } from "antd";

/** Words of one's own, as many as one likes, with some to choose from; a comma ends one. */
export const Tags = ({
  id,
  value,
  onChange,
  suggestions,
  placeholder,
}: {
  id?: string;
  value?: string[];
  onChange?(value: string[]): void;
  suggestions: readonly string[];
  placeholder: string;
}) => (
  <Select
    id={id}
    className="fill"
    mode="tags"
    value={value}
    onChange={onChange}
    tokenSeparators={[",", ";"]}
    options={suggestions.map((one) => ({ value: one, label: one }))}
    placeholder={placeholder}
  />
);
