import { describe, expect, it } from "vitest";
import { type Move, plainDate } from "../core/model";
import type { Barrier, Breach, Conflict, EmptyReason, Reason } from "../core/planner";
import type { Why } from "../core/rotation";
import { barrierText, breachText, ruledOutText } from "./barriers";
import { namesText } from "./names";
import { noteText } from "./paste";
import { conflictText, emptyText, reasonText } from "./plan";
import { eventOf } from "./reminders";
import { whyText } from "./suggestions";

/** One sentence or more: begins with a capital or a name, ends with a full stop, and nothing is missing in it. */
const isSentence = (text: string) =>
  /^[\p{Lu}0-9“].*[.?]$/u.test(text) && !/undefined|null|NaN|\[object|\.\.|\s\s/.test(text);

const saysAll = <T>(all: readonly T[], say: (one: T) => string) => {
  const said = all.map((one) => ({ one, text: say(one) }));
  expect(said.filter(({ text }) => !isSentence(text))).toEqual([]);
  expect(new Set(said.map(({ text }) => text)).size).toBe(all.length);
};

const RESTS: Why = { code: "cold", cold: { kind: "silent", days: 20, noted: true }, next: "rest" };

describe("why a move is suggested", () => {
  const troubles = [
    { kind: "tears" },
    { kind: "shunned", times: 2 },
    { kind: "stuck", times: 3, of: 4 },
  ] as const;
  const afterTrouble = [
    { to: "easier", title: "Two lids", lacks: [] },
    { to: "other-form" },
    { to: "rest" },
    { to: "loved-setting", loved: "snails" },
  ] as const;
  const colds = [
    { kind: "fading" },
    { kind: "little", times: 3, of: 3 },
    { kind: "silent", days: 15, noted: true },
    { kind: "silent", days: 15, noted: false },
  ] as const;
  const afterMastery = [
    ...(["repeat", "new-tool", "other-form", "retire"] as const).map((to) => ({ to })),
    { to: "hand-on", sibling: "Pim" } as const,
    ...colds.map((cold) => ({ to: "rest", cold }) as const),
    { to: "wait", title: "Four lids" } as const,
    { to: "harder", title: "Four lids", lacks: ["lid", "jar"] } as const,
  ];
  const all: Why[] = [
    ...(["nothing-yet", "still-of-interest", "unfinished", "decided"] as const).map((code) => ({ code })),
    ...(["now", "soon"] as const).flatMap((when) =>
      [true, false].map((returns) => ({
        code: "unsafe" as const,
        when,
        reason: "It can be pulled down.",
        returns,
      })),
    ),
    ...troubles.flatMap((trouble) =>
      afterTrouble.map((next) => ({ code: "trouble" as const, trouble, next })),
    ),
    { code: "knew-at-once", steps: 1, title: "Four lids", lacks: [] },
    { code: "knew-at-once", steps: 2, title: "Four lids", lacks: [] },
    ...afterMastery.map((next) => ({ code: "mastered" as const, times: 3, of: 4, next })),
    ...(["one-thing", "moved-about", "pretended", "new-use"] as const).map((sign) => ({
      code: "sign" as const,
      sign,
      times: 2,
    })),
    ...colds.flatMap((cold) =>
      (["change-filling", "new-tool", "other-form", "rest"] as const).map((next) => ({
        code: "cold" as const,
        cold,
        next,
      })),
    ),
  ];

  it("is a sentence of its own for every reason there is", () => saysAll(all, whyText));

  it("names what was counted and what comes next", () => {
    const up = (lacks: string[]): Why => ({
      code: "mastered",
      times: 4,
      of: 4,
      next: { to: "harder", title: "Four lids", lacks },
    });
    expect(whyText(up([]))).toBe("Alone each of the last 4 times. One step up: Four lids.");
    expect(whyText(up(["lid", "jar"]))).toBe(
      "Alone each of the last 4 times. One step up: Four lids. Not there for it yet: lid, jar.",
    );
    expect(whyText(RESTS)).toBe("Nothing noted for 20 days: it has gone cold. It rests four weeks.");
  });
});

const BREACHES: Breach[] = [
  ...(
    [
      "place",
      "exclusive",
      "activity",
      "second",
      "newAtOnce",
      "drying",
      "prepMinutes",
      "trays",
      "adultHeld",
      "adultBeside",
      "cents",
      "wet",
      "messy",
      "loud",
    ] as const
  ).map((code) => ({ code, bound: 3 })),
  { code: "in-use", material: "muffin tin" },
];

const BARRIERS: Barrier[] = [
  { code: "refused" },
  { code: "refused", until: plainDate("2026-06-07") },
  { code: "resting", why: RESTS },
  { code: "put-away" },
  { code: "put-away", until: plainDate("2026-06-07") },
  { code: "just-away", daysAway: 3, restDays: 10 },
  { code: "outgrown" },
  { code: "out-of-season", seasons: ["spring", "summer"] },
  { code: "too-early", chance: 0.12 },
  { code: "too-early", chance: 0.12, asHardAs: "Flat stick" },
  { code: "no-place", kinds: ["bay", "wet-spot"] },
  { code: "missing", materials: ["sponge", "small bowl"] },
  { code: "wrong-pair", a: "stick", b: "slot" },
  { code: "unsafe" },
  { code: "unsafe", at: { place: "Mat", thing: "ring" } },
  { code: "unsafe", at: { place: "Mat", reason: "It can be pulled down." } },
  { code: "unreached", children: ["Tove", "Pim"], place: "Top" },
  { code: "barred" },
  { code: "not-planned" },
];

describe("what stands in the way", () => {
  it("is a sentence for every barrier and every fault of a place", () => {
    saysAll(BARRIERS, barrierText);
    saysAll(
      [
        { code: "gone" as const },
        { code: "other-kind" as const, activity: "Lids", kinds: ["wet-spot" as const], place: "Top" },
        { code: "another-childs" as const, place: "Top" },
      ],
      barrierText,
    );
  });

  it("is a rule in words for every hard rule", () => {
    saysAll(
      BREACHES.map((breach) => ({ code: "breach" as const, breach })),
      ruledOutText,
    );
    expect(breachText({ code: "wet", bound: 1 })).toBe("At most 1 wet");
    expect(ruledOutText({ code: "nothing-free" })).not.toBe(ruledOutText({ code: "other-rotation" }));
  });

  it("is named with the activity for an empty place and for a lock", () => {
    const empty: EmptyReason[] = [
      { code: "nothing-fits" },
      { code: "missing", activity: "Lids", materials: ["pot", "lid"] },
      { code: "repeats", activity: "Lids" },
      { code: "enough" },
      ...BREACHES.map((breach) => ({ code: "breach" as const, activity: "Lids", breach })),
    ];
    saysAll(empty, emptyText);
    const locks: Conflict["because"][] = [
      { code: "nothing-to-set-out" },
      { code: "no-room" },
      ...BREACHES.map((breach) => ({ code: "breach" as const, breach })),
    ];
    saysAll(locks, (because) => conflictText({ activity: "Lids", child: "Pim", because }));
  });
});

describe("why a tray is in the plan", () => {
  const tight = { playMm: 1.04, asHardAs: "Flat stick" };
  const follows: Move[] = ["other-form", "more-of-liked", "loved-setting", "hand-on"];
  const all: Reason[] = [
    { term: "anchor", chance: 0.95, isNoted: true },
    { term: "anchor", chance: 0.95, isNoted: false, tight },
    ...(["reach", "stretch"] as const).flatMap((term) => [
      { term, chance: 0.61 },
      { term, chance: 0.61, tight },
    ]),
    { term: "interest", child: "Tove", loved: "snails" },
    { term: "noted-interest", liked: true },
    { term: "noted-interest", liked: false },
    { term: "step", why: RESTS },
    { term: "carry-over" },
    { term: "carry-over", why: { code: "unfinished" } },
    { term: "novelty" },
    { term: "novelty", daysAway: 12 },
    { term: "wish" },
    { term: "focus", on: "skill" },
    { term: "focus", on: "material" },
    { term: "theme", theme: "water" },
    { term: "season", inSeason: true },
    { term: "season", inSeason: false },
    { term: "prep", minutes: 4 },
    { term: "second" },
    { term: "adult-held" },
    { term: "adult-held", material: "chestnut" },
    { term: "stand-in", material: "chestnut" },
    ...follows.map((move) => ({ term: "follows" as const, move, activity: "Lids" })),
    { term: "area", area: "hands", inFocus: true },
    { term: "area", area: "hands", inFocus: false },
    { term: "form", form: "posting" },
    ...(["anchor", "stretch", "open-ended"] as const).map((wanted) => ({ term: "mix" as const, wanted })),
  ];

  it("is a sentence for every term", () => saysAll(all, reasonText));

  it("tells the chance and how tightly it fits", () => {
    expect(reasonText({ term: "reach", chance: 0.614, tight })).toBe(
      "Fits: about 61% alone. It fits tightly here (1 mm of play), so it counts as: Flat stick.",
    );
  });
});

describe("small words", () => {
  it("name one, two and more", () => {
    expect([[], ["A"], ["A", "B"], ["A", "B", "C"]].map(namesText)).toEqual([
      "",
      "A",
      "A and B",
      "A, B and C",
    ]);
  });

  it("tell what to look at in a pasted line", () =>
    saysAll(
      [
        { code: "no-number" },
        { code: "taken-for-size" },
        { code: "odd-of-pairs" },
        { code: "not-counted", unit: "ml" },
        { code: "long-cord", material: "short lace" },
      ] as const,
      noteText,
    ));

  it("remind of what changes for safety, with its reason", () => {
    const held = { id: "t", on: plainDate("2026-06-07"), activity: "Ring", reason: "It hangs." };
    expect(eventOf({ ...held, what: "take-down" })).toMatchObject({
      title: "Take down by today: Ring",
      text: "It hangs.",
    });
    expect(eventOf({ ...held, what: "adult-held" }).title).toBe("Adult-held from today: Ring");
  });
});
