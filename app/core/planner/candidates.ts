import { missingNeeds, optionsFor, type Stock } from "../materials";
import type { Activity, Child, Need, Rung, Wish } from "../model";
import { type Chance, NOW_FROM, SETTLED_FROM } from "../readiness";
import {
  type Assessment,
  assessRung,
  assessThing,
  type Reacher,
  type TrayThing,
  whoCanReach,
} from "../safety";
import type { Band, Candidate, Exclusion, NeedChoice, PlaceClass, Term, TrayOption } from "./problem";
import type { ActivityHistory, Situation } from "./situation";
import { REST_DAYS_BEFORE_RETURN, STRETCH_FROM, WEIGHTS } from "./weights";

export type Drafted = Omit<Candidate, "index">;

export const bandOf = (chance: number): Band => {
  if (chance > SETTLED_FROM) return "anchor";
  return chance >= NOW_FROM ? "reach" : "stretch";
};

const percent = (chance: number) => `${Math.round(chance * 100)} %`;

function reachTerm({ chance, within }: Chance): Term {
  switch (bandOf(chance)) {
    case "anchor":
      return {
        term: "anchor",
        value: WEIGHTS.anchor * (1 - 0.4 * ((chance - SETTLED_FROM) / (1 - SETTLED_FROM))),
        text: "Settled: done with ease.",
      };
    case "reach":
      return {
        term: "reach",
        value:
          WEIGHTS.reach *
          (WEIGHTS.sureShare * within + (1 - WEIGHTS.sureShare) * (1 - ((chance - 0.65) / 0.3) ** 2)),
        text: `Just within reach: about ${percent(chance)} alone.`,
      };
    case "stretch": {
      const share = (chance - STRETCH_FROM) / (NOW_FROM - STRETCH_FROM);
      return {
        term: "stretch",
        value: WEIGHTS.stretchLow + (WEIGHTS.stretchHigh - WEIGHTS.stretchLow) * share,
        text: `A stretch: about ${percent(chance)} alone, it may fail.`,
      };
    }
  }
}

function interestTerms(child: Child, activity: Activity, history: ActivityHistory): Term[] {
  const loved = child.interests.find((interest) =>
    activity.interests.some((one) => one.toLowerCase() === interest.toLowerCase()),
  );
  const terms: Term[] = [];
  if (loved) {
    terms.push({
      term: "interest",
      value: WEIGHTS.namedInterest,
      text: `Can be dressed in what ${child.name} loves: ${loved}.`,
    });
  }
  if (history.interest !== undefined) {
    const liked = history.interest >= 0.5;
    terms.push({
      term: "noted-interest",
      value: WEIGHTS.notedInterest * history.interest,
      text: liked ? "It was liked, as your notes say." : "It found little interest so far.",
    });
  }
  return terms;
}

function noveltyTerms(rung: Rung, history: ActivityHistory): Term[] {
  const { tray, suggestion, daysAway } = history;
  if (tray && suggestion) {
    if (suggestion.toRung === rung.id) return [{ term: "step", value: WEIGHTS.step, text: suggestion.why }];
    if (suggestion.move === "leave" && tray.rung === rung.id) {
      return [{ term: "carry-over", value: WEIGHTS.carryOver, text: suggestion.why }];
    }
    return [];
  }
  if (daysAway === undefined)
    return [{ term: "novelty", value: WEIGHTS.brandNew, text: "Never out before." }];
  const value = WEIGHTS.rested * (1 - Math.exp(-daysAway / WEIGHTS.restedDays));
  return [{ term: "novelty", value, text: `Rested ${daysAway} days.` }];
}

function wishTerms(wishes: readonly Wish[]): Term[] {
  return wishes.some((wish) => wish.kind === "soon")
    ? [{ term: "wish", value: WEIGHTS.wish, text: "You asked for it soon." }]
    : [];
}

/** The first reason to leave a rung out that has nothing to do with places and materials. */
function personalExclusion(
  s: Situation,
  child: Child,
  activity: Activity,
  rung: Rung,
  history: ActivityHistory,
  wishes: readonly Wish[],
): Pick<Exclusion, "code" | "text"> | undefined {
  const ready = s.readiness.get(child.id);
  if (!ready) return { code: "barred", text: "No plan is made for this child." };
  const locked = wishes.some(
    (wish) => wish.kind === "lock" && (wish.rung === undefined || wish.rung === rung.id),
  );
  const refused = wishes.find(
    (wish) =>
      (wish.kind === "never" ||
        (wish.kind === "not-until" && (wish.until === undefined || wish.until >= s.on))) &&
      (wish.rung === undefined || wish.rung === rung.id),
  );
  if (refused) {
    return {
      code: "refused",
      text: refused.until ? `You put it off until ${refused.until}.` : "You said never.",
    };
  }
  if (ready.barred(rung)) return { code: "barred", text: "A skill that safety hangs on is not settled yet." };
  if (locked) return undefined;
  const { chance } = ready.rung(activity, rung);
  if (chance < STRETCH_FROM) return { code: "too-early", text: `Too early: about ${percent(chance)} alone.` };
  return outgrown(ready, activity, rung) ?? resting(rung, history);
}

function outgrown(ready: { rung(a: Activity, r: Rung): { chance: number } }, activity: Activity, rung: Rung) {
  const { chance } = ready.rung(activity, rung);
  if (chance <= SETTLED_FROM) return undefined;
  const at = activity.rungs.indexOf(rung);
  const beyond = activity.rungs
    .slice(at + 1)
    .some((later) => ready.rung(activity, later).chance > SETTLED_FROM);
  const top = at === activity.rungs.length - 1 && chance > 0.97;
  return beyond || top
    ? { code: "outgrown" as const, text: "Outgrown: a harder rung is settled too." }
    : undefined;
}

function resting(rung: Rung, history: ActivityHistory): Pick<Exclusion, "code" | "text"> | undefined {
  const { tray, suggestion, daysAway, interest } = history;
  if (tray && suggestion) {
    if (suggestion.move === "retire") return { code: "retired", text: suggestion.why };
    if (suggestion.move === "rest") return { code: "resting", text: suggestion.why };
    const stays = suggestion.toRung ?? tray.rung;
    if (suggestion.toRung && rung.id !== stays) return { code: "resting", text: suggestion.why };
    return undefined;
  }
  if (daysAway !== undefined && daysAway < REST_DAYS_BEFORE_RETURN && (interest ?? 0) < 0.6) {
    return {
      code: "resting",
      text: `Put away ${daysAway} days ago: it rests ${REST_DAYS_BEFORE_RETURN} days.`,
    };
  }
  return undefined;
}

const HELD_TERM: Term = {
  term: "adult-held",
  value: -WEIGHTS.adultHeld,
  text: "Adult-held: it takes your time.",
};

/** What a child's trays at a kind of place have in common: who can reach them, and how each thing is judged there. */
export interface Reach {
  reachers: readonly Reacher[];
  judged: Map<string, Assessment>;
}

/** Who can reach a kind of place when it is this child's turn, worked out once for all rungs. */
export const reachOf = (s: Situation, child: Child, placeClass: PlaceClass): Reach => {
  const [place] = placeClass.places;
  return { reachers: place ? whoCanReach(place, child, s.everyone, s.on) : [], judged: new Map() };
};

function judgedThing(from: Stock, loose: boolean, reach: Reach): Assessment {
  const key = `${from.key} ${loose}`;
  const known = reach.judged.get(key);
  if (known) return known;
  const thing: TrayThing = { material: from.material, loose, measured: from.holding?.measured };
  const assessed = assessThing(thing, reach.reachers);
  reach.judged.set(key, assessed);
  return assessed;
}

function trayOption(
  stock: ReadonlyMap<string, Stock>,
  need: Need,
  option: { stock: string; quantity: number; serves: number },
  reach: Reach,
): TrayOption | undefined {
  const from = stock.get(option.stock);
  if (!from) return undefined;
  const assessed = judgedThing(from, need.loose, reach);
  if (assessed.state === "blocked") return undefined;
  return {
    ...option,
    held: assessed.state === "adult-held",
    close: assessed.position !== "in-room" || assessed.state === "adult-held",
    position: assessed.position,
    findings: assessed.findings,
    cost: WEIGHTS.standIn * (1 - option.serves) + (assessed.state === "adult-held" ? WEIGHTS.adultHeld : 0),
  };
}

/** Candidates for a rung and a child at every kind of place that is safe, or why there are none. */
export function candidatesFor(
  s: Situation,
  stock: ReadonlyMap<string, Stock>,
  classes: readonly PlaceClass[],
  /** By place class, for this child. */
  reaches: ReadonlyMap<string, Reach>,
  child: Child,
  activity: Activity,
  rung: Rung,
): Drafted[] | Exclusion {
  const named = { child: child.id, activity: activity.id, rung: rung.id };
  const history = s.history(child.id, activity);
  const wishes = s.wishes.filter((wish) => wish.child === child.id && wish.activity === activity.id);
  const personal = personalExclusion(s, child, activity, rung, history, wishes);
  if (personal) return { ...named, ...personal };

  const kinds = rung.places ?? activity.places;
  const fitting = classes.filter(
    ({ places: [place] }) =>
      place &&
      kinds.includes(place.kind) &&
      (place.servesOnly.length === 0 || place.servesOnly.includes(child.id)),
  );
  if (fitting.length === 0)
    return { ...named, code: "no-place", text: `It needs a place of this kind: ${kinds.join(", ")}.` };

  const { cents } = s.household.limits;
  const missing = missingNeeds(rung.materials, s.materials, s.stock, cents);
  if (missing.length > 0) {
    const names = missing.map((need) => s.materials.get(need.material)?.name ?? need.material);
    return {
      ...named,
      code: "missing",
      text: `Missing: ${names.join(", ")}.`,
      missing: {
        materials: missing.map((need) => need.material),
        activityName: activity.name,
        classes: fitting.map((one) => one.id),
      },
    };
  }

  const ready = s.readiness.get(child.id);
  const readyFor = ready?.rung(activity, rung);
  if (!readyFor) return { ...named, code: "barred", text: "No plan is made for this child." };
  const { chance } = readyFor;
  const terms = [
    reachTerm(readyFor),
    ...interestTerms(child, activity, history),
    ...noveltyTerms(rung, history),
    ...wishTerms(wishes),
  ];
  const carried = history.tray?.rung === rung.id;
  const prepMinutes = carried ? 0 : (rung.prepMinutes ?? activity.prepMinutes);
  if (prepMinutes > 0) {
    terms.push({
      term: "prep",
      value: -WEIGHTS.prepMinute * prepMinutes,
      text: `${prepMinutes} minutes to prepare.`,
    });
  }
  const ways = rung.materials.map((need) => ({
    need,
    options: optionsFor(need, s.materials, s.stock, cents),
  }));
  const made: Drafted[] = [];
  let unsafe: string | undefined;
  for (const placeClass of fitting) {
    const place = placeClass.places[0];
    if (!place) continue;
    const reach = reaches.get(placeClass.id);
    if (!reach) continue;
    const base = assessRung(activity, rung, reach.reachers);
    const needs = ways.map(
      ({ need, options }): NeedChoice => ({
        need,
        options: options.flatMap((option) => trayOption(stock, need, option, reach) ?? []),
      }),
    );
    const blocked = needs.find((choice) => choice.options.length === 0);
    if (base.state === "blocked" || blocked) {
      unsafe ??= blocked
        ? `Not safe at ${place.name}: ${s.materials.get(blocked.need.material)?.name ?? blocked.need.material}.`
        : `Not safe at ${place.name}: ${base.findings.find((one) => one.effect === "block")?.reason ?? ""}`;
      continue;
    }
    const here = base.state === "adult-held" ? [...terms, HELD_TERM] : terms;
    made.push({
      child: child.id,
      activity,
      rung,
      placeClass: placeClass.id,
      chance,
      band: bandOf(chance),
      held: base.state === "adult-held",
      close: base.position !== "in-room" || base.state === "adult-held",
      position: base.position,
      findings: base.findings,
      prepMinutes,
      carried,
      locked: wishes.some(
        (wish) => wish.kind === "lock" && (wish.rung === undefined || wish.rung === rung.id),
      ),
      value: here.reduce((sum, term) => sum + term.value, 0),
      terms: here,
      needs,
    });
  }
  return made.length > 0 ? made : { ...named, code: "unsafe", text: unsafe ?? "Not safe at any place." };
}
