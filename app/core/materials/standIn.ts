import type { Hazard, Material, MaterialId, Need, PieceShape, Rung } from "../model";

/** What is otherwise when one material stands in for another. */
export interface Change {
  what:
    | "larger"
    | "smaller"
    | "wider"
    | "narrower"
    | "holds-more"
    | "holds-less"
    | "used-up"
    | "kept"
    | "hazard-gone";
  /** How much, as a share of the original where sizes are compared. */
  share?: number;
  hazard?: Hazard["kind"];
}
export type StandInChange = Change | { what: "hazard"; hazard: Hazard["kind"] };

/** Less than this is no difference one would notice: a tenth. */
const NOTICED = 0.1;

const longest = (piece: PieceShape | undefined) => (piece ? Math.max(...piece.mm) : undefined);

function compared<A extends Change["what"]>(
  a: number | undefined,
  b: number | undefined,
  more: A,
  less: A,
): Change[] {
  if (a === undefined || b === undefined || Math.abs(b / a - 1) < NOTICED) return [];
  return [{ what: b > a ? more : less, share: b / a }];
}

/** What changes when `other` serves for `asked`: size, opening, what it holds, whether it is used up, hazards. */
export function standInChanges(asked: Material, other: Material): StandInChange[] {
  const kinds = (one: Material) => new Set(one.hazards.map((hazard) => hazard.kind));
  const [before, after] = [kinds(asked), kinds(other)];
  return [
    ...[...after].filter((kind) => !before.has(kind)).map((hazard) => ({ what: "hazard" as const, hazard })),
    ...compared(longest(asked.piece), longest(other.piece), "larger", "smaller"),
    ...compared(asked.openingMm, other.openingMm, "wider", "narrower"),
    ...compared(asked.holdsMl, other.holdsMl, "holds-more", "holds-less"),
    ...(asked.use !== other.use
      ? [{ what: other.use === "consumable" ? ("used-up" as const) : ("kept" as const) }]
      : []),
    ...[...before]
      .filter((kind) => !after.has(kind))
      .map((hazard) => ({ what: "hazard-gone" as const, hazard })),
  ];
}

/** The need of a rung that a material serves, by itself or as a stand-in. */
export const needServedBy = (
  rung: Pick<Rung, "materials">,
  material: MaterialId,
  materials: ReadonlyMap<string, Material>,
): Need | undefined =>
  rung.materials.find((need) => need.material === material) ??
  rung.materials.find((need) =>
    materials.get(need.material)?.standIns.some((one) => one.material === material),
  );
