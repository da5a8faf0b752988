import { addDays, type Household, type PlainDate, type Rotation, type SiteId, type Tables } from "../model";

/** The rotation that stands on a date at a site, if any. */
export const standingRotation = (tables: Tables, site: SiteId, on: PlainDate) =>
  tables.rotations
    .filter(
      (rotation) =>
        rotation.site === site && rotation.from <= on && (rotation.to === undefined || rotation.to > on),
    )
    .sort((a, b) => (a.from < b.from ? 1 : -1))[0];

/** A rotation that is accepted for a later day, if any. */
export const upcomingRotation = (tables: Tables, site: SiteId, on: PlainDate) =>
  tables.rotations
    .filter((rotation) => rotation.site === site && rotation.from > on && rotation.to === undefined)
    .sort((a, b) => (a.from < b.from ? -1 : 1))[0];

/** The day on which the next rotation begins: after the one that stands, or after the one already accepted; today where it is due. */
export function nextStart(
  tables: Tables,
  site: SiteId,
  today: PlainDate,
  { rotationDays }: Pick<Household, "rotationDays">,
): PlainDate {
  const last = upcomingRotation(tables, site, today) ?? standingRotation(tables, site, today);
  const due = last ? addDays(last.from, rotationDays) : today;
  return due < today ? today : due;
}

/** The tables as if the standing rotation had been put away on a day: what a look far ahead starts from. */
export const putAwayOn = (tables: Tables, site: SiteId, on: PlainDate, day: PlainDate): Tables => {
  const standing = standingRotation(tables, site, on);
  return {
    ...tables,
    rotations: tables.rotations.map((one) => (one.id === standing?.id ? { ...one, to: day } : one)),
  };
};

/** The latest first: by its day, then by when it was accepted. */
export const latestFirst = (a: Rotation, b: Rotation) =>
  `${a.from} ${a.createdAt}` < `${b.from} ${b.createdAt}` ? 1 : -1;

/** The rotations of a site that have not ended, the latest first. */
export const openRotations = (rotations: readonly Rotation[], site: SiteId): Rotation[] =>
  rotations.filter((row) => row.site === site && row.to === undefined && !row.deletedAt).sort(latestFirst);
