import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { GUIDES } from "../../catalogue/guides";
import {
  type Activity,
  type Fit,
  type FloorStation,
  type Guide,
  type Material,
  type Rung,
  RungId,
} from "../model";
import { faultsOfActivity, knownOf } from "./checkActivity";
import { faultsOfScript } from "./checkScript";
import { soakedThings } from "./checkWater";
import { unsaidMeeting } from "./meetingsOfForm";

const known = knownOf(CATALOGUE);

interface Met {
  activity: Activity;
  rung: Rung;
  fit: Fit;
}

const met: Met[] = CATALOGUE.activities.flatMap((activity) =>
  activity.rungs.flatMap((rung) => rung.fits.map((fit) => ({ activity, rung, fit }))),
);
/** The first few of each way to meet, each in another activity. */
const some = (how: Fit["how"], count = 8): [string, Met][] => {
  const seen = new Set<string>();
  return met
    .filter(({ activity, fit }) => fit.how === how && !seen.has(activity.id) && seen.add(activity.id))
    .slice(0, count)
    .map((one) => [`${one.activity.id}/${one.rung.id}: ${one.fit.a} ${how} ${one.fit.b}`, one]);
};

/** The codes of the faults when the thing that serves a need is changed. */
function codesWithThing({ activity, rung }: Met, need: string, change: (material: Material) => Material) {
  const id = rung.materials.find((one) => one.id === need)?.material ?? "";
  const material = known.materials.get(id);
  if (!material) throw new Error(`no material ${id}`);
  const materials = new Map(known.materials).set(id, change(material));
  return faultsOfActivity(activity, { ...known, materials }).map((one) => one.code);
}

/** The codes of the faults when so many times as much of a need is set out. */
function codesWithTimes({ activity, rung }: Met, need: string, times: number) {
  const changed: Rung = {
    ...rung,
    materials: rung.materials.map((one) =>
      one.id === need ? { ...one, quantity: one.quantity * times } : one,
    ),
  };
  const rungs = activity.rungs.map((one) => (one === rung ? changed : one));
  return faultsOfActivity({ ...activity, rungs }, known).map((one) => one.code);
}

const larger = (material: Material): Material => ({
  ...material,
  piece:
    material.piece &&
    ({ ...material.piece, mm: material.piece.mm.map((mm) => mm * 20) } as Material["piece"]),
});

describe("a fault planted in how things meet is found", () => {
  it.each(some("through"))("a piece too large for the opening: %s", (_, one) => {
    expect(codesWithThing(one, one.fit.a, larger)).toContain("misfit");
  });

  it.each(some("onto"))("a bore too narrow for the stem: %s", (_, one) => {
    expect(codesWithThing(one, one.fit.a, (thing) => ({ ...thing, openingMm: 1 }))).toContain("misfit");
  });

  it.each(some("in-wells"))("more pieces than wells: %s", (_, one) => {
    expect(codesWithTimes(one, one.fit.a, 30)).toContain("misfit");
  });

  it.each(some("in-wells"))("hollows too shallow to hold a piece: %s", (_, one) => {
    const shallow = (thing: Material): Material => ({
      ...thing,
      wells: thing.wells && { ...thing.wells, depthMm: 1 },
    });
    expect(codesWithThing(one, one.fit.b, shallow)).toContain("misfit");
  });

  it.each(some("lies-in"))("no room for all at once: %s", (_, one) => {
    expect(codesWithTimes(one, one.fit.a, 500)).toContain("misfit");
  });

  it.each(some("pours-into"))("more is poured than it holds: %s", (_, one) => {
    expect(codesWithTimes(one, one.fit.a, 20)).toContain("misfit");
  });

  it.each([...some("through", 3), ...some("onto", 3), ...some("in-wells", 2)])(
    "a size that it hangs on is not given: %s",
    (_, one) => {
      expect(
        codesWithThing(
          one,
          one.fit.a,
          ({ piece: _piece, openingMm: _opening, ...thing }) => thing as Material,
        ),
      ).toContain("no-size");
    },
  );

  it.each(some("covers"))("a thing too large to be hidden: %s", (_, one) => {
    expect(codesWithThing(one, one.fit.b, larger)).toContain("misfit");
  });

  it.each(some("stands-on"))("a ball to stand on: %s", (_, one) => {
    const round = (thing: Material) => ({
      ...thing,
      piece: { shape: "sphere" as const, mm: [60] as [number] },
    });
    expect(codesWithThing(one, one.fit.b, round)).toContain("misfit");
  });

  it.each(some("heavier"))("a heavy thing that is light: %s", (_, one) => {
    expect(codesWithThing(one, one.fit.a, (thing) => ({ ...thing, massG: 1 }))).toContain("misfit");
  });

  it.each(some("floats-unlike"))("two that both sink: %s", (_, one) => {
    expect(codesWithThing(one, one.fit.a, (thing) => ({ ...thing, inWater: "sinks" }))).toContain("misfit");
  });

  it.each(some("drawn-unlike"))("two that no magnet draws: %s", (_, one) => {
    expect(codesWithThing(one, one.fit.a, (thing) => ({ ...thing, magnetic: false }))).toContain("misfit");
  });

  it("paper in a basin of water", () => {
    const activity = CATALOGUE.activities.find((one) => one.id === "fish-them-out");
    const rungs = activity?.rungs.filter((one) =>
      one.materials.some((need) => need.material === "ball-soft"),
    );
    expect(rungs?.length).toBeGreaterThan(1);
    for (const rung of rungs ?? []) {
      expect(soakedThings(rung, "here", known)).toEqual([]);
      const cards = rung.materials.map((need) =>
        need.material === "ball-soft" ? { ...need, material: "card-disc" as typeof need.material } : need,
      );
      expect(soakedThings({ ...rung, materials: cards }, "here", known).map((one) => one.code)).toEqual([
        "soaked",
      ]);
    }
  });

  it.each(some("larger"))("one that is no larger: %s", (_, one) => {
    const than = known.materials.get(
      one.rung.materials.find((need) => need.id === one.fit.b)?.material ?? "",
    );
    expect(codesWithThing(one, one.fit.a, (thing) => ({ ...thing, piece: than?.piece }))).toContain("misfit");
  });

  it.each(some("alike"))("one that the eye tells from the other: %s", (_, one) => {
    expect(codesWithThing(one, one.fit.b, larger)).toContain("misfit");
  });

  it.each(some("opens"))("one that does not open: %s", (_, one) => {
    expect(codesWithThing(one, one.fit.a, (thing) => ({ ...thing, opensBy: undefined }))).toContain("misfit");
  });

  it("a movement that hangs on a meeting which is not said", () => {
    const forms = [
      "post in a slot",
      "thread",
      "pour",
      "fill wells",
      "drop into a tub",
      "through holes",
      "dip and pour",
      "stack",
      "hide and find",
      "weigh",
      "test with a magnet",
      "open locks",
    ];
    for (const form of forms) {
      const activity = CATALOGUE.activities.find((one) => one.form === form);
      const rung = activity?.rungs.find((one) => one.fits.length > 0);
      if (!activity || !rung) throw new Error(`nothing of the form ${form}`);
      expect(unsaidMeeting(activity, rung, "here", known)).toEqual([]);
      const [fault] = unsaidMeeting(activity, { ...rung, fits: [] }, "here", known);
      expect(fault?.code, form).toBe("no-meeting");
    }
  });
});

describe("a fault planted in a way over the floor is found", () => {
  const activity = CATALOGUE.activities.find((one) => one.id === "push-track");
  const rung = activity?.rungs.find((one) => one.id === "straight");
  const codesWith = (change: (way: FloorStation[]) => FloorStation[]) => {
    if (!activity || !rung?.floor) throw new Error("the catalogue has changed");
    const spoiled = { ...rung, floor: change([...rung.floor]) };
    const rungs = activity.rungs.map((one) => (one === rung ? spoiled : one));
    return faultsOfActivity({ ...activity, rungs }, known).map((one) => one.code);
  };
  const cart = { kind: "things", gapCm: 5, need: "cart", count: 1, apartCm: 0, across: false, turned: false };

  it.each([
    ["a thing that is not set out", "unknown-need", { ...cart, need: "boat" }],
    ["more of a thing than there is", "floor", { ...cart, count: 2 }],
    ["tape that is laid like a thing", "floor", { ...cart, need: "track" }],
    ["a thing that is laid like tape", "floor", { ...cart, kind: "tape", form: "line", lengthCm: 50 }],
    [
      "more tape than there is",
      "floor",
      { ...cart, kind: "tape", need: "track", form: "lines", lengthCm: 100 },
    ],
  ] as [string, string, FloorStation][])("%s", (_, code, station) => {
    expect(codesWith((way) => way)).toEqual([]);
    expect(codesWith((way) => [...way, station])).toContain(code);
  });

  it("a way without a distance", () => {
    expect(codesWith(() => [{ kind: "mark", gapCm: 0, mark: "child" }])).toContain("floor");
  });
});

describe("a fault planted in a script is found", () => {
  const withSentence = (id: string, way: "quiet" | "talk" | "explore", sentence: string) => {
    const activity = CATALOGUE.activities.find((one) => one.id === id);
    const guide = GUIDES[id];
    if (!activity || !guide) throw new Error(`no activity ${id}`);
    const spoiled: Guide = { ...guide, [way]: [...guide[way], sentence] };
    return faultsOfScript({ ...activity, guide: spoiled }, known.materials).map((one) => one.code);
  };

  it.each([
    ["towers", "quiet", "Hand over the jug."],
    ["towers", "talk", "Tell which spoon is next."],
    ["towers", "explore", "Leave the funnel beside it."],
    ["discs-in-a-slot", "quiet", "Lay the first feather down slowly."],
    ["discs-in-a-slot", "talk", "Ask where the puppet is going."],
    ["pour-jug-to-jug", "quiet", "Cut along the line with the scissors."],
    ["pour-jug-to-jug", "explore", "Set the drums apart."],
    ["face-to-face", "quiet", "Roll the balls? No: lay down a cushion."],
    ["on-the-lace", "talk", "Tell how the paint runs out of the bottle."],
    ["first-scissors", "explore", "Leave some rice and a sieve, and a bucket."],
    ["interlocking-jigsaw", "quiet", "Dry your hands on the towel."],
    ["chest-to-chest", "talk", "Show a mirror to the baby."],
    ["on-the-potty", "quiet", "Put a helmet on first."],
    ["blow-bubbles", "explore", "Leave two straws in the whisk and a spade."],
    ["tongs-and-balls", "talk", "Ask what the baster could do."],
    ["walk-with-stops", "quiet", "Pour from the vase."],
    ["name-the-feeling", "explore", "Lay out some ribbons."],
  ] as [string, "quiet" | "talk" | "explore", string][])(
    "a thing that is not on the tray: %s, %s: %s",
    (id, way, sentence) => {
      expect(withSentence(id, way, sentence)).toContain("not-on-tray");
    },
  );

  it.each([
    ["peel-and-open", "banana", "Roll the egg under your palm."],
    ["rings-on-a-rope", "post", "Push the rope in."],
    ["pot-in-a-pot", "small-in", "Hand over the spoon."],
    ["tongs-and-balls", "two-spoons", "Show the tongs open and shut."],
    ["fish-them-out", "hand", "Lower the ladle under one."],
    // Known on this ladder only: no word of the list above.
    ["scoop-the-load", "hands", "Fill the scoop to the rim."],
    ["shake-and-stop", "drum", "Put the shakers aside."],
    ["push-and-carry", "carry", "Push the load along."],
  ])("a thing of another rung: %s/%s: %s", (id, rung, sentence) => {
    const activity = CATALOGUE.activities.find((one) => one.id === id);
    const guide = GUIDES[id];
    if (!activity || !guide) throw new Error(`no activity ${id}`);
    const codes = (change: Guide) =>
      faultsOfScript({ ...activity, guide: change }, known.materials).map((one) => `${one.code} ${one.path}`);
    expect(codes(guide)).toEqual([]);
    const quiet = [...(guide.rungs?.[RungId.parse(rung)]?.quiet ?? guide.quiet), sentence];
    const spoiled = { ...guide, rungs: { ...guide.rungs, [rung]: { quiet } } };
    expect(codes(spoiled)).toContain(`not-on-tray ${id}/at/${rung}/quiet`);
  });

  it.each([
    ["tongs-and-balls", "Take out twelve tongs."],
    ["big-stickers", "Peel twelve stickers in one go."],
    ["tidy-with-a-song", "Set out nine baskets."],
    ["lids-to-pots", "Lay twelve lids in a row."],
  ])("more than any rung has: %s: %s", (id, sentence) => {
    expect(withSentence(id, "quiet", sentence)).toContain("wrong-number");
  });

  it("lets pass what is only spoken of, what a rung calls it, and the word for a stand-in", () => {
    expect(withSentence("towers", "talk", 'Say "jug".')).toEqual([]);
    expect(withSentence("towers", "talk", "It is as large as a basket.")).toEqual([]);
    expect(withSentence("scoop-the-load", "quiet", "Drive the truck away.")).toEqual([]);
  });
});
