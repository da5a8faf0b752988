import type { Material, MaterialId, NeedId, PlaceKind, Rung } from "../model";
import type { SetOut } from "../setup";
import type { Drawing } from "./drawing";
import { type Layout, layOut } from "./layout";
import { frontOf } from "./trayPicture";

/** What a rung is usually set out from: the things that it names, as many as it names. */
export const usualThings = (
  rung: Pick<Rung, "materials">,
  materials: ReadonlyMap<string, Material>,
): SetOut[] =>
  rung.materials.flatMap(({ id, material, quantity }) => {
    const known = materials.get(material);
    return known ? [{ need: id, material: known, quantity }] : [];
  });

/** Things as they were allotted: by the ids of their materials. */
export const allottedThings = (
  allotted: readonly { need: NeedId; material: MaterialId; quantity: number }[],
  materials: ReadonlyMap<string, Material>,
): SetOut[] =>
  allotted.flatMap(({ need, material, quantity }) => {
    const known = materials.get(material);
    return known ? [{ need, material: known, quantity }] : [];
  });

/** The tray laid out; undefined where there is nothing to lay out. */
export const layoutOf = (
  rung: Pick<Rung, "fits" | "floor">,
  things: readonly SetOut[],
  place: PlaceKind,
): Layout | undefined => (things.length === 0 && !rung.floor ? undefined : layOut(rung, things, place));

/** Needs whose thing and number are on the other tray as well. */
export const sameNeeds = (things: readonly SetOut[], other: readonly SetOut[]): ReadonlySet<string> =>
  new Set(
    things
      .filter((one) =>
        other.some((two) => two.material.id === one.material.id && two.quantity === one.quantity),
      )
      .map((one) => one.need),
  );

/** The tray as it stands, small, with what is the same elsewhere pale; undefined where there is nothing on it. */
export function smallFront(
  rung: Pick<Rung, "fits">,
  things: readonly SetOut[],
  place: PlaceKind,
  same?: ReadonlySet<string>,
): Drawing | undefined {
  // A way over the floor is too long for a small picture: its things stand together.
  const layout = layoutOf({ fits: rung.fits }, things, place);
  return layout && frontOf(layout, same);
}
