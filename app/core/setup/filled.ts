import type { Filling, Rung } from "../model";
import type { SetOut } from "./meetings";

/** How many pieces of a tray lie out for the number that it is filled with. */
export interface FilledPieces {
  thing: SetOut;
  /** So many lie out; the others wait behind the tray. */
  out: number;
  /** The number asks for so many more than there are. */
  lacking: number;
}

/** The number of a filling, where it is one that can be laid out: "4". */
function numberOf({ layer, on }: Filling): number | undefined {
  const number = layer === "number" && /^\d{1,2}$/.test(on.trim()) ? Number(on) : 0;
  return number > 0 ? number : undefined;
}

/**
 * Which pieces are counted out for a number, and how many of them: the loose ones of which there are most. Undefined where the
 * filling is no number, or nothing is there several times.
 */
export function filledPieces(
  filling: Filling | undefined,
  rung: Pick<Rung, "materials">,
  things: readonly SetOut[],
): FilledPieces | undefined {
  const number = filling && numberOf(filling);
  if (!number) return undefined;
  const isLoose = (need: string) => rung.materials.some((one) => one.id === need && one.loose);
  const [thing] = things
    .filter((one) => one.quantity > 1 && one.material.unit === "piece" && isLoose(one.need))
    .toSorted((a, b) => b.quantity - a.quantity);
  return (
    thing && {
      thing,
      out: Math.min(number, thing.quantity),
      lacking: Math.max(0, number - thing.quantity),
    }
  );
}
