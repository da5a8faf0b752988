import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { addDays, type Help, type Interest, type Move, Observation, plainDate, Tray } from "../model";
import { decide, REST_DAYS } from "./decide";

const ON = plainDate("2026-05-10");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const found = CATALOGUE.activities.find((one) => one.id === "discs-in-a-slot");
if (!found) throw new Error("the catalogue has changed");
const activity = found;
const FIRST = activity.rungs[0]?.id ?? "";
const MIDDLE = activity.rungs[2]?.id ?? "";
const LAST = activity.rungs.at(-1)?.id ?? "";

type Seen = { help?: Help; interest?: Interest; ended?: "upset"; condition?: "tired" };
const alone: Seen = { help: "alone", interest: "liked" };
const again: Seen = { help: "alone", interest: "again" };
const hand: Seen = { help: "hand", interest: "liked" };
const notYet: Seen = { help: "not-yet", interest: "liked" };
const bored: Seen = { help: "word", interest: "little" };
const upset: Seen = { help: "hand", interest: "little", ended: "upset" };

/** What is decided for notes given oldest first, one a day up to today. */
function decided(rung: string, notes: Seen[], chances: Record<string, number> = {}, daysOut = 7) {
  const tray = Tray.parse({
    ...stamp,
    id: "t",
    rotation: "r",
    child: "c",
    activity: activity.id,
    rung,
    place: "p",
    state: "free",
    allotted: [],
    outSince: addDays(ON, -daysOut),
  });
  const observations = notes.map((note, i) =>
    Observation.parse({
      ...stamp,
      id: `o${i}`,
      child: "c",
      activity: activity.id,
      rung,
      tray: "t",
      on: addDays(ON, i - notes.length),
      ...note,
    }),
  );
  return decide({ tray, activity, observations, chanceOf: (id) => chances[id] ?? 0.9, on: ON });
}

const cases: [string, string, Seen[], Move][] = [
  ["no notes, a week out", MIDDLE, [], "leave"],
  ["one time alone is no habit", MIDDLE, [alone], "leave"],
  ["three times alone", MIDDLE, [alone, alone, alone], "harder"],
  ["three of four alone", MIDDLE, [hand, alone, alone, alone], "harder"],
  ["half alone", MIDDLE, [hand, alone, hand, alone], "leave"],
  ["asked for again while new: repetition is good", MIDDLE, [alone, alone, again], "leave"],
  ["asked for again, and long mastered", MIDDLE, [alone, again, again, again], "harder"],
  ["alone at the top of the ladder", LAST, [alone, alone, alone, alone], "retire"],
  ["a hand each time", MIDDLE, [hand, hand, hand], "easier"],
  ["not yet, twice", MIDDLE, [notYet, notYet], "easier"],
  ["not yet, once", MIDDLE, [notYet], "leave"],
  ["not yet at the easiest rung", FIRST, [notYet, notYet, hand], "rest"],
  ["tears twice running", MIDDLE, [alone, upset, upset], "easier"],
  ["tears once", MIDDLE, [alone, upset], "leave"],
  ["tears twice at the easiest rung", FIRST, [upset, upset], "rest"],
  ["little interest three times", MIDDLE, [bored, bored, bored], "rest"],
  ["little interest twice", MIDDLE, [bored, bored], "leave"],
  ["a tired day does not count", MIDDLE, [alone, alone, alone, { ...notYet, condition: "tired" }], "harder"],
  ["old troubles are outvoted", MIDDLE, [notYet, notYet, alone, alone, alone, alone], "harder"],
];

describe("decide", () => {
  it.each(cases)("%s", (_, rung, notes, move) => {
    const suggestion = decided(rung, notes);
    expect(suggestion.move).toBe(move);
    expect(suggestion.why.length).toBeGreaterThan(10);
  });

  it("names the next rung up and down", () => {
    expect(decided(MIDDLE, [alone, alone, alone]).toRung).toBe(activity.rungs[3]?.id);
    expect(decided(MIDDLE, [hand, hand, hand]).toRung).toBe(activity.rungs[1]?.id);
  });

  it("leaves a mastered tray where the next rung is still far off", () => {
    const next = activity.rungs[3]?.id ?? "";
    expect(decided(MIDDLE, [alone, alone, alone], { [next]: 0.2 }).move).toBe("leave");
  });

  it("rests for four weeks, and says until when", () => {
    expect(decided(MIDDLE, [bored, bored, bored]).until).toBe(addDays(ON, REST_DAYS));
  });

  it("takes two weeks without a note for gone cold", () => {
    expect(decided(MIDDLE, [], {}, 13).move).toBe("leave");
    expect(decided(MIDDLE, [], {}, 14).move).toBe("rest");
  });
});
