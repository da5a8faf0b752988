import loadHighs, { type Highs } from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { situationOf } from "../household";
import { addDays, Holding, Limits, Place, plainDate, type Tables, Wish } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { processorMs } from "../testing/processorTime";
import { makeRotation, type PlannedRotation } from "./plan";
import { checkPlan } from "./testing/checkPlan";

const ON = plainDate("2026-05-11");
const stamp = { createdAt: "2026-05-10T00:00:00.000Z", updatedAt: "2026-05-10T00:00:00.000Z" };
let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const demo = () => fixtureHome().tables;
/** The best next rotation, with what is proven of it. */
const planIn = (catalogue: typeof FIXTURE, tables: Tables, on = ON) => {
  const { rotations, ...proof } = makeRotation(highs, situationOf(catalogue, tables, on));
  return { ...(rotations[0] as PlannedRotation), ...proof };
};
const plan = (tables: Tables, on = ON) => planIn(FIXTURE, tables, on);
const withLimits = (tables: Tables, limits: Partial<Limits>): Tables => ({
  ...tables,
  household: tables.household.map((row) => ({ ...row, limits: Limits.parse({ ...row.limits, ...limits }) })),
});
const wish = (kind: Wish["kind"], activity: string, more: object = {}): Wish =>
  Wish.parse({ ...stamp, id: `${kind}-${activity}`, child: "tove", activity, kind, on: ON, ...more });
const names = (made: PlannedRotation) => made.trays.map((tray) => tray.activity);

describe("the demo's next week", () => {
  it("fills the eight bays and the places beside, safely, proven best", () => {
    const made = plan(demo());
    expect(made.status).toBe("optimal");
    expect(made.gap).toBeLessThan(1e-5);
    expect(made.trays.filter((tray) => tray.place.startsWith("bay"))).toHaveLength(8);
    expect(checkPlan(demo(), made)).toEqual([]);
  });

  it("has an anchor, a stretch and otherwise what is within reach, for Tove", () => {
    const bands = plan(demo())
      .trays.filter((tray) => tray.child === "tove")
      .map((tray) => tray.band);
    expect(bands.filter((band) => band === "anchor")).toHaveLength(1);
    expect(bands.filter((band) => band === "stretch")).toHaveLength(1);
    expect(bands.filter((band) => band === "reach").length).toBeGreaterThanOrEqual(6);
  });

  it("touches at least six areas and gives reasons for every tray", () => {
    const made = plan(demo());
    const areas = new Set(
      made.trays.map((tray) => FIXTURE.activities.find((one) => one.id === tray.activity)?.area),
    );
    expect(areas.size).toBeGreaterThanOrEqual(6);
    for (const tray of made.trays) {
      expect(tray.reasons.length).toBeGreaterThan(0);
      expect(tray.reasons[0]?.value).toBeGreaterThan(0);
    }
  });

  it("plans eight bays within a second, at best of eight on a busy machine", () => {
    const timed = () => {
      const start = processorMs();
      plan(demo());
      return processorMs() - start;
    };
    let best = timed();
    for (let i = 1; i < 8 && best >= 1000; i++) best = Math.min(best, timed());
    expect(best).toBeLessThan(1000);
  });
});

describe("work that has to dry", () => {
  const PAINTED = ["one-colour", "press-and-look", "glue-it-down"];
  /** A home with tables enough, everything that the three take, and such places besides. */
  const home = (...kinds: Place["kind"][]): Tables => {
    const tables = demo();
    const place = (kind: Place["kind"], i: number) =>
      Place.parse({ ...stamp, id: `${kind}-${i}`, site: "home", name: `${kind} ${i}`, kind, order: 50 + i });
    const needs = FIXTURE.activities
      .filter((one) => PAINTED.includes(one.id))
      .flatMap((one) => one.rungs.flatMap((rung) => rung.materials));
    const things = [...new Set(needs.map((need) => need.material))].map((material) =>
      Holding.parse({ ...stamp, id: `much-${material}`, site: "home", material, quantity: 900 }),
    );
    return {
      ...withLimits(tables, { messy: 5, wet: 5, adultBeside: 5, prepMinutes: 90, trays: 20 }),
      places: [
        ...tables.places.filter((one) => one.kind === "bay" || one.site !== "home"),
        ...(["table", "table", "table", ...kinds] as const).map(place),
      ],
      holdings: [...tables.holdings, ...things],
      wishes: PAINTED.map((activity) => wish("lock", activity)),
    };
  };
  const painted = (tables: Tables) => {
    const made = plan(tables);
    expect(checkPlan(tables, made)).toEqual([]);
    return names(made).filter((name) => PAINTED.includes(name)).length;
  };

  it("takes a place each: a line, a sill, and the one flat spot of every home", () => {
    expect([painted(home()), painted(home("line")), painted(home("line", "window"))]).toEqual([1, 2, 3]);
  });

  it("says so where it is the reason that a lock is missed", () => {
    const { conflicts } = plan(home("line"));
    expect(conflicts).toHaveLength(1);
    expect(conflicts[0]).toMatchObject({
      child: "Tove",
      because: { code: "breach", breach: { code: "drying" } },
    });
  });
});

describe("what the adult says", () => {
  it("keeps a lock, leaves out what is refused, brings what is wished for", () => {
    const before = plan(demo());
    const outside = FIXTURE.activities.find((one) => one.id === "lids-to-pots");
    expect(names(before)).not.toContain(outside?.id);
    const locked = plan({ ...demo(), wishes: [wish("lock", "lids-to-pots", { rung: "two" })] });
    expect(locked.trays.find((tray) => tray.activity === "lids-to-pots")).toMatchObject({
      rung: "two",
      locked: true,
    });
    expect(locked.conflicts).toEqual([]);
    const refused = names(before)[1] ?? "";
    expect(names(plan({ ...demo(), wishes: [wish("never", refused)] }))).not.toContain(refused);
    const off = wish("not-until", refused, { until: addDays(ON, 5) });
    expect(names(plan({ ...demo(), wishes: [off] }))).not.toContain(refused);
    expect(names(plan({ ...demo(), wishes: [wish("soon", "lids-to-pots")] }))).toContain("lids-to-pots");
  });

  it("says which lock cannot be kept, and still gives the fullest safe plan", () => {
    const impossible = wish("lock", "ring-overhead");
    const made = plan({ ...demo(), wishes: [impossible] });
    expect(made.conflicts).toHaveLength(1);
    expect(made.conflicts[0]).toMatchObject({ activity: "A ring overhead" });
    expect(made.trays.length).toBeGreaterThan(8);
  });

  it("keeps to tighter limits, and says what an empty bay waits for", () => {
    const tight = withLimits(demo(), { prepMinutes: 2, adultBeside: 0, loud: 0 });
    const made = plan(tight);
    expect(checkPlan(tight, made)).toEqual([]);
    expect(made.empty.length).toBeGreaterThan(0);
    // Each names an activity of the catalogue with what stands in its way, or says that nothing would help.
    const names = FIXTURE.activities.map((one) => one.name);
    for (const { because } of made.empty) {
      if ("activity" in because) expect(names).toContain(because.activity);
      else expect(["nothing-fits", "enough"]).toContain(because.code);
    }
    const breaches = made.empty.flatMap(({ because }) =>
      because.code === "breach" ? [because.breach.code] : [],
    );
    expect(breaches.some((code) => ["prepMinutes", "adultBeside", "loud"].includes(code))).toBe(true);
  });
});

describe("things", () => {
  it("uses a stand-in where the thing itself is missing, and says so", () => {
    const tables = demo();
    const holdings = tables.holdings.filter((one) => one.material !== "card-disc");
    const made = plan({ ...tables, holdings, wishes: [wish("lock", "discs-in-a-slot", { rung: "discs" })] });
    const tray = made.trays.find((one) => one.activity === "discs-in-a-slot");
    expect(tray?.allotted.find((one) => one.need === "discs")?.material).toBe("lid-disc");
    expect(tray?.reasons.some((reason) => reason.term === "stand-in")).toBe(true);
  });

  it("buys within the money and lists it", () => {
    const tables = demo();
    const bare = { ...tables, holdings: tables.holdings.filter((one) => one.material !== "peg-large") };
    const wishes = [wish("lock", "pegs-off-the-rim", { rung: "large-on" })];
    const rich = withLimits({ ...bare, wishes }, { cents: 400 });
    const made = plan(rich);
    expect(made.shopping).toMatchObject([{ material: "peg-large", quantity: 12, cents: 350 }]);
    expect(plan(withLimits({ ...bare, wishes }, { cents: 300 })).conflicts).toHaveLength(1);
    expect(checkPlan(rich, made)).toEqual([]);
  });

  it("plans nothing for an empty cupboard but what needs no things, without failing", () => {
    const made = plan({ ...demo(), holdings: [] });
    for (const tray of made.trays) expect(tray.allotted).toEqual([]);
    expect(made.status).toBe("optimal");
  });

  it("says of an empty place what could stand there, and what for it is missing", () => {
    const tables = { ...demo(), holdings: [] };
    const needThings = FIXTURE.activities.filter((one) => one.rungs.every((r) => r.materials.length > 0));
    const made = planIn({ ...FIXTURE, activities: needThings }, tables);
    // The balcony takes only what belongs outdoors, so what it waits for has to be such a thing.
    const balcony = made.empty.find((one) => one.place === "balcony");
    if (balcony?.because.code !== "missing") throw new Error("something missing was expected");
    const { activity, materials } = balcony.because;
    const named = needThings.find((one) => one.name === activity);
    expect(materials.length).toBeGreaterThan(0);
    expect(named?.rungs.some((rung) => (rung.places ?? named.places).includes("outdoors"))).toBe(true);
  });

  it("is safe for whoever can reach: with Pim at every board, nothing small is left", () => {
    const tables = demo();
    const low = { ...tables, places: tables.places.map((place) => ({ ...place, outOfReachOf: [] })) };
    expect(checkPlan(low, plan(low))).toEqual([]);
  });
});
