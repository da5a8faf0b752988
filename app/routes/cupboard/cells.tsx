import { Checkbox, InputNumber, Tag, Tooltip } from "antd";
import { memo, use, useCallback, useState } from "react";
import type { Holding, Issue, Material, PieceShape, PlainDate } from "../../core/model";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { MakingCard } from "../../ui/MakingCard";
import { shortDay } from "../../words/dates";
import { hazardTips } from "../../words/hazards";
import { HoldingForm } from "./HoldingForm";
import { OpenRows, useHolding, useInside, useMaking, useUsed } from "./inside";
import { useQuantity } from "./quantityRuns";
import { SizeCell } from "./SizeCell";

interface CellProps {
  material: Material;
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

/** Past its date, or due back: it is not planned with. */
const isOver = (holding: Holding, today: PlainDate) =>
  (holding.useBy !== undefined && holding.useBy < today) ||
  (holding.dueBack !== undefined && holding.dueBack <= today);

/** Whether it is there at all: a tick is the usual amount of it. */
export function HaveCell({ material }: CellProps) {
  const { set } = useQuantity(material);
  return <HaveTick material={material} isHere={(useHolding(material)?.quantity ?? 0) > 0} set={set} />;
}

interface Setting {
  material: Material;
  set(amount: string): void;
}

/** The router tells every row of whatever is sent; the controls themselves are drawn anew only where they change. */
const HaveTick = memo(function HaveTick({ material, isHere, set }: Setting & { isHere: boolean }) {
  return (
    <Checkbox
      key={String(isHere)}
      defaultChecked={isHere}
      aria-label={`We have: ${material.name}`}
      onChange={(event) =>
        set(event.target.checked ? String(material.usual || material.pack?.quantity || 1) : "0")
      }
    />
  );
});

/** Its name, where it is and until when; the way to say so. */
export function NameCell({ material }: CellProps) {
  const { open, toggle } = use(OpenRows);
  const holding = useHolding(material);
  const { today } = useInside();
  const about = holding ? aboutText(holding) : "";
  const making = useMaking(material);
  const isHere = holding !== undefined && holding.quantity > 0;
  const more = isHere ? (about ? "change" : "where, how long") : making && "how to make it";
  return (
    <>
      <label htmlFor={`quantity-${material.id}`} className={holding?.quantity ? "strong" : "quiet"}>
        {material.name}
      </label>
      {about && " "}
      {about && (
        <small className={holding && isOver(holding, today) ? "inline fault" : "inline"}>{about}</small>
      )}
      {more && (
        <InlineButton
          type="button"
          aria-expanded={open.includes(material.id)}
          aria-label={`${more}: ${material.name}`}
          onClick={() => toggle(material)}
        >
          {more}
        </InlineButton>
      )}
    </>
  );
}

/** Taps of one more or one less, told as steps and not as a sum: those that come quicker than they are drawn count, too. */
function useSteps(material: Material) {
  const { site } = useInside();
  const { run } = useCommand("cupboard.step");
  /** Steps that are on their way. */
  const [by, setBy] = useState(0);
  const step = useCallback(
    (one: 1 | -1) => {
      setBy((before) => before + one);
      void run({ site, material: material.id, by: one }).finally(() => setBy((before) => before - one));
    },
    [run, site, material.id],
  );
  return { by, step };
}

/** How many there are, typed or stepped. */
export function QuantityCell({ material }: CellProps) {
  const { current, set } = useQuantity(material);
  const { by, step } = useSteps(material);
  const quantity = useHolding(material)?.quantity ?? 0;
  const shown = current.underway === undefined ? Math.max(0, quantity + by) : Number(current.underway);
  return (
    <QuantityField
      material={material}
      quantity={quantity}
      isHere={shown > 0}
      set={set}
      step={step}
      isSaved={current.isSaved}
      issues={current.issues}
    />
  );
}

interface QuantityFieldProps extends Setting {
  quantity: number;
  isHere: boolean;
  step(by: 1 | -1): void;
  isSaved: boolean;
  issues: readonly Issue[] | undefined;
}

/**
 * What is typed stands until it is answered, whatever comes meanwhile; a fault leaves it, another amount takes its place.
 * Who has just come into the field types over what stood there then, and not into an amount that arrives under their hands.
 */
function useTyped(quantity: number, set: Setting["set"]) {
  const [typed, setTyped] = useState<string>();
  const [isFocused, setFocused] = useState(false);
  const [entered, setEntered] = useState<number>();
  const [known, setKnown] = useState(quantity);
  if (known !== quantity && !isFocused) {
    setKnown(quantity);
    setTyped(undefined);
  }
  const leave = () => {
    setFocused(false);
    setEntered(undefined);
    setKnown(quantity);
    if (typed !== undefined && typed !== String(quantity)) set(typed);
  };
  const enter = () => {
    setFocused(true);
    setEntered(quantity);
  };
  /** Steps are counted from what there is, and shown as they come. */
  const stepped = () => {
    setTyped(undefined);
    setEntered(undefined);
  };
  return { value: typed ?? entered ?? quantity, setTyped, stepped, enter, leave };
}

const QuantityField = memo(function QuantityField(props: QuantityFieldProps) {
  const { material, quantity, isHere, set, step, isSaved, issues } = props;
  const { value, setTyped, stepped, enter, leave } = useTyped(quantity, set);
  return (
    <>
      <InputNumber<string | number>
        id={`quantity-${material.id}`}
        style={{ width: 84 }}
        size="small"
        controls={false}
        value={value}
        onInput={setTyped}
        onFocus={enter}
        onBlur={leave}
        onPressEnter={(event) => (event.target as HTMLInputElement).blur()}
        onKeyDown={(event) => {
          if (event.key !== "+" && event.key !== "-") return;
          event.preventDefault();
          stepped();
          step(event.key === "+" ? 1 : -1);
        }}
        suffix={material.unit === "piece" ? undefined : material.unit}
      />
      {isHere && (
        <span className="nowrap">
          <ActionButton type="button" aria-label={`One less: ${material.name}`} onClick={() => step(-1)}>
            −
          </ActionButton>
          <ActionButton type="button" aria-label={`One more: ${material.name}`} onClick={() => step(1)}>
            +
          </ActionButton>
        </span>
      )}
      {isSaved && (
        <span className="good" role="status">
          saved
        </span>
      )}
      {issues?.map((issue) => (
        <span className="fault" role="alert" key={issue.path}>
          {issue.message}
        </span>
      ))}
    </>
  );
});

/** The usual size of a piece, or the one that was measured here. */
export const PieceCell = ({ material }: CellProps) => (
  <SizeCell material={material} holding={useHolding(material)} units={useInside().units} />
);

/** What it can do, as tags; each tells what is meant by it. */
export const HazardCell = ({ material }: CellProps) => (
  <Hazards material={material} measured={useHolding(material)?.measured} />
);

const Hazards = memo(function Hazards({ material, measured }: CellProps & { measured?: PieceShape }) {
  return hazardTips(material, measured).map((one) => <HazardTag key={one.word} {...one} />);
});

/** A tip has much to prepare, and of hundreds few are looked at: it is there once its tag is pointed at. */
function HazardTag({ word, tip }: { word: string; tip?: string }) {
  const [met, setMet] = useState<"pointer" | "focus">();
  const tag = (
    <Tag
      // With its tip it is another tag, which has to be where the keyboard is.
      ref={(drawn: HTMLElement | null) => void (met === "focus" && drawn?.focus())}
      className="tag danger"
      tabIndex={tip ? 0 : undefined}
      onPointerEnter={() => setMet("pointer")}
      onFocus={() => setMet("focus")}
      onBlur={() => setMet("pointer")}
    >
      {word}
    </Tag>
  );
  if (!met || !tip) return tag;
  return (
    <Tooltip title={tip} defaultOpen>
      {tag}
    </Tooltip>
  );
}

export const UsedCell = ({ material }: CellProps) => useUsed(material);

/** Where it is, whose it is and until when, to be changed; and how it is made at home. */
export function AboutRow({ material, onDone }: CellProps & { onDone(): void }) {
  const holding = useHolding(material);
  const making = useMaking(material);
  const { today, units, materials, holdings } = useInside();
  const thingOf = (id: string) => {
    const piece = holdings.get(id)?.measured;
    const thing = materials.find((one) => one.id === id);
    return thing && piece ? { ...thing, piece } : thing;
  };
  return (
    <>
      {holding && (
        <HoldingForm holding={holding} material={material} today={today} units={units} onDone={onDone} />
      )}
      {making && <MakingCard name={material.name} making={making} units={units} thingOf={thingOf} />}
    </>
  );
}
