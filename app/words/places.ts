import type { PlaceKind } from "../core/model";

export const PLACE_NAMES: Record<PlaceKind, string> = {
  bay: "shelf bay",
  table: "low table",
  mat: "mat",
  floor: "floor",
  "high-chair": "high-chair tray",
  tower: "step tower",
  window: "window",
  "wet-spot": "wet spot",
  outdoors: "outdoors",
  line: "drying line",
  routine: "in the day",
};
