import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { demo, orto, textOf } from "./testing/orto";

describe("npm run -s orto", () => {
  it("age: the shape that is promised", async () => {
    const done = await orto(["age"], { birth: "2024-10-05", on: "2026-05-10", due: "2024-11-09" });
    expect(done.code).toBe(0);
    expect(done.json()).toMatchObject({ days: 582, months: 19, weeks: 0, applies: "due" });
    expect(
      (await orto(["age"], { birth: "2024-10-05", on: "2026-05-10" })).json().correctedMonths,
    ).toBeNull();
  });

  it("from its sources, as npm runs it: exit code, both outputs, and bytes as they are", () => {
    const run = (args: string[], input: unknown) =>
      spawnSync("node_modules/.bin/tsx", ["tools/orto.ts", ...args], { input: textOf(input) });
    const sheet = run(["sheet", "pairs"], { paper: "letter", pairs: 3, cardMm: 60 });
    expect([sheet.status, sheet.stderr.toString()]).toEqual([0, ""]);
    expect(sheet.stdout.subarray(0, 5).toString()).toBe("%PDF-");
    // 215.9 × 279.4 mm are 612 × 792 points.
    expect(sheet.stdout.toString("latin1")).toMatch(/MediaBox \[0 0 612\.? ?\S* 792/);
    const wrong = run(["small-part"], { shape: "cone", mm: [1] });
    expect([wrong.status, wrong.stdout.toString()]).toEqual([2, ""]);
    expect(wrong.stderr.toString()).toMatch(/^shape: /);
  });

  it("small-part: fits, scale and tube", async () => {
    const done = (await orto(["small-part"], { shape: "sphere", mm: [40] })).json();
    expect(done.fits).toBe(false);
    expect(done.scale).toBeCloseTo(0.7925, 4);
    expect(done).toMatchObject({ tubeFits: true, tubeDiameterMm: 40 });
  });

  it("day: the moments of a day in their order, with what is on and what to prepare", async () => {
    const { moments, useUp } = (await orto(["day", "--on", "2026-05-10"], demo)).json();
    expect(moments.map((one: { at: string; activity: string }) => [one.at, one.activity])).toEqual([
      ["08:30", "soak-and-squeeze"],
      ["09:30", "cards-to-look-at"],
      ["15:00", "dough"],
      ["16:00", "book-together"],
    ]);
    expect(moments[0]).toMatchObject({ place: "low-table", child: "tove", prepMinutes: 2, begin: "08:28" });
    expect(moments[0].prepare.join(" ")).toMatch(/water/);
    expect(useUp).toEqual([]);
  });

  it.each<[string, string[], unknown, RegExp]>([
    ["not JSON", ["age"], "{", /not JSON/],
    ["a date that is none", ["age"], { birth: "2024-02-30", on: "2026-05-10" }, /^birth: /],
    [
      "a date before the birth",
      ["age"],
      { birth: "2026-06-01", on: "2026-05-10" },
      /^on: .*before the birth/,
    ],
    ["a key that is not known", ["age"], { birth: "2024-02-01", on: "2026-05-10", when: 1 }, /when/],
    ["a negative size", ["small-part"], { shape: "box", mm: [1, 2, -3] }, /^mm\[2\]: /],
    ["a shape that is not known", ["small-part"], { shape: "cone", mm: [1, 2] }, /shape/],
    ["a foreign file", ["check"], { format: "other", version: 1 }, /^format: .*not a backup/],
    ["a plan without a date", ["plan"], demo, /^--on: /],
    ["a plan of too many weeks", ["plan", "--on", "2026-05-11", "--weeks", "9"], demo, /^--weeks: /],
    ["an unknown child", ["ready", "--on", "2026-05-10", "--child", "nobody"], demo, /^--child: .*tove/],
    ["an unknown option", ["plan", "--onn", "x"], demo, /onn/],
    ["an unknown verb", ["dance"], "", /plan --on/],
  ])("%s: exit 2 and a line that says so", async (_, args, input, message) => {
    const done = await orto(args, input);
    expect(done.code).toBe(2);
    expect(done.err).toMatch(message);
    expect(done.out).toBe("");
  });

  it("check: silent for the demo and the catalogue; a line a fault otherwise", async () => {
    expect(await orto(["check"], demo)).toMatchObject({ code: 0, out: "", err: "" });
    expect(await orto(["check"], (await orto(["catalogue"])).out)).toMatchObject({ code: 0, err: "" });
    const bad = JSON.parse(demo);
    bad.tables.trays[0].place = "gone";
    bad.tables.trays[1].child = "gone";
    expect((await orto(["check"], bad)).err.split("\n")).toHaveLength(2);
  });

  it("ready: every skill and rung with a chance and a word", async () => {
    const ready = (await orto(["ready", "--child", "tove", "--on", "2026-05-10"], demo)).json();
    expect(ready.skills.length).toBeGreaterThanOrEqual(40);
    expect(ready.rungs.length).toBeGreaterThanOrEqual(90);
    for (const { chance, low, high, word } of ready.skills) {
      expect(low <= high && chance >= 0 && chance <= 1).toBe(true);
      expect(["coming", "now", "settled"]).toContain(word);
    }
  });

  it("plan: the promised shape, and the model beside it", async () => {
    const lp = join(mkdtempSync(join(tmpdir(), "orto-")), "model.lp");
    const plan = (await orto(["plan", "--on", "2026-05-11", "--weeks", "2", "--lp", lp], demo)).json();
    expect(plan).toMatchObject({ on: "2026-05-11", shopping: [] });
    expect(["optimal", "within-gap"]).toContain(plan.status);
    expect(plan.rotations.map((one: { from: string; to: string }) => [one.from, one.to])).toEqual([
      ["2026-05-11", "2026-05-18"],
      ["2026-05-18", "2026-05-25"],
    ]);
    expect(Object.keys(plan.rotations[0].trays[0]).sort()).toEqual([
      "activity",
      "allotted",
      "chance",
      "child",
      "place",
      "reasons",
      "rung",
      "state",
    ]);
    expect(/^max[\s\S]*^end$/im.test(readFileSync(lp, "utf8"))).toBe(true);
  });

  it("--help tells of each verb", async () => {
    const help = await orto(["--help"]);
    expect(help.code).toBe(0);
    for (const verb of ["age", "small-part", "catalogue", "demo", "check", "ready", "plan"])
      expect(help.out).toContain(verb);
    expect((await orto(["plan", "--help"])).out).toContain("--lp");
  });

  it("paste: what the reader of lists makes of each line", async () => {
    const lines = ["6 small bowls", "water beads", "zzyzx", "rice 2 kg"];
    const done = await orto(["paste"], { lines });
    expect(done.code).toBe(0);
    expect(done.json()).toEqual([
      { line: "6 small bowls", material: "bowl-small", quantity: 6, unit: "piece", danger: null },
      {
        line: "water beads",
        material: null,
        quantity: 1,
        unit: "piece",
        danger: { id: "water-beads", why: expect.any(String) },
      },
      { line: "zzyzx", material: null, quantity: 1, unit: "piece", danger: null },
      { line: "rice 2 kg", material: "rice", quantity: 2000, unit: "g", danger: null },
    ]);
    expect(await orto(["paste"], { lines: "6 bowls" })).toMatchObject({
      code: 2,
      err: expect.stringContaining("lines"),
    });
  });

  it("setup: how the things meet as this home has them, and the whole catalogue", async () => {
    const backup = JSON.parse(demo);
    const asked = { backup, on: "2026-05-10", activity: "discs-in-a-slot", rung: "discs" };
    const usual = (await orto(["setup"], asked)).json();
    expect(usual).toMatchObject({
      ok: true,
      relations: [{ how: "through", a: "card-disc", b: "box-slot", playMm: 10 }],
    });
    expect(usual.relations[0].text).toContain("loose, 10 mm to spare");
    const discs = backup.tables.holdings.find((one: { material: string }) => one.material === "card-disc");
    discs.measured = { shape: "disc", mm: [62, 15] };
    // Too thick for the slot as they are; the pot lids of this home go through instead.
    const instead = (await orto(["setup"], asked)).json();
    expect(instead).toMatchObject({
      ok: true,
      relations: [{ how: "through", a: "lid-disc", b: "box-slot" }],
    });
    const lids = backup.tables.holdings.find((one: { material: string }) => one.material === "lid-disc");
    lids.measured = { shape: "disc", mm: [100, 20] };
    const thick = (await orto(["setup"], asked)).json();
    expect(thick).toMatchObject({
      ok: false,
      faults: [{ code: "too-narrow", a: "card-disc", b: "box-slot" }],
    });
    expect((await orto(["setup"], { ...asked, rung: "none" })).code).toBe(2);
    const all = (await orto(["setup", "--all"])).json();
    expect(all).toMatchObject({ ok: true, faults: [] });
    expect(all.relations).toBeGreaterThan(130);
    expect(all.standInsRefused).toContainEqual({
      rung: "balls-into-a-tub/hole",
      code: "too-narrow",
      a: "ball-soft",
      b: "box-tissue",
    });
  });

  it("makings and themes: all of them", async () => {
    expect(Object.keys((await orto(["makings"])).json()).length).toBeGreaterThanOrEqual(60);
    expect((await orto(["themes"])).json().length).toBeGreaterThanOrEqual(40);
  });

  it("assess: state, rules, how long it holds, and what would be safe", async () => {
    const asked = {
      backup: JSON.parse(demo),
      on: "2026-05-10",
      activity: "ring-overhead",
      rung: "look",
      place: "mat",
    };
    const pim = (await orto(["assess"], { ...asked, child: "pim" })).json();
    expect(pim).toMatchObject({
      state: "blocked",
      rules: [{ rule: "hanging", thing: "elastic-hanger" }],
      until: null,
    });
    // At four months he might have had it, with his sister behind a door, until the day he turns five months.
    const alone = JSON.parse(demo);
    for (const place of alone.tables.places)
      if (place.id === "mat") Object.assign(place, { outOfReachOf: ["tove"], because: "door" });
    const before = (
      await orto(["assess"], { ...asked, backup: alone, on: "2026-02-20", child: "pim" })
    ).json();
    expect(before).toMatchObject({ state: "free", until: "2026-03-03" });
    const beads = {
      ...asked,
      activity: "rings-on-a-rope",
      rung: "lace-medium",
      place: "bay-0-0",
      child: "tove",
    };
    // Eighteen months from the due date on the eleventh: until then no long cord at all.
    expect((await orto(["assess"], beads)).json()).toMatchObject({ state: "blocked", until: "2026-05-10" });
    expect((await orto(["assess"], { ...beads, on: "2026-05-11" })).json()).toMatchObject({
      state: "adult-held",
    });
    const bad = await orto(["assess"], { ...asked, place: "moon", child: "nobody" });
    expect(bad).toMatchObject({ code: 2 });
    expect(bad.err.split("\n")).toHaveLength(2);
    expect((await orto(["assess"], { ...asked, child: "pim", backup: { format: "x" } })).code).toBe(2);
  });
});
