import type { Material } from "../model";

/** The name of a material; its id where a home keeps something of it that is in no catalogue any more. */
export const materialName = (materials: ReadonlyMap<string, Pick<Material, "name">>, id: string): string =>
  materials.get(id)?.name ?? id;
