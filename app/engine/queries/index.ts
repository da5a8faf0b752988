import type { z } from "zod";
import type { Query } from "./query";

/** Each screen's query. It is loaded when it is first asked, so that no screen carries what others show. */
const QUERIES = {
  activities: async () => (await import("./activities")).activities,
  activity: async () => (await import("./activity")).activity,
  cupboard: async () => (await import("./cupboard")).cupboard,
  editActivity: async () => (await import("./editActivity")).editActivity,
  frame: async () => (await import("./frame")).frame,
  gauge: async () => (await import("./gauge")).gauge,
  growing: async () => (await import("./growing")).growing,
  household: async () => (await import("./household")).household,
  journal: async () => (await import("./journal")).journal,
  materialSitting: async () => (await import("./materialSitting")).materialSitting,
  ownPack: async () => (await import("./ownPack")).ownPack,
  plan: async () => (await import("./plan")).plan,
  planGains: async () => (await import("./planning")).planGains,
  planLooks: async () => (await import("./planning")).planLooks,
  planProposal: async () => (await import("./planning")).planProposal,
  planSwaps: async () => (await import("./planning")).planSwaps,
  planWhyNot: async () => (await import("./planning")).planWhyNot,
  prepare: async () => (await import("./prepare")).prepare,
  purchases: async () => (await import("./planning")).purchases,
  reminders: async () => (await import("./reminders")).reminders,
  shelf: async () => (await import("./shelf")).shelf,
  shelfToday: async () => (await import("./shelfToday")).shelfToday,
  show: async () => (await import("./show")).show,
  sitting: async () => (await import("./sitting")).sitting,
  skill: async () => (await import("./skill")).skill,
  suggestedDay: async () => (await import("./suggestedDay")).suggestedDay,
  summary: async () => (await import("./summary")).summary,
  tableFile: async () => (await import("./tableFile")).tableFile,
  tables: async () => (await import("./tables")).tables,
  usesBeforeSpoiling: async () => (await import("./usesBeforeSpoiling")).usesBeforeSpoiling,
  watch: async () => (await import("./watch")).watch,
  whichHousehold: async () => (await import("./whichHousehold")).whichHousehold,
  workbench: async () => (await import("./workbench")).workbench,
} as const;

type Queries = { [N in keyof typeof QUERIES]: Awaited<ReturnType<(typeof QUERIES)[N]>> };

/** The name of a query, mostly that of its screen. */
export type QueryName = keyof Queries;

/** The view that a query gives. */
export type QueryView<N extends QueryName> =
  Queries[N] extends Query<z.ZodType, infer View> ? NonNullable<Awaited<View>> : never;

/** The query of a name. */
export const queryNamed = (name: QueryName): Promise<Query<z.ZodType, unknown>> => QUERIES[name]();
