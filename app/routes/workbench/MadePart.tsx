import { Button, Checkbox, Input } from "antd";
import { useFetcher } from "react-router";
import type { MadeSheet } from "../../core/model";
import { sheetKey } from "../../core/print";
import { atWork } from "../../ui/actionResult";
import { LinkAct } from "../../ui/controls/Act";
import { Send } from "../../ui/Send";
import { shortDay } from "../../words/dates";
import type { OpenSheet } from "./asked";

interface MadePartProps {
  open: OpenSheet;
  made: readonly MadeSheet[];
  /** How the thing that the sheet makes is called; absent where it makes none for the cupboard. */
  thingName: string | undefined;
}

/** Is it made, and where is it kept? What is made is not printed again. */
export function MadePart({ open, made, thingName }: MadePartProps) {
  const fetcher = useFetcher();
  const { kind, values, drawn } = open;
  const count = drawn?.makes ?? drawn?.pieces;
  const row = made.find((one) => sheetKey(one) === sheetKey({ kind, values }));
  if (row)
    return (
      <Send fetcher={fetcher} values={{ intent: "make-again", id: row.id }} className="panel row told">
        <span role="status">
          Made on {shortDay(row.madeOn)}
          {row.where ? `, kept in: ${row.where}` : ""}.
        </span>
        <LinkAct>To be made again</LinkAct>
      </Send>
    );
  return (
    <Send fetcher={fetcher} values={{ intent: "made", kind, values }} className="row gap">
      <Input
        name="where"
        aria-label="Where it is kept"
        placeholder="Kept in: box under the shelf"
        maxLength={80}
        style={{ flexBasis: 260 }}
      />
      {thingName && (
        <Checkbox name="intoCupboard" value={count} defaultChecked>
          {count} × {thingName} into the cupboard
        </Checkbox>
      )}
      <Button htmlType="submit" loading={atWork(fetcher)}>
        It is made
      </Button>
    </Send>
  );
}
