import { describe, expect, it } from "vitest";
import { addDays, Moment } from "../model";
import { anId } from "../testing/ids";
import { dryingPlaces } from "./drying";
import type { PrepTray } from "./lines";
import { prepSheet } from "./prepSheet";
import { usedUp } from "./restock";
import { holdingsFor, known, materials, PLACES, prepTray, stamp } from "./testing/trays";

describe("what comes by moments", () => {
  const at = (one: PrepTray, moment: string, days: number): PrepTray => ({
    ...one,
    tray: {
      ...one.tray,
      when: { moment: anId(moment), days: Array.from({ length: days }, (_, i) => addDays(known.from, i)) },
    },
  });
  const moments = [
    Moment.parse({
      ...stamp,
      id: anId("early"),
      place: anId("p"),
      routine: "bath",
      at: "09:00",
      minutes: 30,
    }),
    Moment.parse({ ...stamp, id: anId("late"), place: anId("p"), routine: "bath", at: "15:00", minutes: 30 }),
  ];
  const sheetOf = (trays: PrepTray[]) =>
    prepSheet(trays, { ...known, moments, holdings: holdingsFor(trays) });

  it("is prepared before each time where it is wet or used up, and once where it is not", () => {
    const water = at(prepTray("pour-jug-to-jug", "water"), "early", 3);
    const pots = at(prepTray("lids-to-pots", "four"), "late", 3);
    const { lines, minutes } = sheetOf([water, pots]);
    const times = (name: string) =>
      new Set(
        lines
          .filter((l) => l.trays[0] === name && l.step !== "gather" && l.step !== "label")
          .map((l) => l.times),
      );
    expect(times(water.activity.name)).toEqual(new Set([3]));
    expect(times(pots.activity.name)).toEqual(new Set([undefined]));
    const [each, once] = [water, pots].map((one) => one.rung.prepMinutes ?? one.activity.prepMinutes);
    expect(minutes).toBeCloseTo(3 * (each ?? 0) + (once ?? 0), 6);
  });

  it("asks for a thing once where it is used at different hours, and twice in the same hour or where it stands", () => {
    const [a, b] = [prepTray("lids-to-pots", "four"), prepTray("lids-to-pots", "four")];
    const pots = (trays: PrepTray[]) =>
      sheetOf(trays).lines.find((l) => l.step === "gather" && l.material === "pot-plastic")?.quantity;
    const one = pots([a]) ?? 0;
    expect(pots([at(a, "early", 2), at(b, "late", 2)])).toBe(one);
    expect(pots([at(a, "early", 2), b])).toBe(2 * one);
  });

  it("uses up as much as it comes, but for what is mixed and keeps", () => {
    const water = at(prepTray("pour-jug-to-jug", "water"), "early", 3);
    const dough = at(prepTray("first-scissors", "dough"), "late", 3);
    const taken = (one: PrepTray, material: string) =>
      usedUp([one.tray], materials).find((share) => share.holding === material)?.quantity;
    const asked = (one: PrepTray, material: string) =>
      one.tray.allotted.find((given) => given.material === material)?.quantity ?? 0;
    expect(taken(water, "water")).toBe(3 * asked(water, "water"));
    expect(taken(dough, "dough")).toBe(asked(dough, "dough"));
  });

  it("leaves no place to dry where the hours are used", () => {
    const wet = [{ tray: { id: anId("a"), place: anId("p") }, activity: { dryHours: 4 } }];
    const where = (...used: string[]) =>
      dryingPlaces(
        wet,
        PLACES,
        used.map((place) => ({ place: anId(place) })),
      ).get(anId("a"));
    expect(where()).toEqual({ place: "the line" });
    expect(where("l")).toEqual({ place: "the sill" });
    expect(where("l", "w")).toBe("flat");
  });
});
