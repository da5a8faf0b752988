import { describe, expect, it } from "vitest";
import type { Child, Hazard, PieceShape } from "../model";
import { assess, type TrayThing } from "./assess";
import { whoCanReach } from "./reach";
import {
  activity,
  baby,
  big,
  child,
  mouthing,
  ON,
  people,
  place,
  rung,
  stateFor,
  thing,
  toddler,
} from "./testing/nursery";

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
    expect(
      whoCanReach(place(["baby"]), [big], people([big, toddler, baby]), ON).map((one) => one.id),
    ).toEqual(["toddler", "big"]);
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
    ["vinegar, mouthing", { kind: "irritant" }, mouthing, "adult-held"],
    ["salt, toddler", { kind: "salty" }, toddler, "blocked"],
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
    const things = [thing([{ kind: "water", depthMm: 20 }])];
    const found = assess(
      { activity, rung, things, place: place(), users: [toddler], people: people([toddler]) },
      ON,
    );
    expect(found.state).toBe("adult-held");
    expect(found.position).toBe("arms-reach");
    expect(found.findings).toMatchObject([{ rule: "water", effect: "hold", child: "toddler" }]);
    expect(found.findings[0]?.advice).toMatch(/empty it at once/);
  });
});
