import { materialIndex } from "../materials";
import {
  activityOf,
  type Catalogue,
  compare,
  inOrderOfDays,
  living,
  type Observation,
  type Tables,
} from "../model";
import type { CsvTable } from "./csv";

const text = (value: string | number | boolean | undefined): string =>
  value === undefined ? "" : typeof value === "boolean" ? (value ? "yes" : "no") : String(value);

/** Columns with what stands in them for a row. */
type Columns<T> = Record<string, (row: T) => string | number | boolean | undefined>;

const tableOf = <T>(columns: Columns<T>, rows: readonly T[]): CsvTable => ({
  columns: Object.keys(columns),
  rows: rows.map((row) => Object.values(columns).map((cell) => text(cell(row)))),
});

type Named = Pick<Tables, "children">;
const childName = ({ children }: Named, id: string) => children.find((one) => one.id === id)?.name ?? id;

/** All notes as a table, in the order of their days; as `readNotes` reads them. */
export function notesTable(tables: Named & Pick<Tables, "observations">, catalogue: Catalogue): CsvTable {
  const rungOf = ({ activity, rung }: Observation) =>
    activityOf(catalogue, activity)?.rungs.find((one) => one.id === rung);
  return tableOf<Observation>(
    {
      date: (one) => one.on,
      child: (one) => childName(tables, one.child),
      activity: (one) => activityOf(catalogue, one.activity)?.name ?? one.activity,
      step: (one) => rungOf(one)?.title ?? one.rung,
      help: (one) => one.help,
      interest: (one) => one.interest,
      minutes: (one) => one.minutes,
      times: (one) => one.repeats,
      words: (one) => one.words,
      hand: (one) => one.hand,
      grasp: (one) => one.grasp,
      ended: (one) => one.ended,
      mouthed: (one) => one.mouthed,
      condition: (one) => one.condition,
      signs: (one) => one.signs.join(" "),
      piece: (one) => one.insert,
    },
    inOrderOfDays(living(tables.observations)),
  );
}

/** What is in the cupboards, home by home; as `readCupboard` reads it. */
export function cupboardTable(
  { holdings, household }: Pick<Tables, "holdings" | "household">,
  catalogue: Catalogue,
): CsvTable {
  const materials = materialIndex(catalogue);
  const sites = household.flatMap((one) => one.sites);
  const rows = [...living(holdings)].map((holding) => ({
    holding,
    material: materials.get(holding.material),
  }));
  return tableOf(
    {
      thing: ({ holding, material }) => material?.name ?? holding.material,
      amount: ({ holding }) => holding.quantity,
      unit: ({ material }) => material?.unit,
      home: ({ holding }) => sites.find((one) => one.id === holding.site)?.name ?? holding.site,
      where: ({ holding }) => holding.where,
      origin: ({ holding }) => holding.origin,
      "give back": ({ holding }) => holding.dueBack,
      "use by": ({ holding }) => holding.useBy,
      "worn since": ({ holding }) => holding.worn,
    },
    rows.sort((a, b) => compare(a.material?.name ?? "", b.material?.name ?? "")),
  );
}

/** What stood where, and for whom, rotation by rotation. */
export function rotationsTable(
  tables: Named & Pick<Tables, "rotations" | "trays" | "places" | "household">,
  catalogue: Catalogue,
): CsvTable {
  const sites = tables.household.flatMap((one) => one.sites);
  const rows = [...living(tables.rotations)]
    .sort((a, b) => compare(a.from, b.from))
    .flatMap((rotation) =>
      living(tables.trays)
        .filter((tray) => tray.rotation === rotation.id)
        .map((tray) => ({ rotation, tray, activity: activityOf(catalogue, tray.activity) })),
    );
  return tableOf(
    {
      from: ({ rotation }) => rotation.from,
      to: ({ rotation }) => rotation.to,
      home: ({ rotation }) => sites.find((one) => one.id === rotation.site)?.name ?? rotation.site,
      place: ({ tray }) => tables.places.find((one) => one.id === tray.place)?.name ?? tray.place,
      child: ({ tray }) => childName(tables, tray.child),
      activity: ({ tray, activity }) => activity?.name ?? tray.activity,
      step: ({ tray, activity }) => activity?.rungs.find((one) => one.id === tray.rung)?.title ?? tray.rung,
      "out since": ({ tray }) => tray.outSince,
      "taken down on": ({ tray }) => tray.downOn,
    },
    rows,
  );
}
