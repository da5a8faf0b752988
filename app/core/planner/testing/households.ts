import {
  AREA_IDS,
  addDays,
  type Catalogue,
  Child,
  Decision,
  HELP_LEVELS,
  Holding,
  Household,
  Limits,
  Observation,
  Place,
  plainDate,
  Rotation,
  SkillNote,
  TABLE_NAMES,
  type Tables,
  Tray,
  Wish,
} from "../../model";
import { seeded } from "../../safety/testing/bruteGauge";
import { FIXTURE } from "../../testing/fixtures";

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
export const ON = plainDate("2026-05-10");

/**
 * A part of the catalogue, other for each seed, that holds every activity the household has to do with and one in
 * `keepOneIn` of the others: so many households stay quick, and all activities get their turn.
 */
export function partFor(
  tables: Tables,
  seed: number,
  keepOneIn = 2,
  catalogue: Catalogue = FIXTURE,
): Catalogue {
  const named = new Set(
    [...tables.trays, ...tables.observations, ...tables.wishes].map((row) => row.activity),
  );
  return {
    ...catalogue,
    activities: catalogue.activities.filter((one, i) => named.has(one.id) || (i + seed) % keepOneIn === 0),
  };
}

/** A made-up household from a seed: one to three children, places, a partial cupboard, some history. */
export function randomTables(
  seed: number,
  size: "small" | "usual" = "usual",
  { materials, activities }: Catalogue = FIXTURE,
): Tables {
  const random = seeded(seed);
  const int = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const pick = <T>(all: readonly T[]): T => all[int(0, all.length - 1)] as T;
  const maybe = (share: number) => random() < share;
  const small = size === "small";

  const children = Array.from({ length: small ? int(1, 2) : int(1, 3) }, (_, i) =>
    Child.parse({
      ...stamp,
      id: `c${i}`,
      name: `C${i}`,
      birth: addDays(ON, -int(100, 1300)),
      mouths: pick(["by-age", "yes", "no"]),
      planFor: i === 0 || maybe(0.6),
      interests: maybe(0.5) ? [pick(["bridges", "snails", "balls", "cooking"])] : [],
      allergies: maybe(0.2) ? [pick(["wheat", "eggs", "dairy", "nuts", "latex"])] : [],
    }),
  );
  const everyone = children.map((one) => one.id);
  const kinds = ["bay", "bay", "bay", "table", "mat", "floor", "outdoors", "wet-spot", "routine"] as const;
  const places = Array.from({ length: small ? int(1, 3) : int(3, 11) }, (_, i) =>
    Place.parse({
      ...stamp,
      id: `p${i}`,
      site: "home",
      name: `P${i}`,
      kind: pick(kinds),
      outOfReachOf: everyone.filter(() => maybe(0.25)),
      because: pick(["high", "door", "gate", "asleep"]),
      ...(maybe(0.5) ? { heightCm: int(0, 150) } : {}),
      reachedBy: everyone.filter(() => maybe(0.05)),
      servesOnly: maybe(0.2) ? [pick(everyone)] : [],
      exclusiveWith: i > 0 && maybe(0.1) ? [`p${i - 1}`] : [],
    }),
  );
  const holdings = materials
    .filter(() => maybe(small ? 0.6 : 0.8))
    .map((material, i) =>
      Holding.parse({
        // Some of it is lent to the household or spoils within the weeks that are planned.
        ...((seed + i) % 19 === 0 ? { origin: "borrowed", dueBack: addDays(ON, (seed + i) % 40) } : {}),
        ...((seed + i) % 23 === 0 ? { useBy: addDays(ON, ((seed + i) % 30) - 5) } : {}),
        ...stamp,
        id: `h-${material.id}`,
        site: "home",
        material: material.id,
        quantity: Math.max(1, Math.round((material.usual || 4) * (0.3 + random()))),
        ...(maybe(0.05) ? { measured: { shape: "sphere", mm: [int(10, 60)] } } : {}),
      }),
    );
  const rung = () => {
    const activity = pick(activities);
    return { activity: activity.id, rung: pick(activity.rungs).id };
  };
  const rotation = Rotation.parse({ ...stamp, id: "r", site: "home", from: addDays(ON, -7) });
  const trays = small
    ? []
    : places.slice(0, 4).map((place, i) =>
        Tray.parse({
          ...stamp,
          id: `t${i}`,
          rotation: "r",
          child: pick(everyone),
          ...rung(),
          place: place.id,
          state: "free",
          allotted: [],
          outSince: addDays(ON, -7),
        }),
      );
  const observations = Array.from({ length: small ? 0 : int(0, 40) }, (_, i) =>
    Observation.parse({
      ...stamp,
      id: `o${i}`,
      child: pick(everyone),
      ...rung(),
      on: addDays(ON, -int(0, 60)),
      help: pick(HELP_LEVELS),
      interest: pick(["again", "liked", "little", "none"]),
    }),
  );
  const wishes = Array.from({ length: small ? 0 : int(0, 3) }, (_, i) =>
    Wish.parse({
      ...stamp,
      id: `w${i}`,
      child: pick(everyone),
      ...rung(),
      kind: pick(["lock", "never", "soon"]),
      on: ON,
    }),
  );
  const decisions = trays
    .filter(() => maybe(0.2))
    .map((tray, i) =>
      Decision.parse({
        ...stamp,
        id: `d${i}`,
        tray: tray.id,
        child: tray.child,
        activity: tray.activity,
        rung: tray.rung,
        on: ON,
        move: pick(["leave", "rest", "retire"]),
        until: addDays(ON, 20),
      }),
    );
  const skillNotes = everyone.flatMap((child, i) =>
    ["pulls-up", "climbs", "pushes-up"]
      .filter(() => maybe(0.3))
      .map((skill) =>
        SkillNote.parse({
          ...stamp,
          id: `k${i}-${skill}`,
          child,
          skill,
          on: addDays(ON, -int(0, 20)),
          seen: maybe(0.3),
        }),
      ),
  );
  const household = Household.parse({
    ...stamp,
    id: "household",
    name: "H",
    sites: [{ id: "home", name: "Home" }],
    limits: Limits.parse({
      adultBeside: int(0, 4),
      adultHeld: int(0, 2),
      wet: int(0, 2),
      messy: int(0, 2),
      loud: int(0, 3),
      prepMinutes: int(5, 60),
      cents: maybe(0.3) ? int(200, 1500) : 0,
    }),
    mix: { anchors: int(0, 2), stretches: int(0, 2), openEnded: int(0, 1) },
    ...(maybe(0.3) ? { focus: { kind: "area", on: pick(AREA_IDS) } } : {}),
    planning: { rhythm: pick(["all-at-once", "few-at-a-time", "when-cold"]), newAtOnce: int(1, 3) },
  });
  const empty = Object.fromEntries(TABLE_NAMES.map((name) => [name, []])) as unknown as Tables;
  return {
    ...empty,
    household: [household],
    children,
    places,
    holdings,
    rotations: [rotation],
    trays,
    observations,
    wishes,
    decisions,
    skillNotes,
  };
}
