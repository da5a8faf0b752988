import { describe, expect, it } from "vitest";
import { addDays, Observation, plainDate } from "../model";
import { evidenceOf, meanInterest } from "./evidence";

const ON = plainDate("2026-05-10");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const note = (daysAgo: number, more: object = {}) =>
  Observation.parse({
    ...stamp,
    ...{ id: `n-${daysAgo + 50}`, child: "c", activity: "a", rung: "r", on: addDays(ON, -daysAgo) },
    ...more,
  });

describe("what counts as evidence", () => {
  it("is what was noted up to the day, the day itself among it, and nothing of later days", () => {
    const notes = [note(1), note(0, { help: "alone" }), note(-1, { help: "alone" })];
    const { latest, alone } = evidenceOf(notes, ON);
    expect(latest.map((one) => one.on)).toEqual([ON, addDays(ON, -1)]);
    expect(alone).toBe(1);
  });

  it("says nothing on a tired or an ill day", () => {
    expect(evidenceOf([note(1, { condition: "tired" }), note(2, { condition: "ill" })], ON).latest).toEqual(
      [],
    );
  });

  it("is upset twice where the last two ended so, and not with one between", () => {
    const upset = (daysAgo: number) => note(daysAgo, { ended: "upset" });
    expect(evidenceOf([upset(2), upset(1)], ON).upsetTwice).toBe(true);
    expect(evidenceOf([upset(1)], ON).upsetTwice).toBe(false);
    expect(evidenceOf([upset(3), note(2), upset(1)], ON).upsetTwice).toBe(false);
  });

  it("counts each kind of help, interest and sign once a note", () => {
    const seen = evidenceOf(
      [
        note(4, { help: "hand", interest: "none" }),
        note(3, { help: "not-yet", interest: "little" }),
        note(2, { help: "word", interest: "liked", signs: ["knew-it", "new-use"] }),
        note(1, { help: "alone", interest: "again", signs: ["knew-it"] }),
      ],
      ON,
    );
    expect(seen).toMatchObject({ stuck: 2, little: 2, alone: 1, askedAgain: true });
    expect([seen.signs["knew-it"], seen.signs["new-use"], seen.signs.shunned]).toEqual([2, 1, 0]);
  });

  it("has no mean interest where none was noted", () => {
    expect(meanInterest([note(1)])).toBeUndefined();
    expect(meanInterest([note(1, { interest: "again" }), note(2)])).toBe(
      meanInterest([note(1, { interest: "again" })]),
    );
  });
});
