import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { readLine } from "./readList";
import { HELD_OUT_LINES } from "./testing/heldOutLines";

/** At most so many lines in a hundred may be read as something that they are not. */
const MOST_WRONG = 0.03;

describe(`${HELD_OUT_LINES.length} lines set down before the reader was made`, () => {
  const read = HELD_OUT_LINES.map((one) => ({ ...one, is: readLine(one.line, CATALOGUE) }));

  it("reads no dangerous line as something harmless", () => {
    const missed = read.filter((one) => one.danger && one.is.material !== null);
    expect(missed.map((one) => `${one.line}: ${one.is.material}`)).toEqual([]);
    const dangerous = read.filter((one) => one.danger);
    expect(dangerous.filter((one) => one.is.danger === null).map((one) => one.line)).toEqual([]);
  });

  it("reads at most three in a hundred wrongly; not to know is no fault", () => {
    const wrong = read.filter(
      (one) =>
        (one.is.material !== null && !one.means.includes(one.is.material)) ||
        (!one.danger && one.is.danger !== null),
    );
    const told = wrong.map((one) => `${one.line}: ${one.is.material ?? one.is.danger?.id}`);
    expect({ told, tooMany: wrong.length > read.length * MOST_WRONG }).toEqual({ told, tooMany: false });
  });

  it("knows most of what a home writes down", () => {
    const known = read.filter((one) => one.means.length > 0);
    const unread = known.filter((one) => one.is.material === null).map((one) => one.line);
    expect({ unread, share: unread.length / known.length < 0.2 }).toEqual({ unread, share: true });
  });
});
