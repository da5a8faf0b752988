import { addTo, countOf } from "../collections";
import {
  childrenAt,
  inOrderOfTheDay,
  offerContext,
  placeDuring,
  type Situation,
  standingRotation,
} from "../household";
import { needServedBy } from "../materials";
import {
  type Activity,
  addDays,
  type Child,
  type MaterialId,
  type Moment,
  type Place,
  type PlainDate,
  type Rung,
  suitsRoutine,
  type Tables,
  weekdayOf,
} from "../model";
import { offerAt } from "../safety";
import { sittingUses } from "./sittingUses";

/** One use of what is to be used up: when, where and how much of it. */
export interface UsePlanStep {
  activity: Activity;
  rung: Rung;
  /** In the material's unit. */
  quantity: number;
  on: PlainDate;
  /** Absent where the day has no free moment for it: whenever it suits. */
  moment?: Moment;
  place: Place;
  children: readonly Child[];
}

/** As many uses as the amount, the days and the children allow, from easy to hard. */
export interface UsePlan {
  steps: UsePlanStep[];
  /** How much is left over after all of them. */
  left: number;
}

/** So many days ahead are filled at the most, however long it keeps. */
const MOST_DAYS = 7;

/** So many uses a day come without an hour: one half of the day and the other. */
const WHENEVER = 2;

/** An hour that is free, or a day without one. */
interface Slot {
  on: PlainDate;
  moment?: Moment;
  places: readonly Place[];
  children: readonly Child[];
}

/** The free moments of the days, in their order, and on each day twice whenever it suits. */
function slotsOf(s: Situation, tables: Tables, children: readonly Child[], by: PlainDate): Slot[] {
  const rotation = standingRotation(tables, s.site, s.on);
  const taken = new Set(
    tables.trays.flatMap((tray) =>
      tray.rotation === rotation?.id && tray.downOn === undefined && tray.when
        ? tray.when.days.map((day) => `${tray.when?.moment} ${day}`)
        : [],
    ),
  );
  const slots: Slot[] = [];
  for (let day = s.on, n = 0; day <= by && n < MOST_DAYS; day = addDays(day, 1), n++) {
    const moments = tables.moments
      .filter((one) => one.weekdays.includes(weekdayOf(day)) && !taken.has(`${one.id} ${day}`))
      .sort(inOrderOfTheDay);
    for (const moment of moments) {
      const place = s.places.find((one) => one.id === moment.place);
      const there = place ? childrenAt(moment, place, s.planned) : [];
      const here = children.filter((child) => there.includes(child));
      if (place && here.length > 0) {
        slots.push({ on: day, moment, places: [placeDuring(place, moment)], children: here });
      }
    }
    for (let n = 0; n < WHENEVER; n++) slots.push({ on: day, places: s.places, children });
  }
  return slots;
}

interface Use {
  activity: Activity;
  rung: Rung;
  quantity: number;
  /** How near it is to just within reach for the child whom it suits best: 0 is nearest. */
  off: number;
}

/** Where a use can be set out in a slot, safe for the children who are there; undefined where it can't. */
function placeIn(s: Situation, use: Use, slot: Slot): Place | undefined {
  const { moment } = slot;
  if (moment && moment.minutes < use.activity.playMinutes) return undefined;
  const context = { ...offerContext(s, slot.children), to: addDays(slot.on, 1) };
  return slot.places.find((place) => {
    if (moment && !suitsRoutine(use.activity, place.kind, moment.routine)) return false;
    const state = offerAt(use.activity, use.rung, place, context)?.judgement.state;
    const close = state === "adult-held" || (use.rung.adult ?? use.activity.adult) !== "in-room";
    return state !== undefined && state !== "blocked" && (!moment || moment.adultBeside || !close);
  });
}

interface Given {
  slot: number;
  place: Place;
}

/** The uses in their order given slots in theirs, each the earliest that it can have; undefined where one has none. */
function inSlots(
  uses: readonly Use[],
  slots: readonly Slot[],
  fits: (use: Use, slot: number) => Place | undefined,
  mostADay: number,
): Given[] | undefined {
  const given: Given[] = [];
  const onDay = new Map<PlainDate, number>();
  let next = 0;
  for (const use of uses) {
    let found: Given | undefined;
    for (; next < slots.length && !found; next++) {
      const { on } = slots[next] as Slot;
      const place = countOf(onDay, on) < mostADay ? fits(use, next) : undefined;
      if (place) {
        found = { slot: next, place };
        addTo(onDay, on, 1);
      }
    }
    if (!found) return undefined;
    given.push(found);
  }
  return given;
}

/** Spread over the days as evenly as can be, and closer only where it must. */
function spreadInSlots(uses: readonly Use[], slots: readonly Slot[], fits: Parameters<typeof inSlots>[2]) {
  const days = new Set(slots.map((one) => one.on)).size;
  for (let most = Math.ceil(uses.length / days); most <= uses.length; most++) {
    const given = inSlots(uses, slots, fits, most);
    if (given) return given;
  }
  return undefined;
}

/**
 * A plan for so much of something by its last day: as many uses as the amount and the free hours allow, in rising order;
 * of as many those nearest to just within reach, then the earliest. Every choice of uses is tried (a sitting has six at
 * the most), and for a choice in order the earliest slots are the best there are, so no plan has more uses.
 */
export function planConsumption(
  s: Situation,
  tables: Tables,
  material: MaterialId,
  { quantity, by, children }: { quantity: number; by: PlainDate; children: readonly Child[] },
): UsePlan {
  const uses = sittingUses(s, material, children).uses.map(({ activity, rung, chances }): Use => {
    const own = needServedBy(rung, material, s.materials);
    const off = Math.min(...[...chances.values()].map((one) => Math.abs(one.chance - 0.65)));
    return { activity, rung, quantity: own?.quantity ?? 1, off };
  });
  const slots = slotsOf(s, tables, children, by);
  const known = new Map<string, Place | undefined>();
  const fits = (use: Use, slot: number) => {
    const key = `${uses.indexOf(use)} ${slot}`;
    if (!known.has(key)) known.set(key, placeIn(s, use, slots[slot] as Slot));
    return known.get(key);
  };
  let best: { uses: Use[]; given: Given[]; off: number } | undefined;
  for (let choice = 1; choice < 1 << uses.length; choice++) {
    const chosen = uses.filter((_, i) => choice & (1 << i));
    if (best && chosen.length < best.uses.length) continue;
    if (chosen.reduce((sum, use) => sum + use.quantity, 0) > quantity) continue;
    const off = chosen.reduce((sum, use) => sum + use.off, 0);
    if (best && chosen.length === best.uses.length && off >= best.off) continue;
    const given = spreadInSlots(chosen, slots, fits);
    if (given) best = { uses: chosen, given, off };
  }
  const steps = (best?.uses ?? []).flatMap((use, i): UsePlanStep[] => {
    const at = best?.given[i];
    const slot = at && slots[at.slot];
    if (!at || !slot) return [];
    const { activity, rung, quantity: takes } = use;
    return [
      {
        ...{ activity, rung, quantity: takes, on: slot.on, place: at.place, children: slot.children },
        ...(slot.moment ? { moment: slot.moment } : {}),
      },
    ];
  });
  return { steps, left: quantity - steps.reduce((sum, step) => sum + step.quantity, 0) };
}
