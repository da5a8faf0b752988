import type { Preset } from "../../core/model";

/** Where in a home a thing is usually found: the groups of the cupboard. */
export const FOUND: Record<Preset, string> = {
  kitchen: "Kitchen",
  bathroom: "Bathroom",
  laundry: "Laundry",
  desk: "Desk and paper",
  toys: "Toys and made things",
  living: "Living room",
  outdoors: "From outdoors",
};
