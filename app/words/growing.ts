import type { RuleChange, SkillAlong, SkillSign } from "../core/growing";
import type { ReadyWord } from "../core/readiness";
import type { SafetyState } from "../core/safety";
import type { HandDemand } from "../core/setup";
import { lengthText, type Units } from "../core/units";
import { shortDate } from "./dates";
import { graspText } from "./grasps";
import { namesText } from "./names";

/** In tone, never as ahead or behind. */
export const READY_NAMES: Record<ReadyWord, string> = {
  coming: "coming",
  now: "now",
  settled: "settled",
};

const whole = (months: number) => Math.round(months);

/** "usually at 12 to 18 months": the ages at which one and nine in ten children do it. */
export const windowText = ({ skill: { window } }: Pick<SkillAlong, "skill">): string =>
  `usually at ${whole(window.p10)} to ${whole(window.p90)} months`;

const SIGN_TEXTS: Record<SkillSign["kind"], string> = {
  seen: "seen",
  told: "told",
  alone: "done alone",
  "not-yet": "not yet",
};

/** What was last noted of it, with its day and age; empty where nothing was. */
export function signText(signs: readonly SkillSign[]): string {
  const last = signs.at(-1);
  if (!last) return "";
  const more = signs.length > 1 ? `, ${signs.length} notes in all` : "";
  return `${SIGN_TEXTS[last.kind]} on ${shortDate(last.on)}, at ${last.months.toFixed(1)} months${more}`;
}

/** One sign by itself. */
export const oneSignText = (sign: SkillSign): string =>
  `${SIGN_TEXTS[sign.kind]}, at ${sign.months.toFixed(1)} months${sign.about ? `: ${sign.about}` : ""}`;

const JUDGED: Record<SafetyState, string> = {
  blocked: "not for this age",
  "adult-held": "only in your hand, counted out and back",
  free: "free on a tray",
};

/** So many things are named; the rest are counted. */
const NAMED = 8;

/** What age alone changes in the judgement of things in the house. */
export function ruleChangeText({ from, to, things }: RuleChange): string {
  const names = things.slice(0, NAMED).map((one) => one.name);
  const rest = things.length - names.length;
  const all = rest > 0 ? `${names.join(", ")} and ${rest} more` : namesText(names);
  return `${all}: ${JUDGED[to]} (until then ${JUDGED[from]}).`;
}

/** "smallest piece 25 mm: three fingers". */
export function demandText({ pieceMm, grasp }: HandDemand, units: Units): string | undefined {
  if (pieceMm === undefined || !grasp) return undefined;
  return `The smallest piece is ${lengthText(pieceMm, units)} wide: ${graspText(grasp)}.`;
}
