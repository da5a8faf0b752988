import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import type { Activity, Rung } from "../model";
import { knownOf } from "./checkActivity";
import { wrongAxes } from "./checkAxes";
import { coloursAsked, missingColours } from "./checkColours";
import { wrongCredits } from "./checkCredits";
import { withoutRoom } from "./checkLayout";
import { faultsOfTitle } from "./checkScript";

const known = knownOf(CATALOGUE);

describe("a fault planted in what stands in a bay is found", () => {
  const inBay = CATALOGUE.activities
    .filter((one) => one.places.includes("bay"))
    .flatMap((activity) => activity.rungs.slice(0, 1).map((rung) => ({ activity, rung })))
    .filter(({ rung }) => rung.materials.length > 1 && !rung.places)
    .slice(0, 12);

  it.each(inBay.map((one) => [`${one.activity.id}/${one.rung.id}`, one] as const))(
    "a basin besides what is there: %s",
    (path, { activity, rung }) => {
      expect(withoutRoom(activity, rung, path, known)).toEqual([]);
      const [first] = rung.materials;
      if (!first) throw new Error("a thing was expected");
      const basin = { ...first, id: "more", material: "basin", quantity: 1 } as typeof first;
      const crowded = {
        ...rung,
        materials: [...rung.materials, basin, { ...basin, id: "and-more" }],
      } as Rung;
      expect(withoutRoom(activity, crowded, path, known).map((one) => one.code)).toEqual(["no-room"]);
      expect(withoutRoom(activity, { ...crowded, places: ["table"] }, path, known)).toEqual([]);
    },
  );
});

describe("a fault planted in what a rung counts for is found", () => {
  const plain = CATALOGUE.activities
    .flatMap((activity) => activity.rungs)
    .filter(
      ({ materials }) => materials.length > 0 && materials.every((one) => one.material === "block-large"),
    )
    .slice(0, 4);

  it.each(
    plain.flatMap((rung) =>
      ["snips", "pedals", "pastes", "tweezers", "holds-pencil", "twists-lid", "zips", "messy-hands"].map(
        (skill) => [`${rung.title}: ${skill}`, { ...rung, grows: [...rung.grows, skill] } as Rung] as const,
      ),
    ),
  )("%s", (_, rung) => {
    expect(wrongCredits({ ...rung, grows: rung.grows.slice(0, -1) }, "here", known)).toEqual([]);
    expect(wrongCredits(rung, "here", known).map((one) => one.code)).toEqual(["wrong-credit"]);
  });
});

describe("a fault planted in how hard a rung is said to be is found", () => {
  const ladder = (id: string) => {
    const found = CATALOGUE.activities.find((one) => one.id === id);
    if (!found) throw new Error(`no activity ${id}`);
    return found;
  };
  /** The codes of the faults when a rung stands elsewhere on an axis. */
  const codes = (activity: Activity, rung: string, axes: Rung["axes"]) =>
    wrongAxes(
      {
        ...activity,
        rungs: activity.rungs.map((one) =>
          one.id === rung ? { ...one, axes: { ...one.axes, ...axes } } : one,
        ),
      },
      known,
    ).map(({ code, path }) => `${code} ${path}`);

  it.each([
    ["rings-on-a-rope", "post", { play: 9 }],
    ["rings-on-a-rope", "lace-big", { play: 8 }],
    ["rings-on-a-rope", "rope", { stiffness: 8 }],
    ["on-the-lace", "straws", { pieceSize: 9 }],
    ["on-the-lace", "beads", { stiffness: 9 }],
    ["pinch-and-carry", "numbered", { pieceSize: 7 }],
  ] as const)("%s/%s: %o", (id, rung, axes) => {
    const activity = ladder(id);
    expect(wrongAxes(activity, known)).toEqual([]);
    expect(codes(activity, rung, axes)).toEqual([`wrong-axis ${id}/${rung}/axes`]);
  });
});

describe("a fault planted in a title is found", () => {
  const set = CATALOGUE.activities
    .flatMap((activity) => activity.rungs)
    .filter(({ materials }) =>
      materials.some((one) => one.quantity > 1 && one.quantity < 12 && one.material === "block-large"),
    )
    .slice(0, 8);
  const codes = (rung: Rung, title: string) =>
    faultsOfTitle({ ...rung, title }, "here", known.materials).map((one) => one.code);

  it.each(set.map((rung) => [rung.title, rung] as const))("a thing or a number too many: %s", (_, rung) => {
    expect(codes(rung, rung.title)).toEqual([]);
    expect(codes(rung, `${rung.title}, with a whisk`)).toEqual(["not-on-tray"]);
    expect(codes(rung, "Twelve blocks, one after the other")).toEqual(["wrong-number"]);
    expect(codes(rung, "Rolled like a drum")).toEqual([]);
  });
});

describe("a fault planted in the colours of a rung is found", () => {
  it("reads how many colours a title speaks of", () => {
    const asked = [
      "Blocks of two colours",
      "Three colours in",
      "Each in its colour",
      "In one colour",
      "A ball",
    ];
    expect(asked.map(coloursAsked)).toEqual([2, 3, 2, 1, 1]);
  });

  const coloured = CATALOGUE.activities
    .flatMap((activity) => activity.rungs)
    .filter((rung) => rung.materials.length > 0 && coloursAsked(rung.title) > 1)
    .slice(0, 10);
  it.each(coloured.map((rung) => [rung.title, rung] as const))("grey things alone: %s", (_, rung) => {
    expect(missingColours(rung, "here", known)).toEqual([]);
    const materials = new Map(
      [...known.materials].map(([id, { colours: _colours, ...thing }]) => [id, thing]),
    ) as typeof known.materials;
    expect(missingColours(rung, "here", { materials }).map((one) => one.code)).toEqual(["no-colours"]);
  });
});
