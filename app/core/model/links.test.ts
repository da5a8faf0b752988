import { describe, expect, it } from "vitest";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { readBackup } from "./backup";
import { LINKS } from "./links";
import type { TableName } from "./tables";

const STAMP = { createdAt: "2026-05-01T00:00:00.000Z", updatedAt: "2026-05-01T00:00:00.000Z" };
const [activity] = FIXTURE.activities;
if (!activity) throw new Error("the catalogue is empty");

type Rows = Record<string, unknown>[];

/** The demo with a row in every table, each with all that it can name. */
function whole(): { tables: Record<TableName, Rows> } & Record<string, unknown> {
  const backup = fixtureHome() as unknown as ReturnType<typeof whole>;
  const { tables } = backup;
  const tray = tables.trays.find((row) => (row.allotted as unknown[]).length > 0);
  const note = tables.observations[0];
  const holding = String(tables.holdings[0]?.id);
  const about = { tray: tray?.id, child: "tove", activity: activity?.id, rung: activity?.rungs[0]?.id };
  const on = "2026-05-01";
  const rows: Partial<Record<TableName, Record<string, unknown>>> = {
    wishes: { child: about.child, activity: about.activity, kind: "lock", on, place: tables.places[0]?.id },
    decisions: { ...about, on, move: "hand-on", toChild: "pim" },
    inserts: {
      ...about,
      on,
      label: "a",
      what: "used",
      observation: note?.id,
      took: [{ holding, quantity: 1 }],
    },
    photos: { observation: note?.id, mime: "image/png", base64: "AAAA" },
    prepStates: {
      rotation: tables.rotations[0]?.id,
      before: [{ holding, quantity: 1 }],
      took: [{ holding, quantity: 1 }],
      back: [{ holding, missing: 0 }],
      kept: [{ tray: tray?.id, material: "towel", holding, quantity: 1 }],
    },
    countings: { tray: tray?.id, times: [] },
    watches: { tray: tray?.id, began: 1 },
    worries: { child: "tove", on },
    nextTimes: { activity: activity?.id, on, words: "more" },
    skillNotes: { child: "tove", skill: "pincer", on, seen: true },
    ownMaterials: {
      ...{ name: "a thing", use: "reusable", found: "toys" },
      standIns: [{ material: "towel", serves: 1 }],
    },
    ownActivities: {
      ...structuredClone(activity),
      rungs: activity?.rungs.map((rung) => ({
        ...structuredClone(rung),
        needs: [{ skill: "pincer", weight: 1 }],
      })),
    },
    moments: {
      ...{ place: tables.places[0]?.id, routine: "bath", at: "18:00", minutes: 20 },
      ...{ children: ["tove"], asleep: ["pim"] },
    },
    anecdotes: { child: "tove", on, words: "so", skill: "pincer", activity: activity?.id },
    sittings: {
      ...{ site: "home", on, material: "towel", children: ["tove"] },
      steps: [
        {
          ...{ activity: activity?.id, rung: activity?.rungs[0]?.id, on, moment: "a-moments" },
          took: [{ holding, quantity: 1 }],
        },
      ],
    },
    pieceLists: { child: "tove", activity: activity?.id, labels: ["four"] },
    ownSkills: { ...FIXTURE.skills[0], after: [FIXTURE.skills[1]?.id] },
    ownThemes: {
      ...{ name: "The night ferry", also: [], print: ["a ship"], find: ["a lamp"] },
      dress: [1, 2, 3].map((at) => ({
        activity: FIXTURE.activities[at]?.id,
        how: "A ticket lies beside it.",
      })),
      words: ["funnel", "gangway", "wake", "buoy"],
    },
    madeSheets: { kind: "pairs", values: { pairs: 4 }, madeOn: "2026-05-10" },
    places: {
      ...{ site: "home", name: "A mat", kind: "mat", outOfReachOf: ["pim"], reachedBy: ["tove"] },
      ...{ servesOnly: ["tove"], exclusiveWith: [tables.places[0]?.id] },
    },
  };
  for (const [table, row] of Object.entries(rows)) {
    tables[table as TableName].unshift({ ...row, ...STAMP, id: `a-${table.toLowerCase()}` });
  }
  tables.photos.push({ ...STAMP, id: "a-look", activity: activity?.id, mime: "image/png", base64: "AAAA" });
  if (note) note.sitting = "a-sittings";
  if (tray) Object.assign((tray.allotted as Rows)[0] ?? {}, { mixed: [{ holding, quantity: 1 }] });
  if (tray) tray.when = { moment: "a-moments", days: [on] };
  for (const row of tables.trays) row.also = row.child === "tove" ? ["pim"] : [];
  for (const row of tables.ownActivities) {
    for (const rung of row.rungs as { materials: unknown[] }[]) {
      if (rung.materials.length === 0) rung.materials.push({ id: "t", material: "towel", quantity: 1 });
    }
  }
  return backup;
}

/** Names something that is nowhere in the first row that has the field; gives its path, or nothing where no row has it. */
function broken(backup: ReturnType<typeof whole>, table: TableName, field: string): string | undefined {
  for (const [i, row] of backup.tables[table].entries()) {
    let at: unknown = row;
    let path = `tables.${table}[${i}]`;
    const steps = field.split(".").flatMap((step) => (step.endsWith("[]") ? [step.slice(0, -2), 0] : [step]));
    for (const step of steps.slice(0, -1)) at = (at as Record<string | number, unknown> | undefined)?.[step];
    const last = steps.at(-1) ?? "";
    const holder = at as Record<string | number, unknown> | undefined;
    if (holder?.[last] === undefined) continue;
    holder[last] = "nowhere";
    for (const step of steps) path += typeof step === "number" ? `[${step}]` : `.${step}`;
    return path;
  }
  return undefined;
}

const ALL = Object.entries(LINKS).flatMap(([table, fields]) =>
  Object.keys(fields).map((field) => [table as TableName, field] as const),
);

describe("what rows name", () => {
  it("is all there in the whole file", () => {
    const read = readBackup(whole(), FIXTURE);
    expect(read.ok ? [] : read.issues).toEqual([]);
  });

  it.each(ALL)("%s: %s that is nowhere is refused, with its place", (table, field) => {
    const backup = whole();
    const path = broken(backup, table, field);
    const read = readBackup(backup, FIXTURE);
    expect(read.ok ? [] : read.issues).toMatchObject([{ code: "unknown-id", path }]);
  });
});
