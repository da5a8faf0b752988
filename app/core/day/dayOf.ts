import { inOrderOfTheDay, rungOfTray, type Situation, standingRotation } from "../household";
import {
  type Activity,
  activityOf,
  addDays,
  type Child,
  type Holding,
  type Material,
  type Moment,
  type MomentId,
  minuteOf,
  type Place,
  type PlainDate,
  type Rung,
  type Sitting,
  type Tables,
  type Tray,
  weekdayOf,
} from "../model";
import { type PrepLine, type PrepTray, prepSheet } from "../prep";

/** A tray with what it is. */
export interface Invitation {
  tray: Tray;
  activity: Activity;
  rung: Rung;
}

/** A moment of a day: what is set out, and what that takes. */
export interface DayMoment {
  moment: Moment;
  place: Place;
  /** What is set out then; undefined where nothing is planned. */
  invitation?: Invitation;
  /** Everything that the shelf has for this moment, to choose from. */
  choices: readonly Invitation[];
  /** What is to be done for it today: minutes are for this time alone. */
  lines: readonly PrepLine[];
  /** Minutes of that, and the time at which to begin with it, in minutes since midnight. */
  prepMinutes: number;
  beginAt: number;
  /** Something was noted about it today. */
  isNoted: boolean;
  /** Who is asleep then: it is put away before they wake. */
  asleep: readonly Child[];
  /** What a sitting has for it. */
  uses: readonly DayUse[];
}

/** A use of a sitting that is to come on the day, and whether something was noted of it. */
export interface DayUse {
  sitting: Sitting;
  /** What the sitting is about; nothing where it is a made day. */
  material?: Material;
  activity: Activity;
  rung: Rung;
  quantity?: number;
  isNoted: boolean;
}

/** Something that spoils, to be used by its day. */
export interface UseUp {
  holding: Holding;
  material: Material;
  by: PlainDate;
}

export interface Day {
  on: PlainDate;
  moments: DayMoment[];
  /** Uses of sittings for whenever it suits on the day. */
  uses: DayUse[];
  /** What spoils within the days ahead, the soonest first. */
  useUp: UseUp[];
}

/** So many days ahead it is told what spoils. */
const SPOILS_WITHIN_DAYS = 3;

const invitationsOf = (s: Situation, trays: readonly Tray[]): Invitation[] =>
  trays.flatMap((tray) => {
    const opened = rungOfTray(s.catalogue, tray);
    return opened ? [{ tray, ...opened }] : [];
  });

/** The lines that are done before each of its moments, for one time. */
function linesFor(s: Situation, tables: Tables, { tray, activity, rung }: Invitation, placeName: string) {
  const prepared: PrepTray = { tray, activity, rung, placeName, stays: false };
  const { lines } = prepSheet([prepared], {
    materials: s.materials,
    holdings: new Map(tables.holdings.map((one) => [one.id, one])),
    from: s.on,
    places: s.places,
    moments: tables.moments,
  });
  return lines.flatMap((line) => (line.times ? [{ ...line, minutes: line.minutes / line.times }] : []));
}

/** The uses of open sittings that are to come on a day. */
function usesOf(s: Situation, tables: Tables, on: PlainDate): (DayUse & { moment?: MomentId })[] {
  return tables.sittings
    .filter((one) => one.site === s.site && one.endedOn === undefined)
    .flatMap((sitting) =>
      sitting.steps.flatMap((step) => {
        const activity = activityOf(s.catalogue, step.activity);
        const rung = activity?.rungs.find((one) => one.id === step.rung);
        const material = s.materials.get(sitting.material ?? "");
        if (step.on !== on || !activity || !rung || (!material && !sitting.day)) return [];
        const isNoted = tables.observations.some(
          (note) => note.sitting === sitting.id && note.activity === activity.id && note.rung === rung.id,
        );
        const { quantity, moment } = step;
        return [{ sitting, material, activity, rung, quantity, isNoted, ...(moment ? { moment } : {}) }];
      }),
    );
}

function momentOf(
  s: Situation,
  tables: Tables,
  all: readonly Invitation[],
  uses: ReturnType<typeof usesOf>,
  moment: Moment,
  on: PlainDate,
) {
  const place = s.places.find((one) => one.id === moment.place);
  if (!place) return [];
  const choices = all.filter(({ tray }) => tray.when?.moment === moment.id && tray.downOn === undefined);
  const invitation = choices.find(({ tray }) => tray.when?.days.includes(on));
  const lines = invitation ? linesFor(s, tables, invitation, place.name) : [];
  const prepMinutes = Math.ceil(lines.reduce((sum, line) => sum + line.minutes, 0));
  return [
    {
      moment,
      place,
      ...(invitation ? { invitation } : {}),
      choices,
      lines,
      prepMinutes,
      beginAt: Math.max(0, minuteOf(moment.at) - prepMinutes),
      isNoted: tables.observations.some((note) => note.tray === invitation?.tray.id && note.on === on),
      asleep: s.everyone.filter((child) => moment.asleep.includes(child.id)),
      uses: uses.filter((one) => one.moment === moment.id),
    },
  ];
}

/** The things of this home that spoil within a few days, the first of them first. */
export const spoilingSoon = (tables: Pick<Tables, "holdings">, s: Situation, on: PlainDate): UseUp[] =>
  tables.holdings
    .flatMap((holding): UseUp[] => {
      const material = s.materials.get(holding.material);
      const { useBy: by, quantity, site } = holding;
      return material && by && site === s.site && quantity > 0 && by >= on ? [{ holding, material, by }] : [];
    })
    .filter(({ by }) => by <= addDays(on, SPOILS_WITHIN_DAYS))
    .sort((a, b) => (a.by < b.by ? -1 : 1));

/** What is on at which moment of a day at a home, what to prepare for it and what has to be used up. */
export function dayOf(tables: Tables, s: Situation, on: PlainDate): Day {
  const rotation = standingRotation(tables, s.site, on);
  const all = invitationsOf(
    s,
    tables.trays.filter((tray) => tray.rotation === rotation?.id),
  );
  const uses = usesOf(s, tables, on);
  return {
    on,
    moments: [...tables.moments]
      .filter((moment) => moment.weekdays.includes(weekdayOf(on)))
      .sort(inOrderOfTheDay)
      .flatMap((moment) => momentOf(s, tables, all, uses, moment, on)),
    uses: uses.filter((one) => one.moment === undefined),
    useUp: spoilingSoon(tables, s, on),
  };
}
