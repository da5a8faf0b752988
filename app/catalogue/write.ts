import type { ActivityInput, AgeWindow, AxisId, SkillInput } from "../core/model";

type RungInput = ActivityInput["rungs"][number];
type Axes = Partial<Record<AxisId, number>>;
type Months = readonly [p10: number, median: number, p90: number];

const windowOf = ([p10, median, p90]: Months): AgeWindow => ({ p10, median, p90 });

/** "pincer 0.6" or "pulls-to-stand 0.6 safety" → a needed skill with its weight. */
function needOf(text: string) {
  const [skill = "", weight = "0.5", safety] = text.split(" ");
  return { skill, weight: Number(weight), forSafety: safety === "safety" };
}

/** "rings: noodle-ring x4" or "rope: stiff-rope x1 fixed" → a material need; fixed: never loose in the child's hand. */
function materialOf(text: string) {
  const [, id = "", material = "", quantity = "1", fixed] =
    /^([\w-]+): ([\w-]+) x([\d.]+)( fixed)?$/.exec(text) ?? [];
  if (!material)
    throw new Error(
      `"${text}" is not written as "need: material xN", with " fixed" at the end where it applies`,
    );
  return { id, material, quantity: Number(quantity), loose: !fixed };
}

/** A rung in one call: id, what is set out, window in months, place on the axes, needs, what it grows, materials. */
export const rung = (
  id: string,
  title: string,
  months: Months,
  axes: Axes,
  needs: readonly string[],
  grows: readonly string[],
  materials: readonly string[],
  more: Partial<RungInput> = {},
): RungInput => ({
  id,
  title,
  window: windowOf(months),
  axes,
  needs: needs.map(needOf),
  grows: [...grows],
  materials: materials.map(materialOf),
  ...more,
});

/** A skill in one call. */
export const skill = (
  id: string,
  name: string,
  area: SkillInput["area"],
  months: Months,
  basis: SkillInput["basis"],
  source: string,
  look: string,
  after: string[] = [],
): SkillInput => ({ id, name, area, window: windowOf(months), basis, source, look, after });
