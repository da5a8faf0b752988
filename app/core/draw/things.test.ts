import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { materialIndex } from "../materials";
import { boundsOf, circle, filled, rect, transformed, turnBy } from "./drawing";
import { outline, sketch } from "./sketch";
import { pathData, svgText } from "./svg";
import { type DrawnThing, drawnThing, fromAbove, fromFront, lookFault } from "./things";

const drawn = (thing: DrawnThing) =>
  svgText({
    widthMm: 100,
    heightMm: 100,
    lineMm: 1,
    marks: fromAbove({ ...thing, widthMm: 100, depthMm: 100 }),
  });

describe("drawings of things", () => {
  it("are there for every thing of the catalogue, from above and from the front", () => {
    for (const material of CATALOGUE.materials) {
      expect(material.look && lookFault(material.look)).toBeUndefined();
      expect(material.look).toBeDefined();
      const thing = drawnThing(material);
      expect(fromAbove(thing).length).toBeGreaterThan(0);
      expect(fromFront(thing).marks.length).toBeGreaterThan(0);
    }
  });

  it("are at least 160, told apart by more than their size", () => {
    expect(new Set(CATALOGUE.materials.map((one) => drawn(drawnThing(one)))).size).toBeGreaterThanOrEqual(
      160,
    );
  });

  it("never look the same for two things of one tray", () => {
    const materials = materialIndex(CATALOGUE);
    const alike = CATALOGUE.activities.flatMap((activity) =>
      activity.rungs.flatMap((rung) => {
        const ids = [...new Set(rung.materials.map((one) => one.material))];
        const looks = ids.flatMap((id) => {
          const material = materials.get(id);
          return material ? [drawn(drawnThing(material))] : [];
        });
        return new Set(looks).size < looks.length ? [`${activity.id}/${rung.id}: ${ids.join(", ")}`] : [];
      }),
    );
    expect(alike).toEqual([]);
  });

  it("keep near their own box", () => {
    const far = CATALOGUE.materials.flatMap((material) => {
      const { look } = material;
      const thing = drawnThing({
        ...material,
        piece: undefined,
        ...(look ? { look: { ...look, mm: [100, 100, 100] } } : {}),
      });
      // A handle or a stalk may stick out by a third; what hangs, hangs from above.
      const most = look?.form === "elastic" ? 70 : 34;
      return [fromAbove(thing), fromFront(thing).marks].flatMap((marks) => {
        const [left, top, right, bottom] = boundsOf(marks);
        return left < -most || top < -most || right > 100 + most || bottom > 100 + most ? [material.id] : [];
      });
    });
    expect(far).toEqual([]);
  });

  it("follow the sizes: as many wells as there are, a bore as wide as it is", () => {
    const tin = drawnThing({
      piece: { shape: "box", mm: [270, 110, 40] },
      wells: { count: 12, widthMm: 40 },
      look: { form: "wells", colour: "sky" },
    });
    expect(fromAbove(tin)).toHaveLength(13);
    const ring = drawnThing({
      piece: { shape: "disc", mm: [90, 20] },
      openingMm: 40,
      look: { form: "ring", colour: "sky" },
    });
    const [, bore] = fromAbove(ring);
    const [left, , right] = boundsOf(bore ? [bore] : []);
    expect(right - left).toBeCloseTo(40, 6);
  });

  it("fall back on the piece where a thing has no look, and where its form is not known", () => {
    expect(drawnThing({ piece: { shape: "sphere", mm: [40] } }).form).toBe("ball");
    expect(drawnThing({ piece: { shape: "cylinder", mm: [10, 80] } })).toMatchObject({
      form: "stick",
      widthMm: 80,
      depthMm: 10,
    });
    expect(
      drawnThing({ piece: { shape: "box", mm: [9, 8, 7] }, look: { form: "no-such", colour: "no-such" } }),
    ).toMatchObject({
      form: "block",
      colour: "wood",
    });
    // A pack from elsewhere may say anything: what can't be drawn counts as no look.
    const odd = { form: "gem", colour: "sky", top: "= circle 50 50; X" };
    expect(drawnThing({ piece: { shape: "sphere", mm: [40] }, look: odd }).form).toBe("ball");
    expect(fromAbove(drawnThing({ look: { ...odd, top: "= rect 0 0 9 9" } }))).toHaveLength(1);
    expect(lookFault({ form: "no-such", colour: "sky" })).toMatch(/no-such/);
    expect(lookFault({ form: "bowl", colour: "puce" })).toMatch(/puce/);
  });
});

describe("sketches", () => {
  it("say what they do not know", () => {
    expect(() => outline("M0 0X5 5")).toThrow(/X5 5/);
    expect(() => outline("M0 0L5")).toThrow(/L5/);
    expect(() => sketch("puce circle 1 1 1")).toThrow(/puce/);
    expect(() => sketch("sky:wavy circle 1 1 1")).toThrow(/wavy/);
  });

  it("draw a quadratic curve as the cubic one that is the same", () => {
    expect(pathData(outline("M0 0Q3 6 6 0"))).toBe("M0 0C2 4 4 4 6 0");
    expect(pathData(outline("M1 2H5V7Z"))).toBe("M1 2L5 2L5 7Z");
  });

  it("turn round a point and keep their size", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 300 }), fc.integer({ min: 1, max: 300 }), (w, h) => {
        const quarter = transformed([filled(rect(0, 0, w, h, 4), "sky")], turnBy(90, 0, 0));
        const [left, top, right, bottom] = boundsOf(quarter);
        expect(right - left).toBeCloseTo(h, 6);
        expect(bottom - top).toBeCloseTo(w, 6);
      }),
    );
    const [left, top, right, bottom] = boundsOf([filled(circle(10, 20, 5), "sky")]);
    expect([left, top, right, bottom]).toEqual([5, 15, 15, 25]);
  });

  it("write text that can't break out of the picture", () => {
    const text = svgText({
      widthMm: 10,
      heightMm: 10,
      lineMm: 1,
      marks: [{ kind: "text", x: 0, y: 5, text: '<b>"&', sizeMm: 4, align: "left", tone: "ink" }],
    });
    expect(text).toContain("&lt;b&gt;&quot;&amp;");
  });
});
