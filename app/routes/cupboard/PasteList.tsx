import { Alert, Button, Input, Select } from "antd";
import { useId, useState } from "react";
import { useFetcher } from "react-router";
import { listOf, readCsv } from "../../core/csv";
import type { Issue, Material, SiteId } from "../../core/model";
import type { ListedLine } from "../../core/paste";
import { atWork } from "../../ui/actionResult";
import { FileField } from "../../ui/controls/FileField";
import { Fold } from "../../ui/controls/Fold";
import { Hidden } from "../../ui/controls/Hidden";
import { FileFaults } from "../../ui/FileFaults";
import { Send } from "../../ui/Send";
import { noteText } from "../../words/paste";
import type { CupboardAnswer } from "./actions";

interface ConfirmLineProps {
  one: ListedLine;
  materials: readonly Material[];
  /** Which of the lines it is, from 0. */
  at: number;
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
function ConfirmLine({ one, materials, at }: ConfirmLineProps) {
  const id = useId();
  const [chosen, choose] = useState(one.material ?? "");
  const unit = materials.find((material) => material.id === chosen)?.unit ?? one.unit;
  return (
    <li className="row">
      <label htmlFor={id} className="grow">
        {one.line}
      </label>
      <Select
        id={id}
        value={chosen}
        onChange={choose}
        options={optionsFor(one, materials)}
        showSearch={{ optionFilterProp: "label" }}
        popupMatchSelectWidth={320}
        style={{ width: 300 }}
      />
      <Hidden name={`lines.${at}.material`} value={chosen} />
      <Hidden name={`lines.${at}.danger`} value={one.danger?.id ?? ""} />
      <span>
        <Input
          name={`lines.${at}.quantity`}
          type="number"
          min={0}
          step="any"
          aria-label={`How many: ${one.line}`}
          defaultValue={one.quantity}
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

/** A list from elsewhere, one thing a line: read, shown for confirming, and taken. */
export function PasteList({ site, materials }: { site: SiteId; materials: readonly Material[] }) {
  const reading = useFetcher<CupboardAnswer>();
  const adding = useFetcher<CupboardAnswer>();
  const [given, give] = useState("");
  const [faults, setFaults] = useState<readonly Issue[]>([]);
  const listed = reading.data?.listed;
  const takeTable = async (file: File) => {
    const read = readCsv(await file.text());
    setFaults(read.ok ? [] : read.issues);
    if (read.ok) give(listOf(read.value).slice(0, MOST_CHARACTERS));
  };
  const done = adding.data?.added;
  return (
    <Fold title="Paste a list">
      <Send fetcher={reading} values={{ intent: "read-list" }} aria-label="Paste a list" className="entry">
        <label htmlFor="list-text">One thing a line, for example “6 small bowls” or “rice 500 g”</label>
        <Input.TextArea
          key={given}
          id="list-text"
          name="text"
          rows={5}
          maxLength={MOST_CHARACTERS}
          defaultValue={given}
        />
        <div className="row gap">
          <Button htmlType="submit" loading={atWork(reading)}>
            Read it
          </Button>
          <FileField
            label="From a table (CSV)"
            accept=".csv,.tsv,.txt,text/csv"
            onFile={(file) => void takeTable(file)}
          />
        </div>
        {faults.length > 0 && <FileFaults issues={faults} />}
        {reading.data?.issues.map((issue) => (
          <p className="fault" role="alert" key={issue.path}>
            {issue.message}
          </p>
        ))}
      </Send>
      {listed && listed.length === 0 && <p className="quiet">There is no thing in it that could be read.</p>}
      {listed && listed.length > 0 && (
        <Send
          fetcher={adding}
          values={{ intent: "add-list", site: site }}
          aria-label="Confirm the list"
          className="entry"
          key={listed.map((one) => one.line).join("|")}
        >
          <ul className="bare lines fill">
            {listed.map((one, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a list may hold the same line twice, and lines never move
              <ConfirmLine key={`${i} ${one.line}`} one={one} materials={materials} at={i} />
            ))}
          </ul>
          <Button htmlType="submit" type="primary" loading={atWork(adding)}>
            Put them in the cupboard
          </Button>
          {adding.data?.issues.map((issue) => (
            <p className="fault" role="alert" key={issue.path}>
              {issue.message}
            </p>
          ))}
          {done && (
            <span className="good" role="status">
              {done} are in the cupboard.
            </span>
          )}
        </Send>
      )}
    </Fold>
  );
}
