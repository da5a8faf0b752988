import type { Highs } from "highs";
import { situationOf } from "../core/household";
import type { Catalogue, PlainDate, Tables } from "../core/model";
import {
  DEFAULT_LIMIT_SECONDS,
  type Found,
  type Horizon,
  horizonOf,
  makePlan,
  type Plan,
  type Purchase,
  planOf,
  type Slot,
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

/** What is asked about: the household as it is, and which rotations. */
export interface Asked {
  /** Tells this state of the data from others, so that a plan that is known is not made anew. */
  key: string;
  tables: Tables;
  site: string;
  on: PlainDate;
  weeks: number;
}

/** A skill to look out for in a child. */
export interface Look {
  child: string;
  skill: string;
  name: string;
  look: string;
}

export interface PlanService {
  plan(asked: Asked): Promise<Plan>;
  swaps(asked: Asked, out: Slot, keepRest: boolean): Promise<Swap[]>;
  whyNot(asked: Asked, slot: Slot): Promise<WhyNot>;
  whatIf(asked: Asked): Promise<WhatIf[]>;
  /** What one small purchase each would open up now, the most first. */
  purchases(asked: Pick<Asked, "tables" | "on" | "site">): Promise<Purchase[]>;
  /** For each planned child the skills that are worth a look, in the order of the children. */
  questions(asked: Asked, count: number): Promise<Look[]>;
}

const LIMITS = { seconds: DEFAULT_LIMIT_SECONDS };
/** So long may each of the what-ifs take. */
const WHAT_IF_SECONDS = 3;

/** The planner behind plain messages, so that a worker, or a test without one, can serve it. */
export function planService(highs: Promise<Highs>, catalogue: () => Promise<Catalogue>): PlanService {
  let last: { key: string; horizon: Horizon; found: Found | undefined } | undefined;
  const solved = async ({ key, tables, site, on, weeks }: Asked) => {
    const question = `${on} ${weeks} ${site} ${key}`;
    if (last?.key === question) return last;
    const horizon = horizonOf(await catalogue(), tables, on, weeks, site);
    const found = solveHorizon(await highs, horizon, LIMITS);
    last = { key: question, horizon, found };
    return last;
  };
  return {
    async plan(asked) {
      const { horizon, found } = await solved(asked);
      if (found) return planOf(horizon, found.chosen, found.packs, found);
      return makePlan(await highs, horizon, LIMITS);
    },
    async swaps(asked, out, keepRest) {
      const { horizon, found } = await solved(asked);
      return found ? swapsFor(await highs, horizon, found, out, { keepRest }) : [];
    },
    async whyNot(asked, slot) {
      const { horizon, found } = await solved(asked);
      if (!found) throw new Error("There is no plan yet to hold it against. Plan again first.");
      return whyNot(await highs, horizon, found, slot);
    },
    async questions(asked, count) {
      const { horizon } = await solved(asked);
      const situation = horizon.weeks[0]?.situation;
      return (situation?.planned ?? []).flatMap((child) => {
        const ready = situation?.readiness.get(child.id);
        if (!situation || !ready) return [];
        const { skillNotes } = asked.tables;
        return questionsFor(situation.catalogue, ready, skillNotes, child.id, asked.on, count).map(
          ({ skill }) => ({ child: child.id, skill: skill.id, name: skill.name, look: skill.look }),
        );
      });
    },
    async purchases({ tables, on, site }) {
      return worthBuying(situationOf(await catalogue(), tables, on, site));
    },
    async whatIf({ tables, on, site }) {
      const situation = situationOf(await catalogue(), tables, on, site);
      return whatIf(await highs, situation, WHAT_IF_SECONDS);
    },
  };
}
