import { describe, expect, it } from "vitest";
import { type Situation, servesFocus } from "../household";
import { Activity, type Filling, type Focus, plainDate } from "../model";
import { FIXTURE } from "../testing/fixtures";
import type { Assignment } from "./candidates/problem";
import { fillingsOf } from "./explain/fillings";

const [base] = FIXTURE.activities;
const frame = (id: string, fills: ("letter" | "number")[]) => Activity.parse({ ...base, id, fills });
const focus = (kind: Focus["kind"], on: string): Focus => ({ kind, on, weight: "little" });

/** A home with children who do so well what a filling asks for. */
const homeOf = (chances: Record<string, number>, focuses: Focus[], filled: Record<string, Filling> = {}) =>
  ({
    on: plainDate("2026-09-21"),
    household: { focuses },
    readiness: new Map(Object.entries(chances).map(([id, chance]) => [id, { skill: () => ({ chance }) }])),
    history: (_: string, { id }: Activity) => (filled[id] ? { tray: { filling: filled[id] } } : {}),
  }) as unknown as Situation;

const chosen = (activity: Activity, child: string, also: string[] = []) =>
  ({ candidate: { activity, rung: activity.rungs[0], child, also } }) as unknown as Assignment;

describe("a letter or a number of the household's", () => {
  it("fills no frame for a child to whom it says nothing yet", () => {
    const number = focus("number", "4");
    const s = homeOf({ una: 0.02, ida: 0.7 }, [number]);
    const any = frame("any", ["number"]);
    const serves = (...children: string[]) => servesFocus(s, number, any, any.rungs[0] as never, children);
    expect([serves("ida"), serves("una"), serves("ida", "una")]).toEqual([true, false, false]);
    const fillings = fillingsOf(
      s,
      [chosen(any, "ida"), chosen(frame("both", ["number"]), "ida", ["una"])],
      new Map(),
    );
    expect([...fillings]).toEqual([["ida any", { layer: "number", on: "4" }]]);
  });

  it("is another one on each of two frames side by side, whatever was there before", () => {
    const s = homeOf({ ida: 0.7 }, [focus("letter", "S"), focus("number", "4")]);
    const any = frame("any", ["letter", "number"]);
    const second = { candidate: { ...chosen(any, "ida").candidate, second: true } } as Assignment;
    const both = (before: Map<string, Filling>) => [
      ...fillingsOf(s, [second, chosen(any, "ida")], before).values(),
    ];
    for (const on of ["S", "4", undefined]) {
      const layer = on === "S" ? "letter" : "number";
      const before = new Map(on ? [["ida any", { layer, on } as Filling]] : []);
      expect(new Set(both(before).map((one) => one.on))).toEqual(new Set(["S", "4"]));
    }
  });

  it("is given out so that each has its trays, and what is filled stays so", () => {
    const s = homeOf({ ida: 0.7 }, [focus("letter", "S"), focus("number", "4")], {
      old: { layer: "letter", on: "T" },
    });
    const either = ["a", "b", "c", "d"].map((id) => frame(id, ["letter", "number"]));
    const trays = [...either, frame("letters", ["letter"]), frame("old", ["letter"])].map((one) =>
      chosen(one, "ida"),
    );
    const fillings = fillingsOf(s, trays, new Map([["ida a", { layer: "number", on: "4" }]]));
    const counted = (on: string) => [...fillings.values()].filter((one) => one.on === on).length;
    expect([counted("S"), counted("4"), counted("T")]).toEqual([3, 2, 1]);
    expect(fillings.get("ida a")).toEqual({ layer: "number", on: "4" });
    expect(fillings.get("ida letters")).toEqual({ layer: "letter", on: "S" });
    expect(fillings.get("ida old")).toEqual({ layer: "letter", on: "T" });
  });
});
