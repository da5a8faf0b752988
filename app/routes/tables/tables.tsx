import { Button } from "antd";
import { href, Link } from "react-router";
import type { SavedTable } from "../../engine/queries/tableFile";
import { saveFile } from "../../ui/saveFile";
import { titled } from "../../words/titles";
import { askAtTap, askFor } from "../askFor";
import type { Route } from "./+types/tables";
import { ReadPart } from "./ReadPart";

export const meta = () => titled("Tables");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "tables");

const SAVED: readonly [SavedTable, string][] = [
  ["notes", "Notes"],
  ["cupboard", "Cupboard"],
  ["rotations", "Rotations"],
];

/** The household's tables for a spreadsheet, and notes from one. */
export default function TablesPage({ loaderData }: Route.ComponentProps) {
  const save = async (table: SavedTable) => {
    const file = await askAtTap("tableFile", { table });
    if (file) saveFile(file.name, file.text, "text/csv");
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
            <Button key={what} onClick={() => void save(what)}>
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
