import { Segmented } from "antd";
import { type CsvTable, type DateOrder, dateOrderOf, NOTE_FIELDS } from "../../core/csv";
import { type Child, ChildId } from "../../core/model";
import { Choice } from "../../ui/controls/Choice";
import { cellsOf, type Said } from "./said";

const NONE = "none";

interface MappingPartProps {
  table: CsvTable;
  said: Said;
  onSay(said: Said): void;
  people: readonly Child[];
}

/** Which column holds what; how the dates are written, where they could be read in two ways; whose notes they are. */
export function MappingPart({ table, said, onSay, people }: MappingPartProps) {
  const { mapping, order, child } = said;
  const columns = [
    { value: NONE, label: "no column" },
    ...table.columns.map((name, i) => ({ value: String(i), label: name || `column ${i + 1}` })),
  ];
  const dates = cellsOf(table, mapping.date);
  const areEither = dates.some((one) => !/^\d{4}/.test(one.trim())) && dateOrderOf(dates) === undefined;
  return (
    <>
      <h3>Which column holds what</h3>
      <div className="grid">
        {NOTE_FIELDS.map(({ id }) => (
          <span key={id}>
            <label htmlFor={`column-${id}`}>{id}</label>
            <Choice
              id={`column-${id}`}
              value={mapping[id] === undefined ? NONE : String(mapping[id])}
              options={columns}
              onChange={(chosen) =>
                onSay({
                  ...said,
                  mapping: { ...mapping, [id]: chosen === NONE ? undefined : Number(chosen) },
                })
              }
            />
          </span>
        ))}
        {mapping.child === undefined && people.length > 1 && (
          <span>
            <label htmlFor="whose">whose notes</label>
            <Choice
              id="whose"
              value={child || NONE}
              options={[
                { value: NONE, label: "choose" },
                ...people.map((one) => ({ value: one.id, label: one.name })),
              ]}
              onChange={(chosen) => onSay({ ...said, child: chosen === NONE ? "" : ChildId.parse(chosen) })}
            />
          </span>
        )}
      </div>
      {areEither && (
        <p>
          Dates such as {dates.find((one) => one.trim() !== "")} are written with{" "}
          <Segmented<DateOrder>
            aria-label="Order of a date"
            value={order}
            onChange={(chosen) => onSay({ ...said, order: chosen })}
            options={[
              { value: "day-first", label: "the day first" },
              { value: "month-first", label: "the month first" },
            ]}
          />
        </p>
      )}
    </>
  );
}
