import type { PrepLine } from "../core/prep";
import { amountText, type Units } from "../core/units";
import { taskText } from "../words/prep";

/** What is done before each time that a tray comes: to be read, not ticked. */
export const EachTimeLines = ({ lines, units }: { lines: readonly PrepLine[]; units: Units }) =>
  lines.length === 0 ? null : (
    <ul>
      {lines.map((line) => (
        <li key={line.id}>
          {line.step === "fill" && line.quantity && line.unit
            ? `${amountText(line.quantity, line.unit, units)} `
            : ""}
          {taskText(line, units)}
        </li>
      ))}
    </ul>
  );
