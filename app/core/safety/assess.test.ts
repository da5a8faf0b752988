import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import {
  Activity,
  Child,
  type Hazard,
  Material,
  type PieceShape,
  Place,
  plainDate,
  type Rung,
} from "../model";
import { assess, type TrayThing } from "./assess";
import { whoCanReach } from "./reach";
import { safeWays } from "./safeWays";

const ON = plainDate("2026-05-10");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const child = (id: string, birth: string, more: object = {}) =>
  Child.parse({ ...stamp, id, name: id, birth, ...more });
const place = (outOfReachOf: string[] = [], id = "bay") =>
  Place.parse({ ...stamp, id, site: "home", name: id, kind: "bay", outOfReachOf });

const baby = child("baby", "2025-10-10");
const toddler = child("toddler", "2024-05-10", { mouths: "no" });
const mouthing = child("mouthing", "2024-05-10");
const big = child("big", "2022-05-10");

const material = (hazards: Hazard[], piece?: PieceShape) =>
  Material.parse({ id: "m", name: "thing", use: "reusable", found: "toys", hazards, piece });
const thing = (hazards: Hazard[], piece?: PieceShape): TrayThing => ({
  material: material(hazards, piece),
  loose: true,
});

const activity = Activity.parse({
  id: "a",
  name: "A",
  invitation: "i",
  area: "hands",
  family: "f",
  form: "g",
  glyph: "ball",
  places: ["bay"],
  prepMinutes: 1,
  clearMinutes: 1,
  playMinutes: 1,
  rungs: [
    {
      id: "r",
      title: "t",
      window: { p10: 10, median: 14, p90: 20 },
      axes: {},
      grows: ["posts"],
      materials: [],
    },
  ],
});
const [rung] = activity.rungs;
if (!rung) throw new Error("a rung was expected");

const stateFor = (things: TrayThing[], who: Child, everyone: Child[], at = place()) =>
  assess(activity, rung, things, at, [who], everyone, ON).state;

const bead: PieceShape = { shape: "sphere", mm: [25] };
const tubeBall: PieceShape = { shape: "sphere", mm: [42] };
const bigBall: PieceShape = { shape: "sphere", mm: [70] };

describe("the three states of small pieces", () => {
  it("blocks for a child who mouths", () => {
    expect(stateFor([thing([], bead)], mouthing, [mouthing])).toBe("blocked");
  });
  it("blocks where a child who mouths can reach, whoever it is for", () => {
    expect(stateFor([thing([], bead)], big, [big, baby])).toBe("blocked");
  });
  it("is adult-held for one under three who does not mouth, out of the baby's reach", () => {
    expect(stateFor([thing([], bead)], toddler, [toddler, baby], place(["baby"]))).toBe("adult-held");
  });
  it("is free where all in reach are three and do not mouth", () => {
    expect(stateFor([thing([], bead)], big, [big, baby], place(["baby"]))).toBe("free");
  });
  it("goes by the youngest who can reach, even if kept-away children are younger", () => {
    expect(whoCanReach(place(["baby"]), [big], [big, toddler, baby], ON).map((one) => one.id)).toEqual([
      "toddler",
      "big",
    ]);
  });
  it("counts the child it is for, even where the place is kept from it", () => {
    expect(stateFor([thing([], bead)], mouthing, [mouthing], place(["mouthing"]))).toBe("blocked");
  });
  it("takes a child to mouth until three by default, and after only when said", () => {
    const three = child("three", "2023-05-10");
    const almost = child("almost", "2023-05-20");
    expect(stateFor([thing([], bead)], three, [three])).toBe("free");
    expect(stateFor([thing([], bead)], almost, [almost])).toBe("blocked");
    expect(stateFor([thing([], bead)], { ...three, mouths: "yes" }, [{ ...three, mouths: "yes" }])).toBe(
      "blocked",
    );
  });
  it("blocks what passes the tube for a mouthing child only", () => {
    expect(stateFor([thing([], tubeBall)], mouthing, [mouthing])).toBe("blocked");
    expect(stateFor([thing([], tubeBall)], toddler, [toddler])).toBe("free");
    expect(stateFor([thing([], bigBall)], baby, [baby])).toBe("free");
  });
  it("judges the piece as measured here, not as usual", () => {
    const measured: TrayThing = { ...thing([], bigBall), measured: bead };
    expect(stateFor([measured], mouthing, [mouthing])).toBe("blocked");
  });
  it("leaves out what is never loose in the hand", () => {
    expect(stateFor([{ ...thing([], bead), loose: false }], mouthing, [mouthing])).toBe("free");
  });
});

describe("hazards", () => {
  const cases: [string, Hazard, Child, string][] = [
    ["long cord, toddler", { kind: "string", freeLengthMm: 450 }, toddler, "adult-held"],
    ["long cord, four years", { kind: "string", freeLengthMm: 450 }, big, "free"],
    ["short cord", { kind: "string", freeLengthMm: 200 }, baby, "free"],
    ["scissors, toddler", { kind: "sharp" }, toddler, "adult-held"],
    ["skewer, toddler", { kind: "pointed" }, toddler, "blocked"],
    ["skewer, four years", { kind: "pointed" }, big, "adult-held"],
    ["glass, baby", { kind: "glass" }, baby, "blocked"],
    ["glass, toddler", { kind: "glass" }, toddler, "adult-held"],
    ["washable paint, baby", { kind: "washable" }, baby, "blocked"],
    ["washable paint, mouthing toddler", { kind: "washable" }, { ...toddler, mouths: "yes" }, "adult-held"],
    ["washable paint, four years", { kind: "washable" }, big, "free"],
    ["soap, mouthing", { kind: "irritant" }, mouthing, "blocked"],
    ["raw kidney beans, mouthing", { kind: "toxic" }, mouthing, "blocked"],
    ["swelling beads", { kind: "expanding" }, big, "blocked"],
    ["button battery", { kind: "button-battery" }, big, "blocked"],
    ["strong magnet", { kind: "strong-magnet" }, big, "blocked"],
    ["balloon", { kind: "balloon" }, big, "blocked"],
    ["film, toddler", { kind: "bag" }, toddler, "adult-held"],
    ["dust, baby", { kind: "powder" }, baby, "blocked"],
    ["hanging, pushing up", { kind: "hanging" }, baby, "blocked"],
    ["hanging, newborn", { kind: "hanging" }, child("new", "2026-03-10"), "free"],
    ["honey, baby", { kind: "honey" }, baby, "blocked"],
    ["honey, toddler", { kind: "honey" }, toddler, "free"],
    ["whole nuts", { kind: "choking-food", untilMonths: 60 }, big, "blocked"],
    ["hot", { kind: "heat" }, toddler, "blocked"],
    ["known allergy", { kind: "allergen", allergen: "Wheat" }, { ...big, allergies: ["wheat"] }, "blocked"],
    ["no known allergy", { kind: "allergen", allergen: "wheat" }, toddler, "free"],
  ];
  it.each(cases)("%s", (_, hazard, who, state) => {
    expect(stateFor([thing([hazard])], who, [who])).toBe(state);
  });

  it("brings the adult within arm's reach of water, with what to do", () => {
    const found = assess(
      activity,
      rung,
      [thing([{ kind: "water", depthMm: 20 }])],
      place(),
      [toddler],
      [toddler],
      ON,
    );
    expect(found.state).toBe("free");
    expect(found.position).toBe("arms-reach");
    expect(found.findings).toMatchObject([{ rule: "water", effect: "caution", child: "toddler" }]);
    expect(found.findings[0]?.advice).toMatch(/empty it at once/);
  });
});

describe("safeWays", () => {
  const materials = new Map(CATALOGUE.materials.map((one) => [one.id, one]));
  const threading = CATALOGUE.activities.find((one) => one.id === "rings-on-a-rope");
  const beads = threading?.rungs.find((one) => one.id === "lace-medium");
  if (!threading || !beads) throw new Error("the catalogue has changed");

  it("names the large-piece twin, a stand-in and another place", () => {
    const tall = Place.parse({
      ...stamp,
      id: "tall",
      site: "home",
      name: "Tall table",
      kind: "table",
      outOfReachOf: ["baby"],
    });
    const ways = safeWays({
      activity: threading,
      rung: beads,
      place: place(),
      users: [toddler],
      household: [toddler, baby],
      on: ON,
      materials,
      places: [place(), tall],
    });
    const kinds = ways.map((one) => one.way);
    expect(kinds).toEqual(["twin", "size", "stand-in", "place", "time", "rung"]);
    expect(ways[2]).toMatchObject({ material: "bead-large" });
    expect(ways[3]?.text).toContain("adult-held");
    expect(ways[4]).toMatchObject({ asleep: ["baby"], text: "At bay, only while baby sleeps" });
  });

  it("never offers a way that is blocked itself, for any rung and household of these", () => {
    const homes = [[toddler, baby], [mouthing], [big, baby], [mouthing, big, baby]];
    let offered = 0;
    for (const household of homes) {
      for (const one of CATALOGUE.activities) {
        for (const rung of one.rungs) {
          const [user = toddler] = household;
          const place = Place.parse({ ...stamp, id: "p", site: "home", name: "P", kind: one.places[0] });
          const q = {
            activity: one,
            rung,
            place,
            users: [user],
            household,
            on: ON,
            materials,
            places: [place],
          };
          const things = (of: Rung, change: (t: TrayThing) => TrayThing = (t) => t) =>
            of.materials.flatMap((need) => {
              const material = materials.get(need.material);
              return material ? [change({ material, loose: need.loose })] : [];
            });
          if (assess(one, rung, things(rung), place, [user], household, ON).state !== "blocked") continue;
          for (const way of safeWays(q)) {
            offered += 1;
            const other = one.rungs.find((r) => "rung" in way && r.id === way.rung);
            const awake = household.filter((c) => !(way.way === "time" && way.asleep.includes(c.id)));
            const asked = other ?? rung;
            const made = things(asked, (thing) => {
              if (way.way === "size" && thing.material.id === way.material) {
                const shape = thing.material.piece?.shape;
                return { ...thing, measured: { shape, mm: way.leastMm } as PieceShape };
              }
              return thing;
            });
            if (way.way === "stand-in") continue;
            const state = assess(one, asked, made, place, [user], awake, ON).state;
            expect({ at: `${one.id}/${asked.id}`, way: way.way, state }).not.toMatchObject({
              state: "blocked",
            });
          }
        }
      }
    }
    expect(offered).toBeGreaterThan(100);
  });

  it("gives the least size: a millimetre less is blocked", () => {
    const q = {
      activity: threading,
      rung: beads,
      place: place(),
      users: [mouthing],
      household: [mouthing],
      on: ON,
      materials,
      places: [],
    };
    const size = safeWays(q).find((one) => one.way === "size");
    if (size?.way !== "size") throw new Error("a size was expected");
    const material = materials.get(size.material);
    const stateAt = (less: number) =>
      stateFor(
        [
          {
            material: material ?? thing([]).material,
            loose: true,
            measured: { shape: "sphere", mm: size.leastMm.map((mm) => mm - less) } as PieceShape,
          },
        ],
        mouthing,
        [mouthing],
      );
    expect([stateAt(0), stateAt(1)]).toEqual(["free", "blocked"]);
    // A ball that a mouthing child may have does not pass the toilet-roll tube of 44.4 mm.
    expect(size.leastMm).toEqual([46]);
  });
});
