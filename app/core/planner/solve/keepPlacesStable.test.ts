import { describe, expect, it } from "vitest";
import type { Use } from "../../materials";
import { plainDate } from "../../model";
import { FIXTURE, fixtureHome } from "../../testing/fixtures";
import { type Horizon, horizonOf } from "../candidates/horizon";
import { type Assignment, type Candidate, isSameTray } from "../candidates/problem";
import { keepPlacesStable } from "./keepPlacesStable";
import { residualStock } from "./residualStock";
import { packsOver } from "./value";

const ON = plainDate("2026-05-11");
const { tables } = fixtureHome();
const horizon = horizonOf(FIXTURE, tables, ON, 2);

const candidatesOf = (week: number) => horizon.weeks[week]?.problem.candidates ?? [];
const made = (candidate: Candidate): Assignment => ({
  candidate,
  again: 0,
  options: candidate.needs.flatMap((need) => need.options.slice(0, 1)),
});
const classesOf = (week: readonly Assignment[]) => week.map((one) => one.candidate.placeClass);

/** Kinds of place in a week, the same in each week by their places: their names tell the week's dates. */
const baysOf = (week: number) =>
  (horizon.weeks[week]?.problem.classes ?? []).filter((one) => one.id.startsWith("bay"));

/** Two trays that stand in both weeks, each at either of two kinds of bay. */
function twoAtTwo() {
  const [here, there] = baysOf(0);
  const kind = (week: number, bays: typeof here) =>
    baysOf(week).find((one) => one.places[0]?.id === bays?.places[0]?.id)?.id ?? "";
  const at = (week: number, c: Candidate, bays: typeof here) =>
    candidatesOf(week).find((d) => d.placeClass === kind(week, bays) && isSameTray(c, d));
  const both = (week: number, c: Candidate) => at(week, c, here) && at(week, c, there);
  const [a, b, other] = candidatesOf(0)
    .filter((c) => !c.carried && both(0, c) && both(1, c))
    .filter((c, i, all) => all.findIndex((d) => d.activity.id === c.activity.id) === i);
  if (!a || !b || !other) throw new Error("the fixture has changed");
  const sure = (week: number, c: Candidate, bays: typeof here) => {
    const found = at(week, c, bays);
    if (!found) throw new Error("the fixture has changed");
    return found;
  };
  return { here, there, kind, a, b, other, at: sure };
}

describe("trays that stay out", () => {
  const { here, there, kind, a, b, other, at } = twoAtTwo();
  const first = [made(at(0, a, here)), made(at(0, b, there))];
  const crossed = [made(at(1, a, there)), made(at(1, b, here))];

  it("stay at their kind of place where two of them were only exchanged", () => {
    const [, second = []] = keepPlacesStable(horizon, [first, crossed]);
    expect(classesOf(second)).toEqual([kind(1, here), kind(1, there)]);
    expect(second.map((one) => one.candidate.activity.id)).toEqual([a.activity.id, b.activity.id]);
    expect(second.map((one) => one.options)).toEqual(crossed.map((one) => one.options));
  });

  it("stay exchanged where one of them would need the adult at its old place, or be made from other things", () => {
    const changed = (change: (c: Candidate) => Candidate): Horizon => ({
      ...horizon,
      weeks: horizon.weeks.map((week, w) =>
        w === 0
          ? week
          : {
              ...week,
              problem: {
                ...week.problem,
                candidates: week.problem.candidates.map((c) => (c === at(1, a, here) ? change(c) : c)),
              },
            },
      ),
    });
    const [need] = a.needs;
    if (!need) throw new Error("the fixture has changed");
    for (const change of [
      (c: Candidate) => ({ ...c, held: !c.held }),
      (c: Candidate) => ({ ...c, close: !c.close }),
      (c: Candidate) => ({ ...c, times: { least: 1, most: 1 } }),
      (c: Candidate) => ({
        ...c,
        needs: c.needs.map((one) => ({ ...one, options: one.options.map((o) => ({ ...o, stock: "else" })) })),
      }),
    ]) {
      const [, second = []] = keepPlacesStable(changed(change), [first, crossed]);
      expect(classesOf(second)).toEqual([kind(1, there), kind(1, here)]);
    }
  });

  it("do not turn out a tray that is at home where it stands", () => {
    const before = [made(at(0, a, here)), made(at(0, other, here))];
    const after = [made(at(1, a, there)), made(at(1, other, here))];
    const [, second = []] = keepPlacesStable(horizon, [before, after]);
    expect(classesOf(second)).toEqual([kind(1, there), kind(1, here)]);
  });
});

describe("packs to buy over the weeks", () => {
  /** A choice of one tray that takes so much of one stock in such a way, made to be bought in packs of ten. */
  function taking(weeksOf: readonly (readonly [Use, number])[], there: number) {
    const [candidate] = candidatesOf(0);
    const week = horizon.weeks[0];
    const stock = week?.problem.stock.values().next().value;
    if (!candidate || !week || !stock) throw new Error("the fixture has changed");
    const own = { ...stock, key: "own", quantity: there, pack: { quantity: 10, cents: 250 } };
    const problem = { ...week.problem, stock: new Map([["own", own]]) };
    const chosen = weeksOf.map(([use, quantity]): Assignment[] => {
      const [option] = candidate.needs.flatMap((need) => need.options);
      return option
        ? [
            {
              candidate: { ...candidate, times: undefined },
              again: 0,
              options: [{ ...option, stock: "own", quantity, use }],
            },
          ]
        : [];
    });
    const over = { ...horizon, weeks: weeksOf.map(() => ({ ...week, problem })) };
    return { over, chosen, packs: packsOver(over, chosen).get("own") };
  }
  const usedUp = (quantity: number) => ["once", quantity] as const;
  const kept = (quantity: number) => ["kept", quantity] as const;

  it("what is used up is added together", () => {
    expect(taking([usedUp(6), usedUp(6), usedUp(6)], 8).packs).toBe(1);
    expect(taking([usedUp(6), usedUp(6), usedUp(7)], 8).packs).toBe(2);
    expect(taking([usedUp(4), usedUp(4)], 8).packs).toBeUndefined();
  });

  it("of what comes back the week that is short of most decides", () => {
    expect(taking([kept(6), kept(18), kept(6)], 8).packs).toBe(1);
    expect(taking([kept(19), kept(9)], 8).packs).toBe(2);
    expect(taking([kept(8), kept(8), kept(8)], 8).packs).toBeUndefined();
  });

  it("what was used up before is missing to what stands later, and not the other way round", () => {
    expect(taking([usedUp(4), kept(5)], 8).packs).toBe(1);
    expect(taking([kept(5), usedUp(4)], 8).packs).toBeUndefined();
    expect(taking([kept(5), usedUp(4), kept(5)], 8).packs).toBe(1);
  });

  it("leave a week what the others do not use up; what later ones want to be there can't be", () => {
    const { over, chosen } = taking([usedUp(3), kept(4), kept(5), usedUp(1)], 10);
    const left = (week: number) => residualStock(over, chosen, [], week).stock.get("own");
    expect(left(0)).toMatchObject({ quantity: 10, spendable: 5 });
    expect(left(1)).toMatchObject({ quantity: 7, spendable: 2 });
    expect(left(2)).toMatchObject({ quantity: 7, spendable: 6 });
    expect(left(3)).toMatchObject({ quantity: 7, spendable: 7 });
  });
});
