import type { Situation } from "../household";
import { addDays, type Child, type Material, type PlainDate } from "../model";
import { assessThing, reachSpans, type SafetyState } from "../safety";

/** From a day on things of the house are judged otherwise for a child, by its age alone. */
export interface RuleChange {
  on: PlainDate;
  from: SafetyState;
  to: SafetyState;
  things: Material[];
}

/**
 * What a child's age will change in the judgement of the things in the house within so many days: each thing at its first
 * change, those of one day and kind together. Other children and places are left aside: what they change is told elsewhere.
 */
export function upcomingRuleChanges(s: Situation, child: Child, days: number): RuleChange[] {
  const [place] = s.places;
  if (!place) return [];
  const alone = { children: [child], ticks: s.people.ticks.filter((one) => one.child === child.id) };
  const spans = reachSpans(place, [child], alone, s.on, addDays(s.on, days));
  const changes = new Map<string, RuleChange>();
  for (const { material, holding, quantity } of s.stock) {
    if (!holding || quantity <= 0) continue;
    const thing = { material, loose: true, measured: holding.measured };
    const states = spans.map((span) => ({
      on: span.from,
      state: assessThing(
        thing,
        span.reachers.filter((one) => one.id === child.id),
      ).state,
    }));
    const first = states[0]?.state;
    const next = states.find((one) => one.state !== first);
    if (!first || !next) continue;
    const key = `${next.on} ${first} ${next.state}`;
    const known = changes.get(key) ?? { on: next.on, from: first, to: next.state, things: [] };
    if (known.things.every((one) => one.id !== material.id)) known.things.push(material);
    changes.set(key, known);
  }
  return [...changes.values()].sort((a, b) => (a.on < b.on ? -1 : 1));
}
