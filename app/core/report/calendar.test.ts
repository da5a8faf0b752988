import fc from "fast-check";
import ICAL from "ical.js";
import { describe, expect, it } from "vitest";
import { eventOf } from "../../words/reminders";
import { addDays, Moment, plainDate } from "../model";
import { anId } from "../testing/ids";
import { calendarText, type RemindersQuestion, remindersFor } from "./calendar";

const TODAY = plainDate("2026-05-10");
const AT = "2026-05-10T18:00:00.000Z";

/** Content lines unfolded, as RFC 5545 3.1 says. */
const linesOf = (text: string) => text.replace(/\r\n[ \t]/g, "").split("\r\n");

describe("reminders", () => {
  const QUESTION: RemindersQuestion = {
    today: TODAY,
    site: anId("home"),
    next: addDays(TODAY, 4),
    rotationDays: 7,
    moments: [
      {
        ...{ tray: anId("d"), name: "A lump of dough", place: "Low table", days: [addDays(TODAY, 1)] },
        moment: Moment.parse({
          ...{ id: anId("m"), place: anId("p"), routine: "after-nap", at: "15:00", minutes: 30 },
          ...{ createdAt: AT, updatedAt: AT },
        }),
      },
    ],
    inserts: [{ tray: anId("t"), name: "Mats", labels: ["four", "five"], first: 3 }],
    safety: [{ id: "t", on: addDays(TODAY, 3), what: "take-down", activity: "Ring", reason: "It hangs." }],
    due: [
      { id: "h", name: "muffin tin", on: addDays(TODAY, 2), kind: "back" },
      { id: "old", name: "bread", on: addDays(TODAY, -1), kind: "use-by" },
    ],
  };
  const reminders = remindersFor(QUESTION);

  it("come by day: a piece a day, what goes back, the next change; nothing that is past", () => {
    expect(reminders.map(eventOf).map((one) => [one.on, one.title])).toEqual([
      ["2026-05-10", "Mats: four"],
      ["2026-05-11", "Mats: five"],
      ["2026-05-11", "A lump of dough, Low table"],
      ["2026-05-12", "Give back: muffin tin"],
      ["2026-05-13", "Take down by today: Ring"],
      ["2026-05-14", "Change the shelf"],
    ]);
  });

  it("are a calendar of all-day events that come again", () => {
    const text = calendarText(reminders.map(eventOf), AT);
    const lines = linesOf(text);
    expect(lines[0]).toBe("BEGIN:VCALENDAR");
    expect(lines).toContain("VERSION:2.0");
    expect(lines).toContain("DTSTART;VALUE=DATE:20260514");
    expect(lines).toContain("RRULE:FREQ=DAILY;INTERVAL=7;COUNT=8");
    expect(lines.filter((line) => line === "BEGIN:VEVENT")).toHaveLength(6);
    expect(lines.filter((line) => line.startsWith("UID:"))).toHaveLength(6);
    expect(lines).toContain("DTSTAMP:20260510T180000Z");
    // A moment is at three wherever one is: a time without a zone.
    expect(lines).toContain("DTSTART:20260511T150000");
    expect(lines).toContain("DURATION:PT30M");
    expect(text).not.toMatch(/[^\r]\n/);
  });

  it("bear the same name on another day, whatever was put off, and count as the later", () => {
    const eventsOn = (q: RemindersQuestion, at: string) =>
      new Map(
        new ICAL.Component(ICAL.parse(calendarText(remindersFor(q).map(eventOf), at)))
          .getAllSubcomponents("vevent")
          .map((one) => [String(one.getFirstPropertyValue("uid")), new ICAL.Event(one)] as const),
      );
    const first = eventsOn(QUESTION, AT);
    expect(first.size).toBe(6);
    // A day on the fourth mat was not laid out, the tin goes back later, and the change was put off.
    const on = addDays(TODAY, 1);
    const due = QUESTION.due.map((one) => ({ ...one, on: addDays(one.on, 5) }));
    const later = eventsOn(
      { ...QUESTION, today: on, next: addDays(TODAY, 9), due },
      "2026-05-11T18:00:00.000Z",
    );
    expect([...first.keys()].filter((uid) => !later.has(uid))).toEqual([]);
    const moved = [...later].flatMap(([uid, event]) => {
      const before = first.get(uid);
      if (!before) return [];
      expect(event.sequence).toBeGreaterThan(before.sequence);
      return String(before.startDate) === String(event.startDate)
        ? []
        : [`${event.summary} ${event.startDate}`];
    });
    expect(moved).toEqual([
      "Mats: four 2026-05-11",
      "Mats: five 2026-05-12",
      "Give back: muffin tin 2026-05-17",
      "Change the shelf 2026-05-19",
    ]);
  });

  it("keep any words in one content line each, folded at 75 octets", () => {
    const words = fc.string({ unit: "grapheme", minLength: 1, maxLength: 120, size: "max" });
    fc.assert(
      fc.property(words, (title) => {
        const text = calendarText([{ id: "x", on: TODAY, title }], AT);
        const read = new ICAL.Component(ICAL.parse(text)).getFirstSubcomponent("vevent");
        expect(read?.getFirstPropertyValue("summary")).toBe(title);
        for (const line of text.split("\r\n"))
          expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
        const [summary, ...more] = linesOf(text).filter((line) => line.startsWith("SUMMARY"));
        expect(more).toEqual([]);
        expect(summary?.replace(/^SUMMARY:|\\/g, "")).toBe(title.replace(/\\/g, ""));
        expect(linesOf(text).filter((line) => line === "BEGIN:VEVENT")).toHaveLength(1);
      }),
      { numRuns: 60 },
    );
  });
});
