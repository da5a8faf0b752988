import { z } from "zod";
import { CATALOGUE } from "../../app/catalogue/catalogue";
import { situationOf, supplyOf } from "../../app/core/household";
import { activityOf, Id, type Issue, livingTables, PlainDate, readBackup } from "../../app/core/model";
import { assess, holdsUntil, judge, offersAt, safeWays } from "../../app/core/safety";
import { safeWayText } from "../../app/words/safeWays";

export const AssessInput = z.strictObject({
  backup: z.unknown(),
  on: PlainDate,
  activity: Id,
  rung: Id,
  place: Id,
  child: Id,
});
export type AssessInput = z.infer<typeof AssessInput>;

const unknown = (path: string, message: string): Issue => ({ code: "unknown-id", path, message });

/**
 * How a rung is judged at a place for a child on a day, with what this home would allot: the state of the day, the rules
 * that speak, the last day on which that state holds within 60 days, and what would be safe instead.
 */
export function assessVerb({ backup, on, ...asked }: AssessInput) {
  const read = readBackup(backup, CATALOGUE);
  if (!read.ok) {
    return {
      ok: false as const,
      issues: read.issues.map((one) => ({ ...one, path: `backup.${one.path}` })),
    };
  }
  const tables = livingTables(read.value.tables);
  const place = tables.places.find((one) => one.id === asked.place);
  const s = situationOf(CATALOGUE, tables, on, place?.site);
  const activity = activityOf(s.catalogue, asked.activity);
  const rung = activity?.rungs.find((one) => one.id === asked.rung);
  const child = tables.children.find((one) => one.id === asked.child);
  if (!activity || !rung || !place || !child) {
    const issues = [
      ...(activity ? [] : [unknown("activity", `There is no activity "${asked.activity}".`)]),
      ...(activity && !rung ? [unknown("rung", `${activity.name} has no rung "${asked.rung}".`)] : []),
      ...(place ? [] : [unknown("place", `There is no place "${asked.place}" in the backup.`)]),
      ...(child ? [] : [unknown("child", `There is no child "${asked.child}" in the backup.`)]),
    ];
    return { ok: false as const, issues };
  }
  const context = {
    users: [child],
    people: s.people,
    supply: { ...supplyOf(s), cents: 0 },
    from: s.on,
    to: s.to,
  };
  // Judged also where the screens would not offer the place: there it says what stands against it.
  const anyKind = { ...place, kind: place.kind, servesOnly: [] };
  const here = { ...rung, places: [place.kind] };
  const [offer] = offersAt(activity, here, [anyKind], context);
  const things =
    offer?.things ??
    rung.materials.flatMap((need) => {
      const material = s.materials.get(need.material);
      return material ? [{ material, loose: need.loose }] : [];
    });
  const tray = { activity, rung, things, place, users: [child], people: s.people };
  const { state, findings } = assess(tray, on);
  const { until } = holdsUntil(tray, on);
  const ways =
    judge(tray, s.on, s.to).state === "blocked" ? safeWays({ ...context, ...tray, places: s.places }) : [];
  return {
    ok: true as const,
    value: {
      state,
      rules: findings.map(({ rule, material, reason, advice }) => ({
        rule,
        thing: material ?? null,
        text: `${reason} ${advice}`,
      })),
      until: until ?? null,
      safeWays: ways.map((way) => ({ how: safeWayText(way), state: way.state })),
    },
  };
}
