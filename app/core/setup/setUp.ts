import type { Fit, Material, Need } from "../model";
import { lyingWidthMm, mouthMm, passingWidthMm, volumeMl } from "./shapes";

/** A thing that is set out, with its size as it is here, and how much of it. */
export interface Thing {
  material: Pick<Material, "piece" | "openingMm" | "holdsMl" | "wells"> &
    Partial<Pick<Material, "unit" | "bulkMl" | "stemMm">>;
  quantity: number;
}

/** How two things of a rung meet. */
export interface Meeting {
  ok: boolean;
  /** How much wider the place is than what goes there, in mm; below 0 it does not go. */
  playMm?: number;
  /** Which of it fails: the way in, or the room for all of them at once. */
  fault?: "too-narrow" | "too-many";
}

/**
 * The share of a vessel that loose pieces of one kind fill when they are poured in: about 0.64 for balls, less for
 * sticks and for few pieces in a narrow vessel. Taken low, so that what is said to fit does.
 */
const PACKING = 0.55;

const withPlay = (room: number | undefined, takes: number | undefined): Meeting | undefined => {
  if (room === undefined || takes === undefined) return undefined;
  const playMm = room - takes;
  return playMm >= 0 ? { ok: true, playMm } : { ok: false, playMm, fault: "too-narrow" };
};

const both = (way: Meeting | undefined, isRoom: boolean | undefined): Meeting | undefined => {
  if (way && !way.ok) return way;
  if (isRoom === false) return { ...way, ok: false, fault: "too-many" };
  return way && isRoom !== undefined ? way : undefined;
};

const sizeOf = ({ material: { piece } }: Thing, width: typeof passingWidthMm) => piece && width(piece);

/** Every piece of a has a well of b to itself, and lies in it. */
const inWells = (a: Thing, { material: { wells }, quantity }: Thing) =>
  both(withPlay(wells?.widthMm, sizeOf(a, lyingWidthMm)), wells && a.quantity <= wells.count * quantity);

/** Every piece of a goes in at the mouth of b, and all of them lie in it at once. */
const liesIn = (a: Thing, b: Thing) => {
  const { holdsMl } = b.material;
  // One piece alone leaves no gaps to count.
  const share = a.quantity > b.quantity ? PACKING : 1;
  const bulk = a.material.piece && (volumeMl(a.material.piece) * a.quantity) / share;
  return both(
    withPlay(mouthMm(b.material), sizeOf(a, passingWidthMm)),
    bulk === undefined || holdsMl === undefined ? undefined : bulk <= holdsMl * b.quantity,
  );
};

/** The ml that it takes up when it is poured: of what is weighed, by how loosely it lies. */
const pouredMl = ({ material: { unit = "ml", bulkMl }, quantity }: Thing): number | undefined =>
  bulkMl !== undefined ? quantity * bulkMl : unit === "ml" ? quantity : undefined;

const poursInto = (a: Thing, { material: { holdsMl }, quantity }: Thing): Meeting | undefined => {
  const takesMl = pouredMl(a);
  if (holdsMl === undefined || takesMl === undefined) return undefined;
  return takesMl <= holdsMl * quantity ? { ok: true } : { ok: false, fault: "too-many" };
};

/** Do the two things meet as they should? Undefined where a size that it hangs on is not known. */
export function meet(how: Fit["how"], a: Thing, b: Thing): Meeting | undefined {
  switch (how) {
    case "through":
      return withPlay(b.material.openingMm, sizeOf(a, passingWidthMm));
    case "onto":
      return withPlay(a.material.openingMm, b.material.stemMm ?? sizeOf(b, passingWidthMm));
    case "pours-into":
      return poursInto(a, b);
    case "in-wells":
      return inWells(a, b);
    case "lies-in":
      return liesIn(a, b);
  }
}

/** How two needs of a rung meet, made from the things that they are thought for. */
export function meetAsWritten(
  fit: Fit,
  needs: readonly Need[],
  materials: ReadonlyMap<string, Material>,
): Meeting | undefined {
  const thing = (id: string): Thing | undefined => {
    const need = needs.find((one) => one.id === id);
    const material = need && materials.get(need.material);
    return material && { material, quantity: need.quantity };
  };
  const [a, b] = [thing(fit.a), thing(fit.b)];
  return a && b && meet(fit.how, a, b);
}
