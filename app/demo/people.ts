import {
  Child,
  type Household,
  Household as HouseholdRow,
  Moment,
  Place,
  plainDate,
  SkillNote,
} from "../core/model";

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

/** Heights of the three boards above the floor, in cm, from the top. */
const BOARD_CM = [95, 60, 15];

const bay = (board: number, order: number) =>
  Place.parse({
    ...stamp,
    id: `bay-${board}-${order}`,
    site: HOME,
    name: `${["Top", "Middle", "Bottom"][board]} board, ${["left", "middle", "right"][order]}`,
    kind: "bay",
    board,
    order,
    heightCm: BOARD_CM[board],
    servesOnly: ["tove"],
  });

/** Three boards with eight bays: a seven-month-old who sits on the floor reaches only the lowest. */
export const DEMO_PLACES: Place[] = [
  bay(0, 0),
  bay(0, 1),
  bay(0, 2),
  bay(1, 0),
  bay(1, 1),
  bay(1, 2),
  bay(2, 0),
  bay(2, 1),
  Place.parse({
    ...stamp,
    id: "low-table",
    site: HOME,
    name: "Low table",
    kind: "table",
    order: 1,
    heightCm: 40,
    outOfReachOf: ["pim"],
    because: "gate",
    saidOn: "2026-04-26",
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
    saidOn: "2026-04-26",
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

const moment = (id: string, place: string, routine: Moment["routine"], at: string, minutes: number) =>
  Moment.parse({ ...stamp, id, place, routine, at, minutes });

/** When the table and the mat are used; the balcony has no hours of its own. */
export const DEMO_MOMENTS: Moment[] = [
  moment("table-breakfast", "low-table", "after-breakfast", "08:30", 20),
  moment("mat-morning", "mat", "morning", "09:30", 15),
  moment("table-nap", "low-table", "after-nap", "15:00", 30),
  moment("mat-nap", "mat", "after-nap", "16:00", 15),
];

const tick = (child: string, skill: string, on: string, seen: boolean) =>
  SkillNote.parse({ ...stamp, id: `tick-${child}-${skill}-${on}`, child, skill, on, seen });

/** Every other Friday the parents looked what Pim does not do yet, so that they know which boards he gets at. */
const LOOKED = [
  "2026-02-13",
  "2026-02-27",
  "2026-03-13",
  "2026-03-27",
  "2026-04-10",
  "2026-04-24",
  "2026-05-08",
];

/** What they ticked: he sits; by the demo's day he neither crawls nor pulls himself up. */
export const DEMO_TICKS: SkillNote[] = [
  tick("pim", "sits", "2026-04-28", true),
  ...LOOKED.flatMap((on) => [tick("pim", "crawls", on, false), tick("pim", "pulls-up", on, false)]),
];
