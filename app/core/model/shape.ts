import { z } from "zod";

const edge = z.number().positive("a length above 0 mm").max(5000, "a length up to 5000 mm");

/** A rigid piece in millimetres: sphere [d]; cylinder and disc [d, h]; box [l, w, h]; ellipsoid [three full diameters]. */
export const PieceShape = z.discriminatedUnion("shape", [
  z.object({ shape: z.literal("sphere"), mm: z.tuple([edge]) }),
  z.object({ shape: z.literal("cylinder"), mm: z.tuple([edge, edge]) }),
  z.object({ shape: z.literal("disc"), mm: z.tuple([edge, edge]) }),
  z.object({ shape: z.literal("box"), mm: z.tuple([edge, edge, edge]) }),
  z.object({ shape: z.literal("ellipsoid"), mm: z.tuple([edge, edge, edge]) }),
]);
export type PieceShape = z.infer<typeof PieceShape>;
