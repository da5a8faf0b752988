import {
  Activity,
  ActivityId,
  type AgeWindow,
  type AxisId,
  type Issue,
  issuesOf,
  type MaterialId,
  type Need,
  NeedId,
  type Result,
  type Rung,
  RungId,
  tapeCm,
} from "../model";
import { faultsOfActivity, type Known } from "./checkActivity";

/**
 * The spread of a window of which only the median is given, as p90 ÷ median = median ÷ p10.
 * Our judgement, by the spread of the published windows of that age: growing with age.
 */
export const usualSpread = (medianMonths: number): number => {
  if (medianMonths < 12) return 1.28;
  return medianMonths < 30 ? 1.34 : 1.4;
};

const round = (months: number) => Math.round(months * 10) / 10;

/** The window round a median, in months. */
export const windowAround = (median: number): AgeWindow => ({
  p10: round(median / usualSpread(median)),
  median,
  p90: round(median * usualSpread(median)),
});

/** An activity while it is written: of its shape, but a number may still be missing and a text be empty. */
export type Draft = Activity;

export const emptyRung = (id: RungId, before?: Rung): Rung => ({
  id,
  title: "",
  window: windowAround(before ? round(before.window.median * 1.2) : 18),
  axes: before?.axes ?? { choices: 0 },
  needs: [],
  grows: before?.grows ?? [],
  materials: before?.materials ?? [],
  fits: [],
  prep: [],
  makes: [],
  hazards: [],
});

/** So much of a thing's id is kept in the id of a need, so that a number still fits behind it. */
const KEPT_OF_ID = 70;

/** An id for one more need of a thing that no need of the rung has yet: the thing's own, or with a number behind it. */
export function freeNeedId(material: MaterialId, needs: readonly Pick<Need, "id">[]): NeedId {
  const taken = new Set<string>(needs.map((need) => need.id));
  const stem = material.slice(0, KEPT_OF_ID).replace(/-$/, "");
  const numbered = needs.map((_, i) => `${stem}-${i + 2}`);
  return NeedId.parse([material, ...numbered].find((id) => !taken.has(id)));
}

/** Where one begins from nothing. */
export const emptyDraft = (): Draft => ({
  id: ActivityId.parse("draft"),
  name: "",
  invitation: "",
  area: "hands",
  family: "our own",
  form: "",
  glyph: "basket",
  interests: [],
  places: ["bay"],
  wet: false,
  messy: false,
  loud: false,
  adult: "in-room",
  seasons: [],
  prepMinutes: 3,
  clearMinutes: 2,
  playMinutes: 8,
  rungs: [emptyRung(RungId.parse("first"))],
});

/** The rung made harder on one axis than the rung before it, and like it on all others. */
export const harderOn = (rung: Rung, before: Rung, axis: AxisId): Rung => ({
  ...rung,
  axes: { ...before.axes, [axis]: Math.min(9, (before.axes[axis] ?? 0) + 1) },
});

/** What the words of a path mean to a parent. */
const PLACE_WORDS: readonly (readonly [RegExp, string])[] = [
  [/^name/, "Name"],
  [/^invitation/, "Invitation"],
  [/^form/, "Movement"],
  [/^places/, "Places"],
  [/Minutes$/, "Minutes"],
  [/^guide\.words/, "Words (four to six)"],
  [/^guide/, "Script"],
];

function saidFor(issue: Issue, draft: Draft): Issue {
  const rung = /^rungs\[(\d+)\]/.exec(issue.path)?.[1];
  const where =
    rung === undefined
      ? PLACE_WORDS.find(([pattern]) => pattern.test(issue.path))?.[1]
      : `Rung ${Number(rung) + 1}${draft.rungs[Number(rung)]?.title ? `, ${draft.rungs[Number(rung)]?.title}` : ""}`;
  const part = /\.(title|window|grows|materials|axes)/.exec(issue.path)?.[1];
  const what = part && issue.code.startsWith("too_small") ? `: ${part} is missing` : `: ${issue.message}`;
  return { ...issue, message: `${where ?? issue.path}${what}` };
}

/** What named a thing that was taken off the rung goes with it: how things meet, how they are cut, the way over the floor. */
function withoutMissing(rung: Rung): Rung {
  const has = (need: NeedId) => rung.materials.some((one) => one.id === need);
  const { floor, ...rest } = rung;
  const asked = (need: NeedId) =>
    (floor ?? []).reduce((sum, one) => {
      if (one.kind === "mark" || one.need !== need) return sum;
      return sum + (one.kind === "tape" ? tapeCm(one) : one.count);
    }, 0);
  const keepsWay =
    floor?.every((one) => one.kind === "mark" || has(one.need)) &&
    rung.materials.every((one) => asked(one.id) <= one.quantity);
  return {
    ...rest,
    fits: rung.fits.filter((one) => has(one.a) && has(one.b)),
    prep: rung.prep.filter((one) => has(one.need)),
    ...(floor && keepsWay ? { floor } : {}),
  };
}

/** The finished activity, or everything that is still wrong with it, said for the one who writes it. */
export function activityFromDraft(draft: Draft, known: Known): Result<Activity> {
  const form = draft.form.trim() || draft.name.trim();
  const parsed = Activity.safeParse({ ...draft, form, rungs: draft.rungs.map(withoutMissing) });
  const issues = parsed.success ? faultsOfActivity(parsed.data, known) : issuesOf(parsed.error);
  if (!parsed.success || issues.length > 0) {
    return { ok: false, issues: issues.map((issue) => saidFor(issue, draft)) };
  }
  return { ok: true, value: parsed.data };
}
