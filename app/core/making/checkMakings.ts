import type { Issue, Makings, Material } from "../model";
import { passingWidthMm } from "../setup";
import { cutSizes } from "./cuts";

const fault = (code: string, path: string, message: string): Issue => ({ code, path, message });

/** So far may an opening that is written of a thing lie from the one that its making cuts, in mm. */
const SAME_MM = 1;

/** What is wrong with makings: a thing that is nowhere, a cut without a size, an opening that the pieces don't pass. */
export function faultsOfMakings(makings: Makings, materials: ReadonlyMap<string, Material>): Issue[] {
  return Object.entries(makings).flatMap(([id, { cuts }]): Issue[] => {
    const made = materials.get(id);
    if (!made) return [fault("unknown-material", id, `There is no material "${id}" to be made.`)];
    return cuts.flatMap((cut, i): Issue[] => {
      const path = `${id}/cuts[${i}]`;
      const piece = materials.get(cut.for)?.piece;
      if (!piece)
        return [fault("no-size", path, `"${cut.for}" is nowhere, or has no size, so nothing is cut for it.`)];
      const sizes = cutSizes(cut, piece).map((one) => one.mm);
      const least = Math.min(...sizes);
      if (!(least > 0)) return [fault("misfit", path, `A cut for "${cut.for}" would be nothing.`)];
      if (cut.for === id) return [];
      const takes = passingWidthMm(piece);
      const { openingMm } = made;
      return [
        ...(least < takes
          ? [fault("misfit", path, `Cut ${least} mm wide, "${cut.for}" of ${takes} mm does not pass.`)]
          : []),
        ...(openingMm !== undefined && Math.abs(openingMm - least) > SAME_MM
          ? [
              fault(
                "misfit",
                path,
                `It is cut ${least} mm wide, but its opening is said to be ${openingMm} mm.`,
              ),
            ]
          : []),
      ];
    });
  });
}
