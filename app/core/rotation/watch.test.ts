import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { WATCH_TAPS, type WatchTap } from "../model";
import { elapsedMs, endOf, proposedFrom, tapped, type Watch, withoutLastTap } from "./watch";

const BEGAN = 1_000_000;
const minute = (n: number) => BEGAN + n * 60_000;
const watched = (...taps: [WatchTap, number][]): Watch =>
  taps.reduce<Watch>((so, [tap, at]) => tapped(so, tap, minute(at)), { began: BEGAN, taps: [] });

describe("a watch", () => {
  it.each<[string, [WatchTap, number][], number, object]>([
    [
      "nothing but time",
      [],
      4,
      { minutes: 4, repeats: 0, interest: "liked", ended: "stopped", mouthed: false },
    ],
    [
      "upset, and then once more: no upset end",
      [
        ["upset", 1],
        ["again", 2],
      ],
      3,
      { ended: "stopped", repeats: 1 },
    ],
    [
      "upset, and gone",
      [
        ["again", 1],
        ["upset", 2],
        ["left", 2.5],
      ],
      9,
      { ended: "upset" },
    ],
    [
      "upset, and put back all the same",
      [
        ["upset", 1],
        ["put-back", 2],
      ],
      9,
      { ended: "finished" },
    ],
    ["gone at once", [["left", 0.4]], 9, { minutes: 0.5, interest: "none", ended: "left" }],
    ["a little, then gone", [["left", 1.6]], 9, { minutes: 1.5, interest: "little", ended: "left" }],
    [
      "four times by itself, then put back",
      [
        ["self", 1],
        ["again", 1.2],
        ["self", 2],
        ["again", 2.2],
        ["again", 3],
        ["self", 3.5],
        ["put-back", 5],
      ],
      30,
      { minutes: 5, repeats: 3, help: "alone", interest: "again", ended: "finished" },
    ],
    [
      "as often alone as with a word: the word counts",
      [
        ["self", 1],
        ["word", 2],
      ],
      3,
      { help: "word" },
    ],
    [
      "mostly alone",
      [
        ["self", 1],
        ["hand", 2],
        ["self", 2.5],
      ],
      3,
      { help: "alone" },
    ],
    [
      "tears at the end",
      [
        ["hand", 1],
        ["upset", 2],
        ["left", 2.1],
      ],
      3,
      { ended: "upset", help: "hand" },
    ],
    [
      "tears, and on again",
      [
        ["upset", 1],
        ["again", 2],
        ["put-back", 4],
      ],
      9,
      { ended: "finished", interest: "liked" },
    ],
    ["into the mouth", [["mouthed", 1]], 2, { mouthed: true }],
  ])("%s", (_, taps, at, proposed) => {
    expect(proposedFrom(watched(...taps), minute(at))).toMatchObject(proposed);
  });

  it("stands still once it has ended, and goes on when the end is undone", () => {
    const ended = watched(["left", 3]);
    expect(elapsedMs(ended, minute(60))).toBe(180_000);
    expect(endOf(withoutLastTap(ended))).toBeUndefined();
    expect(elapsedMs(withoutLastTap(ended), minute(60))).toBe(3_600_000);
  });

  it("is never negative, whatever the device's clock does, and undo takes back just one tap", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...WATCH_TAPS), fc.integer({ min: -50, max: 50 })), {
          maxLength: 12,
        }),
        fc.integer({ min: -50, max: 100 }),
        (taps, now) => {
          const watch = watched(...taps);
          const proposed = proposedFrom(watch, minute(now));
          expect(proposed.minutes).toBeGreaterThanOrEqual(0);
          expect(proposed.repeats).toBe(taps.filter(([tap]) => tap === "again").length);
          if (taps.length > 0) expect(withoutLastTap(watch)).toEqual(watched(...taps.slice(0, -1)));
        },
      ),
    );
  });
});
