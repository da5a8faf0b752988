import { useMemo, useState } from "react";
import { href, Link, useFetcher } from "react-router";
import { type CsvTable, type NotesReading, readCsv, readNotes } from "../../core/csv";
import type { Catalogue, Issue, PlainDate, Tables } from "../../core/model";
import { Act, LinkAct } from "../../ui/controls/Act";
import { FileField } from "../../ui/controls/FileField";
import { FileFaults } from "../../ui/FileFaults";
import { Send, useAsJson } from "../../ui/Send";
import { countText } from "../../words/numbers";
import type { TablesAnswer } from "./actions";
import { MappingPart } from "./MappingPart";
import { Preview } from "./Preview";
import { type Said, saidOf } from "./said";

interface ReadPartProps {
  tables: Tables;
  catalogue: Catalogue;
  today: PlainDate;
}

/** What is sent of the notes that were read. */
const givenOf = ({ notes }: NotesReading) => ({
  observations: notes.flatMap(({ activity, rung, child, on, words, told }) =>
    activity && rung
      ? [{ ...told, child: child.id, on, activity: activity.id, rung: rung.id, ...(words ? { words } : {}) }]
      : [],
  ),
  anecdotes: notes.flatMap(({ activity, child, on, words }) =>
    activity || !words ? [] : [{ child: child.id, on, words }],
  ),
});

/** What was taken of a table, with the way back. */
function TakenPart({ answer }: { answer: TablesAnswer }) {
  const fetcher = useFetcher<TablesAnswer>();
  const { took, isGone } = fetcher.data?.took ? fetcher.data : answer;
  if (!took) return null;
  const count = countText(took.observations.length + took.anecdotes.length, "note");
  return (
    <Send fetcher={fetcher} values={{ took }} className="panel row told">
      <span role="status">{isGone ? `${count} taken away again.` : `${count} taken into the journal.`}</span>{" "}
      <LinkAct name="intent" value={isGone ? "retake-notes" : "drop-notes"}>
        {isGone ? "Take them after all" : "Undo"}
      </LinkAct>{" "}
      <Link to={href("/journal")}>To the journal</Link>
    </Send>
  );
}

/** Notes from a table that another program made: the file, what its columns hold, what comes of it, and the taking of it. */
export function ReadPart({ tables, catalogue, today }: ReadPartProps) {
  const fetcher = useFetcher<TablesAnswer>();
  const asJson = useAsJson();
  const [table, setTable] = useState<CsvTable>();
  const [faults, setFaults] = useState<readonly Issue[]>([]);
  const [said, say] = useState<Said>({ mapping: {}, order: "day-first", child: "" });
  const children = tables.children;
  const open = async (file: File) => {
    const read = readCsv(await file.text());
    setFaults(read.ok ? [] : read.issues);
    setTable(read.ok ? read.value : undefined);
    if (read.ok) say(saidOf(read.value, children.length === 1 ? (children[0]?.id ?? "") : ""));
  };
  const reading = useMemo(
    () => table && readNotes(table, { ...said, child: said.child || undefined, today }, catalogue, tables),
    [table, said, today, catalogue, tables],
  );
  const take = async () => {
    if (!reading) return;
    await fetcher.submit({ intent: "take-notes", ...givenOf(reading) }, asJson);
    setTable(undefined);
  };
  return (
    <section className="row-form" aria-label="From a spreadsheet">
      <h2>Notes from a spreadsheet</h2>
      <p>
        Save the sheet as CSV, with the names of its columns in the first row. What each of them holds is
        shown before anything is taken. For a list of things, paste it in the{" "}
        <Link to={href("/cupboard")}>Cupboard</Link>.
      </p>
      <FileField label="Choose a table" accept=".csv,.tsv,.txt,text/csv" onFile={(file) => void open(file)} />
      {faults.length > 0 && <FileFaults issues={faults} />}
      {table && reading && (
        <>
          <MappingPart table={table} said={said} onSay={say} people={children} />
          <Preview reading={reading} />
          <Act
            type="button"
            primary
            disabled={reading.notes.length === 0 || fetcher.state !== "idle"}
            onClick={() => void take()}
          >
            Take {countText(reading.notes.length, "note")}
          </Act>
        </>
      )}
      {!table && fetcher.data?.took && (
        <TakenPart answer={fetcher.data} key={JSON.stringify(fetcher.data.took)} />
      )}
      {fetcher.data && fetcher.data.issues.length > 0 && <FileFaults issues={fetcher.data.issues} />}
    </section>
  );
}
