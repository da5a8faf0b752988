import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { GUIDES } from "../../catalogue/guides";
import type { Activity, Catalogue, NeedId, Rung } from "../model";
import { anId } from "../testing/ids";
import { askedFor, faultsOfActivity, knownOf } from "./checkActivity";
import { faultsOfCatalogue } from "./checkCatalogue";
import { activityFromDraft, emptyDraft, emptyRung, freeNeedId, harderOn, windowAround } from "./draft";

const whole = (): Catalogue =>
  structuredClone({
    ...CATALOGUE,
    activities: CATALOGUE.activities.map((one) => ({ ...one, guide: GUIDES[one.id] })),
  });
const known = knownOf(CATALOGUE);
const activity = (id: string): Activity => {
  const found = CATALOGUE.activities.find((one) => one.id === id);
  if (!found) throw new Error(`no activity ${id}`);
  return structuredClone(found);
};

/** The codes of the faults of a catalogue in which one thing was spoiled. */
function faultsWhen(spoil: (catalogue: Catalogue) => void): string[] {
  const catalogue = whole();
  spoil(catalogue);
  return faultsOfCatalogue(catalogue).map((one) => `${one.code} ${one.path}`);
}
const first = <T>(all: readonly T[]): T => {
  const [one] = all;
  if (one === undefined) throw new Error("one was expected");
  return one;
};

describe("the check of the whole catalogue", () => {
  it("finds nothing wrong with ours", () => {
    expect(faultsOfCatalogue(whole())).toEqual([]);
  });

  it.each<[string, (catalogue: Catalogue) => void, RegExp]>([
    [
      "an id that stands twice",
      (c) => c.skills.push(first(c.skills)),
      /^repeated-id skills\/looks-and-follows/,
    ],
    [
      "prerequisites in a ring",
      (c) => {
        const a = c.skills.find((one) => one.id === "posts");
        const b = c.skills.find((one) => one.id === "puts-in");
        if (a && b) [a.after, b.after, b.window] = [[anId("puts-in")], [anId("posts")], a.window];
      },
      /^cycle skills\/(posts|puts-in)\/after/,
    ],
    [
      "a prerequisite that comes later",
      (c) => first(c.skills).after.push(anId("hops")),
      /^out-of-line skills/,
    ],
    [
      "a loose thing without a size",
      (c) => c.materials.push({ ...first(c.materials), id: anId("x"), name: "glass bead", piece: undefined }),
      /^no-size materials\/x\/piece/,
    ],
    [
      "a stand-in that is nowhere",
      (c) => first(c.materials).standIns.push({ material: anId("nothing"), serves: 1 }),
      /^unknown-material materials\/bowl-small\/standIns/,
    ],
    [
      "a rung that no usual home can set out",
      (c) => {
        const rung = first(activityIn(c, "towers").rungs);
        for (const material of ["paint", "dropper", "mallet"])
          rung.materials.push({ id: anId(material), material: anId(material), quantity: 400, loose: false });
      },
      /^unmakeable towers\/knock\/use/,
    ],
    ["a ladder of two rungs", (c) => activityIn(c, "towers").rungs.splice(2), /^ladder-length towers\/rungs/],
    ["scripts that are missing", (c) => delete activityIn(c, "towers").guide, /^no-guide towers/],
    [
      "a sentence that stands twice",
      (c) => {
        const guide = activityIn(c, "towers").guide;
        if (guide) guide.wonder = "Which block will be the very last?";
        const other = activityIn(c, "bricks-that-click").guide;
        if (other) other.wonder = "Which block will be the very last?";
      },
      /^repeated-text (towers|bricks-that-click)\/wonder/,
    ],
    [
      "what looks like a name",
      (c) => {
        const guide = activityIn(c, "towers").guide;
        if (guide) guide.wonder = "What would Robinson build here?";
      },
      /^name towers\/wonder/,
    ],
    [
      "a name in a story",
      (c) => activityIn(c, "towers").guide?.stories.push("The house of Robinson."),
      /^name towers\/stories/,
    ],
  ])("finds %s", (_, spoil, expected) => {
    expect(faultsWhen(spoil).some((one) => expected.test(one))).toBe(true);
  });
});

const activityIn = (c: Catalogue, id: string): Activity => {
  const found = c.activities.find((one) => one.id === id);
  if (!found) throw new Error(`no activity ${id}`);
  return found;
};

describe("the check of one activity", () => {
  const codesWhen = (id: string, spoil: (activity: Activity) => void) => {
    const spoiled = activity(id);
    spoil(spoiled);
    return faultsOfActivity(spoiled, known).map((one) => `${one.code} ${one.path}`);
  };

  it.each<[string, string, (activity: Activity) => void, string]>([
    [
      "an unknown skill",
      "towers",
      (a) => first(a.rungs).grows.push(anId("flying")),
      "unknown-skill rungs[0].grows[1]",
    ],
    [
      "an unknown material",
      "towers",
      (a) => {
        first(first(a.rungs).materials).material = anId("marble");
      },
      "unknown-material rungs[0].materials[0]",
    ],
    ["a ladder that gets easier", "towers", (a) => a.rungs.reverse(), "not-harder rungs[1].window"],
    [
      "a rung that is harder on no axis",
      "towers",
      (a) => {
        const [one, two] = a.rungs;
        if (one && two) two.axes = one.axes;
      },
      "not-harder rungs[1].axes",
    ],
    [
      "an age far too early for what it grows",
      "on-the-line",
      (a) => {
        for (const rung of a.rungs) rung.window = windowAround(12);
      },
      "out-of-line rungs[0].window",
    ],
    [
      "a small piece without a large twin",
      "stuck-scene",
      (a) => {
        for (const rung of a.rungs) delete rung.largePieceTwin;
      },
      "no-twin rungs[1]",
    ],
    [
      "a sum that does not come out",
      "ten-boxes",
      (a) => {
        first(first(a.rungs).prep).need = anId("box");
      },
      "wrong-sum rungs[0].prep[0]",
    ],
    [
      "a piece that does not pass its opening",
      "jar-with-three-lids",
      (a) => {
        const rung = a.rungs[1];
        if (rung) rung.fits = [{ how: "through", a: anId("balls"), b: anId("slot") }];
      },
      "misfit rungs[1].fits[0]",
    ],
  ])("finds %s", (_, id, spoil, expected) => {
    expect(codesWhen(id, spoil)).toContain(expected);
  });

  it("knows the sums of counting out", () => {
    expect(askedFor({ kind: "each", need: anId("x"), n: 6, k: 3 })).toBe(18);
    expect(askedFor({ kind: "one-to-n", need: anId("x"), n: 10 })).toBe(55);
    expect(askedFor({ kind: "cut", need: anId("x"), stockMm: 1200, sliceMm: 50, cutMm: 3 })).toBeUndefined();
  });
});

describe("an activity of one's own", () => {
  it("is told what is still missing, in a parent's words", () => {
    const made = activityFromDraft(emptyDraft(), known);
    expect(made.ok).toBe(false);
    if (made.ok) return;
    const said = made.issues.map((one) => one.message).join("\n");
    expect(said).toContain("Name");
    expect(said).toContain("Rung 1: title is missing");
    expect(said).toContain("Rung 1: grows is missing");
  });

  it("gives each need of a rung an id of its own, whichever were added and taken away before", () => {
    const thing = fc.constantFrom(
      anId("lid"),
      anId("lid-2"),
      anId("a".repeat(80)),
      anId(`${"b-".repeat(39)}b`),
    );
    const acts = fc.array(fc.record({ thing, gone: fc.nat({ max: 8 }) }), { maxLength: 12 });
    fc.assert(
      fc.property(acts, (added) => {
        let needs: { id: NeedId }[] = [];
        for (const { thing, gone } of added) {
          needs = [...needs, { id: freeNeedId(thing, needs) }];
          expect(new Set(needs.map((need) => need.id)).size).toBe(needs.length);
          needs = needs.filter((_, i) => i !== gone);
        }
      }),
    );
    expect(freeNeedId(anId("lid"), [])).toBe("lid");
    expect(freeNeedId(anId("lid"), [{ id: anId("lid") }, { id: anId("lid-3") }])).toBe("lid-2");
  });

  it("passes once it is whole, and fails where a rung is not harder", () => {
    const rung = {
      ...emptyRung(anId("a")),
      title: "Two lids in a bowl",
      grows: [anId("puts-in")],
      window: windowAround(12),
      materials: [{ id: anId("lids"), material: anId("lid-disc"), quantity: 2, loose: true }],
    };
    const next = { ...emptyRung(anId("b"), rung), title: "Four lids in a bowl" };
    const draft = { ...emptyDraft(), name: "Lids", invitation: "They clatter.", rungs: [rung, next] };
    expect(activityFromDraft(draft, known)).toMatchObject({ ok: false });
    const harder = harderOn(next, rung, "amount");
    expect(harder.axes).toEqual({ ...rung.axes, amount: 1 });
    expect(harderOn(next, { ...rung, axes: { amount: 9 } }, "amount").axes).toEqual({ amount: 9 });
    const made = activityFromDraft({ ...draft, rungs: [rung, harder] }, known);
    expect(made).toMatchObject({ ok: true, value: { name: "Lids", form: "Lids" } });
  });

  it("loses the way, the meetings and the cuts of what is taken off it, and keeps them while it is there", () => {
    const track = CATALOGUE.activities.find((one) => one.id === "push-track");
    const slots = CATALOGUE.activities.find((one) => one.id === "discs-in-a-slot");
    if (!track || !slots) throw new Error("the catalogue has changed");
    const rungs = (change: (rung: Rung) => Rung, of = track) => {
      const made = activityFromDraft({ ...of, rungs: of.rungs.map(change) }, knownOf(CATALOGUE));
      if (!made.ok) throw new Error(made.issues[0]?.message);
      return made.value.rungs;
    };
    expect(rungs((rung) => rung).every((rung) => rung.floor)).toBe(true);
    const without = (need: string) => (rung: Rung) => ({
      ...rung,
      materials: rung.materials.filter((one) => one.id !== need),
    });
    expect(rungs(without("track")).some((rung) => rung.floor)).toBe(false);
    const shorter = rungs((rung) => ({
      ...rung,
      materials: rung.materials.map((one) => (one.id === "track" ? { ...one, quantity: 350 } : one)),
    }));
    expect(shorter.map((rung) => rung.floor !== undefined)).toEqual([true, false, false, false]);
    const [piece] = slots.rungs[0]?.fits ?? [];
    expect(rungs(without(piece?.b ?? ""), slots)[0]?.fits).toEqual([]);
  });

  it("spreads a window more the older the child", () => {
    expect(windowAround(10)).toEqual({ p10: 7.8, median: 10, p90: 12.8 });
    expect(windowAround(40).p90 / 40).toBeCloseTo(1.4, 2);
  });
});
