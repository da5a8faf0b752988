import { addTo } from "../../collections";
import type { Activity, Child, PlainDate, Tables } from "../../model";
import { readinessOf } from "../../readiness";
import { fetchesFrom, judge, peopleOf, whileAsleep } from "../../safety";
import { meet } from "../../setup";
import { FIXTURE } from "../../testing/fixtures";
import type { PlannedTray } from "../explain/plannedTray";
import type { PlannedRotation } from "../plan";
import { type Known, momentFaults } from "./checkMoments";
import { drawsFor, goesEachTime, isThereAgain, materials, mixingFaults } from "./uses";

const POSITION = { "in-room": 0, beside: 1, "arms-reach": 1 };

function known(tables: Tables, activities: readonly Activity[], tray: PlannedTray): Known {
  const activity = activities.find((one) => one.id === tray.activity);
  const rung = activity?.rungs.find((one) => one.id === tray.rung);
  const named = [tray.child, ...tray.also];
  const users = tables.children.filter((one) => named.includes(one.id));
  const place = tables.places.find((one) => one.id === tray.place);
  const moment = tables.moments.find((one) => one.id === tray.when?.moment);
  if (!activity || !rung || users.length !== named.length || !place || (tray.when && !moment))
    throw new Error(`the plan names something unknown: ${JSON.stringify(tray)}`);
  return {
    ...{ tray, activity, rung, users, moment },
    place: moment && moment.asleep.length > 0 ? whileAsleep(place, moment.asleep) : place,
  };
}

/** What one child's age, notes and the adult's words say against a tray. */
function personalFaults(
  tables: Tables,
  { tray, activity, rung }: Known,
  child: Child,
  on: PlainDate,
): string[] {
  const faults: string[] = [];
  const fault = (bad: boolean, text: string) => bad && faults.push(`${tray.activity}/${tray.rung}: ${text}`);
  const ready = readinessOf(FIXTURE, child, tables.observations, tables.skillNotes, on);
  fault(ready.barred(rung), "is barred for want of a skill that safety hangs on");
  const wishes = tables.wishes.filter((wish) => wish.child === child.id && wish.activity === activity.id);
  fault(
    wishes.some((wish) => wish.kind === "never" && (wish.rung === undefined || wish.rung === rung.id)),
    "was refused",
  );
  const standing = tables.trays.find((one) => one.child === child.id && one.activity === activity.id);
  const decided = standing && tables.decisions.find((one) => one.tray === standing.id);
  const locked = wishes.some(
    (wish) => wish.kind === "lock" && (wish.rung === undefined || wish.rung === rung.id),
  );
  fault(!locked && (decided?.move === "rest" || decided?.move === "retire"), "was put away by the adult");
  return faults;
}

/** Judges one tray by itself: place, needs, safety, age, wishes. */
function trayFaults(tables: Tables, k: Known, on: PlainDate, to: PlainDate): string[] {
  const { tray, activity, rung, users, place } = k;
  const faults: string[] = [];
  const fault = (bad: boolean, text: string) => bad && faults.push(`${tray.activity}/${tray.rung}: ${text}`);
  fault(!(rung.places ?? activity.places).includes(place.kind), `does not belong at a ${place.kind}`);
  const moment = tables.moments.find((one) => one.id === tray.when?.moment);
  fault(
    place.kind === "routine" && !!moment && activity.routines?.includes(moment.routine) === false,
    `is no part of ${moment?.routine}`,
  );
  for (const child of users) {
    fault(
      place.servesOnly.length > 0 && !place.servesOnly.includes(child.id),
      "the place is another child's",
    );
    fault(!child.planFor, "is for a child that is not planned for");
    faults.push(...personalFaults(tables, k, child, on));
  }
  const isServed = ({ id }: { id: string }) => tray.allotted.some((one) => one.need === id);
  fault(
    !rung.materials.every((need) => need.spare || isServed(need)) ||
      tray.allotted.length !== rung.materials.filter(isServed).length,
    "not every need is served",
  );
  const things = rung.materials.flatMap((need) => {
    const given = tray.allotted.find((one) => one.need === need.id);
    const material = given && materials.get(given.material);
    if (!given || !material) return [];
    const wanted = materials.get(need.material);
    const serves =
      given.material === need.material || wanted?.standIns.some((one) => one.material === given.material);
    fault(!serves, `${given.material} does not serve for ${need.material}`);
    fault(given.stays !== need.stays, `${need.material} stays, or it does not`);
    fault(
      given.quantity !== need.quantity,
      `${given.quantity} of ${need.material} instead of ${need.quantity}`,
    );
    const holding = tables.holdings.find((one) => one.id === given.holding);
    faults.push(...mixingFaults(tables, given));
    fault(Boolean(holding) && holding?.material !== given.material, "the holding is of something else");
    return [{ material, loose: need.loose, measured: holding?.measured }];
  });
  for (const fit of rung.fits) {
    const taken = (id: string) => {
      const given = tray.allotted.find((one) => one.need === id);
      const material = given && materials.get(given.material);
      const measured = tables.holdings.find((one) => one.id === given?.holding)?.measured;
      const here = material && { ...material, piece: measured ?? material.piece };
      return here && { material: here, quantity: given.quantity };
    };
    const [a, b] = [taken(fit.a), taken(fit.b)];
    fault(a && b ? meet(fit.how, a, b)?.ok === false : false, `${fit.a} does not go ${fit.how} ${fit.b}`);
  }
  const people = peopleOf(tables);
  const safety = judge({ activity, rung, things, place, users, people }, on, to);
  fault(safety.state === "blocked", "is not safe there");
  fault(safety.state !== tray.state, `is ${safety.state}, not ${tray.state}`);
  for (const need of rung.materials.filter((one) => !isServed(one))) {
    const holding = tables.holdings.find(
      (one) =>
        one.material === need.material &&
        one.quantity >= need.quantity &&
        one.site === place.site &&
        (one.dueBack ?? to) >= to &&
        (one.useBy ?? on) >= on,
    );
    const material = materials.get(need.material);
    const isMet = rung.fits.some((fit) => fit.a === need.id || fit.b === need.id);
    if (!holding || !material || isMet) continue;
    const one = { material, loose: need.loose, measured: holding.measured };
    const alone = judge({ activity, rung, things: [one], place, users, people }, on, to).state;
    const whole = judge({ activity, rung, things: [...things, one], place, users, people }, on, to).state;
    fault(
      whole === "free" || (whole !== "blocked" && alone === "free"),
      `${need.material} stays away without a reason`,
    );
  }
  const far = users.find((child) => !fetchesFrom(place, people, child, on));
  fault(far !== undefined && safety.state !== "adult-held", `stands where ${far?.name} does not get at it`);
  fault(
    POSITION[safety.position] === 1 && !tray.close,
    "needs the adult close, and the plan does not say so",
  );
  return faults;
}

/** Minutes to make it ready; none for what one buys as well. */
const mixed = (id: string) => {
  const recipe = materials.get(id)?.recipe;
  return recipe && !recipe.orBought ? recipe.minutes : 0;
};

/** What a tray takes of the stock in the whole rotation. */
const takenOver = ({ tray, moment }: Known) =>
  tray.allotted.flatMap((one) => {
    if (moment && one.holding && isThereAgain(one.material, one.stays)) return [];
    const times = goesEachTime(one.material, one.stays) ? (tray.when?.days.length ?? 1) : 1;
    return drawsFor(one).map(({ key, quantity }) => ({ key, quantity: quantity * times }));
  });

/** A second of the same stands beside one first, each filled with another letter or number of the household's. */
function secondFaults(tables: Tables, plan: PlannedRotation, all: readonly Known[]): string[] {
  const focuses = (tables.household[0]?.focuses ?? []).filter((one) => (one.until ?? plan.from) >= plan.from);
  const idOf = ({ tray }: Known) => `${[tray.child, ...tray.also].join("+")} ${tray.activity}/${tray.rung}`;
  const isFocus = ({ filling }: PlannedTray) =>
    filling && focuses.some((one) => one.kind === filling.layer && one.on === filling.on);
  const textOf = ({ filling }: PlannedTray) => `${filling?.layer} ${filling?.on}`;
  return all
    .filter((k) => k.tray.second)
    .flatMap((second) => {
      const twins = all.filter((k) => idOf(k) === idOf(second) && !k.moment);
      const firsts = twins.filter((k) => !k.tray.second);
      const [first] = firsts;
      const faults: string[] = [];
      if (second.moment || firsts.length !== 1 || twins.length !== 2)
        faults.push("a second without its first");
      if (!isFocus(second.tray)) faults.push(`filled with ${textOf(second.tray)}, which nobody asked for`);
      if (first && textOf(first.tray) === textOf(second.tray)) faults.push("two with the same filling");
      return faults.map((fault) => `${idOf(second)}: ${fault}`);
    });
}

/** What the trays use together against what there is: things, money, places, limits. */
function togetherFaults(tables: Tables, plan: PlannedRotation, all: readonly Known[]): string[] {
  const faults: string[] = [];
  const limits = tables.household[0]?.limits;
  if (!limits) return ["no household"];
  const atMost = (count: number, most: number, what: string) =>
    count > most && faults.push(`${count} ${what}, at most ${most}`);
  const standing = all.filter((k) => !k.moment);
  atMost(standing.length, limits.trays, "trays");
  atMost(standing.filter((k) => k.activity.wet).length, limits.wet, "wet");
  atMost(standing.filter((k) => k.activity.messy).length, limits.messy, "messy");
  atMost(standing.filter((k) => k.activity.loud).length, limits.loud, "loud");
  atMost(standing.filter((k) => k.tray.state === "adult-held").length, limits.adultHeld, "adult-held");
  atMost(standing.filter((k) => k.tray.close).length, limits.adultBeside, "with the adult beside");
  const drying = ["line", "outdoors", "window", "wet-spot"];
  const siteOf = all[0]?.place.site;
  const byMoments = new Set(tables.moments.map((one) => one.place));
  const spots =
    tables.places.filter((one) => one.site === siteOf && drying.includes(one.kind) && !byMoments.has(one.id))
      .length + 1;
  const wet = standing.filter((k) => k.activity.dryHours).length;
  const dryingNow = wet + standing.filter((k) => drying.includes(k.place.kind)).length;
  atMost(dryingNow, spots, "at places to dry, the flat one among them");
  faults.push(...momentFaults({ tables, plan, all, limits, spotsLeft: spots - dryingNow }));
  const usesUp = (k: Known) => k.rung.materials.some((need) => goesEachTime(need.material, need.stays));
  const minutes = all.reduce((sum, k) => {
    const once = k.rung.prepMinutes ?? k.activity.prepMinutes;
    const mixing = k.rung.materials.reduce(
      (so, need) => so + (goesEachTime(need.material, need.stays) ? mixed(need.material) : 0),
      0,
    );
    if (k.tray.when && (k.activity.wet || usesUp(k))) return sum + (once + mixing) * k.tray.when.days.length;
    return standsAlready(tables, plan.from, k.tray) ? sum : sum + once;
  }, 0);
  // What is mixed once, for however many trays that are new.
  const batches = new Set(
    all
      .filter((k) => !standsAlready(tables, plan.from, k.tray))
      .flatMap((k) =>
        k.tray.allotted.filter((one) => {
          const holding = tables.holdings.find((other) => other.id === one.holding);
          const ready =
            holding?.useBy !== undefined && holding.useBy >= plan.from && holding.quantity >= one.quantity;
          return mixed(one.material) > 0 && !ready && !(k.moment && goesEachTime(one.material, one.stays));
        }),
      )
      .map((one) => one.material),
  );
  const inAll = minutes + [...batches].reduce((sum, id) => sum + mixed(id), 0);
  atMost(inAll, limits.prepMinutes, "minutes of preparation");
  const twice = (keys: string[], what: string) =>
    new Set(keys).size !== keys.length && faults.push(`${what} twice`);
  twice(
    standing.map((k) => k.place.id),
    "a place",
  );
  twice(
    all.filter((k) => !k.tray.second).flatMap((k) => k.users.map((child) => `${child.id} ${k.activity.id}`)),
    "an activity for a child",
  );
  faults.push(...secondFaults(tables, plan, all));
  const used = new Set(standing.map((k) => k.place.id));
  for (const k of all) {
    if (k.place.exclusiveWith.some((other) => used.has(other)))
      faults.push(`${k.place.id} excludes another place in use`);
  }
  const taken = new Map<string, number>();
  const bought = new Map<string, number>();
  // What is there at its hour only is counted by the hour; what is used up, each time.
  for (const { key, quantity } of all.flatMap(takenOver)) {
    if (key.startsWith("buy ")) addTo(bought, key.slice(4), quantity);
    else addTo(taken, key, quantity);
  }
  for (const id of taken.keys()) {
    const one = tables.holdings.find((holding) => holding.id === id);
    if (one?.dueBack && one.dueBack < plan.to) faults.push(`${id} goes back on ${one.dueBack}`);
    if (one?.useBy && one.useBy < plan.from) faults.push(`${id} is past since ${one.useBy}`);
  }
  for (const [id, quantity] of taken) {
    atMost(quantity, tables.holdings.find((one) => one.id === id)?.quantity ?? 0, `of ${id}`);
  }
  for (const [id, quantity] of bought) {
    atMost(
      quantity,
      plan.shopping.find((line) => line.material === id)?.quantity ?? 0,
      `of ${id} that is bought`,
    );
  }
  atMost(
    plan.shopping.reduce((sum, line) => sum + line.cents, 0),
    limits.cents,
    "cents",
  );
  return faults;
}

/** The tray out on a date in the same form, for the same children or more. */
const standsAlready = (tables: Tables, on: PlainDate, tray: PlannedTray): boolean => {
  const now = tables.rotations.find((one) => one.from <= on && (one.to === undefined || one.to > on));
  const same = tables.trays.filter(
    (one) =>
      one.rotation === now?.id &&
      one.activity === tray.activity &&
      one.rung === tray.rung &&
      [tray.child, ...tray.also].every((child) => one.child === child || one.also.includes(child)),
  );
  return same.length > (tray.second ? 1 : 0);
};

/** Every hard rule that a rotation breaks, judged from the tables and not from the planner's problem. */
export function checkPlan(
  tables: Tables,
  plan: PlannedRotation,
  activities: readonly Activity[] = FIXTURE.activities,
): string[] {
  const all = plan.trays.map((tray) => known(tables, activities, tray));
  return [
    ...all.flatMap((k) => trayFaults(tables, k, plan.from, plan.to)),
    ...togetherFaults(tables, plan, all),
  ];
}
