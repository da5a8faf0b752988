import { createContext, use } from "react";
import type { Holding, Makings, Material, PlainDate, SiteId } from "../../core/model";
import type { Units } from "../../core/units";
import type { InUse } from "../../engine/queries/cupboard";
import { usedText } from "./usedText";

/** What is in the cupboard of a home: cells read it by themselves, so that a tick draws its own row anew and no table. */
export interface Inside {
  holdings: ReadonlyMap<string, Holding>;
  inUse: ReadonlyMap<string, InUse>;
  materials: readonly Material[];
  makings: Makings;
  site: SiteId;
  today: PlainDate;
  units: Units;
}

export const InsideContext = createContext<Inside | undefined>(undefined);

export function useInside(): Inside {
  const inside = use(InsideContext);
  if (!inside) throw new Error("A part of the cupboard stands outside of it.");
  return inside;
}

export const useHolding = ({ id }: Material): Holding | undefined => useInside().holdings.get(id);

/** How it is made at home, where it is. */
export const useMaking = ({ id }: Material) => useInside().makings[id];

/** Where a thing is just now, in words. */
export function useUsed({ id }: Material): string {
  const use = useInside().inUse.get(id);
  return use ? usedText(use) : "";
}

/** The rows of a table that are open for more, and the way to open and close one. */
export const OpenRows = createContext<{ open: readonly string[]; toggle(material: Material): void }>({
  open: [],
  toggle: () => undefined,
});
