import type { Fit, Material, Need } from "../model";
import { covers, standsOn } from "./cover";
import { type Meeting, type Thing, withPlay } from "./meeting";
import { lyingHeightMm, lyingWidthMm, mouthMm, passingWidthMm, volumeMl } from "./shapes";

/**
 * The share of a vessel that loose pieces of one kind fill when they are poured in: about 0.64 for balls, less for
 * sticks and for few pieces in a narrow vessel. Taken low, so that what is said to fit does.
 */
const PACKING = 0.55;

const both = (way: Meeting | undefined, isRoom: boolean | undefined): Meeting | undefined => {
  if (way && !way.ok) return way;
  if (isRoom === false) return { ...way, ok: false, fault: "too-many" };
  return way && isRoom !== undefined ? way : undefined;
};

const sizeOf = ({ material: { piece } }: Thing, width: typeof passingWidthMm) => piece && width(piece);

/** A hollow holds what is up to so many times as high as it is deep; higher ones lean and fall. Our judgement. */
const HELD_UP_TO = 4;

/** Every piece of a has a well of b to itself, lies in it and is held by it. */
const inWells = (a: Thing, { material: { wells }, quantity }: Thing): Meeting | undefined => {
  const way = both(
    withPlay(wells?.widthMm, sizeOf(a, lyingWidthMm), a.material.soft),
    wells && a.quantity <= wells.count * quantity,
  );
  const highMm = sizeOf(a, lyingHeightMm);
  const isHeld = highMm === undefined || wells?.depthMm === undefined || highMm <= HELD_UP_TO * wells.depthMm;
  return way?.ok && !isHeld ? { ...way, ok: false, fault: "too-shallow" } : way;
};

/** Every piece of a goes in at the mouth of b, and all of them lie in it at once. */
const liesIn = (a: Thing, b: Thing) => {
  const { holdsMl } = b.material;
  // One piece alone leaves no gaps to count.
  const share = a.quantity > b.quantity ? PACKING : 1;
  const bulk = a.material.piece && (volumeMl(a.material.piece) * a.quantity) / share;
  return both(
    withPlay(mouthMm(b.material), sizeOf(a, passingWidthMm), a.material.soft),
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

/** So many times as heavy a hand tells apart without a doubt; a grown hand tells a tenth. Our judgement. */
const CLEARLY_HEAVIER = 1.3;

const heavier = (a: Thing, b: Thing): Meeting | undefined => {
  const [of, than] = [a.material.massG, b.material.massG];
  if (of === undefined || than === undefined) return undefined;
  return of >= CLEARLY_HEAVIER * than ? { ok: true } : { ok: false, fault: "no-difference" };
};

const floatsIn = ({ material: { inWater } }: Thing) =>
  inWater === undefined || inWater === "soaks" ? undefined : inWater === "floats";

const unlike = (a: boolean | undefined, b: boolean | undefined): Meeting | undefined => {
  if (a === undefined || b === undefined) return undefined;
  return a === b ? { ok: false, fault: "no-difference" } : { ok: true };
};

/** So many times as long, at their longest, two things are told apart by the eye at once. Our judgement. */
const CLEARLY_LARGER = 1.25;
/** Up to so much of a difference, in each measure, two things pass for the same. Our judgement. */
const ALIKE_WITHIN = 0.1;

const larger = ({ material: of }: Thing, { material: than }: Thing): Meeting | undefined => {
  if (!of.piece || !than.piece) return undefined;
  return Math.max(...of.piece.mm) >= CLEARLY_LARGER * Math.max(...than.piece.mm)
    ? { ok: true }
    : { ok: false, fault: "no-difference" };
};

const alike = ({ material: { piece: a } }: Thing, { material: { piece: b } }: Thing): Meeting | undefined => {
  if (!a || !b) return undefined;
  const isSame =
    a.shape === b.shape && a.mm.every((mm, i) => Math.abs(mm - (b.mm[i] ?? 0)) <= ALIKE_WITHIN * mm);
  return isSame ? { ok: true } : { ok: false, fault: "not-alike" };
};

/** Do the two things meet as they should? Undefined where a size that it hangs on is not known. */
export function meet(how: Fit["how"], a: Thing, b: Thing): Meeting | undefined {
  switch (how) {
    case "through":
      return withPlay(b.material.openingMm, sizeOf(a, passingWidthMm), a.material.soft);
    case "onto":
      return withPlay(a.material.openingMm, b.material.stemMm ?? sizeOf(b, passingWidthMm));
    case "pours-into":
      return poursInto(a, b);
    case "in-wells":
      return inWells(a, b);
    case "lies-in":
      return liesIn(a, b);
    case "covers":
      return covers(a, b);
    case "stands-on":
      return standsOn(a, b);
    case "heavier":
      return heavier(a, b);
    case "floats-unlike":
      return unlike(floatsIn(a), floatsIn(b));
    case "drawn-unlike":
      return unlike(a.material.magnetic, b.material.magnetic);
    case "larger":
      return larger(a, b);
    case "alike":
      return alike(a, b);
    case "opens":
      return a.material.opensBy ? { ok: true } : { ok: false, fault: "shut" };
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
