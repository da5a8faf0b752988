import { Child, type Household, Household as HouseholdRow, Place, plainDate } from "../core/model";

/** The day the demo stands at. */
export const DEMO_DATE = plainDate("2026-05-10");
const stamp = { createdAt: "2026-02-14T19:00:00.000Z", updatedAt: "2026-02-14T19:00:00.000Z" };

export const HOME = "home";
export const GRANDMA = "grandmother";

export const DEMO_HOUSEHOLD: Household = HouseholdRow.parse({
  ...stamp,
  id: "household",
  name: "The flat above the ferry quay",
  sites: [
    { id: HOME, name: "At home" },
    { id: GRANDMA, name: "Grandmother's flat" },
  ],
  approach: "quiet-shelf",
  limits: { adultBeside: 3, adultHeld: 2, wet: 1, messy: 1, loud: 2, prepMinutes: 35, cents: 0 },
  rotationDays: 7,
  demoDate: DEMO_DATE,
});

export const DEMO_CHILDREN: Child[] = [
  Child.parse({
    ...stamp,
    id: "tove",
    name: "Tove",
    birth: "2024-10-05",
    due: "2024-11-09",
    mouths: "no",
    interests: ["bridges", "snails", "keys"],
  }),
  Child.parse({
    ...stamp,
    id: "pim",
    name: "Pim",
    birth: "2025-10-02",
    mouths: "yes",
    interests: ["ringing"],
  }),
];

const bay = (board: number, order: number, outOfReachOf: string[]) =>
  Place.parse({
    ...stamp,
    id: `bay-${board}-${order}`,
    site: HOME,
    name: `${["Top", "Middle", "Bottom"][board]} board, ${["left", "middle", "right"][order]}`,
    kind: "bay",
    board,
    order,
    outOfReachOf,
    servesOnly: ["tove"],
  });

/** Three boards with eight bays: a seven-month-old on the floor reaches only the lowest. */
export const DEMO_PLACES: Place[] = [
  bay(0, 0, ["pim"]),
  bay(0, 1, ["pim"]),
  bay(0, 2, ["pim"]),
  bay(1, 0, ["pim"]),
  bay(1, 1, ["pim"]),
  bay(1, 2, ["pim"]),
  bay(2, 0, []),
  bay(2, 1, []),
  Place.parse({
    ...stamp,
    id: "low-table",
    site: HOME,
    name: "Low table",
    kind: "table",
    order: 1,
    outOfReachOf: ["pim"],
    because: "high",
    servesOnly: ["tove"],
    cue: "after the nap",
  }),
  Place.parse({
    ...stamp,
    id: "mat",
    site: HOME,
    name: "Mat by the window",
    kind: "mat",
    order: 2,
    servesOnly: ["pim"],
  }),
  Place.parse({
    ...stamp,
    id: "balcony",
    site: HOME,
    name: "Balcony",
    kind: "outdoors",
    order: 3,
    outOfReachOf: ["pim"],
    because: "door",
    servesOnly: ["tove"],
    cue: "before supper",
  }),
  Place.parse({
    ...stamp,
    id: "grandma-table",
    site: GRANDMA,
    name: "Kitchen table",
    kind: "table",
    order: 0,
  }),
  Place.parse({ ...stamp, id: "grandma-floor", site: GRANDMA, name: "Carpet", kind: "floor", order: 1 }),
];
