import { useMemo, useState } from "react";
import { href, Link } from "react-router";
import { type CsvTable, type NotesReading, readCsv, readNotes } from "../../core/csv";
import type { Catalogue, Issue, PlainDate, Tables } from "../../core/model";
import type { CommandAnswer } from "../../engine/commands";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { FileField } from "../../ui/controls/FileField";
import { FileFaults } from "../../ui/FileFaults";
import { countText } from "../../words/numbers";
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
function TakenPart({ took }: { took: CommandAnswer<"tables.takeNotes"> }) {
  const drop = useCommand("tables.dropNotes");
  const retake = useCommand("tables.retakeNotes");
  const [isGone, setGone] = useState(false);
  const count = countText(took.observations.length + took.anecdotes.length, "note");
  const turn = async () => {
    if ((await (isGone ? retake : drop).run(took)) !== undefined) setGone(!isGone);
  };
  return (
    <div className="panel row told">
      <span role="status">{isGone ? `${count} taken away again.` : `${count} taken into the journal.`}</span>{" "}
      <InlineButton onClick={() => void turn()}>{isGone ? "Take them after all" : "Undo"}</InlineButton>{" "}
      <Link to={href("/journal")}>To the journal</Link>
    </div>
  );
}

/** Notes from a table that another program made: the file, what its columns hold, what comes of it, and the taking of it. */
export function ReadPart({ tables, catalogue, today }: ReadPartProps) {
  const takeNotes = useCommand("tables.takeNotes");
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
    await takeNotes.runForm(givenOf(reading));
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
          <ActionButton
            type="button"
            primary
            disabled={reading.notes.length === 0 || takeNotes.isBusy}
            onClick={() => void take()}
          >
            Take {countText(reading.notes.length, "note")}
          </ActionButton>
        </>
      )}
      {!table && takeNotes.answer && (
        <TakenPart took={takeNotes.answer} key={JSON.stringify(takeNotes.answer)} />
      )}
      {takeNotes.issues.length > 0 && <FileFaults issues={takeNotes.issues} />}
    </section>
  );
}
