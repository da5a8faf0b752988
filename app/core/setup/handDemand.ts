import type { Grasp, Material, Rung } from "../model";
import { lyingWidthMm } from "./shapes";

/** What a rung asks of the hand. */
export interface HandDemand {
  /** How wide its smallest loose piece is to the hand, in mm (a disc lying, a rod across); absent where nothing of a known size is held. */
  pieceMm?: number;
  /** How a piece of this size is held: see `graspFor`. */
  grasp?: Grasp;
  /** Its place on the axes of stiffness and strength; absent where the activity has no such axis. */
  stiffness?: number;
  strength?: number;
}

/** From these widths on a piece is taken with the whole hand, or with three fingers, in mm. Our judgement. */
const WHOLE_HAND_FROM_MM = 35;
const THREE_FINGERS_FROM_MM = 15;

/** The grasp that a piece of a width asks for: the whole hand, three fingers, or thumb and fingertip. */
export function graspFor(pieceMm: number): Grasp {
  if (pieceMm >= WHOLE_HAND_FROM_MM) return "whole-hand";
  return pieceMm >= THREE_FINGERS_FROM_MM ? "three-fingers" : "thumb-fingertip";
}

/** The smallest piece that the child has loose in the hand, by the things that serve the rung's needs. */
export function smallestPieceMm(
  rung: Pick<Rung, "materials">,
  materialFor: (need: Rung["materials"][number]) => Pick<Material, "piece" | "unit"> | undefined,
): number | undefined {
  const widths = rung.materials.flatMap((need) => {
    const material = need.loose ? materialFor(need) : undefined;
    return material?.piece && material.unit === "piece" ? [lyingWidthMm(material.piece)] : [];
  });
  return widths.length === 0 ? undefined : Math.min(...widths);
}

/** What a rung asks of the hand as it is set out. */
export function handDemandOf(
  rung: Pick<Rung, "materials" | "axes">,
  materialFor: Parameters<typeof smallestPieceMm>[1],
): HandDemand {
  const pieceMm = smallestPieceMm(rung, materialFor);
  const { stiffness, strength } = rung.axes;
  return {
    ...(pieceMm === undefined ? {} : { pieceMm, grasp: graspFor(pieceMm) }),
    ...(stiffness === undefined ? {} : { stiffness }),
    ...(strength === undefined ? {} : { strength }),
  };
}
