import {
  Activity,
  Child,
  type Hazard,
  Material,
  type PieceShape,
  Place,
  plainDate,
  type Rung,
} from "../../model";
import { assess, type TrayThing } from "../assess";

export const ON = plainDate("2026-05-10");
export const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
export const child = (id: string, birth: string, more: object = {}) =>
  Child.parse({ ...stamp, id, name: id, birth, ...more });
export const place = (outOfReachOf: string[] = [], id = "bay") =>
  Place.parse({ ...stamp, id, site: "home", name: id, kind: "bay", outOfReachOf, because: "gate" });
export const people = (children: Child[]) => ({ children, ticks: [] });

export const baby = child("baby", "2025-10-10");
export const toddler = child("toddler", "2024-05-10", { mouths: "no" });
export const mouthing = child("mouthing", "2024-05-10");
export const big = child("big", "2022-05-10");

export const material = (hazards: Hazard[], piece?: PieceShape) =>
  Material.parse({ id: "m", name: "thing", use: "reusable", found: "toys", hazards, piece });
export const thing = (hazards: Hazard[], piece?: PieceShape): TrayThing => ({
  material: material(hazards, piece),
  loose: true,
});

export const activity = Activity.parse({
  id: "a",
  name: "A",
  invitation: "i",
  area: "hands",
  family: "f",
  form: "g",
  glyph: "ball",
  places: ["bay"],
  prepMinutes: 1,
  clearMinutes: 1,
  playMinutes: 1,
  rungs: [
    {
      id: "r",
      title: "t",
      window: { p10: 10, median: 14, p90: 20 },
      axes: {},
      grows: ["posts"],
      materials: [],
    },
  ],
});
const [only] = activity.rungs;
if (!only) throw new Error("a rung was expected");
export const rung: Rung = only;

export const stateFor = (things: TrayThing[], who: Child, everyone: Child[], at = place()) =>
  assess({ activity, rung, things, place: at, users: [who], people: people(everyone) }, ON).state;
