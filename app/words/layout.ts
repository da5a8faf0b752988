import type { FloorPlan, Ground, Layout } from "../core/draw";
import type { FloorMark, FloorStation } from "../core/model";
import type { SetOut } from "../core/setup";
import { MM_PER_INCH, type Units } from "../core/units";

/** How each need of a tray is called: by what serves it here. */
export const namesOfNeeds = (things: readonly SetOut[]): ReadonlyMap<string, string> =>
  new Map(things.map((one) => [one.need, one.material.name]));

const cm = (mm: number) => `${Math.round(mm / 10)}`;

const GROUNDS: Record<Ground["kind"], string> = {
  tray: "tray",
  board: "the board itself, without a tray,",
  table: "part of the table",
  mat: "part of the mat",
  floor: "part of the floor",
  edge: "as it is laid ready",
  wet: "wet spot",
  line: "under the line",
};

/** A calm step of an adult: a distance can be paced out with it. */
const STEP_MM = 600;
const HALVES = new Intl.NumberFormat("en-GB", { maximumFractionDigits: 1 });

/** "60 cm" or "2 ft". */
export function distanceText(mm: number, units: Units): string {
  if (units !== "us") return mm < 1000 ? `${Math.round(mm / 10)} cm` : `${HALVES.format(mm / 1000)} m`;
  const inches = Math.round(mm / MM_PER_INCH);
  return inches < 18 ? `${inches} in` : `${HALVES.format(Math.round(inches / 6) / 2)} ft`;
}

/** "1 step", "2½ steps", where it is a step or more. */
export function stepsText(mm: number): string | undefined {
  const halves = Math.round((2 * mm) / STEP_MM);
  if (halves < 2) return undefined;
  const whole = halves >> 1;
  return `${whole}${halves % 2 ? "½" : ""} ${halves === 2 ? "step" : "steps"}`;
}

const MARKS: Record<FloorMark, string> = {
  child: "the child",
  baby: "the baby, lying",
  adult: "you",
  seat: "a chair",
  wall: "a wall",
  stop: "the stop",
};

function tapeText({ form, lengthCm, count }: Extract<FloorStation, { kind: "tape" }>, units: Units): string {
  const long = distanceText(lengthCm * 10, units);
  switch (form) {
    case "line":
      return `a line of tape, ${long}`;
    case "lines":
      return `two lines of tape side by side, ${long}`;
    case "river":
      return `two lines of tape across, ${long} each`;
    case "bend":
      return `a wide bend of tape, ${long}`;
    case "letter":
      return `a large S of tape, ${long}`;
    case "squares":
      return `${count} squares of tape in a row, ${long} a side`;
    case "square":
      return `a square of tape, ${long} a side`;
  }
}

/** The way over the floor, station by station, with its distances. */
function floorText({ stations }: FloorPlan, names: ReadonlyMap<string, string>, units: Units): string {
  const parts = stations.map((one) => {
    const name = () => (one.kind === "things" ? (names.get(one.need) ?? one.need) : "");
    const what =
      one.kind === "mark"
        ? MARKS[one.mark]
        : one.kind === "tape"
          ? tapeText(one, units)
          : `${one.count > 1 ? `${one.count} × ` : ""}${name()}${one.count > 1 && one.across ? " side by side" : ""}${
              one.apartCm > 0 ? `, ${distanceText(one.apartCm * 10, units)} between them` : ""
            }`;
    return one.gapCm === 0 ? what : `after ${distanceText(one.gapCm * 10, units)} ${what}`;
  });
  return parts.join("; ");
}

/** How many of what, from left to right: "6 discs, then a box with a slot". */
export function layoutText(layout: Layout, names: ReadonlyMap<string, string>, units: Units): string {
  if (layout.way) return `On the floor, from left to right: ${floorText(layout.way, names, units)}`;
  const needs = [...layout.things].sort((a, b) => a.x - b.x).map((one) => one.need);
  const parts = [...new Set(needs)].map((need) => {
    const count = layout.things.filter((one) => one.need === need && !one.isFilling).length;
    const name = names.get(need) ?? need;
    return count > 1 ? `${count} × ${name}` : name;
  });
  return `From above, left to right: ${parts.join("; ")}`;
}

/** What the drawing is as large as, and what it leaves out. */
export function scaleText(
  { ground, fits, fewer, way }: Layout,
  names: ReadonlyMap<string, string>,
  units: Units,
): string {
  const size =
    units === "us"
      ? `${distanceText(ground.widthMm, units)} × ${distanceText(ground.depthMm, units)}`
      : `${cm(ground.widthMm)} × ${cm(ground.depthMm)} cm`;
  const of = `${GROUNDS[ground.kind]}${ground.kind === "edge" ? "," : ""} ${size}, drawn to scale`;
  const left = fewer.map(
    (one) => ` Of ${one.quantity} ${names.get(one.need) ?? one.need} ${one.drawn} are drawn.`,
  );
  const off = fits
    ? ""
    : " More than a tray, or the bare board of a usual bay (45 × 32 cm), holds side by side: put some of it in a bowl, or stand it beside the shelf.";
  const paced = way ? ` A step is one of yours, about ${distanceText(STEP_MM, units)}.` : "";
  return `${of[0]?.toUpperCase()}${of.slice(1)}.${paced}${left.join("")}${off}`;
}
