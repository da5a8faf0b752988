import { Checkbox, Input } from "antd";
import { memo, useCallback, useState } from "react";
import { useFetcher } from "react-router";
import type { Holding, Issue, Material, PlainDate } from "../../core/model";
import type { Units } from "../../core/units";
import { Act, LinkAct } from "../../ui/controls/Act";
import { AS_JSON } from "../../ui/Send";
import { useTap } from "../../ui/useTap";
import { shortDay } from "../../words/dates";
import { hazardWords } from "../../words/hazards";
import { HoldingForm } from "./HoldingForm";
import { SizeCell } from "./SizeCell";

/** Where a thing is just now: on which trays, kept for which, until when it lasts. */
export interface InUse {
  out: readonly string[];
  /** Names of trays of the rotation that is accepted for later. */
  keptFor: readonly string[];
  runsOutOn?: PlainDate;
}

interface RowProps {
  material: Material;
  holding?: Holding;
  units: Units;
  inUse?: InUse;
  site: string;
  today: PlainDate;
}

const originWords = { owned: "", gathered: "gathered", borrowed: "borrowed" };

/** "drawer · borrowed, back on 3 May · use by 9 May" */
function aboutText(holding: Holding): string {
  const back = holding.dueBack ? `back on ${shortDay(holding.dueBack)}` : "";
  return [
    holding.where,
    [originWords[holding.origin], back].filter(Boolean).join(", "),
    holding.useBy ? `use by ${shortDay(holding.useBy)}` : "",
    holding.worn ? `worn since ${shortDay(holding.worn)}` : "",
  ]
    .filter(Boolean)
    .join(" · ");
}

function usedText({ out, keptFor, runsOutOn }: InUse): string {
  return [
    out.length > 0 ? `out: ${out.join(", ")}` : "",
    keptFor.length > 0 ? `kept for ${keptFor.join(", ")}` : "",
    runsOutOn ? `runs out on ${shortDay(runsOutOn)}` : "",
  ]
    .filter(Boolean)
    .join("; ");
}

/** Past its date, or due back: it is not planned with. */
const isOver = (holding: Holding, today: PlainDate) =>
  (holding.useBy !== undefined && holding.useBy < today) ||
  (holding.dueBack !== undefined && holding.dueBack <= today);

interface CellsProps extends Pick<RowProps, "material" | "holding" | "units" | "today"> {
  /** How many there are, with what is on its way. */
  shown: number;
  used: string;
  isSaved: boolean;
  issues: readonly Issue[] | undefined;
  set(amount: string): void;
  step(by: 1 | -1): void;
}

/** A row of the cupboard, kept as it is while only other rows change: there are some hundred of them. */
export function MaterialRow({ material, holding, units, inUse, site, today }: RowProps) {
  const fetcher = useFetcher<{ issues: Issue[] }>();
  const tap = useTap();
  /** Steps that are on their way. */
  const [by, setBy] = useState(0);
  const { submit } = fetcher;
  const set = useCallback(
    (amount: string) =>
      void submit({ intent: "set", site, material: material.id, quantity: amount }, AS_JSON),
    [submit, site, material.id],
  );
  // Told as a step and not as a sum: taps that come quicker than they are drawn count, too.
  const step = useCallback(
    (one: 1 | -1) => {
      setBy((before) => before + one);
      void tap({ intent: "step", site, material: material.id, by: one }).finally(() =>
        setBy((before) => before - one),
      );
    },
    [tap, site, material.id],
  );
  const pending = (fetcher.json as { quantity?: string } | undefined)?.quantity;
  return (
    <Cells
      material={material}
      holding={holding}
      units={units}
      today={today}
      shown={pending === undefined ? Math.max(0, (holding?.quantity ?? 0) + by) : Number(pending)}
      used={inUse ? usedText(inUse) : ""}
      isSaved={fetcher.data?.issues.length === 0 && fetcher.state === "idle"}
      issues={fetcher.data?.issues}
      set={set}
      step={step}
    />
  );
}

const Cells = memo(function Cells(props: CellsProps) {
  const { material, holding, units, today, shown, used, isSaved, issues, set, step } = props;
  const [open, setOpen] = useState(false);
  const quantity = holding?.quantity ?? 0;
  const about = holding ? aboutText(holding) : "";
  const hazards = hazardWords(material, holding?.measured);
  const id = `quantity-${material.id}`;
  return (
    <>
      <tr className={shown > 0 ? "" : "absent"}>
        <td>
          <Checkbox
            key={String(quantity > 0)}
            defaultChecked={quantity > 0}
            aria-label={`We have: ${material.name}`}
            onChange={(event) => set(event.target.checked ? String(material.usual || 1) : "0")}
          />
        </td>
        <th scope="row">
          <label htmlFor={id}>{material.name}</label>
          {about && <small className={holding && isOver(holding, today) ? "over" : ""}>{about}</small>}
          {shown > 0 && holding && (
            <LinkAct
              type="button"
              className="row-more"
              aria-expanded={open}
              aria-label={`${about ? "change" : "where, how long"}: ${material.name}`}
              onClick={() => setOpen(!open)}
            >
              {about ? "change" : "where, how long"}
            </LinkAct>
          )}
        </th>
        <td>
          <Input
            key={quantity}
            id={id}
            className="quantity"
            type="number"
            min={0}
            step="any"
            defaultValue={quantity}
            onBlur={(event) => event.target.value !== String(quantity) && set(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === "Enter") event.currentTarget.blur();
              if (event.key === "+" || event.key === "-") {
                event.preventDefault();
                step(event.key === "+" ? 1 : -1);
              }
            }}
          />
          {shown > 0 && (
            <span className="step-keys">
              <Act type="button" aria-label={`One less: ${material.name}`} onClick={() => step(-1)}>
                −
              </Act>
              <Act type="button" aria-label={`One more: ${material.name}`} onClick={() => step(1)}>
                +
              </Act>
            </span>
          )}{" "}
          <span className="quiet">{material.unit === "piece" ? "" : material.unit}</span>
          {isSaved && (
            <span className="done" role="status">
              saved
            </span>
          )}
          {issues?.map((issue) => (
            <span className="fault" role="alert" key={issue.path}>
              {issue.message}
            </span>
          ))}
        </td>
        <td className="quiet size">
          <SizeCell material={material} holding={holding} units={units} />
        </td>
        <td className="hazards">
          {hazards.map((word) => (
            <span className="hazard" key={word}>
              {word}
            </span>
          ))}
        </td>
        <td className="quiet in-use">{used}</td>
      </tr>
      {open && holding && (
        <tr>
          <td />
          <td colSpan={5}>
            <HoldingForm
              holding={holding}
              material={material}
              today={today}
              units={units}
              onDone={() => setOpen(false)}
            />
          </td>
        </tr>
      )}
    </>
  );
});
