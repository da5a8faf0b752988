import { describe, expect, it } from "vitest";
import { situationOf } from "../household";
import { addDays, Moment, plainDate, type Tables, type Tray } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { putAwayTonight } from "./tonight";

const SUNDAY = plainDate("2026-05-10");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };

/** The fixture's home with one tray at the table, made from these things, on these days. */
function home(
  allotted: [string, number, { stays?: true }?][],
  when?: Tray["when"],
  state: Partial<Tray> = {},
) {
  const { tables } = fixtureHome();
  const tray = tables.trays.find((one) => one.rotation === "week-12" && one.place === "low-table");
  if (!tray) throw new Error("a tray at the table was expected");
  const given = allotted.map(([material, quantity, more], i) => ({
    need: `n${i}`,
    material,
    quantity,
    ...more,
  }));
  return {
    ...tables,
    moments: [
      Moment.parse({
        ...stamp,
        id: "late",
        place: "low-table",
        routine: "after-nap",
        at: "15:00",
        minutes: 30,
      }),
    ],
    trays: [{ ...tray, when, allotted: given, ...state } as Tray],
  } as Tables;
}
const tonight = (tables: Tables, on = SUNDAY) =>
  putAwayTonight(situationOf(FIXTURE, tables, on), tables, on).map(({ task, materials }) => [
    task,
    materials.map((one) => one.id),
  ]);

describe("what does not stay out overnight", () => {
  it("is water, what keeps for a day only, and what dries out; not what stays as it is", () => {
    expect(
      tonight(
        home([
          ["water", 500],
          ["bowl-small", 1],
        ]),
      ),
    ).toEqual([["pour-away", ["water"]]]);
    expect(
      tonight(
        home([
          ["dough", 300],
          ["spoon-wooden", 1],
        ]),
      ),
    ).toEqual([["shut", ["dough"]]]);
    expect(tonight(home([["foam-taste-safe", 300]]))).toEqual([["throw-away", ["foam-taste-safe"]]]);
    expect(
      tonight(
        home([
          ["oats", 300, { stays: true }],
          ["bowl-small", 2],
        ]),
      ),
    ).toEqual([]);
  });

  it("is of what was out that day, and neither of another day nor of what was taken down", () => {
    const comes = (day = SUNDAY, state = {}) =>
      home([["water", 500]], { moment: Moment.shape.id.parse("late"), days: [day] }, state);
    expect(tonight(comes())).toEqual([["pour-away", ["water"]]]);
    expect(tonight(comes(addDays(SUNDAY, 1)))).toEqual([]);
    expect(tonight(comes(SUNDAY, { downOn: SUNDAY }))).toEqual([]);
  });

  it("is adult-held, and goes back up, where it was brought down for a moment", () => {
    const when = { moment: Moment.shape.id.parse("late"), days: [SUNDAY] };
    const onMat = home([["ball-wool", 1]], when, { place: "mat" as Tray["place"] });
    const moments = onMat.moments.map((one) => ({ ...one, place: "mat" as Tray["place"] }));
    const tasks = tonight({ ...onMat, moments }).map(([task]) => task);
    expect(tasks).toContain("up-high");
  });
});
