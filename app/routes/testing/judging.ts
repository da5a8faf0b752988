import type { Situation } from "../../core/household";
import { optionsFor } from "../../core/materials";
import { type Activity, addDays, type Child, type PieceShape, type Place, type Rung } from "../../core/model";
import {
  assess,
  fetchesFrom,
  type SafetyState,
  type SafeWay,
  type TrayThing,
  whileAsleep,
} from "../../core/safety";
import { safeWayText } from "../../words/safeWays";

const ORDER: readonly SafetyState[] = ["free", "adult-held", "blocked"];

/** Judged day by day, without anything of what the screens are made with: the hardest of the rotation's days. */
export function judged(
  s: Situation,
  activity: Activity,
  rung: Rung,
  things: readonly TrayThing[],
  place: Place,
  users: readonly Child[],
  to = s.to,
): SafetyState {
  const hardest = overDays({ ...s, to }, activity, rung, things, place, users);
  const fetched = users.every((user) => fetchesFrom(place, s.people, user, s.on));
  return hardest === "free" && !fetched ? "blocked" : hardest;
}

/** Everything that can serve a need, as it is measured here or bought; the usual thing where nothing does. */
export function couldServe(s: Situation, rung: Rung, cents: number): TrayThing[][] {
  return rung.materials.map((need) => {
    const here = optionsFor(need, s.materials, s.stock, cents).flatMap((option): TrayThing[] => {
      const from = s.stock.find((one) => one.key === option.stock);
      return from ? [{ material: from.material, loose: need.loose, measured: from.holding?.measured }] : [];
    });
    const usual = s.materials.get(need.material);
    return here.length > 0 || !usual ? here : [{ material: usual, loose: need.loose }];
  });
}

/** The hardest state of one part of a tray over the days of the rotation. */
export function overDays(
  s: Situation,
  activity: Activity,
  rung: Rung,
  things: readonly TrayThing[],
  place: Place,
  users: readonly Child[],
): SafetyState {
  let hardest: SafetyState = "free";
  for (let day = s.on; day < s.to; day = addDays(day, 1)) {
    const { state } = assess({ activity, rung, things, place, users, people: s.people }, day);
    if (ORDER.indexOf(state) > ORDER.indexOf(hardest)) hardest = state;
  }
  return hardest;
}

/**
 * Can a rung stand at a place in any way at all, over everything that can serve? Where the child does not get at the
 * place by itself, only as an adult-held tray.
 */
export function mayStand(
  s: Situation,
  activity: Activity,
  rung: Rung,
  place: Place,
  users: readonly Child[],
  cents = 0,
): boolean {
  const base = overDays(s, activity, rung, [], place, users);
  const states = couldServe(s, rung, cents).map((could) =>
    could.map((thing) =>
      overDays(s, activity, { ...rung, hazards: [], held: undefined }, [thing], place, users),
    ),
  );
  // What may stay away does so where it is not safe.
  const isNeeded = (i: number) => rung.materials[i]?.spare !== true;
  const isBlocked = (of: readonly SafetyState[]) => of.every((state) => state === "blocked");
  if (base === "blocked" || states.some((of, i) => isNeeded(i) && isBlocked(of))) return false;
  const fetched = users.every((user) => fetchesFrom(place, s.people, user, s.on));
  return fetched || base === "adult-held" || states.some((of) => of.includes("adult-held"));
}

const asleepIn = ({ asleep }: Extract<SafeWay, { way: "time" }>) => asleep.map((one) => one.id);

/** What is wrong with a way that is offered: nothing, or what it would be in truth. */
export function faultOfWay(
  s: Situation,
  way: SafeWay,
  asked: {
    activity: Activity;
    rung: Rung;
    things: readonly TrayThing[];
    place: Place;
    users: readonly Child[];
  },
): string[] {
  const { activity, rung, things, place, users } = asked;
  const fault = (state: SafetyState) => (state === "blocked" ? [`${safeWayText(way)} is blocked`] : []);
  switch (way.way) {
    case "twin":
    case "rung": {
      const other = activity.rungs.find((one) => one.id === way.rung.id);
      return other && mayStand(s, activity, other, place, users) ? [] : fault("blocked");
    }
    case "size": {
      const made = things.map((thing) =>
        thing.material.id === way.material.id
          ? {
              ...thing,
              measured: {
                shape: (thing.measured ?? thing.material.piece)?.shape,
                mm: way.leastMm,
              } as PieceShape,
            }
          : thing,
      );
      return fault(judged(s, activity, rung, made, place, users));
    }
    case "stand-in": {
      const here = s.stock.filter((one) => one.material.id === way.material.id);
      const states = things.flatMap((_, i) =>
        here.map((one) =>
          judged(
            s,
            activity,
            rung,
            things.map((thing, j) =>
              i === j
                ? { material: one.material, loose: thing.loose, measured: one.holding?.measured }
                : thing,
            ),
            place,
            users,
          ),
        ),
      );
      return states.some((state) => state !== "blocked") ? [] : fault("blocked");
    }
    case "place": {
      const other = s.places.find((one) => one.id === way.place.id);
      return other ? fault(judged(s, activity, rung, things, other, users)) : [`no place ${way.place.name}`];
    }
    case "time":
      return fault(judged(s, activity, rung, things, whileAsleep(place, asleepIn(way)), users));
  }
}

export const safeAnywhere = (s: Situation, activity: Activity, rung: Rung, users: readonly Child[]) =>
  s.places
    .filter((place) => (rung.places ?? activity.places).includes(place.kind))
    .filter(
      (place) => place.servesOnly.length === 0 || users.every((user) => place.servesOnly.includes(user.id)),
    )
    .some((place) => mayStand(s, activity, rung, place, users));
