import { Alert, Button, Form, Input, Select } from "antd";
import { useId, useState } from "react";
import { listOf, readCsv } from "../../core/csv";
import type { Issue, Material, SiteId } from "../../core/model";
import type { ListedLine } from "../../core/paste";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { Collapsible } from "../../ui/controls/Collapsible";
import { FileField } from "../../ui/controls/FileField";
import { FileFaults } from "../../ui/FileFaults";
import { noteText } from "../../words/paste";

/** A line as it is to be taken: the thing that was chosen, and the amount as it stands in its field. */
interface ChosenLine {
  material: string;
  quantity: string;
  danger: string;
}

const asUnderstood = ({ material, quantity, danger }: ListedLine): ChosenLine => ({
  material: material ?? "",
  quantity: String(quantity ?? ""),
  danger: danger?.id ?? "",
});

interface ConfirmLineProps {
  one: ListedLine;
  materials: readonly Material[];
  chosen: ChosenLine;
  onChoose(part: Partial<ChosenLine>): void;
}

const LEAVE_OUT = { value: "", label: "leave it out" };

/** Which things can be chosen for a line: what is meant and near, or, where it is dangerous or unknown, all of them. */
function optionsFor({ material, others, danger }: ListedLine, materials: readonly Material[]) {
  const name = (id: string) => materials.find((one) => one.id === id)?.name ?? id;
  const likely = [material, ...others].flatMap((id) => (id ? [{ value: id, label: name(id) }] : []));
  if (material) return [...likely, LEAVE_OUT];
  const rest = materials.map((one) => ({ value: one.id, label: one.name }));
  return [
    LEAVE_OUT,
    ...(likely.length > 0 ? [{ label: "Perhaps", options: likely }] : []),
    { label: danger ? "It is something else" : "All things", options: rest },
  ];
}

/** One line as it was understood: which thing, how many, and what to look at; dangerous and unknown things are left out. */
function ConfirmLine({ one, materials, chosen, onChoose }: ConfirmLineProps) {
  const id = useId();
  const unit = materials.find((material) => material.id === chosen.material)?.unit ?? one.unit;
  return (
    <li className="row">
      <label htmlFor={id} className="grow">
        {one.line}
      </label>
      <Select
        id={id}
        value={chosen.material}
        onChange={(material) => onChoose({ material })}
        options={optionsFor(one, materials)}
        showSearch={{ optionFilterProp: "label" }}
        popupMatchSelectWidth={320}
        style={{ width: 300 }}
      />
      <span>
        <Input
          type="number"
          min={0}
          step="any"
          aria-label={`How many: ${one.line}`}
          value={chosen.quantity}
          onChange={(event) => onChoose({ quantity: event.target.value })}
          style={{ width: 90 }}
        />{" "}
        {unit === "piece" ? "" : unit}
      </span>
      {one.danger && (
        <Alert
          type="error"
          className="fill"
          title={`Not into the cupboard: it reads like ${one.danger.name}. ${one.danger.why}`}
          description={`Instead: ${one.danger.instead}. Not for a moment in an open box either. If it is something else, say what: that is kept with the day.`}
        />
      )}
      {!one.danger && !one.material && (
        <small>I don’t know this. Choose what it is, or add it as a thing of your own.</small>
      )}
      {one.note && <small>{noteText(one.note)}</small>}
    </li>
  );
}

/** A longer list is no list to read through. */
const MOST_CHARACTERS = 20_000;

/** The list as it was understood, each line to be looked at, and taken into the cupboard. */
function ConfirmList({
  listed,
  site,
  materials,
}: {
  listed: readonly ListedLine[];
  site: SiteId;
  materials: readonly Material[];
}) {
  const addList = useCommand("cupboard.addList");
  const [lines, setLines] = useState(() => listed.map(asUnderstood));
  return (
    <Form
      aria-label="Confirm the list"
      className="entry"
      onFinish={() => void addList.runForm({ site, lines })}
    >
      <ul className="bare lines fill">
        {listed.map((one, i) => (
          <ConfirmLine
            // biome-ignore lint/suspicious/noArrayIndexKey: a list may hold the same line twice, and lines never move
            key={`${i} ${one.line}`}
            one={one}
            materials={materials}
            chosen={lines[i] ?? asUnderstood(one)}
            onChoose={(part) => setLines(lines.map((line, at) => (at === i ? { ...line, ...part } : line)))}
          />
        ))}
      </ul>
      <Button htmlType="submit" type="primary" loading={addList.isBusy}>
        Put them in the cupboard
      </Button>
      <CommandFaults of={addList} />
      {addList.answer !== undefined && (
        <span className="good" role="status">
          {addList.answer} things are in the cupboard.
        </span>
      )}
    </Form>
  );
}

/** A list from elsewhere, one thing a line: read, shown for confirming, and taken. */
export function PasteList({ site, materials }: { site: SiteId; materials: readonly Material[] }) {
  const readList = useCommand("cupboard.readList");
  const [text, setText] = useState("");
  const [faults, setFaults] = useState<readonly Issue[]>([]);
  const listed = readList.answer;
  const takeTable = async (file: File) => {
    const read = readCsv(await file.text());
    setFaults(read.ok ? [] : read.issues);
    if (read.ok) setText(listOf(read.value).slice(0, MOST_CHARACTERS));
  };
  return (
    <Collapsible title="Paste a list">
      <Form aria-label="Paste a list" className="entry" onFinish={() => void readList.run({ text })}>
        <label htmlFor="list-text">One thing a line, for example “6 small bowls” or “rice 500 g”</label>
        <Input.TextArea
          id="list-text"
          rows={5}
          maxLength={MOST_CHARACTERS}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <div className="row gap">
          <Button htmlType="submit" loading={readList.isBusy}>
            Read it
          </Button>
          <FileField
            label="From a table (CSV)"
            accept=".csv,.tsv,.txt,text/csv"
            onFile={(file) => void takeTable(file)}
          />
        </div>
        {faults.length > 0 && <FileFaults issues={faults} />}
        <CommandFaults of={readList} />
      </Form>
      {listed && listed.length === 0 && <p className="quiet">There is no thing in it that could be read.</p>}
      {listed && listed.length > 0 && (
        <ConfirmList
          key={listed.map((one) => one.line).join("|")}
          listed={listed}
          site={site}
          materials={materials}
        />
      )}
    </Collapsible>
  );
}
