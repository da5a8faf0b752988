import { Button } from "antd";
import { useCommand } from "../../ui/command/useCommand";
import { saveFile } from "../../ui/saveFile";

interface Row {
  id: string;
  table: string;
  row: unknown;
  issues: readonly { path: string; message: string }[];
  mended: boolean;
}

/** So many are listed; the file holds them all. */
const SHOWN = 8;

const nameOf = ({ row, table }: Row) => String((row as { name?: unknown } | null)?.name ?? table);

/** Things stored by an earlier version that were out of their bounds: told once, with a way to keep what they were. */
export function SetAsidePart({ rows }: { rows: readonly Row[] }) {
  const forget = useCommand("household.forgetSetAside");
  if (rows.length === 0) return null;
  const save = () => saveFile("orto-set-aside.json", JSON.stringify(rows, null, 1), "application/json");
  return (
    <section className="row-form" aria-label="Not kept as it was">
      <h2>Not kept as it was</h2>
      <p>
        An earlier version had stored {rows.length === 1 ? "something" : `${rows.length} things`} that can’t
        be right. All else is as it was.
      </p>
      <ul>
        {rows.slice(0, SHOWN).map((one) => (
          <li key={one.id}>
            <strong>{nameOf(one)}</strong> {one.mended ? "stands, but for what was wrong" : "was set aside"} (
            {one.issues.map((fault) => `${fault.path}: ${fault.message}`).join("; ")}).
          </li>
        ))}
      </ul>
      <Button onClick={save}>Save them as a file</Button>{" "}
      <Button loading={forget.isBusy} onClick={() => void forget.run({})}>
        I have seen it
      </Button>
    </section>
  );
}
