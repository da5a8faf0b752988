import type { SkillAlong, SkillSign } from "../core/growing";
import type { ReadyWord } from "../core/readiness";
import { shortDate } from "./dates";

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
