import { Button } from "antd";
import { href, Link } from "react-router";
import { type SavedTable, tableFile } from "../../engine/commands/tables";
import { saveFile } from "../../ui/saveFile";
import { titled } from "../../words/titles";
import { homeOf } from "../homeContext";
import type { Route } from "./+types/tables";
import { ReadPart } from "./ReadPart";

export const meta = () => titled("Tables");

export async function clientLoader({ context }: Route.ClientLoaderArgs) {
  const { tables, catalogue, today } = await homeOf(context);
  return { tables, catalogue, today };
}

const SAVED: readonly [SavedTable, string][] = [
  ["notes", "Notes"],
  ["cupboard", "Cupboard"],
  ["rotations", "Rotations"],
];

/** The household's tables for a spreadsheet, and notes from one. */
export default function TablesPage({ loaderData }: Route.ComponentProps) {
  const save = (what: SavedTable) => {
    const { name, content } = tableFile(loaderData, what);
    saveFile(name, content, content.type);
  };
  return (
    <main className="main wide">
      <h1>Tables</h1>
      <p className="quiet">
        For a spreadsheet, or from one. A backup of everything is on{" "}
        <Link to={`${href("/household")}?part=data`}>Household, Data</Link>.
      </p>
      <section className="row-form" aria-label="To a spreadsheet">
        <h2>To a spreadsheet</h2>
        <p>Each as comma-separated values (CSV), with one row a note, a thing, or a tray.</p>
        <div className="row gap">
          {SAVED.map(([what, name]) => (
            <Button key={what} onClick={() => save(what)}>
              {name}
            </Button>
          ))}
        </div>
      </section>
      <ReadPart {...loaderData} />
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
