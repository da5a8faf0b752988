import type { Ground, Layout } from "../core/draw";
import type { SetOut } from "../core/setup";

/** How each need of a tray is called: by what serves it here. */
export const namesOfNeeds = (things: readonly SetOut[]): ReadonlyMap<string, string> =>
  new Map(things.map((one) => [one.need, one.material.name]));

const cm = (mm: number) => `${Math.round(mm / 10)}`;

const GROUNDS: Record<Ground["kind"], string> = {
  tray: "tray",
  table: "part of the table",
  mat: "part of the mat",
  floor: "part of the floor",
  edge: "as it is laid ready",
  wet: "wet spot",
  line: "under the line",
};

/** How many of what, from left to right: "6 discs, then a box with a slot". */
export function layoutText(layout: Layout, names: ReadonlyMap<string, string>): string {
  const needs = [...layout.things].sort((a, b) => a.x - b.x).map((one) => one.need);
  const parts = [...new Set(needs)].map((need) => {
    const count = layout.things.filter((one) => one.need === need && !one.isFilling).length;
    const name = names.get(need) ?? need;
    return count > 1 ? `${count} × ${name}` : name;
  });
  return `From above, left to right: ${parts.join("; ")}`;
}

/** What the drawing is as large as, and what it leaves out. */
export function scaleText({ ground, fits, fewer }: Layout, names: ReadonlyMap<string, string>): string {
  const size = `${cm(ground.widthMm)} × ${cm(ground.depthMm)} cm`;
  const of = `${GROUNDS[ground.kind]}${ground.kind === "edge" ? "," : ""} ${size}, drawn to scale`;
  const left = fewer.map(
    (one) => ` Of ${one.quantity} ${names.get(one.need) ?? one.need} ${one.drawn} are drawn.`,
  );
  const off = fits
    ? ""
    : " More than a tray of 40 × 30 cm holds side by side: stand it on the board without one, or put some in a bowl.";
  return `${of[0]?.toUpperCase()}${of.slice(1)}.${left.join("")}${off}`;
}
