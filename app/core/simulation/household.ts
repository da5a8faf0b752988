import { DAYS_PER_MONTH } from "../age";
import {
  addDays,
  type Catalogue,
  Child,
  ChildId,
  emptyTables,
  Holding,
  Household,
  Place,
  type PlainDate,
  plainDate,
  type Tables,
} from "../model";

const STAMP = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
export const START = plainDate("2026-01-05");
export const CHILD = ChildId.parse("child");
const SITE = "home";
const KINDS = ["bay", "bay", "bay", "bay", "table", "mat", "floor", "outdoors"] as const;
export const BAYS = KINDS.length;

/** A home with one child of so many months at the start, eight places and more of everything than is needed. */
export function plentifulHome(catalogue: Catalogue, months: number): Tables {
  const birth: PlainDate = addDays(START, -Math.round(months * DAYS_PER_MONTH));
  return {
    ...emptyTables(),
    household: [
      Household.parse({
        ...STAMP,
        id: "household",
        name: "A home",
        sites: [{ id: SITE, name: "Home" }],
        limits: { adultBeside: 6, adultHeld: 3, wet: 2, messy: 3, loud: 4, prepMinutes: 90, cents: 0 },
      }),
    ],
    children: [Child.parse({ ...STAMP, id: CHILD, name: "Child", birth })],
    places: KINDS.map((kind, i) =>
      Place.parse({ ...STAMP, id: `place-${i}`, site: SITE, name: `Place ${i}`, kind, order: i }),
    ),
    holdings: catalogue.materials.map((material) =>
      Holding.parse({
        ...STAMP,
        id: `have-${material.id}`,
        site: SITE,
        material: material.id,
        quantity: Math.max(40, material.usual, (material.pack?.quantity ?? 0) * 2),
      }),
    ),
  };
}
