import { describe, expect, it } from "vitest";
import { FOLLOWED_DAYS, situationOf } from "../../household";
import { addDays, Decision, type Move, plainDate, type Tables } from "../../model";
import { FIXTURE, fixtureHome } from "../../testing/fixtures";
import { buildProblem } from "./buildProblem";

const ON = plainDate("2026-05-11");
const { tables: demo } = fixtureHome();

/** The demo with one decision about a tray of Tove's, and the problem of the next shelf. */
function decided(move: Move, more: object = {}, change: (tables: Tables) => Tables = (t) => t) {
  const decision = Decision.parse({
    id: "d",
    createdAt: "2026-05-10T18:00:00.000Z",
    updatedAt: "2026-05-10T18:00:00.000Z",
    tray: "tray-12-tove-discs-in-a-slot",
    child: "tove",
    activity: "discs-in-a-slot",
    rung: "discs",
    on: "2026-05-10",
    move,
    ...more,
  });
  const tables = change({ ...demo, decisions: [decision] });
  const problem = buildProblem(situationOf(FIXTURE, tables, ON));
  const pulled = problem.candidates.filter((c) => c.terms.some((term) => term.term === "follows"));
  return {
    problem,
    pulled,
    own: problem.candidates.filter((c) => c.activity.id === "discs-in-a-slot" && c.child === "tove"),
  };
}
const discs = FIXTURE.activities.find((one) => one.id === "discs-in-a-slot");
const grown = discs?.rungs.find((one) => one.id === "discs")?.grows ?? [];

describe("the plan follows what was decided", () => {
  it("another form: the tray rests, and what grows the same skill otherwise is worth more", () => {
    const { own, pulled } = decided("other-form", { until: addDays(ON, 27) });
    expect(own).toEqual([]);
    expect(pulled.length).toBeGreaterThan(0);
    for (const c of pulled) {
      expect(c.child).toBe("tove");
      expect(c.activity.form).not.toBe(discs?.form);
      expect(c.rung.grows.some((skill) => grown.includes(skill))).toBe(true);
    }
  });

  it("more of what is liked: the tray stays, and what shares a property is worth more", () => {
    const { own, pulled } = decided("more-of-liked");
    expect(own.some((c) => c.carried)).toBe(true);
    expect(pulled.every((c) => c.activity.interests.some((one) => discs?.interests.includes(one)))).toBe(
      true,
    );
    expect(pulled.some((c) => c.activity.id === "discs-in-a-slot")).toBe(false);
  });

  it("handed on: it goes to the sibling, and only that activity", () => {
    // A sibling of the age for it, on a shelf where both have places.
    const older = (tables: Tables) => ({
      ...tables,
      children: tables.children.map((child) =>
        child.id === "pim" ? { ...child, birth: addDays(ON, -600), mouths: "no" as const } : child,
      ),
      places: tables.places.map((place) => ({ ...place, servesOnly: [] })),
    });
    const { own, pulled } = decided("hand-on", { toChild: "pim", until: addDays(ON, 27) }, older);
    expect(own).toEqual([]);
    expect(pulled.length).toBeGreaterThan(0);
    expect(pulled.every((c) => c.child === "pim" && c.activity.id === "discs-in-a-slot")).toBe(true);
  });

  it("left standing is worth more than any other term of it", () => {
    const { own } = decided("leave-standing");
    const carried = own.find((c) => c.carried);
    const most = Math.max(...(carried?.terms.map((term) => term.value) ?? []));
    expect(carried?.terms.find((term) => term.value === most)?.term).toBe("carry-over");
  });

  it.each<Move>(["new-tool", "add-movement", "change-filling", "loved-setting", "leave"])(
    "%s: it stays",
    (move) => {
      expect(decided(move).own.some((c) => c.carried && c.terms.some((t) => t.term === "carry-over"))).toBe(
        true,
      );
    },
  );

  it("put away stays away until its day, also when no shelf stands any more", () => {
    const without = (tables: Tables) => ({ ...tables, rotations: [], trays: [] });
    expect(decided("rest", { until: addDays(ON, 1) }, without).own).toEqual([]);
    expect(decided("rest", { until: ON }, without).own.length).toBeGreaterThan(0);
    expect(decided("retire", {}, without).own).toEqual([]);
  });

  it("is forgotten after four weeks", () => {
    const on = addDays(ON, -FOLLOWED_DAYS);
    expect(decided("more-of-liked", { on }).pulled).toEqual([]);
    expect(decided("more-of-liked", { on: addDays(on, 1) }).pulled.length).toBeGreaterThan(0);
  });
});
