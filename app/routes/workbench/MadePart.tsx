import { Button, Checkbox, Form, Input } from "antd";
import { useState } from "react";
import type { MadeSheet } from "../../core/model";
import { sheetKey } from "../../core/print";
import type { OpenSheet } from "../../engine/queries/openSheet";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { shortDay } from "../../words/dates";

interface MadePartProps {
  open: OpenSheet;
  made: readonly MadeSheet[];
  /** How the thing that the sheet makes is called; absent where it makes none for the cupboard. */
  thingName: string | undefined;
}

/** Is it made, and where is it kept? What is made is not printed again. */
export function MadePart({ open, made, thingName }: MadePartProps) {
  const keep = useCommand("sheets.keep");
  const drop = useCommand("sheets.drop");
  const [where, setWhere] = useState("");
  const [isStored, setStored] = useState(true);
  const { kind, values, drawn } = open;
  const count = drawn?.makes ?? drawn?.pieces;
  const row = made.find((one) => sheetKey(one) === sheetKey({ kind, values }));
  if (row)
    return (
      <div className="panel row told">
        <span role="status">
          Made on {shortDay(row.madeOn)}
          {row.where ? `, kept in: ${row.where}` : ""}.
        </span>
        <InlineButton onClick={() => void drop.run({ id: row.id })}>To be made again</InlineButton>
      </div>
    );
  return (
    <Form
      className="row gap"
      onFinish={() =>
        void keep.run({ kind, values, where, intoCupboard: thingName && isStored ? count : undefined })
      }
    >
      <Input
        value={where}
        onChange={(event) => setWhere(event.target.value)}
        aria-label="Where it is kept"
        placeholder="Kept in: box under the shelf"
        maxLength={80}
        style={{ flexBasis: 260 }}
      />
      {thingName && (
        <Checkbox checked={isStored} onChange={(event) => setStored(event.target.checked)}>
          {count} × {thingName} into the cupboard
        </Checkbox>
      )}
      <Button htmlType="submit" loading={keep.isBusy}>
        It is made
      </Button>
    </Form>
  );
}
