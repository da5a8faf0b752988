import { InputNumber } from "antd";
import { MOUTHS_OPTIONS } from "../words/mouths";
import { Choice } from "./controls/Choice";
import { EntryItem } from "./form/parts";

type ItemNames = Pick<Parameters<typeof EntryItem>[0], "name" | "path">;

/** What is asked of every child besides name and birth: how early it came, and whether it mouths. */
export const BornAndMouths = ({
  item = (name) => ({ name }),
}: {
  /** The names of the fields, where the child is one of a list. */
  item?(field: "earlyWeeks" | "mouths"): ItemNames;
}) => (
  <>
    <EntryItem
      label="Weeks early"
      {...item("earlyWeeks")}
      tip="From three weeks on the age is reckoned from the due date, until the second birthday."
    >
      <InputNumber min={0} max={17} precision={0} />
    </EntryItem>
    <EntryItem label="Mouths things" {...item("mouths")}>
      <Choice options={MOUTHS_OPTIONS} />
    </EntryItem>
  </>
);
