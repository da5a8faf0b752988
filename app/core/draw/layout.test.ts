import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { layoutText, stepsText } from "../../words/layout";
import { materialIndex } from "../materials";
import type { Activity, PlaceKind, Rung } from "../model";
import type { SetOut } from "../setup";
import { anId } from "../testing/ids";
import { arrangementsOf, type Block, pack } from "./blocks";
import { boundsOf } from "./drawing";
import { type Layout, layOut } from "./layout";
import type { LaidThing } from "./lying";
import { usualThings } from "./setOut";
import { svgText } from "./svg";
import { frontOf, pictureOf } from "./trayPicture";

const materials = materialIndex(CATALOGUE);
const rungs = CATALOGUE.activities.flatMap((activity) => activity.rungs.map((rung) => ({ activity, rung })));
const placesOf = (activity: Activity, rung: Rung): readonly PlaceKind[] => rung.places ?? activity.places;
const rungOf = (activity: string, rung: string): Rung => {
  const found = rungs.find((one) => one.activity.id === activity && one.rung.id === rung);
  if (!found) throw new Error(`no rung ${activity}/${rung}`);
  return found.rung;
};
/** The things of a rung, its bowls the large ones. */
const withLargeBowls = (rung: Rung): SetOut[] =>
  usualThings(rung, materials).map((one) => {
    const large = materials.get("bowl-large");
    return one.need === "bowls" && large ? { ...one, material: large } : one;
  });

interface Box {
  left: number;
  top: number;
  right: number;
  bottom: number;
}
const boxOf = ({ x, y, thing, isTurned }: LaidThing): Box => ({
  left: x,
  top: y,
  right: x + (isTurned ? thing.depthMm : thing.widthMm),
  bottom: y + (isTurned ? thing.widthMm : thing.depthMm),
});
const HAIR = 0.01;
const overlap = (a: Box, b: Box) =>
  a.left < b.right - HAIR && b.left < a.right - HAIR && a.top < b.bottom - HAIR && b.top < a.bottom - HAIR;
const inside = (a: Box, b: Box) =>
  a.left >= b.left - HAIR &&
  a.top >= b.top - HAIR &&
  a.right <= b.right + HAIR &&
  a.bottom <= b.bottom + HAIR;

/** What is wrong with a layout, if anything. */
function faultsOf(layout: Layout, things: readonly SetOut[]): string[] {
  const { ground } = layout;
  const ends = { left: 0, top: 0, right: ground.widthMm, bottom: ground.depthMm };
  const faults = layout.things
    .filter((one) => !inside(boxOf(one), ends))
    .map((one) => `${one.need} ${one.index} lies beyond the ground`);
  const apart = layout.things.filter((one) => !one.within && !one.isFilling);
  apart.forEach((a, i) => {
    for (const b of apart.slice(i + 1))
      if (a.need !== b.need && overlap(boxOf(a), boxOf(b))) faults.push(`${a.need} lies on ${b.need}`);
  });
  for (const one of layout.things.filter((other) => other.within)) {
    const vessel = layout.things.find((other) => other.need === one.within && other.index === 0);
    if (!vessel || !inside(boxOf(one), boxOf(vessel))) faults.push(`${one.need} is not within ${one.within}`);
  }
  for (const { need, material, quantity } of things) {
    if (material.unit === "g" || material.unit === "ml" || material.unit === "cm") continue;
    // Half a banana is drawn as one.
    const whole = Math.max(1, Math.round(quantity));
    const drawn = layout.things.filter((one) => one.need === need).length;
    const told = layout.fewer.find((one) => one.need === need);
    const isGround = drawn === 0 && ["tray", "baking-sheet"].includes(material.look?.form ?? "");
    if (!isGround && drawn !== whole && !(told?.drawn === drawn && told.quantity === quantity))
      faults.push(`${drawn} of ${quantity} ${need} are drawn`);
  }
  return faults;
}

/** What else is on the floor: who stands there, and tape. */
const aside = ({ way }: Layout): (Box & { name: string })[] =>
  (way?.parts ?? []).map((one) => ({
    name: one.mark ?? one.need ?? "",
    left: one.x,
    top: one.y,
    right: one.x + one.widthMm,
    bottom: one.y + one.depthMm,
  }));

/** What is wrong with a way over the floor: its distances, its order, what lies on what. */
function faultsOfWay(rung: Rung, layout: Layout): string[] {
  const { way, ground, things } = layout;
  if (!way || !rung.floor) return ["there is no way"];
  const ends = { left: 0, top: 0, right: ground.widthMm, bottom: ground.depthMm };
  const parts = aside(layout);
  const boxes = [
    ...parts,
    ...things.filter((one) => !one.within).map((one) => ({ ...boxOf(one), name: one.need })),
  ];
  const faults = parts.filter((one) => !inside(one, ends)).map((one) => `${one.name} is beyond the floor`);
  boxes.forEach((a, i) => {
    for (const b of boxes.slice(i + 1))
      if (a.name !== b.name && overlap(a, b)) faults.push(`${a.name} lies on ${b.name}`);
  });
  for (const { fromMm, toMm } of way.spans) {
    const between = boxes.some(
      (one) => one.left < toMm - HAIR && one.right > fromMm + HAIR && one.right < toMm - HAIR,
    );
    if (between) faults.push(`something stands within the distance from ${fromMm}`);
  }
  const told = rung.floor.filter((one) => one.gapCm > 0).map((one) => one.gapCm * 10);
  const drawn = way.spans.map((one) => Math.round(one.toMm - one.fromMm));
  for (const mm of told) if (!drawn.includes(mm)) faults.push(`${mm} mm are not drawn`);
  return faults;
}

describe("a way over the floor", () => {
  const ways = rungs.filter(({ rung }) => rung.floor);

  it("is told for at least 40 rungs, and keeps every distance, nothing lying on another", () => {
    expect(ways.length).toBeGreaterThanOrEqual(40);
    const faults = ways.flatMap(({ activity, rung }) =>
      faultsOfWay(rung, layOut(rung, usualThings(rung, materials), "floor")).map(
        (text) => `${activity.id}/${rung.id}: ${text}`,
      ),
    );
    expect(faults).toEqual([]);
  });

  it("lays a bend as long as it says: the chord of a quarter of a ring", () => {
    const rung = rungOf("push-track", "bend");
    const { way } = layOut(rung, usualThings(rung, materials), "floor");
    const tape = way?.parts.find((one) => one.need === "track");
    const radiusMm = 4000 / (Math.PI / 2);
    expect((tape?.widthMm ?? 0) - 25).toBeCloseTo(radiusMm * Math.SQRT2, 3);
    expect((tape?.depthMm ?? 0) - 25).toBeCloseTo(radiusMm * (1 - Math.SQRT1_2), 3);
  });

  it("is drawn only where there is a floor: on a table its things stand together", () => {
    const rung = rungOf("kick-it", "goal");
    expect(layOut(rung, usualThings(rung, materials), "table").way).toBeUndefined();
    const onFloor = layOut(rung, usualThings(rung, materials), "outdoors");
    expect(layoutText(onFloor, new Map([["ball", "large ball"]]), "metric")).toBe(
      "On the floor, from left to right: the child; after 10 cm large ball; after 1.2 m goal",
    );
    expect(stepsText(1200)).toBe("2 steps");
    expect(stepsText(900)).toBe("1½ steps");
    expect(stepsText(100)).toBeUndefined();
  });
});

describe("a tray laid out", () => {
  it("holds, for every rung at each of its places, all things and no thing on another", () => {
    const faults = rungs.flatMap(({ activity, rung }) =>
      placesOf(activity, rung).flatMap((place) => {
        const things = usualThings(rung, materials);
        return faultsOf(layOut(rung, things, place), things).map(
          (text) => `${activity.id}/${rung.id}: ${text}`,
        );
      }),
    );
    expect(faults).toEqual([]);
  });

  it("has the pieces at the left, the tool at the hand and the goal at the right", () => {
    const rung = rungOf("tongs-and-balls", "small");
    const { things } = layOut(rung, usualThings(rung, materials), "table");
    const middleOf = (need: string) => {
      const boxes = things.filter((one) => one.need === need).map(boxOf);
      return boxes.reduce((sum, one) => sum + (one.left + one.right) / 2, 0) / boxes.length;
    };
    expect(middleOf("balls")).toBeLessThan(middleOf("tongs"));
    expect(middleOf("tongs")).toBeLessThan(middleOf("wells"));
  });

  it("lets pieces wait in the first of two bowls", () => {
    const rung = rungOf("spoon-it-over", "big-spoon");
    const { things } = layOut(rung, usualThings(rung, materials), "table");
    const balls = things.filter((one) => one.need === "filling");
    expect(balls).toHaveLength(3);
    expect(new Set(balls.map((one) => one.within))).toEqual(new Set(["bowls"]));
    const [first, second] = things.filter((one) => one.need === "bowls").map(boxOf);
    expect(first?.left).toBeLessThan(second?.left ?? 0);
    for (const ball of balls) expect(boxOf(ball).right).toBeLessThanOrEqual(first?.right ?? 0);
  });

  it("says that two large bowls don't stand on a usual tray", () => {
    const rung = rungOf("tongs-and-balls", "two-spoons");
    const things = withLargeBowls(rung);
    expect(layOut(rung, usualThings(rung, materials), "bay").fits).toBe(true);
    const layout = layOut(rung, things, "bay");
    expect(layout.fits).toBe(false);
    expect(layout.ground.kind).not.toBe("tray");
    expect(layOut(rung, things, "table").fits).toBe(true);
  });

  it("lets a basket stand on the bare board of a bay, and nothing on it where the tray is among the things", () => {
    const basket = rungOf("treasure-basket", "six");
    const { ground, fits } = layOut(basket, usualThings(basket, materials), "bay");
    expect([ground.kind, fits]).toEqual(["board", true]);
    const own = rungOf("spoon-it-over", "by-hand");
    expect(layOut(own, withLargeBowls(own), "bay")).toMatchObject({ fits: false });
    expect(layOut(own, usualThings(own, materials), "bay").ground.kind).not.toBe("board");
    const seat = rungOf("give-me-one", "one");
    expect(layOut(seat, usualThings(seat, materials), "high-chair").ground.kind).not.toBe("board");
  });

  it("says how many pieces it leaves out", () => {
    const rung = rungOf("tongs-and-balls", "small");
    const [balls, ...others] = usualThings(rung, materials).toSorted((a) => (a.need === "balls" ? -1 : 1));
    if (!balls) throw new Error("no balls");
    const { fewer, things } = layOut(rung, [{ ...balls, quantity: 200 }, ...others], "floor");
    expect(fewer).toEqual([{ need: "balls", drawn: 60, quantity: 200 }]);
    expect(things.filter((one) => one.need === "balls")).toHaveLength(60);
  });

  it("is drawn the same each time, whole, and quickly enough for a shelf", () => {
    const some = rungs.filter(({ rung }) => rung.materials.length > 0).slice(0, 20);
    const drawAll = () =>
      some.map(({ activity, rung }) => {
        const layout = layOut(rung, usualThings(rung, materials), placesOf(activity, rung)[0] ?? "bay");
        return svgText(frontOf(layout)) + svgText(pictureOf(layout));
      });
    expect(drawAll()).toEqual(drawAll());
    for (const text of drawAll()) expect(text).not.toMatch(/NaN|Infinity|undefined/);
  });

  it("stands within its own box when it is seen from the front", () => {
    for (const { activity, rung } of rungs) {
      const things = usualThings(rung, materials);
      if (things.length === 0) continue;
      const front = frontOf(layOut(rung, things, placesOf(activity, rung)[0] ?? "bay"));
      const [left, top, right, bottom] = boundsOf(front.marks);
      expect(left).toBeGreaterThanOrEqual(-HAIR);
      expect(top).toBeGreaterThanOrEqual(-HAIR);
      expect(right).toBeLessThanOrEqual(front.widthMm + HAIR);
      expect(bottom).toBeLessThanOrEqual(front.heightMm + HAIR);
    }
  });
});

const someBlock = fc.record({
  need: fc.constantFrom("a", "b", "c").map(anId),
  widthMm: fc.integer({ min: 5, max: 200 }),
  depthMm: fc.integer({ min: 5, max: 200 }),
  count: fc.integer({ min: 1, max: 12 }),
  turns: fc.boolean(),
  gapMm: fc.constantFrom(4, 10),
});

/** The least width over every order-keeping partition and arrangement, found by trying them all. */
function narrowestByTrying(blocks: readonly Block[], depthMm: number): number {
  const gap = (block: Block) => 2 * block.gapMm;
  const column = (some: readonly Block[]): number => {
    const [first, ...rest] = some.map((block) => arrangementsOf(block, depthMm));
    let least = Infinity;
    const visit = (ways: NonNullable<typeof first>[], wide: number, deep: number) => {
      const [now, ...later] = ways;
      if (deep > depthMm) return;
      if (!now) {
        least = Math.min(least, wide);
        return;
      }
      for (const way of now)
        visit(later, Math.max(wide, way.widthMm), deep + way.depthMm + (deep === 0 ? 0 : gap(way.block)));
    };
    visit(first ? [first, ...rest] : [], 0, 0);
    return least;
  };
  const from = (start: number): number => {
    if (start === blocks.length) return 0;
    let least = Infinity;
    for (let end = start + 1; end <= blocks.length; end++) {
      const part = blocks.slice(start, end);
      const [first] = part;
      const before = start === 0 || !first ? 0 : gap(first);
      least = Math.min(least, before + column(part) + from(end));
    }
    return least;
  };
  return from(0);
}

describe("packing", () => {
  it("finds a way exactly where trying everything finds one", () => {
    fc.assert(
      fc.property(
        fc.array(someBlock, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 100, max: 500 }),
        (blocks, widthMm) => {
          const equal = blocks.map((block) => ({ ...block, gapMm: 10 }));
          const fits = narrowestByTrying(equal, 276) <= widthMm;
          expect(pack(equal, widthMm, 276) !== undefined).toBe(fits);
        },
      ),
      { numRuns: 150 },
    );
  });
});
