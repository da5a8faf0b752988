import { describe, expect, it } from "vitest";
import { plainDate } from "../../model";
import { FIXTURE, fixtureHome } from "../../testing/fixtures";
import { type Horizon, horizonOf } from "../candidates/horizon";
import { type Assignment, type Candidate, isSameTray } from "../candidates/problem";
import { keepPlacesStable } from "./keepPlacesStable";
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
  /** A choice of one tray that takes so much of one stock, made to be bought in packs of ten. */
  function taking(use: "consumable" | "reusable", quantities: readonly number[], there: number) {
    const [candidate] = candidatesOf(0);
    const week = horizon.weeks[0];
    const stock = week?.problem.stock.values().next().value;
    if (!candidate || !week || !stock) throw new Error("the fixture has changed");
    const own = {
      ...stock,
      key: "own",
      quantity: there,
      pack: { quantity: 10, cents: 250 },
      material: { ...stock.material, use },
    };
    const problem = { ...week.problem, stock: new Map([["own", own]]) };
    const chosen = quantities.map((quantity): Assignment[] => {
      const [option] = candidate.needs.flatMap((need) => need.options);
      return option
        ? [
            {
              candidate: { ...candidate, times: undefined },
              again: 0,
              options: [{ ...option, stock: "own", quantity }],
            },
          ]
        : [];
    });
    const weeks = quantities.map(() => ({ ...week, problem }));
    return packsOver({ ...horizon, weeks }, chosen).get("own");
  }

  it("what is used up is added together", () => {
    expect(taking("consumable", [6, 6, 6], 8)).toBe(1);
    expect(taking("consumable", [6, 6, 7], 8)).toBe(2);
    expect(taking("consumable", [4, 4], 8)).toBeUndefined();
  });

  it("of what comes back the week that is short of most decides", () => {
    expect(taking("reusable", [6, 18, 6], 8)).toBe(1);
    expect(taking("reusable", [19, 9], 8)).toBe(2);
    expect(taking("reusable", [8, 8, 8], 8)).toBeUndefined();
  });
});
