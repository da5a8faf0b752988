import loadHighs, { type Highs } from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { situationOf } from "../household";
import { Child, Limits, Material, type Moment, plainDate, type Rung, type Tables } from "../model";
import { offersAt } from "../safety";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { makeRotation } from "./plan";

const ON = plainDate("2026-05-11");
let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});
const demo = () => fixtureHome().tables;

const NO_LIMITS = {
  trays: 0,
  adultBeside: 0,
  adultHeld: 0,
  wet: 0,
  messy: 0,
  loud: 0,
  prepMinutes: 0,
  cents: 0,
};

describe("a plan on the first evening", () => {
  it("has no tray where every limit is 0, neither all week nor at a moment", () => {
    const tables = demo();
    const place = tables.places.find((one) => one.kind === "mat");
    const [first] = tables.places;
    if (!place || !first) throw new Error("a mat was expected");
    const moment = {
      ...{ id: anId("after-nap"), place: place.id, routine: "after-nap", at: "15:00", minutes: 30 },
      ...{ weekdays: [1, 2, 3, 4, 5, 6, 7], children: [], asleep: [], adultBeside: true },
      ...{ createdAt: first.createdAt, updatedAt: first.updatedAt },
    } as unknown as Moment;
    const strict: Tables = {
      ...tables,
      moments: [moment],
      rotations: [],
      trays: [],
      household: tables.household.map((row) => ({ ...row, limits: Limits.parse(NO_LIMITS) })),
    };
    const [rotation] = makeRotation(highs, situationOf(FIXTURE, strict, ON)).rotations;
    expect(rotation?.trays).toEqual([]);
    // Each child without a tray is told.
    expect(rotation?.without.map((one) => one.trays)).toEqual(rotation?.without.map(() => 0));
    expect(rotation?.without.length).toBe(2);
  });

  it("tells of a baby without a tray which places would change that, those first that open up most", () => {
    const tables = demo();
    const [first] = tables.children;
    if (!first) throw new Error("a child was expected");
    const baby = Child.parse({
      ...first,
      id: anId("baby"),
      birth: "2026-03-01",
      due: undefined,
      planFor: true,
    });
    const onlyChair: Tables = {
      ...tables,
      children: [baby],
      places: tables.places.slice(0, 1).map((place) => ({ ...place, kind: "high-chair", board: undefined })),
      ...{ rotations: [], trays: [], observations: [], moments: [], skillNotes: [] },
    };
    const [rotation] = makeRotation(highs, situationOf(FIXTURE, onlyChair, ON)).rotations;
    const [told] = rotation?.without ?? [];
    expect(told).toMatchObject({ child: "baby", trays: 0 });
    const opened = told?.places.map((one) => one.activities) ?? [];
    expect(told?.places.map((one) => one.kind)).toContain("mat");
    expect(opened).toEqual([...opened].sort((a, b) => b - a));
  });

  it("is made for nobody who is older than all activities", () => {
    const tables = demo();
    const old = {
      ...tables,
      children: tables.children.map((one) => ({ ...one, birth: plainDate("2020-01-01") })),
    };
    const s = situationOf(FIXTURE, old, ON);
    expect(s.planned).toEqual([]);
    expect(makeRotation(highs, s).rotations[0]?.trays).toEqual([]);
  });

  it("says of an easy rung whether that is known by notes or by the age alone", () => {
    const tables = demo();
    const easyOf = (some: Tables) =>
      makeRotation(highs, situationOf(FIXTURE, some, ON)).rotations.flatMap((rotation) =>
        rotation.trays.flatMap((tray) =>
          tray.reasons.flatMap((reason) => (reason.term === "anchor" ? [reason.isNoted] : [])),
        ),
      );
    const bare = { ...tables, observations: [], skillNotes: [], rotations: [], trays: [] };
    expect(new Set(easyOf(bare))).toEqual(new Set([false]));
    expect(new Set(easyOf(tables))).toEqual(new Set([true]));
  });
});

describe("pieces that are measured here and too few", () => {
  it("are judged by their measure, wherever the usual ones make up the number", () => {
    const tables = demo();
    const s = situationOf(FIXTURE, tables, ON);
    const wantsPegs = ({ materials, fits }: Pick<Rung, "materials" | "fits">) =>
      fits.length === 0 &&
      materials.some((need) => need.material === "peg-large" && need.quantity > 2 && need.loose);
    const activity = FIXTURE.activities.find((one) => one.rungs.some(wantsPegs));
    const rung = activity?.rungs.find(wantsPegs);
    const material = FIXTURE.materials.find((one) => one.id === "peg-large");
    const [holding] = tables.holdings;
    if (!activity || !rung || !material || !holding) throw new Error("large pegs were expected");
    const tiny = { shape: "cylinder" as const, mm: [9, 20] as [number, number] };
    const few = {
      key: "few",
      material: Material.parse(material),
      quantity: 1,
      holding: { ...holding, id: anId("few"), material: material.id, quantity: 1, measured: tiny },
    };
    const [toddler] = s.planned.filter((child) => child.mouths !== "no");
    if (!toddler) throw new Error("a child who mouths was expected");
    const kind = (rung.places ?? activity.places)[0];
    const places = s.places
      .slice(0, 1)
      .map((place) => ({ ...place, kind: kind ?? place.kind, servesOnly: [] }));
    const offers = offersAt(activity, rung, places, {
      users: [toddler],
      people: s.people,
      supply: { materials: s.materials, stock: [few], cents: 0 },
      from: s.on,
      to: s.to,
    });
    expect(offers.length).toBeGreaterThan(0);
    expect(offers.map((one) => one.judgement.state)).toEqual(offers.map(() => "blocked"));
  });
});
