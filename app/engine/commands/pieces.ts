import { z } from "zod";
import { issuesOf, ok, PieceShape, type Result } from "../../core/model";

export const ShapeName = z.enum(["sphere", "disc", "cylinder", "box", "ellipsoid"]);
export type ShapeName = z.infer<typeof ShapeName>;

const EDGES: Readonly<Record<ShapeName, number>> = { sphere: 1, disc: 2, cylinder: 2, box: 3, ellipsoid: 3 };

const mm = z.coerce
  .number("Sizes are numbers in mm.")
  .positive("Sizes are above 0 mm.")
  .max(5000, "Sizes are at most 5000 mm.");

/** A size as it is typed: what is missing is told by the shape. */
export const typedMm = z.union([z.string(), z.number()]).transform(String).default("");

/** A piece as it is typed: sizes in mm, as many as the shape has edges. */
export interface GivenPiece {
  shape: ShapeName;
  mm1: string;
  mm2: string;
  mm3: string;
}

/** The piece from shape and edges; a fault where an edge that the shape has is missing. */
export function pieceOf({ shape, mm1, mm2, mm3 }: GivenPiece): Result<PieceShape> {
  const edges = [mm1, mm2, mm3].slice(0, EDGES[shape]);
  const read = z.array(mm).safeParse(edges);
  if (read.success) return ok(PieceShape.parse({ shape, mm: read.data }));
  return {
    ok: false,
    // One at a time: the first edge that is missing.
    issues: issuesOf(read.error)
      .slice(0, 1)
      .map((issue) => ({
        ...issue,
        path: `mm${Number(read.error.issues[0]?.path[0]) + 1}`,
        message: `${issue.message} A ${shape} has ${edges.length} of them.`,
      })),
  };
}
