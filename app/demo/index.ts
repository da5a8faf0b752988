import {
  activityOf,
  addDays,
  BACKUP_FORMAT,
  type Backup,
  type Catalogue,
  DATA_VERSION,
  type Ended,
  emptyTables,
  type Help,
  type Interest,
  Observation,
  type PlainDate,
  plainDate,
  Rotation,
  Tray,
} from "../core/model";
import { DEMO_HOLDINGS } from "./cupboard";
import {
  DEMO_CHILDREN,
  DEMO_DATE,
  DEMO_HOUSEHOLD,
  DEMO_MOMENTS,
  DEMO_PLACES,
  DEMO_TICKS,
  HOME,
} from "./people";
import { DEMO_GRASPS, DEMO_WEEKS, DEMO_WORDS } from "./weeks";

const WEEKS = 12;
const FIRST_DAY = plainDate("2026-02-16");
const weekStart = (week: number) => addDays(FIRST_DAY, (week - 1) * 7);
const stampOf = (date: PlainDate) => ({
  createdAt: `${date}T19:30:00.000Z`,
  updatedAt: `${date}T19:30:00.000Z`,
});

const HELP: Record<string, Help> = { a: "alone", l: "look", w: "word", h: "hand", n: "not-yet" };
const FEELING: Record<string, { interest: Interest; ended: Ended; mouthed?: boolean }> = {
  "+": { interest: "again", ended: "finished" },
  "=": { interest: "liked", ended: "finished" },
  "-": { interest: "little", ended: "left" },
  "0": { interest: "none", ended: "left" },
  x: { interest: "little", ended: "upset" },
  m: { interest: "liked", ended: "finished", mouthed: true },
};

interface Stay {
  from: number;
  to: number;
  child: string;
  activity: string;
  rung: string;
  place: string;
  /** Where it came by a moment: which, and the days of the week, 1 for Monday. */
  moment?: { id: string; weekdays: number[] };
  notes: string[];
}

const STAYS: Stay[] = DEMO_WEEKS.trim()
  .split("\n")
  .map((line) => {
    const [weeks = "", child = "", what = "", place = "", ...notes] = line.split(" ");
    const [from = 1, to = 1] = weeks.split("-").map(Number);
    const [activity = "", rung = ""] = what.split("/");
    const [at = "", when] = place.split("@");
    const [id = "", weekdays = ""] = when?.split(":") ?? [];
    return {
      ...{ from, to, child, activity, rung, place: at, notes },
      ...(when ? { moment: { id, weekdays: [...weekdays].map(Number) } } : {}),
    };
  });

const rotations: Rotation[] = Array.from({ length: WEEKS }, (_, i) =>
  Rotation.parse({
    ...stampOf(weekStart(i + 1)),
    id: `week-${i + 1}`,
    site: HOME,
    from: weekStart(i + 1),
    ...(i + 1 < WEEKS ? { to: weekStart(i + 2) } : {}),
  }),
);

const needsOf = (catalogue: Catalogue, stay: Stay) =>
  activityOf(catalogue, stay.activity)?.rungs.find((one) => one.id === stay.rung)?.materials ?? [];

const trayId = (stay: Stay, week: number) => `tray-${week}-${stay.child}-${stay.activity}`;

const traysOf = (catalogue: Catalogue): Tray[] =>
  STAYS.flatMap((stay) =>
    Array.from({ length: stay.to - stay.from + 1 }, (_, i) => stay.from + i).map((week) =>
      Tray.parse({
        ...stampOf(weekStart(week)),
        id: trayId(stay, week),
        rotation: `week-${week}`,
        child: stay.child,
        activity: stay.activity,
        rung: stay.rung,
        place: stay.place,
        state: "free",
        allotted: needsOf(catalogue, stay).map((need) => ({
          need: need.id,
          material: need.material,
          holding: `${HOME}-${need.material}`,
          quantity: need.quantity,
        })),
        outSince: weekStart(stay.from),
        ...(stay.moment
          ? {
              when: {
                moment: stay.moment.id,
                days: stay.moment.weekdays.map((day) => addDays(weekStart(week), day - 1)),
              },
            }
          : {}),
      }),
    ),
  );

/** The notes of a stay, spread over its days in the order they are written. */
const observations: Observation[] = STAYS.flatMap((stay, s) =>
  stay.notes.map((note, i) => {
    const days = (stay.to - stay.from + 1) * 7 - 1;
    const on = addDays(
      weekStart(stay.from),
      Math.min(days - 1, Math.round(((i + 0.6) * days) / stay.notes.length)),
    );
    const week = stay.from + Math.floor(((i + 0.6) * days) / stay.notes.length / 7);
    const last = i === stay.notes.length - 1;
    const feeling = FEELING[note[1] ?? "="];
    const grasps = DEMO_GRASPS[`${stay.activity}/${stay.rung}`];
    const grasp = grasps?.[i < stay.notes.length / 2 ? 0 : 1];
    return Observation.parse({
      ...stampOf(on),
      id: `seen-${s}-${i}`,
      child: stay.child,
      activity: stay.activity,
      rung: stay.rung,
      tray: trayId(stay, Math.min(stay.to, week)),
      on,
      help: HELP[note[0] ?? "a"],
      ...feeling,
      ...(grasp ? { grasp, hand: i % 3 === 1 ? "left" : "right" } : {}),
      // Minutes that vary with how it went, without a pattern that shows.
      minutes:
        (feeling?.interest === "again" ? 9 : feeling?.interest === "liked" ? 5 : 2) + ((s * 7 + i * 5) % 6),
      words: last ? DEMO_WORDS[`${stay.activity} ${stay.to}`] : undefined,
    });
  }),
);

/** The demo household as a backup; its trays hold what the built-in catalogue says they need. Always the same. */
export function demoBackup(catalogue: Catalogue): Backup {
  return {
    format: BACKUP_FORMAT,
    version: DATA_VERSION,
    savedAt: `${DEMO_DATE}T20:00:00.000Z`,
    tables: {
      ...emptyTables(),
      household: [DEMO_HOUSEHOLD],
      children: DEMO_CHILDREN,
      places: DEMO_PLACES,
      moments: DEMO_MOMENTS,
      holdings: DEMO_HOLDINGS,
      rotations,
      trays: traysOf(catalogue),
      observations,
      skillNotes: DEMO_TICKS,
    },
  };
}
