import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { whyText } from "../../words/suggestions";
import {
  addDays,
  Ended,
  HELP_LEVELS,
  Interest,
  Move,
  Observation,
  plainDate,
  SIGNS,
  type Sign,
  Tray,
} from "../model";
import { FIXTURE } from "../testing/fixtures";
import { decide, REST_DAYS, type Sibling } from "./decide";

const ON = plainDate("2026-05-10");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const found = FIXTURE.activities.find((one) => one.id === "discs-in-a-slot");
if (!found) throw new Error("the catalogue has changed");
const activity = found;
const FIRST = activity.rungs[0]?.id ?? "";
const MIDDLE = activity.rungs[2]?.id ?? "";
const LAST = activity.rungs.at(-1)?.id ?? "";

type Seen = Partial<Pick<Observation, "help" | "interest" | "ended" | "condition" | "signs" | "mouthed">>;
const alone: Seen = { help: "alone", interest: "liked" };
const again: Seen = { help: "alone", interest: "again" };
const dull: Seen = { help: "alone", interest: "little" };
const look: Seen = { help: "look", interest: "liked" };
const word: Seen = { help: "word", interest: "liked" };
const wordAgain: Seen = { help: "word", interest: "again" };
const hand: Seen = { help: "hand", interest: "liked" };
const notYet: Seen = { help: "not-yet", interest: "liked" };
const bored: Seen = { help: "word", interest: "little" };
const none: Seen = { interest: "none" };
const upset: Seen = { help: "hand", interest: "little", ended: "upset" };
const left: Seen = { help: "word", interest: "liked", ended: "left" };
const tired = (seen: Seen): Seen => ({ ...seen, condition: "tired" });
const ill = (seen: Seen): Seen => ({ ...seen, condition: "ill" });
const marked = (seen: Seen, ...signs: Sign[]): Seen => ({ ...seen, signs });

interface Setting {
  chances?: Record<string, number>;
  daysOut?: number;
  /** It was taken down for now. */
  down?: boolean;
  /** Days since the last note. */
  ago?: number;
  interests?: string[];
  siblings?: Sibling[];
  tried?: Move[];
}

/** What is decided for notes given oldest first, one a day up to today or to so many days ago. */
function decided(rung: string, notes: Seen[], setting: Setting = {}) {
  const { chances = {}, daysOut = 7, down, ago = 1, interests, siblings, tried } = setting;
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
    ...(down ? { downOn: addDays(ON, -1) } : {}),
  });
  const observations = notes.map((note, i) =>
    Observation.parse({
      ...stamp,
      id: `o${i}`,
      child: "c",
      activity: activity.id,
      rung,
      tray: "t",
      on: addDays(ON, i - notes.length + 1 - ago),
      ...note,
    }),
  );
  const chanceOf = (id: string) => chances[id] ?? 0.9;
  return decide({ tray, activity, observations, chanceOf, on: ON, interests, siblings, tried });
}

const younger: Sibling = { id: "p", name: "Pim", chance: 0.6 };
const [FAR, NEAR, EASY, NOW] = [0.2, 0.6, 0.9, 0.6];
const next = (chance: number) => ({ [activity.rungs[3]?.id ?? ""]: chance });
const beyond = (chance: number) => ({ [activity.rungs[4]?.id ?? ""]: chance });
const here = (chance: number) => ({ [MIDDLE]: chance });

/** What a thoughtful practitioner would do: the rung, the notes (oldest first), the move, what else is known. */
const cases: [string, string, Seen[], Move, Setting?][] = [
  // Leave: repetition, and too little to go by.
  ["no notes, a week out", MIDDLE, [], "leave"],
  ["one time alone is no habit", MIDDLE, [alone], "leave"],
  ["half alone", MIDDLE, [hand, alone, hand, alone], "leave"],
  ["asked for again while new: repetition is good", MIDDLE, [alone, alone, again], "leave"],
  ["with a word, and wanted again", MIDDLE, [wordAgain, wordAgain, wordAgain], "leave"],
  ["wandering off half-way is fine", MIDDLE, [left, left, left], "leave"],
  ["little interest twice: several tries before “not liked”", MIDDLE, [bored, bored], "leave"],
  ["tears once", MIDDLE, [alone, upset], "leave"],
  ["not yet, once", MIDDLE, [notYet], "leave"],
  ["a look is enough help", MIDDLE, [look, look, look, look], "leave"],
  ["mastered, but the next rung is far off", MIDDLE, [alone, alone, alone], "leave", { chances: next(FAR) }],
  ["played with in its own way, liked", MIDDLE, [marked(word, "pretended"), word], "leave"],
  // Harder.
  ["three times alone", MIDDLE, [alone, alone, alone], "harder"],
  ["three of four alone", MIDDLE, [hand, alone, alone, alone], "harder"],
  ["asked for again, and long mastered", MIDDLE, [alone, again, again, again], "harder"],
  ["a tired day does not count", MIDDLE, [alone, alone, alone, tired(notYet)], "harder"],
  ["old troubles are outvoted", MIDDLE, [notYet, notYet, alone, alone, alone, alone], "harder"],
  ["done with ease, interest going: harder before it bores", MIDDLE, [alone, alone, dull, dull], "harder"],
  [
    "known at once, the next within reach",
    MIDDLE,
    [marked(alone, "knew-it")],
    "harder",
    { chances: next(NEAR) },
  ],
  // Skip a rung: it leapt.
  [
    "known at once, and the next is easy too",
    MIDDLE,
    [marked(alone, "knew-it")],
    "skip-rung",
    { chances: { ...next(EASY), ...beyond(NEAR) } },
  ],
  [
    "known at once twice, the rung beyond still far",
    MIDDLE,
    [marked(alone, "knew-it"), alone],
    "harder",
    { chances: { ...next(EASY), ...beyond(FAR) } },
  ],
  [
    "known at once, but a hand later on",
    MIDDLE,
    [marked(alone, "knew-it"), hand],
    "leave",
    { chances: next(EASY) },
  ],
  // Easier.
  ["a hand each time", MIDDLE, [hand, hand, hand], "easier"],
  ["not yet, twice", MIDDLE, [notYet, notYet], "easier"],
  ["tears twice running", MIDDLE, [alone, upset, upset], "easier"],
  ["tears although it went alone before", MIDDLE, [again, again, upset, upset], "easier"],
  [
    "keeps away from the hard part, nothing loved is known",
    MIDDLE,
    [marked(word, "shunned"), marked(word, "shunned")],
    "easier",
  ],
  // The avoided skill in a loved setting.
  [
    "keeps away from the hard part, mad about snails",
    MIDDLE,
    [marked(word, "shunned"), marked(word, "shunned")],
    "loved-setting",
    { interests: ["snails"] },
  ],
  [
    "the loved setting was tried: easier",
    MIDDLE,
    [marked(word, "shunned"), marked(word, "shunned")],
    "easier",
    { interests: ["snails"], tried: ["loved-setting"] },
  ],
  // Rest until a date.
  ["tears twice at the easiest rung", FIRST, [upset, upset], "rest"],
  [
    "not yet at the easiest rung, not wanted either",
    FIRST,
    [
      { help: "not-yet", interest: "little" },
      { help: "hand", interest: "little" },
    ],
    "rest",
  ],
  [
    "little interest three times, done with ease",
    MIDDLE,
    [dull, dull, dull],
    "rest",
    { chances: { ...here(0.92), ...next(FAR) }, daysOut: 20 },
  ],
  ["two weeks without a note", MIDDLE, [], "rest", { daysOut: 14 }],
  ["liked, and then nobody noted anything", MIDDLE, [word, word], "rest", { daysOut: 40, ago: 15 }],
  ["only ill days for two weeks", MIDDLE, [ill(none), ill(none)], "rest", { daysOut: 15 }],
  // The same skill in another form.
  ["stuck at the easiest rung, but loved", FIRST, [hand, hand, hand], "other-form"],
  [
    "never liked, and the skill is just growing",
    MIDDLE,
    [bored, bored, bored],
    "other-form",
    { chances: here(NOW) },
  ],
  ["at the top, loved, out for long", LAST, [again, again, again, again], "other-form", { daysOut: 25 }],
  // Change the filling, then the tool.
  [
    "liked, then not any more, and still to be learnt",
    MIDDLE,
    [word, wordAgain, bored, none],
    "change-filling",
    { chances: here(NOW) },
  ],
  [
    "the filling was changed already",
    MIDDLE,
    [word, wordAgain, bored, none],
    "new-tool",
    { chances: here(NOW), tried: ["change-filling"] },
  ],
  [
    "filling and tool were changed",
    MIDDLE,
    [word, wordAgain, bored, none],
    "rest",
    { chances: here(NOW), tried: ["change-filling", "new-tool"] },
  ],
  [
    "made a game of it twice",
    MIDDLE,
    [marked(word, "pretended"), marked(word, "pretended")],
    "change-filling",
  ],
  // New tool or more steps, movement, more of the property.
  ["done with ease at the top, and loved", LAST, [again, again, again, again], "new-tool"],
  ["another use was found twice", MIDDLE, [marked(word, "new-use"), marked(word, "new-use")], "new-tool"],
  ["carried about twice", MIDDLE, [marked(word, "moved-about"), marked(look, "moved-about")], "add-movement"],
  ["carried about once", MIDDLE, [marked(word, "moved-about"), look], "leave"],
  [
    "wants just the ringing of it",
    MIDDLE,
    [marked(wordAgain, "one-thing"), marked(wordAgain, "one-thing")],
    "more-of-liked",
  ],
  // Retire, hand on, leave standing.
  ["alone at the top of the ladder, not loved", LAST, [dull, dull, dull, dull], "retire"],
  [
    "the same, and it would suit the sibling",
    LAST,
    [dull, dull, dull, dull],
    "hand-on",
    { siblings: [younger] },
  ],
  [
    "a sibling took it over, though it is loved",
    LAST,
    [again, again, marked(again, "sibling"), again],
    "hand-on",
    { siblings: [younger], daysOut: 30 },
  ],
  [
    "a sibling for whom it is far off",
    LAST,
    [dull, dull, dull, dull],
    "retire",
    { siblings: [{ ...younger, chance: 0.2 }] },
  ],
  ["broke off yesterday and wanted to go on", MIDDLE, [alone, marked(word, "wanted-on")], "leave-standing"],
  ["broke off last week", MIDDLE, [alone, marked(word, "wanted-on")], "leave", { ago: 7 }],
];

describe("decide", () => {
  it.each(cases)("%s", (_, rung, notes, move, setting) => {
    const suggestion = decided(rung, notes, setting);
    expect(suggestion.move).toBe(move);
    const text = whyText(suggestion.why);
    expect(text.length).toBeGreaterThan(10);
    expect(text).toMatch(/^[A-Z].*[.]$/);
    expect(text).not.toContain("undefined");
  });

  it("knows every move there is", () => {
    expect(new Set(cases.map(([, , , move]) => move))).toEqual(new Set(Move.options));
    expect(cases.length).toBeGreaterThanOrEqual(40);
  });

  it("names the next rung up and down, and the one beyond for a leap", () => {
    expect(decided(MIDDLE, [alone, alone, alone]).toRung).toBe(activity.rungs[3]?.id);
    expect(decided(MIDDLE, [hand, hand, hand]).toRung).toBe(activity.rungs[1]?.id);
    const leapt = decided(MIDDLE, [marked(alone, "knew-it")], {
      chances: { ...next(EASY), ...beyond(NEAR) },
    });
    expect(leapt.toRung).toBe(activity.rungs[4]?.id);
  });

  it("steps to the very next rung from any rung, as long as there is one", () => {
    const ids = activity.rungs.map((rung) => rung.id);
    for (const [at, id] of ids.entries()) {
      const up = decided(id, [dull, dull, alone, dull, dull], { chances: { [ids[at + 1] ?? ""]: NOW } });
      if (up.move === "harder") expect([at, up.toRung]).toEqual([at, ids[at + 1]]);
      else expect([at, up.toRung]).toEqual([at, undefined]);
      const down = decided(id, [upset, upset]);
      expect([at, down.move, down.toRung]).toEqual(
        at > 0 ? [at, "easier", ids[at - 1]] : [0, "rest", undefined],
      );
    }
    expect(
      decided(ids[0] ?? "", [dull, dull, alone, dull, dull], { chances: { [ids[1] ?? ""]: NOW } }),
    ).toMatchObject({
      move: "harder",
      toRung: ids[1],
    });
  });

  it("puts away for four weeks, and says until when", () => {
    expect(decided(MIDDLE, [bored, bored, bored]).until).toBe(addDays(ON, REST_DAYS));
    expect(decided(LAST, [dull, dull, dull, dull], { siblings: [younger] })).toMatchObject({
      toChild: "p",
      until: addDays(ON, REST_DAYS),
    });
  });

  it("names the notes behind it, newest first, and only those that count", () => {
    expect(decided(MIDDLE, [alone, alone, tired(notYet), alone]).evidence).toEqual(["o3", "o1", "o0"]);
    expect(decided(MIDDLE, []).evidence).toEqual([]);
  });

  it("takes two weeks without a note for gone cold", () => {
    expect(decided(MIDDLE, [], { daysOut: 13 }).move).toBe("leave");
    expect(decided(MIDDLE, [], { daysOut: 14 }).move).toBe("rest");
    // Nobody could get at what was taken down.
    expect(decided(MIDDLE, [], { daysOut: 14, down: true }).move).toBe("leave");
  });

  it("never suggests a rung that is not there, whatever was noted", () => {
    const note = fc.record(
      {
        help: fc.constantFrom(...HELP_LEVELS),
        interest: fc.constantFrom(...Interest.options),
        ended: fc.constantFrom(...Ended.options),
        condition: fc.constantFrom("usual" as const, "tired" as const, "ill" as const),
        signs: fc.subarray([...SIGNS]),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...activity.rungs.map((one) => one.id)),
        fc.array(note, { maxLength: 9 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        (rung, notes, chance, daysOut) => {
          const chances = Object.fromEntries(activity.rungs.map((one) => [one.id, chance]));
          const found = decided(rung, notes, {
            chances,
            daysOut,
            siblings: [younger],
            interests: ["snails"],
          });
          const needsRung = ["harder", "easier", "skip-rung"].includes(found.move);
          expect(found.toRung !== undefined).toBe(needsRung);
          if (found.toRung) expect(activity.rungs.some((one) => one.id === found.toRung)).toBe(true);
          if (found.until) expect(found.until > ON).toBe(true);
          expect(found.move === "hand-on").toBe(found.toChild !== undefined);
        },
      ),
    );
  });
});
