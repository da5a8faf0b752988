import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ruleChangeText } from "../../words/growing";
import { childMonthsOn } from "../age";
import { situationOf } from "../household";
import {
  Anecdote,
  AREA_IDS,
  addDays,
  addMonths,
  Child,
  Observation,
  plainDate,
  SkillNote,
  type Tables,
} from "../model";
import { readinessOf } from "../readiness";
import { weekOf } from "../report/journal";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { upcomingRungs } from "./agesAhead";
import { recentActivity } from "./recentActivity";
import { upcomingRuleChanges } from "./rulesAhead";
import { aroundSkill, ladderOfSkill, signsOf, skillTimeline } from "./skillsAlong";

const ON = plainDate("2026-05-11");
const stamp = { createdAt: "2026-05-01T00:00:00.000Z", updatedAt: "2026-05-01T00:00:00.000Z" };
const tables = fixtureHome().tables as Tables;
const s = situationOf(FIXTURE, tables, ON);
const [tove] = s.planned;
if (!tove) throw new Error("a child was expected");
const ready = readinessOf(FIXTURE, tove, tables.observations, tables.skillNotes, ON);

describe("skills along the months", () => {
  it("are those of the area and the span, by their usual age, with what is believed of each", () => {
    for (const area of [undefined, ...AREA_IDS]) {
      const all = skillTimeline(FIXTURE, tove, tables, ready, ON, { area, from: 12, to: 24 });
      expect(all.every(({ skill }) => area === undefined || skill.area === area)).toBe(true);
      expect(all.every(({ skill: { window } }) => window.p90 >= 12 && window.p10 <= 24)).toBe(true);
      const medians = all.map((one) => one.skill.window.median);
      expect(medians).toEqual([...medians].sort((a, b) => a - b));
      for (const { skill, chance } of all) expect(chance).toEqual(ready.skill(skill.id));
    }
    expect(skillTimeline(FIXTURE, tove, tables, ready, ON)).toHaveLength(FIXTURE.skills.length);
  });

  it("have each sign at the age that counted on its day: corrected for a child born early, up to two", () => {
    const early = Child.parse({ ...tove, birth: "2024-05-11", due: "2024-07-20" });
    const on = (text: string) => plainDate(text);
    const noted = {
      observations: [],
      anecdotes: [
        Anecdote.parse({
          ...stamp,
          id: "a",
          child: early.id,
          on: "2025-11-11",
          words: "So.",
          skill: "pincer",
        }),
      ],
      skillNotes: [
        SkillNote.parse({
          ...stamp,
          id: "a",
          child: early.id,
          skill: "pincer",
          on: "2025-11-11",
          seen: true,
        }),
        SkillNote.parse({
          ...stamp,
          id: "b",
          child: early.id,
          skill: "pincer",
          on: "2026-05-11",
          seen: false,
        }),
        SkillNote.parse({
          ...stamp,
          id: "c",
          child: early.id,
          skill: "pincer",
          on: "2027-01-01",
          seen: true,
        }),
      ],
    };
    const signs = signsOf(FIXTURE, early, noted, ON).get("pincer") ?? [];
    // A tick that came with words is one sign, and what lies ahead is none.
    expect(signs.map((one) => one.kind)).toEqual(["told", "not-yet"]);
    expect(signs[0]?.months).toBeCloseTo(childMonthsOn(early, on("2025-11-11")));
    expect(signs[0]?.months).toBeLessThan(16);
    expect(signs[1]?.months).toBeCloseTo(24, 0);
  });

  it("have their ladder across all activities, and what comes before and after", () => {
    for (const skill of FIXTURE.skills) {
      const ladder = ladderOfSkill(FIXTURE, skill.id);
      expect(ladder.every(({ rung }) => rung.grows.some((one) => one === skill.id))).toBe(true);
      const medians = ladder.map(({ rung }) => rung.window.median);
      expect(medians).toEqual([...medians].sort((a, b) => a - b));
      const { before, opens } = aroundSkill(FIXTURE, skill);
      expect(before.map((one) => one.id).sort()).toEqual([...skill.after].sort());
      expect(opens.every((one) => one.after.some((id) => id === skill.id))).toBe(true);
    }
    const rungs = FIXTURE.activities.flatMap((one) => one.rungs);
    const grown = FIXTURE.skills.reduce((sum, one) => sum + ladderOfSkill(FIXTURE, one.id).length, 0);
    expect(grown).toBe(rungs.reduce((sum, one) => sum + new Set(one.grows).size, 0));
  });
});

describe("what came lately", () => {
  it("adds up: every note in one area and week, every minute once, a rung climbed once", () => {
    const activities = FIXTURE.activities.slice(0, 6);
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            ago: fc.integer({ min: -3, max: 70 }),
            of: fc.integer({ min: 0, max: 5 }),
            minutes: fc.option(fc.integer({ min: 1, max: 40 }), { nil: undefined }),
            help: fc.constantFrom("alone" as const, "word" as const),
          }),
          { maxLength: 30 },
        ),
        fc.integer({ min: 1, max: 8 }),
        (notes, weeks) => {
          const observations = notes.map(({ ago, of, minutes, help }, i) =>
            Observation.parse({
              ...stamp,
              ...{ id: `o${i}`, child: "tove", on: addDays(ON, -ago), minutes, help },
              ...{ activity: activities[of]?.id, rung: activities[of]?.rungs[0]?.id },
            }),
          );
          const first = addDays(weekOf(ON), -7 * (weeks - 1));
          const within = observations.filter((one) => one.on >= first && one.on <= ON);
          const found = recentActivity(FIXTURE, { observations }, anId("tove"), ON, weeks);
          expect(found.notes).toBe(within.length);
          expect(found.areas.reduce((sum, one) => sum + one.notes, 0)).toBe(within.length);
          expect(found.areas.reduce((sum, one) => sum + one.minutes, 0)).toBe(found.minutes);
          expect(found.weeks).toHaveLength(weeks);
          expect(found.areas.every((one) => found.weeks.includes(one.week))).toBe(true);
          const firstAlone = new Map<string, string>();
          for (const one of observations.filter((note) => note.help === "alone" && note.on <= ON)) {
            const known = firstAlone.get(one.activity);
            if (!known || one.on < known) firstAlone.set(one.activity, one.on);
          }
          const climbed = [...firstAlone].filter(([, on]) => on >= first);
          expect(found.climbed.map((one) => one.activity.id).sort()).toEqual(
            climbed.map(([id]) => id).sort(),
          );
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe("ages ahead", () => {
  it("are rungs that are coming now and about right then, each activity once", () => {
    const found = upcomingRungs(s, tables, tove, [1, 2, 3]);
    expect(found.map((one) => one.months)).toEqual([1, 2, 3]);
    const all = found.flatMap((one) => one.coming.map((coming) => ({ ...coming, months: one.months })));
    expect(all.length).toBeGreaterThan(0);
    expect(new Set(all.map((one) => one.activity.id)).size).toBe(all.length);
    for (const { activity, rung, months, lacks } of all) {
      const then = readinessOf(FIXTURE, tove, tables.observations, tables.skillNotes, addMonths(ON, months));
      expect(s.readiness.get(tove.id)?.rung(activity, rung).word).toBe("coming");
      expect(then.rung(activity, rung).word).toBe("now");
      expect(lacks.every((id) => rung.materials.some((need) => need.material === id))).toBe(true);
    }
  });
});

describe("rules ahead", () => {
  const older = (months: number) => ({ ...tove, due: undefined, birth: addMonths(ON, -months) });
  const homeOf = (child: typeof tove) =>
    situationOf(FIXTURE, { ...tables, children: [child], observations: [], skillNotes: [] }, ON);

  it("name what age alone lets out of the adult's hand, with its day, each thing once", () => {
    const child = older(46);
    const changes = upcomingRuleChanges(homeOf(child), child, 92);
    const days = changes.map((one) => one.on);
    expect(days).toEqual([...days].sort());
    // Small parts are free from 48 months on (docs/safety.md).
    const [freed] = changes.filter((one) => one.to === "free");
    expect(freed?.on).toBe(addMonths(child.birth, 48));
    for (const { from, to, things } of changes) {
      expect(from).not.toBe(to);
      expect(new Set(things.map((one) => one.id)).size).toBe(things.length);
      expect(ruleChangeText({ on: ON, from, to, things })).toMatch(/until then .*\.$/);
    }
  });

  it("say nothing where no rule turns within the days, and nothing without a place", () => {
    const child = older(40);
    expect(upcomingRuleChanges(homeOf(child), child, 31)).toEqual([]);
    expect(upcomingRuleChanges({ ...homeOf(child), places: [] }, child, 400)).toEqual([]);
  });
});

describe("hands over the weeks", () => {
  it("tell each grasp with the smallest loose piece of its rung, and how much was liked by week", () => {
    const noted = tables.observations.map((one, i) =>
      one.child === tove.id && i % 2 === 0 ? { ...one, grasp: "three-fingers" as const } : one,
    );
    const found = recentActivity(FIXTURE, { observations: noted }, tove.id, ON, 8);
    const first = found.weeks[0] ?? ON;
    const own = noted.filter((one) => one.child === tove.id && one.on <= ON && one.on >= first);
    expect(found.hands.held).toHaveLength(own.filter((one) => one.grasp).length);
    for (const { pieceMm } of found.hands.held) if (pieceMm !== undefined) expect(pieceMm).toBeGreaterThan(3);
    expect(found.hands.held.some((one) => one.pieceMm !== undefined)).toBe(true);
    const signed = noted.map((one) =>
      own.slice(0, 3).includes(one) ? { ...one, signs: ["standing" as const, "knew-it" as const] } : one,
    );
    const { body } = recentActivity(FIXTURE, { observations: signed }, tove.id, ON, 8).hands;
    const days = signed
      .filter((one) => one.signs.length > 0 && own.some((two) => two.id === one.id))
      .map((one) => one.on);
    expect(body.map((one) => one.sign)).toEqual(days.length > 0 ? ["standing"] : []);
    expect(body.reduce((sum, one) => sum + one.times, 0)).toBe(days.length);
    const liked = own.filter((one) => one.interest);
    expect(found.interest.reduce((sum, one) => sum + one.notes, 0)).toBe(liked.length);
    const total = found.interest.reduce((sum, one) => sum + one.notes * one.mean, 0);
    const steps = { none: 0, little: 1, liked: 2, again: 3 };
    expect(total).toBeCloseTo(
      liked.reduce((sum, one) => sum + steps[one.interest ?? "none"], 0),
      9,
    );
  });
});
