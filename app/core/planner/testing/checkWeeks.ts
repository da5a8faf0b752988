import { addTo, pushTo } from "../../collections";
import type { Tables } from "../../model";
import { anId } from "../../testing/ids";
import { asIfAccepted } from "../explain/asIfAccepted";
import type { PlannedTray } from "../explain/plannedTray";
import type { Plan } from "../plan";
import { checkPlan } from "./checkPlan";
import { drawsFor, goesEachTime } from "./uses";

const usersOf = (tray: PlannedTray) => [tray.child, ...tray.also];

/**
 * What is used up over all weeks against what there is and what is bought; in each week what stands has to be there yet
 * besides what was used up before.
 */
function usedUpFaults(tables: Tables, plan: Plan): string[] {
  const taken = new Map<string, number>();
  const most = new Map<string, number>();
  for (const { trays } of plan.rotations) {
    const standing = new Map<string, number>();
    for (const tray of trays) {
      for (const one of tray.allotted) {
        const times = goesEachTime(one.material, one.stays) ? (tray.when?.days.length ?? 1) : 1;
        for (const { key, quantity, usedUp } of drawsFor(one)) {
          if (usedUp) addTo(taken, key, quantity * times);
          else if (!tray.when) addTo(standing, key, quantity);
        }
      }
    }
    for (const key of new Set([...taken.keys(), ...standing.keys()])) {
      const together = (taken.get(key) ?? 0) + (standing.get(key) ?? 0);
      most.set(key, Math.max(most.get(key) ?? 0, together));
    }
  }
  const bought = (material: string) =>
    plan.rotations
      .flatMap((week) => week.shopping)
      .filter((line) => `buy ${line.material}` === material)
      .reduce((sum, line) => sum + line.quantity, 0);
  return [...most].flatMap(([key, quantity]) => {
    const have = tables.holdings.find((one) => one.id === key)?.quantity ?? bought(key);
    return quantity > have + 1e-9 ? [`${quantity} of ${key} over all weeks, there are ${have}`] : [];
  });
}

/** An activity that is put away and comes back within the plan, though it was not loved. */
function restFaults(tables: Tables, plan: Plan): string[] {
  const LOVED = 0.6;
  const worth = { again: 1, liked: 0.6, little: 0.1, none: -0.5 };
  const loved = (child: string, activity: string) => {
    const noted = tables.observations
      .filter((one) => one.child === child && one.activity === activity && one.interest && one.on <= plan.on)
      .sort((a, b) => (`${a.on} ${a.createdAt} ${a.id}` < `${b.on} ${b.createdAt} ${b.id}` ? -1 : 1))
      .slice(-5)
      .map((one) => (one.interest ? worth[one.interest] : 0));
    return noted.length > 0 && noted.reduce((a, b) => a + b, 0) / noted.length >= LOVED;
  };
  const weeksOut = new Map<string, number[]>();
  plan.rotations.forEach((week, w) => {
    for (const tray of week.trays) {
      for (const child of usersOf(tray)) {
        const key = `${child} ${tray.activity}`;
        if (weeksOut.get(key)?.at(-1) !== w) pushTo(weeksOut, key, w);
      }
    }
  });
  return [...weeksOut].flatMap(([key, weeks]) => {
    const [child = "", activity = ""] = key.split(" ");
    const gap = weeks.some((week, i) => i > 0 && week !== (weeks[i - 1] ?? 0) + 1);
    return gap && !loved(child, activity) ? [`${key} comes back after a gap: weeks ${weeks.join()}`] : [];
  });
}

/** Every hard rule that a plan of several rotations breaks; each is judged as if those before had stood. */
export function checkWeeks(tables: Tables, plan: Plan): string[] {
  let so = tables;
  const weekly = plan.rotations.flatMap((week, w) => {
    // What was bought before is in the cupboard by then: it is counted over all weeks below.
    const earlier = plan.rotations.slice(0, w).flatMap((one) => one.shopping);
    const shopping = [...earlier, ...week.shopping];
    const merged = [...new Set(shopping.map((line) => line.material))].map((material) => ({
      material,
      for: [],
      quantity: shopping
        .filter((line) => line.material === material)
        .reduce((sum, one) => sum + one.quantity, 0),
      cents: week.shopping
        .filter((line) => line.material === material)
        .reduce((sum, one) => sum + one.cents, 0),
    }));
    const faults = checkPlan(so, { ...week, shopping: merged }).map((fault) => `week ${w}: ${fault}`);
    so = asIfAccepted(so, week, anId("home"), `checked-${w}`);
    return faults;
  });
  return [...weekly, ...usedUpFaults(tables, plan), ...restFaults(tables, plan)];
}
