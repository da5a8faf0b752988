import type { Mixed } from "../core/materials";
import type { MaterialId } from "../core/model";
import { type DryingSpot, type MissingPart, oneToN, type PrepLine, type Shopping } from "../core/prep";
import { amountText, kitchenText, lengthText, type Units } from "../core/units";
import { fillingText, heapsText } from "./fillings";
import { countText } from "./numbers";

/** Where work dries, after a colon. */
export const spotText = (spot: DryingSpot): string =>
  spot === "flat" ? "flat and out of reach" : spot.place;

/** The parts of a recipe in the measures of a kitchen. */
export const partsText = (mixed: Mixed, units: Units): string =>
  mixed.parts.map((part) => `${kitchenText(part.quantity, part.unit, units)} ${part.name}`).join(", ");

/** What is to be done, without a full stop; the amount of what is gathered and filled stands before it. */
export function taskText({ task: one }: Pick<PrepLine, "task">, units: Units): string {
  switch (one.task) {
    case "gather":
      return one.thing;
    case "mix": {
      const { how, standsHours } = one.recipe;
      const stands = standsHours > 0 ? ` It stands ${standsHours} h first.` : "";
      return `${one.thing}, unless some is fresh: ${partsText(one.mixed, units)}. ${how}${stands}`;
    }
    case "each":
      return `${one.thing}: ${one.rule.k} for each of ${one.rule.n}`;
    case "one-to-n":
      return `${one.thing}: one, two and so on up to ${one.rule.n}`;
    case "cut": {
      const { rule, cutting, pieces, thing } = one;
      const slice = lengthText(rule.sliceMm, units);
      return `${thing}: ${pieces} slices of ${slice} from ${cutting.lengths} of ${lengthText(rule.stockMm, units)}`;
    }
    case "fill":
      return `${one.thing} for ${one.tray}`;
    case "print":
      return `${one.sheet}, for ${one.tray}`;
    case "filling-pieces": {
      const heaps = heapsText(one.filling, one.heaps);
      const out = one.heaps.reduce((sum, { count }) => sum + count, 0);
      const all = out === one.of ? "all there are" : `of ${one.of}`;
      const few = one.filling.layer === "colour" ? "too few of a colour for more" : `${one.lacking} too few`;
      const of = one.lacking > 0 ? `${all}, ${few}` : `of ${one.of}`;
      return `${one.thing} for ${fillingText(one.filling)}, ${heaps ? `${heaps}, ` : ""}${of}: ${one.tray}`;
    }
    case "filling-sheet":
      return `${fillingText(one.filling)} to read, for ${one.tray}`;
    case "label":
      return `A label for each new tray: ${one.trays.join(", ")}`;
    case "set-out":
      return `${one.tray}: ${one.rung}. At ${one.place}${one.held ? ", kept up high" : ""}`;
    case "beside":
      return `${one.wet ? "A towel below and a dry cloth" : "A sheet below and a damp cloth"} beside ${one.tray}`;
    case "dry":
      return `Room for the work of ${one.tray} to dry: ${spotText(one.spot)}`;
  }
}

function cutSum({ rule, cutting }: Extract<PrepLine["task"], { task: "cut" }>, units: Units): string {
  const mm = (length: number) => lengthText(length, units);
  const { stockMm, sliceMm, cutMm } = rule;
  const division = `(${mm(stockMm)} + ${mm(cutMm)}) ÷ (${mm(sliceMm)} + ${mm(cutMm)})`;
  const left = mm(Math.round(cutting.wasteMm));
  return `one of ${mm(stockMm)} gives ${cutting.slicesEach}: ${division}, the cut taking ${mm(cutMm)}; ${cutting.cuts} cuts, ${left} left over`;
}

/** How the number of a line came about; undefined where there is nothing to reckon. */
export function sumText(
  line: Pick<PrepLine, "task" | "quantity" | "unit">,
  units: Units,
): string | undefined {
  const one = line.task;
  switch (one.task) {
    case "gather":
      return one.parts.length > 1
        ? `${one.parts.map((part) => `${part.quantity} for ${part.tray}`).join(" + ")} = ${line.quantity}`
        : undefined;
    case "mix": {
      const { makes, minutes, keepsDays } = one.recipe;
      const unit = line.unit === "piece" ? "" : ` ${line.unit}`;
      const times = Math.round(one.mixed.times * 100) / 100;
      const keeps = `keeps ${keepsDays} ${keepsDays === 1 ? "day" : "days"}`;
      return `the recipe makes ${makes}${unit}; ${line.quantity} ÷ ${makes} = ${countText(times, "time")}; about ${minutes} min; ${keeps}`;
    }
    case "each":
      return `${one.rule.n} × ${one.rule.k} = ${line.quantity}`;
    case "one-to-n": {
      const { n } = one.rule;
      return `${oneToN(n).join(" + ")} = ${n} × ${n + 1} ÷ 2 = ${line.quantity}`;
    }
    case "cut":
      return cutSum(one, units);
    case "fill": {
      if (!one.vessel || line.quantity === undefined) return undefined;
      const { name, holdsMl } = one.vessel;
      const so = holdsMl >= line.quantity ? "it can’t run over" : "stopping in time is the task";
      return `${name} holds ${amountText(holdsMl, "ml", units)} in all: ${so}`;
    }
    case "set-out":
      return one.minutes > 0 ? `about ${one.minutes} min for the whole tray` : undefined;
    case "dry":
      return `about ${one.hours} h after each time`;
    default:
      return undefined;
  }
}

/** "flour: 250 g, for salt-free play dough, home-made; 100 g there" */
export const partText = ({ name, quantity, unit, have, mixes }: MissingPart, units: Units): string =>
  `${name}: ${kitchenText(quantity, unit, units)}, for ${mixes.join(", ")}${have ? `; ${kitchenText(have, unit, units)} there` : ""}`;

/** The list as plain text, to be sent or printed. */
export function shoppingText(
  shopping: Shopping,
  missing: readonly MissingPart[],
  printed: ReadonlySet<MaterialId>,
  title: string,
  units: Units,
): string {
  const lines = shopping.lines.map(({ material, get, packs }) => {
    const what = packs
      ? `${packs.count} × pack of ${amountText(material.pack?.quantity ?? 0, material.unit, units)}`
      : "";
    return `- ${material.name}: ${amountText(get, material.unit, units)}${what ? ` (${what})` : ""}${printed.has(material.id) ? ", or printed at home" : ""}`;
  });
  const instead = shopping.standIns.map(
    ({ asked, instead: other }) => `- not needed: ${asked.name} (${other.name} serves)`,
  );
  const parts = missing.map((part) => `- ${partText(part, units)}`);
  return [title, ...lines, ...parts, ...instead].join("\n");
}
