import { Alert, Button } from "antd";
import { useFetcher } from "react-router";
import { atWork } from "../../ui/actionResult";
import { Send } from "../../ui/Send";
import { saveFile } from "../../ui/saveFile";
import type { HouseholdAnswer } from "./actions";

interface Row {
  table: string;
  row: unknown;
  problems: readonly { path: string; message: string }[];
  mended: boolean;
}

const nameOf = ({ row, table }: Row) => (row as { name?: unknown } | null)?.name ?? table;

/** Things stored by an earlier version that were out of their bounds: told once, with a way to keep what they were. */
export function SetAsidePart({ rows }: { rows: readonly Row[] }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  if (rows.length === 0) return null;
  const save = () => saveFile("orto-set-aside.json", JSON.stringify(rows, null, 1), "application/json");
  return (
    <Alert
      type="warning"
      title={`${rows.length} stored ${rows.length === 1 ? "entry was" : "entries were"} out of bounds`}
      description={
        <>
          <ul>
            {rows.slice(0, 8).map((one) => (
              <li key={JSON.stringify(one)}>
                {String(nameOf(one))}:{" "}
                {one.problems.map((fault) => `${fault.path} ${fault.message}`).join("; ")}.{" "}
                {one.mended ? "That was left out; the rest stands." : "It was set aside."}
              </li>
            ))}
          </ul>
          <Button onClick={save}>Save them as a file</Button>{" "}
          <Send fetcher={fetcher} values={{ intent: "forget-set-aside" }} className="inline">
            <Button htmlType="submit" loading={atWork(fetcher)}>
              I have seen it
            </Button>
          </Send>
        </>
      }
    />
  );
}
