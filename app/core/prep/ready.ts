import type { Holding, Material, PlainDate } from "../model";

/** So much of a thing that was made before and is good to a day: then nothing has to be mixed. */
export const readyOf = (
  material: Pick<Material, "id">,
  { holdings, from }: { holdings: ReadonlyMap<string, Holding>; from: PlainDate },
  quantity: number,
): Holding | undefined =>
  [...holdings.values()].find(
    (one) =>
      one.material === material.id &&
      one.useBy !== undefined &&
      one.useBy >= from &&
      one.quantity >= quantity,
  );
