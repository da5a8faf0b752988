import { CATALOGUE } from "../../../catalogue/catalogue";
import type { Activity, Child, Material, Place, PlainDate, Rung, Tables } from "../../model";
import { readinessOf } from "../../readiness";
import { assess } from "../../safety";
import type { Plan, PlannedTray } from "../plan";

interface Known {
  tray: PlannedTray;
  activity: Activity;
  rung: Rung;
  child: Child;
  place: Place;
}

const materials = new Map<string, Material>(CATALOGUE.materials.map((one) => [one.id, one]));
const POSITION = { "in-room": 0, beside: 1, "arms-reach": 1 };

function known(tables: Tables, tray: PlannedTray): Known {
  const activity = CATALOGUE.activities.find((one) => one.id === tray.activity);
  const rung = activity?.rungs.find((one) => one.id === tray.rung);
  const child = tables.children.find((one) => one.id === tray.child);
  const place = tables.places.find((one) => one.id === tray.place);
  if (!activity || !rung || !child || !place)
    throw new Error(`the plan names something unknown: ${JSON.stringify(tray)}`);
  return { tray, activity, rung, child, place };
}

/** Judges one tray by itself: place, needs, safety, age, wishes. */
function trayFaults(tables: Tables, k: Known, on: PlainDate): string[] {
  const { tray, activity, rung, child, place } = k;
  const faults: string[] = [];
  const fault = (bad: boolean, text: string) => bad && faults.push(`${tray.activity}/${tray.rung}: ${text}`);
  fault(!(rung.places ?? activity.places).includes(place.kind), `does not belong at a ${place.kind}`);
  fault(place.servesOnly.length > 0 && !place.servesOnly.includes(child.id), "the place is another child's");
  fault(!child.planFor, "is for a child that is not planned for");
  fault(tray.allotted.length !== rung.materials.length, "not every need is served");
  const things = rung.materials.flatMap((need) => {
    const given = tray.allotted.find((one) => one.need === need.id);
    const material = given && materials.get(given.material);
    if (!given || !material) return [];
    const wanted = materials.get(need.material);
    const serves =
      given.material === need.material || wanted?.standIns.some((one) => one.material === given.material);
    fault(!serves, `${given.material} does not serve for ${need.material}`);
    fault(
      given.quantity !== need.quantity,
      `${given.quantity} of ${need.material} instead of ${need.quantity}`,
    );
    const holding = tables.holdings.find((one) => one.id === given.holding);
    fault(Boolean(holding) && holding?.material !== given.material, "the holding is of something else");
    return [{ material, loose: need.loose, measured: holding?.measured }];
  });
  const safety = assess(activity, rung, things, place, child, tables.children, on);
  fault(safety.state === "blocked", "is not safe there");
  fault(safety.state !== tray.state, `is ${safety.state}, not ${tray.state}`);
  fault(
    POSITION[safety.position] === 1 && !tray.close,
    "needs the adult close, and the plan does not say so",
  );
  const ready = readinessOf(CATALOGUE, child, tables.observations, tables.skillNotes, on);
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

/** What the trays use together against what there is: things, money, places, limits. */
function togetherFaults(tables: Tables, plan: Plan, all: readonly Known[]): string[] {
  const faults: string[] = [];
  const limits = tables.household[0]?.limits;
  if (!limits) return ["no household"];
  const atMost = (count: number, most: number, what: string) =>
    count > most && faults.push(`${count} ${what}, at most ${most}`);
  atMost(all.filter((k) => k.activity.wet).length, limits.wet, "wet");
  atMost(all.filter((k) => k.activity.messy).length, limits.messy, "messy");
  atMost(all.filter((k) => k.activity.loud).length, limits.loud, "loud");
  atMost(all.filter((k) => k.tray.state === "adult-held").length, limits.adultHeld, "adult-held");
  atMost(all.filter((k) => k.tray.close).length, limits.adultBeside, "with the adult beside");
  const minutes = all
    .filter(
      (k) =>
        !tables.trays.some(
          (one) => one.child === k.child.id && one.activity === k.activity.id && one.rung === k.rung.id,
        ),
    )
    .reduce((sum, k) => sum + (k.rung.prepMinutes ?? k.activity.prepMinutes), 0);
  atMost(minutes, limits.prepMinutes, "minutes of preparation");
  const twice = (keys: string[], what: string) =>
    new Set(keys).size !== keys.length && faults.push(`${what} twice`);
  twice(
    all.map((k) => k.place.id),
    "a place",
  );
  twice(
    all.map((k) => `${k.child.id} ${k.activity.id}`),
    "an activity for a child",
  );
  const used = new Set(all.map((k) => k.place.id));
  for (const k of all) {
    if (k.place.exclusiveWith.some((other) => used.has(other)))
      faults.push(`${k.place.id} excludes another place in use`);
  }
  const taken = new Map<string, number>();
  const bought = new Map<string, number>();
  for (const one of all.flatMap((k) => k.tray.allotted)) {
    const into = one.holding ? taken : bought;
    const key = one.holding ?? one.material;
    into.set(key, (into.get(key) ?? 0) + one.quantity);
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

/** Every hard rule that a plan breaks, judged from the tables and not from the planner's problem. */
export function checkPlan(tables: Tables, plan: Plan): string[] {
  const all = plan.trays.map((tray) => known(tables, tray));
  return [...all.flatMap((k) => trayFaults(tables, k, plan.on)), ...togetherFaults(tables, plan, all)];
}
