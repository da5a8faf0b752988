import { Checkbox, Radio } from "antd";
import { EntryItem } from "../../ui/form/parts";
import { APPROACHES } from "../../words/approaches";

/** How the household likes to work, and what its cupboard begins with. */
export const WaysStep = () => (
  <>
    <EntryItem label="How you like to work" name="approach">
      <Radio.Group
        vertical
        options={APPROACHES.map(({ value, label, about }) => ({
          value,
          label: (
            <>
              <strong>{label}</strong>: {about}
            </>
          ),
        }))}
      />
    </EntryItem>
    <EntryItem name="usual" ticked>
      <Checkbox>Fill the cupboard with what a usual home has (you can tick things off after)</Checkbox>
    </EntryItem>
    <EntryItem name="hours" ticked>
      <Checkbox>
        Table, mat, bath and outdoors have their hours (after breakfast, in the morning, on the walk): several
        things share them through the week
      </Checkbox>
    </EntryItem>
  </>
);
