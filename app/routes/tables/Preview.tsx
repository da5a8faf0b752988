import { Table, type TableColumnsType } from "antd";
import type { NotesReading, ReadNote } from "../../core/csv";
import { ScrollAcross } from "../../ui/ScrollAcross";
import { faultText, readingText } from "../../words/csv";
import { plainDay } from "../../words/dates";

const SHOWN_NOTES = 6;
const SHOWN_FAULTS = 8;

const COLUMNS: TableColumnsType<ReadNote> = [
  { title: "Date", render: (_, one) => plainDay(one.on) },
  { title: "Child", render: (_, one) => one.child.name },
  {
    title: "Activity, step",
    render: (_, one) =>
      one.activity ? `${one.activity.name}, ${one.rung?.title}` : "away from any activity",
  },
  {
    title: "Told",
    render: (_, { told }) =>
      Object.entries(told)
        .map(([field, value]) => `${field} ${typeof value === "boolean" ? (value ? "yes" : "no") : value}`)
        .join(", "),
  },
  { title: "Words", dataIndex: "words" },
];

/** What comes of a table: its first notes, and the rows that can't be read. */
export function Preview({ reading }: { reading: NotesReading }) {
  const { notes, faults } = reading;
  return (
    <>
      <p role="status">
        <strong>{readingText(reading)}</strong>
      </p>
      {notes.length > 0 && (
        <ScrollAcross label="The first notes">
          <Table<ReadNote>
            size="small"
            columns={COLUMNS}
            dataSource={notes.slice(0, SHOWN_NOTES)}
            rowKey="row"
            pagination={false}
          />
        </ScrollAcross>
      )}
      {faults.length > 0 && (
        <ul className="quiet">
          {faults.slice(0, SHOWN_FAULTS).map((one) => (
            <li key={`${one.row} ${one.field}`}>{faultText(one)}</li>
          ))}
          {faults.length > SHOWN_FAULTS && <li>and {faults.length - SHOWN_FAULTS} more.</li>}
        </ul>
      )}
    </>
  );
}
