import { InputNumber } from "antd";
import { MOUTHS_OPTIONS } from "../words/mouths";
import { Choice } from "./controls/Choice";
import { EntryItem } from "./form/parts";

/** What is asked of every child besides name and birth: how early it came, and whether it mouths. */
export const BornAndMouths = () => (
  <>
    <EntryItem
      label="Born early by, weeks"
      name="earlyWeeks"
      tip="From three weeks on the age is reckoned from the due date, until the second birthday."
    >
      <InputNumber min={0} max={17} precision={0} />
    </EntryItem>
    <EntryItem label="Puts things in the mouth" name="mouths">
      <Choice options={MOUTHS_OPTIONS} />
    </EntryItem>
  </>
);
