import { DAYS_PER_MONTH } from "../age";
import {
  type ActivityId,
  AREA_IDS,
  type AreaId,
  addDays,
  type Catalogue,
  type Child,
  ChildId,
  plainDate,
  type RungId,
} from "../model";
import { readinessOf } from "../readiness";

/** An age band in months, and the areas that apply from its beginning. */
export interface Band {
  from: number;
  to: number;
}

export const BANDS: readonly Band[] = [
  { from: 0, to: 3 },
  { from: 3, to: 6 },
  { from: 6, to: 9 },
  { from: 9, to: 12 },
  { from: 12, to: 18 },
  { from: 18, to: 24 },
  { from: 24, to: 30 },
  { from: 30, to: 36 },
  { from: 36, to: 48 },
  { from: 48, to: 60 },
];

/** From which age an area is its own field; before, it is part of another. */
const BEGINS: Partial<Record<AreaId, number>> = {
  hands: 3,
  world: 3,
  words: 6,
  home: 12,
  making: 12,
  numbers: 18,
  thinking: 18,
};
export const applies = (area: AreaId, band: Band): boolean => band.from >= (BEGINS[area] ?? 0);

const BIRTH = plainDate("2020-01-01");
const CHILD = {
  id: ChildId.parse("any"),
  createdAt: "2020-01-01T00:00:00.000Z",
  updatedAt: "2020-01-01T00:00:00.000Z",
  name: "any",
  birth: BIRTH,
  mouths: "by-age" as const,
  planFor: true,
  interests: [],
  allergies: [],
} satisfies Child;

export interface Cell {
  area: AreaId;
  band: Band;
  /** Rungs "now" at the band's middle for a child of whom nothing else is known. */
  now: number;
  /** Of these, so many have no small piece. */
  nowWithLargePieces: number;
}

/** Counts what fits now, area by area and band by band, as the readiness model sees it. */
export function coverageOf(
  catalogue: Catalogue,
  isSmall: (activity: ActivityId, rung: RungId) => boolean,
): Cell[] {
  return BANDS.flatMap((band) => {
    const on = addDays(BIRTH, Math.round(((band.from + band.to) / 2) * DAYS_PER_MONTH));
    const ready = readinessOf(catalogue, CHILD, [], [], on);
    const now = catalogue.activities.flatMap((activity) =>
      activity.rungs
        .filter((rung) => ready.rung(activity, rung).word === "now")
        .map((rung) => ({ area: activity.area, small: isSmall(activity.id, rung.id) })),
    );
    return AREA_IDS.map((area) => {
      const here = now.filter((one) => one.area === area);
      return { area, band, now: here.length, nowWithLargePieces: here.filter((one) => !one.small).length };
    });
  });
}
