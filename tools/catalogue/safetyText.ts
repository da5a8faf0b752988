import type { Hazard } from "../../app/core/model";
import { ChildId } from "../../app/core/model";
import { type Effect, HAZARD_RULES, PIECE_RULES, type Reacher, type Rule } from "../../app/core/safety";

const MOST_MONTHS = 120;
const WORDS: Record<Effect, string> = { block: "blocked", hold: "adult-held", caution: "caution" };

/** A hazard of each kind on which its rule bites, and for which the ages of its effects are told. */
const EXAMPLES: Partial<Record<Hazard["kind"], object>> = {
  string: { freeLengthMm: 300 },
  elastic: { freeLengthMm: 300 },
  water: { depthMm: 20 },
  loop: { aroundMm: 500 },
  "choking-food": { untilMonths: 48 },
  allergen: { allergen: "egg" },
  "made-piece": { name: "straw piece, 5 cm", piece: { shape: "cylinder", mm: [6, 50] } },
  danger: { danger: "coin", effect: "block", untilMonths: 36, why: "-", instead: "-", source: "-" },
};

const who = (months: number, mouths: boolean): Reacher => ({
  id: ChildId.parse("child"),
  name: "Child",
  months,
  monthsFromBirth: months,
  mouths,
  allergies: [],
  pushesUp: false,
  holdsHead: false,
});

/** What follows at each age, as spans: "blocked under 12 months, then caution". */
function spans(effectAt: (months: number) => Effect | undefined): string {
  const parts: string[] = [];
  let from = 0;
  for (let month = 1; month <= MOST_MONTHS; month++) {
    const before = effectAt(month - 1);
    if (month < MOST_MONTHS && effectAt(month) === before) continue;
    const word = before ? WORDS[before] : "free";
    if (from === 0 && month === MOST_MONTHS) parts.push(word);
    else if (month === MOST_MONTHS) parts.push(`${word} from ${from} months`);
    else
      parts.push(
        from === 0 ? `${word} under ${month} months` : `${word} from ${from} to ${month - 1} months`,
      );
    from = month;
  }
  return parts.join(", ");
}

interface Told {
  rule: Rule;
  what: string;
  effectFor(who: Reacher): Effect | undefined;
}

function row({ rule, what, effectFor }: Told): string {
  const mouthing = spans((months) => effectFor(who(months, true)));
  const others = spans((months) => effectFor(who(months, false)));
  const position = rule.position ? rule.position.replace("arms-reach", "within arm's reach") : "in the room";
  return `| ${[rule.id, what, mouthing, others, position, rule.reason, rule.advice, rule.source].join(" | ")} |`;
}

/** The page that lists every rule with what follows from it, worked out from the rules themselves. */
export function safetyText(): string {
  const told: Told[] = [
    ...PIECE_RULES.map((rule) => ({ rule, what: "a loose piece", effectFor: rule.effectFor })),
    ...HAZARD_RULES.map((rule) => ({
      rule,
      what: rule.kind,
      effectFor: (one: Reacher) => rule.effectFor({ kind: rule.kind, ...EXAMPLES[rule.kind] } as Hazard, one),
    })),
  ];
  return `# Safety rules, one by one

Made from the rules by \`npm run catalogue\`; [safety.md](safety.md) tells how they are used. A home aid: labels, local rules
and professionals come first. Cords are told for 300 mm, loops for 500 mm, food for an age of 48 months, an allergen without a known
allergy; with one it is blocked.

| rule | looks at | where somebody mouths | for others | adult | what can happen | what to do | source |
| --- | --- | --- | --- | --- | --- | --- | --- |
${told.map(row).join("\n")}
`;
}
