import { describe, expect, it } from "vitest";
import type { Stock } from "../materials";
import { type Child, type PieceShape, Place, plainDate, type Rung } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import type { TrayThing } from "./assess";
import { judge } from "./judge";
import { whileAsleep } from "./reach";
import { type SafeWaysQuestion, safeWays } from "./safeWays";
import {
  baby,
  big,
  child,
  mouthing,
  ON,
  people,
  place,
  stamp,
  stateFor,
  thing,
  toddler,
} from "./testing/nursery";

describe("safeWays", () => {
  const materials = new Map(FIXTURE.materials.map((one) => [one.id, one]));
  /** A home that has plenty of everything, each thing as it usually is. */
  const stock = FIXTURE.materials.map(
    (material): Stock => ({
      key: material.id,
      material,
      quantity: 10_000,
      holding: {
        ...stamp,
        id: anId(`h-${material.id}`),
        site: anId("home"),
        material: material.id,
        quantity: 10_000,
        origin: "owned",
        notDangers: [],
      },
    }),
  );
  const supply = { materials, stock, cents: 0 };
  const pegs = FIXTURE.activities.find((one) => one.id === "pegs-off-the-rim");
  const wooden = pegs?.rungs.find((one) => one.id === "wood-off");
  if (!pegs || !wooden) throw new Error("the catalogue has changed");
  const usual = (of: Rung): TrayThing[] =>
    of.materials.flatMap((need) => {
      const material = materials.get(need.material);
      return material ? [{ material, loose: need.loose }] : [];
    });
  const TO = plainDate("2026-05-17");
  const ask = (
    users: Child[],
    everyone: Child[],
    at: Place,
    more: Partial<SafeWaysQuestion> = {},
  ): SafeWaysQuestion => ({
    activity: pegs,
    rung: wooden,
    place: at,
    users,
    people: people(everyone),
    supply,
    from: ON,
    to: TO,
    places: [at],
    things: usual(more.rung ?? wooden),
    ...more,
  });

  it("names the large-piece twin, a stand-in, another place and another time", () => {
    const locked = Place.parse({
      ...stamp,
      id: "room",
      site: "home",
      name: "The room with the door",
      kind: "table",
      outOfReachOf: ["baby"],
      because: "door",
    });
    const open = { ...place(), because: "high" as const };
    const ways = safeWays(ask([toddler], [toddler, baby], open, { places: [open, locked] }));
    const kinds = ways.map((one) => one.way);
    expect(new Set(kinds)).toEqual(new Set(["twin", "size", "stand-in", "place", "time", "rung"]));
    expect(ways.find((one) => one.way === "stand-in")).toMatchObject({ material: { id: "peg-large" } });
    expect(ways.find((one) => one.way === "place")).toMatchObject({ place: locked, state: "free" });
    expect(ways.find((one) => one.way === "time")).toMatchObject({
      asleep: [{ id: "baby" }],
      place: open,
    });
  });

  it("offers nothing that is blocked as it is measured here: a small rattle is no safe way at the mat", () => {
    const four = child("four", "2026-01-10");
    const reach = FIXTURE.activities.find((one) => one.id === "rattle-to-hold");
    const rattle = reach?.rungs[0];
    if (!reach || !rattle) throw new Error("the catalogue has changed");
    const measured: PieceShape = { shape: "disc", mm: [30, 20] };
    const small = stock.map((one) =>
      one.material.id === "rattle-ring" && one.holding
        ? { ...one, holding: { ...one.holding, measured } }
        : one,
    );
    const at = (kind: string) => Place.parse({ ...stamp, id: kind, site: "home", name: kind, kind });
    const only = { ...supply, stock: small.filter((one) => one.material.id === "rattle-ring") };
    const ways = safeWays(
      ask([four], [four], at("mat"), {
        activity: reach,
        rung: rattle,
        supply: only,
        places: [at("mat"), at("floor")],
        things: usual(rattle).map((one) => (one.material.id === "rattle-ring" ? { ...one, measured } : one)),
      }),
    );
    expect(ways.map((one) => one.way)).toEqual(["size"]);
  });

  it("never offers a way that is blocked itself, for any rung and household of these", () => {
    const homes = [[toddler, baby], [mouthing], [big, baby], [mouthing, big, baby]];
    let offered = 0;
    for (const household of homes) {
      for (const one of FIXTURE.activities) {
        for (const rung of one.rungs) {
          const [user = toddler] = household;
          const at = Place.parse({ ...stamp, id: "p", site: "home", name: "P", kind: one.places[0] });
          const things = usual(rung);
          const judged = (of: Rung, made: readonly TrayThing[], where = at) =>
            judge(
              {
                activity: one,
                rung: of,
                things: made,
                place: where,
                users: [user],
                people: people(household),
              },
              ON,
              TO,
            ).state;
          if (judged(rung, things) !== "blocked") continue;
          for (const way of safeWays(ask([user], household, at, { activity: one, rung, things }))) {
            offered += 1;
            const other = one.rungs.find((r) => "rung" in way && r.id === way.rung.id);
            if (other) {
              // Every need of the other rung can be served with something that is not blocked there.
              for (const need of other.materials) {
                const wanted = materials.get(need.material);
                const serves = [
                  need.material,
                  ...(wanted?.standIns ?? []).map((standIn) => standIn.material),
                ];
                const states = serves.map((id) => {
                  const material = materials.get(id);
                  return material ? judged(other, [{ material, loose: need.loose }]) : "blocked";
                });
                expect({ at: `${one.id}/${other.id}`, states }).not.toEqual({
                  at: `${one.id}/${other.id}`,
                  states: states.map(() => "blocked"),
                });
              }
              continue;
            }
            const made = things.map((thing) =>
              way.way === "size" && thing.material.id === way.material.id
                ? {
                    ...thing,
                    measured: { shape: thing.material.piece?.shape, mm: way.leastMm } as PieceShape,
                  }
                : thing,
            );
            if (way.way === "stand-in") continue;
            const where =
              way.way === "time"
                ? whileAsleep(
                    at,
                    way.asleep.map((asleep) => asleep.id),
                  )
                : at;
            const state = judged(rung, made, where);
            expect({ at: `${one.id}/${rung.id}`, way: way.way, state }).toMatchObject({ state: way.state });
          }
        }
      }
    }
    expect(offered).toBeGreaterThan(100);
  });

  it("gives the least size: a millimetre less is blocked", () => {
    const size = safeWays(ask([mouthing], [mouthing], place(), { places: [] })).find(
      (one) => one.way === "size",
    );
    if (size?.way !== "size") throw new Error("a size was expected");
    const material = materials.get(size.material.id);
    const stateAt = (less: number) =>
      stateFor(
        [
          {
            material: material ?? thing([]).material,
            loose: true,
            measured: { shape: "box", mm: size.leastMm.map((mm) => mm - less) } as PieceShape,
          },
        ],
        mouthing,
        [mouthing],
      );
    expect([stateAt(0), stateAt(1)]).toEqual(["free", "blocked"]);
    // A box that a mouthing child may have does not pass the toilet-roll tube of 44.4 mm, or is longer than it.
    expect(
      Math.max(...size.leastMm) > 100 ||
        Math.hypot(...[...size.leastMm].sort((a, b) => a - b).slice(0, 2)) > 45,
    ).toBe(true);
  });
});
