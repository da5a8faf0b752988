import { addDays, type Move, Observation, plainDate, type Sign, Tray } from "../../model";
import { FIXTURE } from "../../testing/fixtures";
import { anId } from "../../testing/ids";
import { decide, type Sibling } from "../decide";

export const ON = plainDate("2026-05-10");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const found = FIXTURE.activities.find((one) => one.id === "discs-in-a-slot");
if (!found) throw new Error("the catalogue has changed");
export const activity = found;
const FIRST = activity.rungs[0]?.id ?? "";
export const MIDDLE = activity.rungs[2]?.id ?? "";
export const LAST = activity.rungs.at(-1)?.id ?? "";

type Seen = Partial<Pick<Observation, "help" | "interest" | "ended" | "condition" | "signs" | "mouthed">>;
export const alone: Seen = { help: "alone", interest: "liked" };
const again: Seen = { help: "alone", interest: "again" };
export const dull: Seen = { help: "alone", interest: "little" };
const look: Seen = { help: "look", interest: "liked" };
const word: Seen = { help: "word", interest: "liked" };
const wordAgain: Seen = { help: "word", interest: "again" };
export const hand: Seen = { help: "hand", interest: "liked" };
export const notYet: Seen = { help: "not-yet", interest: "liked" };
export const bored: Seen = { help: "word", interest: "little" };
const none: Seen = { interest: "none" };
export const upset: Seen = { help: "hand", interest: "little", ended: "upset" };
const left: Seen = { help: "word", interest: "liked", ended: "left" };
export const tired = (seen: Seen): Seen => ({ ...seen, condition: "tired" });
const ill = (seen: Seen): Seen => ({ ...seen, condition: "ill" });
export const marked = (seen: Seen, ...signs: Sign[]): Seen => ({ ...seen, signs });

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
  /** What is not there for a rung. */
  lacks?: Record<string, string[]>;
}

/** What is decided for notes given oldest first, one a day up to today or to so many days ago. */
export function decided(rung: string, notes: Seen[], setting: Setting = {}) {
  const { chances = {}, daysOut = 7, down, ago = 1, interests, siblings, tried, lacks = {} } = setting;
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
  return decide({
    tray,
    activity,
    observations,
    chanceOf,
    lacking: ({ id }) => lacks[id] ?? [],
    on: ON,
    interests,
    siblings: () => siblings ?? [],
    tried,
  });
}

export const younger: Sibling = { id: anId("p"), name: "Pim", chance: 0.6 };
export const [FAR, NEAR, EASY, NOW] = [0.2, 0.6, 0.9, 0.6];
export const next = (chance: number) => ({ [activity.rungs[3]?.id ?? ""]: chance });
export const beyond = (chance: number) => ({ [activity.rungs[4]?.id ?? ""]: chance });
const here = (chance: number) => ({ [MIDDLE]: chance });

/** What a thoughtful practitioner would do: the rung, the notes (oldest first), the move, what else is known. */
export const cases: [string, string, Seen[], Move, Setting?][] = [
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
