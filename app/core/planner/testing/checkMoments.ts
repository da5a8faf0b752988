import { addTo } from "../../collections";
import {
  type Activity,
  type Child,
  daysBetween,
  type Limits,
  type Moment,
  minuteOf,
  type Place,
  type Rung,
  type Tables,
  weekdayOf,
} from "../../model";
import type { PlannedTray } from "../explain/plannedTray";
import type { PlannedRotation } from "../plan";
import { drawsFor, goesEachTime, isThereAgain } from "./uses";

/** A planned tray with all that it names. */
export interface Known {
  tray: PlannedTray;
  activity: Activity;
  rung: Rung;
  users: Child[];
  place: Place;
  /** Where it comes by a moment. */
  moment?: Moment;
}

interface Checked {
  tables: Tables;
  plan: PlannedRotation;
  all: readonly Known[];
  limits: Limits;
  /** Places to dry that nothing takes for the whole rotation. */
  spotsLeft: number;
}

/** A time at which something is set out, in minutes since the rotation began. */
interface Session {
  k: Known;
  day: string;
  from: number;
  to: number;
}

const MINUTES_PER_DAY = 1440;
const AT_HOME_WET = ["outdoors", "wet-spot"];

const sessionsOf = (plan: PlannedRotation, k: Known): Session[] =>
  k.moment
    ? (k.tray.when?.days ?? []).map((day) => {
        const from = daysBetween(plan.from, day) * MINUTES_PER_DAY + minuteOf(k.moment?.at ?? "");
        return { k, day, from, to: from + (k.moment?.minutes ?? 0) };
      })
    : [];

/** What is wrong with a tray at its moment, looked at by itself. */
function visitFaults({ tables, plan }: Checked, k: Known): string[] {
  const faults: string[] = [];
  const fault = (bad: boolean, text: string) =>
    bad && faults.push(`${k.tray.activity}/${k.tray.rung}: ${text}`);
  if (!k.moment) {
    fault(
      tables.moments.some((one) => one.place === k.tray.place),
      "stands where things come by moments",
    );
    return faults;
  }
  const { moment } = k;
  const days = k.tray.when?.days ?? [];
  fault(moment.place !== k.tray.place, "is not at the place of its moment");
  fault(days.length === 0 || new Set(days).size !== days.length, "comes on no day, or twice on one");
  for (const day of days) {
    fault(day < plan.from || day >= plan.to, `comes on ${day}, outside of the rotation`);
    fault(!moment.weekdays.includes(weekdayOf(day)), `comes on ${day}, when there is no such moment`);
  }
  for (const { id } of k.users) {
    fault(moment.children.length > 0 && !moment.children.includes(id), `${id} is not there`);
    fault(moment.asleep.includes(id), `${id} is asleep`);
  }
  fault(k.activity.playMinutes > moment.minutes, "takes longer than its moment");
  fault(!moment.adultBeside && k.tray.close, "needs the adult, who has no time");
  return faults;
}

/** Two things at the same time that can't be. */
function clashFaults(sessions: readonly Session[]): string[] {
  return sessions.flatMap((a, i) =>
    sessions.slice(0, i).flatMap((b) => {
      if (a.from >= b.to || b.from >= a.to) return [];
      const at = `${a.day}: ${a.k.tray.activity} and ${b.k.tray.activity}`;
      const excluded =
        a.k.place.id === b.k.place.id ||
        a.k.place.exclusiveWith.includes(b.k.place.id) ||
        b.k.place.exclusiveWith.includes(a.k.place.id);
      return [
        ...(excluded ? [`${at} at one place, or at two that exclude each other`] : []),
        ...(a.k.users.some((one) => b.k.users.some((other) => other.id === one.id))
          ? [`${at} for one child`]
          : []),
        ...(a.k.tray.close && b.k.tray.close ? [`${at} both want the adult`] : []),
      ];
    }),
  );
}

/** At the beginning of each session: what is out then, against what there is and what the household can carry. */
function hourFaults({ tables, all, limits, spotsLeft }: Checked, sessions: readonly Session[]): string[] {
  const standing = all.filter((k) => !k.moment);
  return sessions.flatMap(({ from, day }) => {
    const faults: string[] = [];
    const now = sessions.filter((one) => one.from <= from && from < one.to).map((one) => one.k);
    const atMost = (count: number, most: number, what: string) =>
      count > most && faults.push(`${day}, minute ${from}: ${count} ${what}, at most ${most}`);
    const counted = (flag: "wet" | "messy" | "loud") =>
      standing.filter((k) => k.activity[flag]).length +
      now.filter((k) => k.activity[flag] && !(flag !== "loud" && AT_HOME_WET.includes(k.place.kind))).length;
    for (const flag of ["wet", "messy", "loud"] as const) atMost(counted(flag), limits[flag], flag);
    const wet = sessions.filter(
      (one) => one.from <= from && from < one.from + (one.k.activity.dryHours ?? 0) * 60,
    ).length;
    atMost(wet, spotsLeft, "drying");
    const taken = new Map<string, number>();
    // What is used up at any time of the rotation is wanted besides.
    for (const { tray } of all) {
      for (const one of tray.allotted) {
        const times = goesEachTime(one.material, one.stays) ? (tray.when?.days.length ?? 1) : 1;
        for (const { key, quantity, usedUp } of drawsFor(one))
          if (usedUp) addTo(taken, key, quantity * times);
      }
    }
    const out = [...standing, ...now].flatMap((k) => k.tray.allotted);
    for (const { holding, material, quantity, stays } of out) {
      if (!holding || !isThereAgain(material, stays)) continue;
      addTo(taken, holding, quantity);
    }
    for (const [id, quantity] of taken) {
      if (id.startsWith("buy ")) continue;
      atMost(quantity, tables.holdings.find((one) => one.id === id)?.quantity ?? 0, `of ${id}`);
    }
    return faults;
  });
}

/** Every rule of the moments of the day that a rotation breaks, judged by the clock and from the tables. */
export function momentFaults(checked: Checked): string[] {
  const sessions = checked.all.flatMap((k) => sessionsOf(checked.plan, k));
  return [
    ...checked.all.flatMap((k) => visitFaults(checked, k)),
    ...clashFaults(sessions),
    ...hourFaults(checked, sessions),
  ];
}
