import { CATALOGUE } from "../../catalogue/catalogue";
import { type Situation, situationOf } from "../../core/household";
import {
  Activity,
  activityOf,
  Holding,
  Material,
  type OwnActivity,
  type OwnMaterial,
  type PieceShape,
  type Rung,
  type Tables,
  type Tray,
} from "../../core/model";
import { ON, partFor, randomTables } from "../../core/planner/testing/households";
import type { TrayThing } from "../../core/safety";
import { seeded } from "../../core/safety/testing/bruteGauge";
import { database } from "../../engine/store/db";
import type { Home } from "../../engine/store/home";

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const NAMES = ["thing", "marbles", "dice", "wooden ring", "water beads", "grape", "big cushion", "acorn"];

/** Things and activities of the household's own: some named like what is dangerous, some without a size. */
function ours(seed: number): {
  ownMaterials: OwnMaterial[];
  ownActivities: OwnActivity[];
  holdings: Holding[];
} {
  const random = seeded(seed);
  const int = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const ownMaterials = Array.from({ length: 3 }, (_, i): OwnMaterial => {
    const piece: PieceShape = { shape: "sphere", mm: [int(8, 90)] };
    const made = Material.parse({
      id: `own-${i}`,
      name: `${NAMES[int(0, NAMES.length - 1)]} ${i}`,
      use: "reusable",
      found: "toys",
      ...(random() < 0.7 ? { piece } : {}),
    });
    return { ...stamp, ...made, notDangers: [] };
  });
  const ownActivities = ownMaterials.map(
    (material, i): OwnActivity => ({
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
        places: ["bay", "table", "mat", "floor"],
        prepMinutes: 1,
        clearMinutes: 1,
        playMinutes: 5,
        rungs: ["a", "b"].map((id, n) => ({
          id,
          title: `Some ${n}`,
          window: { p10: 4, median: 12 + n, p90: 40 },
          axes: { choices: n },
          grows: ["posts"],
          materials: [{ id: "things", material: material.id, quantity: 2 }],
          ...(n === 1 && random() < 0.5 ? { held: true } : {}),
        })),
      }),
    }),
  );
  const holdings = ownMaterials.map(({ id }) =>
    Holding.parse({
      ...stamp,
      id: `h-${id}`,
      site: "home",
      material: id,
      quantity: 9,
      ...(random() < 0.4 ? { measured: { shape: "sphere", mm: [int(8, 90)] } } : {}),
    }),
  );
  return { ownMaterials, ownActivities, holdings };
}

/** A tray made from what there is of the very things that its rung asks for. */
function filled(tray: Tray, holdings: readonly Holding[]): Tray {
  const rung = activityOf(CATALOGUE, tray.activity)?.rungs.find((one) => one.id === tray.rung);
  const allotted = (rung?.materials ?? []).flatMap((need) => {
    const holding = holdings.find((one) => one.material === need.material);
    return holding
      ? [{ need: need.id, material: need.material, holding: holding.id, quantity: need.quantity }]
      : [];
  });
  return { ...tray, allotted };
}

/** The things on a tray, each as it is measured. */
export const thingsOf = (home: Home, s: Situation, tray: Tray, rung: Rung): TrayThing[] =>
  tray.allotted.flatMap((one) => {
    const material = s.materials.get(one.material);
    const loose = rung.materials.find((need) => need.id === one.need)?.loose ?? true;
    const measured = home.tables.holdings.find((holding) => holding.id === one.holding)?.measured;
    return material ? [{ material, loose, measured }] : [];
  });

export function randomHome(seed: number): Home {
  const tables = randomTables(seed, "usual", CATALOGUE);
  const own = ours(seed);
  const holdings = [...tables.holdings, ...own.holdings];
  const all: Tables = {
    ...tables,
    ...own,
    holdings,
    trays: tables.trays.map((tray) => filled(tray, holdings)),
  };
  const [household] = all.household;
  const [site] = household?.sites ?? [];
  if (!household || !site) throw new Error("a household was expected");
  const builtIn = partFor(all, seed, 20, CATALOGUE);
  const situation = situationOf(builtIn, all, ON);
  const home: Home = {
    which: "ours",
    db: database("ours"),
    catalogue: situation.catalogue,
    situation,
    tables: all,
    household,
    children: [...all.children],
    today: ON,
    on: ON,
    ahead: 0,
    site,
  };
  return home;
}
