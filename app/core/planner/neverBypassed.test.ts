import { describe, expect, it } from "vitest";
import { type Situation, situationOf } from "../household";
import {
  Activity,
  Hazard,
  Holding,
  Material,
  type OwnActivity,
  type OwnMaterial,
  type PieceShape,
  Wish,
} from "../model";
import { judge, type TrayThing } from "../safety";
import { seeded } from "../safety/testing/bruteGauge";
import { anId } from "../testing/ids";
import { runs } from "../testing/runs";
import { buildProblem } from "./candidates/buildProblem";
import { childrenOf } from "./candidates/problem";
import { explainPlacement } from "./explain/explainPlacement";

import { ON, partFor, randomTables } from "./testing/households";

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const SOME_HAZARDS: Hazard[] = [
  { kind: "button-battery" },
  { kind: "strong-magnet" },
  { kind: "expanding" },
  { kind: "balloon" },
  { kind: "glass" },
  { kind: "irritant" },
  { kind: "toxic" },
  { kind: "pointed" },
  { kind: "choking-food", untilMonths: 48 },
  { kind: "allergen", allergen: "wheat" },
  { kind: "string", freeLengthMm: 900 },
];

/** Things and activities that somebody wrote by hand or took from a file: some of them as bad as can be. */
function byHand(seed: number): { materials: OwnMaterial[]; activities: OwnActivity[] } {
  const random = seeded(seed);
  const int = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const materials = Array.from({ length: 4 }, (_, i) => ({
    ...stamp,
    notDangers: [],
    ...Material.parse({
      id: `own-${i}`,
      name: `thing ${i}`,
      use: "reusable",
      found: "toys",
      piece: { shape: "sphere", mm: [int(8, 90)] } satisfies PieceShape,
      hazards: random() < 0.6 ? [Hazard.parse(SOME_HAZARDS[int(0, SOME_HAZARDS.length - 1)])] : [],
      standIns: [{ material: `own-${(i + 1) % 4}`, serves: 0.8 }],
    }),
  }));
  const activities = materials.map((material, i) => ({
    ...stamp,
    notDangers: [],
    ...Activity.parse({
      id: `hand-${i}`,
      name: `By hand ${i}`,
      invitation: "Into the pot.",
      area: "hands",
      family: "our own",
      form: `by hand ${i}`,
      glyph: "basket",
      places: ["bay", "table", "mat", "floor", "outdoors", "wet-spot"],
      prepMinutes: 1,
      clearMinutes: 1,
      playMinutes: 5,
      rungs: [
        {
          id: "only",
          title: "Some",
          window: { p10: 4, median: 12, p90: 40 },
          axes: {},
          grows: ["posts"],
          materials: [{ id: "things", material: material.id, quantity: 2 }],
          hazards: random() < 0.2 ? [SOME_HAZARDS[int(0, SOME_HAZARDS.length - 1)]] : [],
        },
      ],
    }),
  }));
  return { materials, activities };
}

/** A random home, in which everything that was written by hand is wanted for everybody. */
function homeWith(seed: number): Situation {
  const tables = randomTables(seed, "small");
  const { materials, activities } = byHand(seed);
  const all = {
    ...tables,
    ownMaterials: materials,
    ownActivities: activities,
    holdings: [
      ...tables.holdings,
      ...materials.map(({ id }) =>
        Holding.parse({ ...stamp, id: `h-${id}`, site: "home", material: id, quantity: 9 }),
      ),
    ],
    wishes: tables.children.flatMap((child) =>
      activities.map((activity) =>
        Wish.parse({
          ...stamp,
          id: `w-${child.id}-${activity.id}`,
          child: child.id,
          activity: activity.id,
          kind: "lock",
          on: ON,
        }),
      ),
    ),
  };
  return situationOf(partFor(all, seed), all, ON);
}

/** Judged by the rules alone, without anything that the planner worked out. */
function judged(
  s: Situation,
  tray: { child: readonly string[]; activity: string; rung: string; place: string },
  stocks: readonly { stock: string; need: string }[],
) {
  const activity = s.catalogue.activities.find((one) => one.id === tray.activity);
  const rung = activity?.rungs.find((one) => one.id === tray.rung);
  const place = s.places.find((one) => one.id === tray.place);
  if (!activity || !rung || !place) throw new Error("a tray of nowhere");
  const things = stocks.flatMap(({ stock, need }): TrayThing[] => {
    const from = s.stock.find((one) => one.key === stock);
    const loose = rung.materials.find((one) => one.id === need)?.loose ?? true;
    return from ? [{ material: from.material, loose, measured: from.holding?.measured }] : [];
  });
  const users = s.everyone.filter((one) => tray.child.includes(one.id));
  return judge({ activity, rung, things, place, users, people: s.people }, s.on, s.to).state;
}

const BATCHES = runs(1, 10);
const BATCH = runs(40, 100);

describe(`${BATCHES * BATCH} random homes`, () => {
  it.each(Array.from({ length: BATCHES }, (_, i) => 50_000 + i * BATCH))(
    "offer nothing that is blocked: no plan, no swap, nothing written by hand or taken from a file; seeds from %i",
    (from) => {
      let kept = 0;
      let refused = 0;
      for (let seed = from; seed < from + BATCH; seed++) {
        const situation = homeWith(seed);
        const problem = buildProblem(situation);
        // What may be planned or swapped in is a candidate with one of its options, at each place of its class.
        for (const c of problem.candidates) {
          const places = problem.classes.find((one) => one.id === c.placeClass)?.places ?? [];
          const children = childrenOf(c);
          for (const place of places) {
            const longest = Math.max(1, ...c.needs.map((need) => need.options.length));
            for (let o = 0; o < longest; o++) {
              const stocks = c.needs.flatMap((need) => {
                const option = need.options[Math.min(o, need.options.length - 1)];
                return option ? [{ stock: option.stock, need: need.need.id }] : [];
              });
              const tray = { child: children, activity: c.activity.id, rung: c.rung.id, place: place.id };
              const state = judged(situation, tray, stocks);
              if (state === "blocked")
                expect({ seed, tray, state }).toEqual({ seed, tray, state: "not blocked" });
              kept++;
            }
          }
        }
        // And what is put somewhere by hand is refused where every way to make it is blocked.
        for (const child of situation.planned) {
          for (const activity of situation.catalogue.activities.filter((one) => one.id.startsWith("hand-"))) {
            for (const place of situation.places) {
              const ways = situation.stock.filter((one) => one.material.id.startsWith("own-"));
              const tray = { child: [child.id], activity: activity.id, rung: "only", place: place.id };
              const [need] = activity.rungs[0]?.materials ?? [];
              const standIns = situation.materials.get(need?.material ?? "")?.standIns ?? [];
              const serves = ways.filter(
                (one) =>
                  one.material.id === need?.material ||
                  standIns.some((other) => other.material === one.material.id),
              );
              const states = serves.map((one) =>
                judged(situation, tray, [{ stock: one.key, need: "things" }]),
              );
              if (states.some((state) => state !== "blocked")) continue;
              const why = explainPlacement(situation, child.id, activity.id, anId("only"), place.id);
              if (why === undefined) expect({ seed, tray, why }).toEqual({ seed, tray, why: "a reason" });
              refused++;
            }
          }
        }
      }
      expect(kept).toBeGreaterThan(BATCH * 10);
      expect(refused).toBeGreaterThan(BATCH);
    },
    240_000,
  );
});
