import type { Highs } from "highs";
import { putAwayOn, situationOf } from "../core/household";
import type { Catalogue, ChildId, PlainDate, SiteId, SkillId, TableName, Tables } from "../core/model";
import {
  DEFAULT_LIMIT_SECONDS,
  type Horizon,
  horizonOf,
  type Plan,
  type Purchase,
  planOf,
  type Slot,
  type Solution,
  type Swap,
  solveHorizon,
  swapsFor,
  type WhatIf,
  type WhyNot,
  whatIf,
  whyNot,
  worthBuying,
} from "../core/planner";
import { questionsFor } from "../core/readiness";

/** Which rotations are asked about. */
export interface PlanRequest {
  site: SiteId;
  /** The first day of the first rotation. */
  on: PlainDate;
  weeks: number;
  /** A look far ahead: what stands today is taken as put away on a day. */
  putAway?: { today: PlainDate; day: PlainDate };
}

/** A skill to look out for in a child. */
export interface Look {
  child: ChildId;
  skill: SkillId;
  name: string;
  look: string;
}

/** What can be asked, and what the answer is: a question names only what is asked, the household is known. */
export interface Questions {
  plan: { asked: PlanRequest; answer: Plan };
  swaps: { asked: PlanRequest & { out: Slot; keepRest: boolean }; answer: Swap[] };
  whyNot: { asked: PlanRequest & { slot: Slot }; answer: WhyNot };
  /** What the next rotation would gain by a little more. */
  whatIf: { asked: PlanRequest; answer: WhatIf[] };
  /** What one small purchase each would open up now, the most first. */
  purchases: { asked: Pick<PlanRequest, "site" | "on">; answer: Purchase[] };
  /** For each planned child the skills that are worth a look, in the order of the children. */
  looks: { asked: PlanRequest & { count: number }; answer: Look[] };
}
export type QuestionName = keyof Questions;
export type Asked<K extends QuestionName> = Questions[K]["asked"];
export type Answer<K extends QuestionName> = Questions[K]["answer"];

/** What has changed in a table: rows that are new or other than they were, and ids that are gone. */
export interface TableChange {
  changed: readonly { id: string }[];
  gone: readonly string[];
}
export type TableChanges = Partial<Record<TableName, TableChange>>;

/** Keeps the rows that did not change as they are, since what is worked out from a row is remembered with it. */
export function withChanges(tables: Tables, changes: TableChanges): Tables {
  const next: Record<string, readonly { id: string }[]> = { ...tables };
  for (const [name, change] of Object.entries(changes)) {
    const changed = new Map(change.changed.map((row) => [row.id, row]));
    const gone = new Set(change.gone);
    const stays = (next[name] ?? []).filter((row) => !gone.has(row.id));
    const known = new Set(stays.map((row) => row.id));
    next[name] = [
      ...stays.map((row) => changed.get(row.id) ?? row),
      ...change.changed.filter((row) => !known.has(row.id)),
    ];
  }
  return next as unknown as Tables;
}

/** The planner's side of a session: it is given the household once, and after that what has changed. */
export interface PlannerService {
  open(tables: Tables): Promise<void>;
  apply(changes: TableChanges): Promise<void>;
  ask<K extends QuestionName>(name: K, asked: Asked<K>): Promise<Answer<K>>;
}

const LIMITS = { seconds: DEFAULT_LIMIT_SECONDS };
/** So long may each of the what-ifs take. */
const WHAT_IF_SECONDS = 3;

interface Solved {
  horizon: Horizon;
  found: Solution;
}

/** The planner behind plain messages, so that a worker, or a test without one, can serve it. */
export function plannerService(highs: Promise<Highs>, catalogue: () => Promise<Catalogue>): PlannerService {
  let known: Tables | undefined;
  let last: { key: string; tables: Tables; solved: Solved } | undefined;

  const household = (): Tables => {
    if (!known) throw new Error("The planner was asked before it was given the household.");
    return known;
  };
  const tablesFor = ({ site, putAway }: PlanRequest): Tables =>
    putAway ? putAwayOn(household(), site, putAway.today, putAway.day) : household();

  async function solve(asked: PlanRequest): Promise<Solved> {
    const { site, on, weeks, putAway } = asked;
    const tables = household();
    const key = JSON.stringify([site, on, weeks, putAway]);
    if (last?.key === key && last.tables === tables) return last.solved;
    const horizon = horizonOf(await catalogue(), tablesFor(asked), on, weeks, site);
    const solved = { horizon, found: solveHorizon(await highs, horizon, LIMITS) };
    last = { key, tables, solved };
    return solved;
  }
  const situationAt = async (asked: Pick<PlanRequest, "site" | "on">, tables: Tables) =>
    situationOf(await catalogue(), tables, asked.on, asked.site);

  const answers: { [K in QuestionName]: (asked: Asked<K>) => Promise<Answer<K>> } = {
    async plan(asked) {
      const { horizon, found } = await solve(asked);
      return planOf(horizon, found.chosen, found.packs, found);
    },
    async swaps(asked) {
      const { horizon, found } = await solve(asked);
      return swapsFor(await highs, horizon, found, asked.out, { keepRest: asked.keepRest });
    },
    async whyNot(asked) {
      const { horizon, found } = await solve(asked);
      return whyNot(await highs, horizon, found, asked.slot);
    },
    async whatIf(asked) {
      return whatIf(await highs, await situationAt(asked, tablesFor(asked)), WHAT_IF_SECONDS);
    },
    async purchases(asked) {
      return worthBuying(await situationAt(asked, household()));
    },
    async looks(asked) {
      const { horizon } = await solve(asked);
      const situation = horizon.weeks[0]?.situation;
      return (situation?.planned ?? []).flatMap((child) => {
        const ready = situation?.readiness.get(child.id);
        if (!situation || !ready) return [];
        const { skillNotes } = household();
        return questionsFor(situation.catalogue, ready, skillNotes, child.id, asked.on, asked.count).map(
          ({ skill }) => ({ child: child.id, skill: skill.id, name: skill.name, look: skill.look }),
        );
      });
    },
  };
  return {
    async open(tables) {
      known = tables;
    },
    async apply(changes) {
      known = withChanges(household(), changes);
    },
    ask: (name, asked) => answers[name](asked),
  };
}
