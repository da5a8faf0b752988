import { z } from "zod";
import { NeedId } from "./id";

/** Who or what stands on the floor besides the things of a rung. */
export const FLOOR_MARKS = ["child", "baby", "adult", "seat", "wall", "stop"] as const;
export type FloorMark = (typeof FLOOR_MARKS)[number];

/**
 * How tape is laid: along the way; as two lines along it; as two lines across it; in a wide bend; as a large S; as squares in
 * a row, which share their sides; as one square.
 */
export const TAPE_FORMS = ["line", "lines", "river", "bend", "letter", "squares", "square"] as const;
export type TapeForm = (typeof TAPE_FORMS)[number];

const gapCm = z.number().nonnegative().max(600, "at most 600");
const count = z.number().int().positive().max(20, "at most 20");

/** One station of a way over the floor, so many cm after the one before. */
export const FloorStation = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("mark"), gapCm, mark: z.enum(FLOOR_MARKS) }),
  /** Things of a need, one after the other along the way or side by side across it. */
  z.object({
    kind: z.literal("things"),
    gapCm,
    need: NeedId,
    count,
    apartCm: gapCm,
    across: z.boolean(),
    /** With its short side along the way. */
    turned: z.boolean(),
  }),
  /** Tape of a need: so long a line, or squares with sides of so much. */
  z.object({
    kind: z.literal("tape"),
    gapCm,
    need: NeedId,
    form: z.enum(TAPE_FORMS),
    lengthCm: z.number().positive().max(600, "at most 600"),
    count,
  }),
]);
export type FloorStation = z.infer<typeof FloorStation>;

/** How much tape a station takes, in cm. */
export const tapeCm = ({ form, lengthCm, count: n }: Extract<FloorStation, { kind: "tape" }>): number => {
  switch (form) {
    case "line":
    case "bend":
    case "letter":
      return lengthCm;
    case "lines":
    case "river":
      return 2 * lengthCm;
    case "squares":
      return (3 * n + 1) * lengthCm;
    case "square":
      return 4 * lengthCm;
  }
};
