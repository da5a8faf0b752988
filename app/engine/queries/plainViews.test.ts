import { beforeAll, describe, expect, it } from "vitest";
import { openDemo } from "../commands/demo";
import { ask } from "../engine";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import type { QueryName } from "./index";

beforeAll(async () => {
  await emptyBrowser();
  await openDemo();
  await act("sittings.keep", { material: "bowl-small", children: ["tove", "pim"], how: "now" });
});

/** Queries that only the planner's worker can answer. */
type Planned = "planProposal" | "planLooks" | "planSwaps" | "planWhyNot" | "planGains" | "purchases";

const TRAY = "tray-12-tove-discs-in-a-slot";

/** An address of every query; the compiler says which is missing. */
const ASKED: Record<Exclude<QueryName, Planned>, object> = {
  activities: { with: "muffin-tin" },
  activity: { id: "towers" },
  cupboard: {},
  editActivity: { from: "towers" },
  frame: {},
  gauge: { material: "towel" },
  growing: { view: "ahead" },
  household: { part: "data" },
  journal: { view: "pictures" },
  materialSitting: { material: "muffin-tin" },
  ownPack: {},
  plan: {},
  prepare: {},
  reminders: {},
  shelf: { tray: TRAY },
  shelfToday: {},
  show: { tray: TRAY },
  sitting: {},
  skill: {},
  suggestedDay: { kind: "ill" },
  summary: {},
  tableFile: { table: "notes" },
  tables: {},
  usesBeforeSpoiling: {},
  watch: { tray: TRAY },
  whichHousehold: {},
  workbench: {},
};

/** The ids that only the demo's rows know. */
async function idsOf(name: string): Promise<object> {
  const { tables, catalogue } = await shownHome();
  if (name === "sitting") return { id: tables.sittings[0]?.id };
  return name === "skill" ? { skill: catalogue.skills[0]?.id } : {};
}

describe("a view", () => {
  it.each(Object.entries(ASKED))("is plain data that can be sent from a worker: %s", async (name, given) => {
    const asked = await ask(name as QueryName, { ...given, ...(await idsOf(name)) });
    expect(asked.ok ? [] : asked.issues).toEqual([]);
    const view = asked.ok ? asked.value : undefined;
    expect(structuredClone(view)).toEqual(view);
  });
});
