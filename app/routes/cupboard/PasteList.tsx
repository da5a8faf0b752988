import { Button, Input } from "antd";
import { useId } from "react";
import { useFetcher } from "react-router";
import type { ListedLine } from "../../core/materials/pasteList";
import type { Material } from "../../core/model";
import { atWork } from "../../ui/answered";
import type { CupboardAnswer } from "./actions";

interface ConfirmLineProps {
  one: ListedLine;
  materials: readonly Material[];
}

/** One line as it was understood: which thing, how many, and what to look at. */
function ConfirmLine({ one, materials }: ConfirmLineProps) {
  const id = useId();
  const named = one.materials.flatMap((wanted) => materials.find((material) => material.id === wanted) ?? []);
  const unit = named[0]?.unit ?? "piece";
  return (
    <li>
      <label htmlFor={id}>{one.line}</label>
      <select id={id} name="material" defaultValue={named[0]?.id ?? ""}>
        {named.map((material) => (
          <option key={material.id} value={material.id}>
            {material.name}
          </option>
        ))}
        <option value="">leave it out</option>
      </select>
      <span>
        <Input
          name="quantity"
          type="number"
          min={0}
          step="any"
          aria-label={`How many: ${one.line}`}
          defaultValue={one.quantity}
          style={{ width: 90 }}
        />{" "}
        {unit === "piece" ? "" : unit}
      </span>
      {named.length === 0 && <small>Nothing like it is known. Add it as a thing of your own.</small>}
      {one.note && <small>{one.note}</small>}
    </li>
  );
}

/** A list from elsewhere, one thing a line: read, shown for confirming, and taken. */
export function PasteList({ site, materials }: { site: string; materials: readonly Material[] }) {
  const reading = useFetcher<CupboardAnswer>();
  const adding = useFetcher<CupboardAnswer>();
  const listed = reading.data?.listed;
  const done = adding.data?.added;
  return (
    <details className="paste-list">
      <summary>Paste a list</summary>
      <reading.Form method="post" aria-label="Paste a list">
        <input type="hidden" name="intent" value="read-list" />
        <label htmlFor="list-text">One thing a line, for example “6 small bowls” or “rice 500 g”</label>
        <Input.TextArea id="list-text" name="text" rows={5} maxLength={20_000} />
        <Button htmlType="submit" loading={atWork(reading)}>
          Read it
        </Button>
        {reading.data?.problems.map((problem) => (
          <p className="fault" role="alert" key={problem.path}>
            {problem.message}
          </p>
        ))}
      </reading.Form>
      {listed && listed.length === 0 && <p className="quiet">There is no thing in it that could be read.</p>}
      {listed && listed.length > 0 && (
        <adding.Form
          method="post"
          aria-label="Confirm the list"
          key={listed.map((one) => one.line).join("|")}
        >
          <input type="hidden" name="intent" value="add-list" />
          <input type="hidden" name="site" value={site} />
          <ul className="listed">
            {listed.map((one, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a list may hold the same line twice, and lines never move
              <ConfirmLine key={`${i} ${one.line}`} one={one} materials={materials} />
            ))}
          </ul>
          <Button htmlType="submit" type="primary" loading={atWork(adding)}>
            Put them in the cupboard
          </Button>
          {adding.data?.problems.map((problem) => (
            <p className="fault" role="alert" key={problem.path}>
              {problem.message}
            </p>
          ))}
          {done && (
            <span className="done" role="status">
              {done} are in the cupboard.
            </span>
          )}
        </adding.Form>
      )}
    </details>
  );
}
