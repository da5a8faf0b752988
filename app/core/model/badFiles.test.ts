import { describe, expect, it } from "vitest";
import { cupboardTable, notesTable, rotationsTable } from "../csv";
import { dayOf, prepareView } from "../day";
import { situationOf } from "../household";
import { mergeBackups } from "../merge";
import { randomFrom } from "../random";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { processorMs } from "../testing/processorTime";
import { runs } from "../testing/runs";
import { readBackupText } from "./backup";
import { Pack } from "./catalogue";
import { parseWith } from "./issue";
import { parseJson } from "./json";
import { plainDate } from "./plainDate";
import { livingTables, TABLE_NAMES, type Tables } from "./tables";

const deep = (levels: number): unknown => (levels === 0 ? 1 : [deep(levels - 1)]);

/** What stands where something else should. */
const ODD: readonly (() => unknown)[] = [
  () => null,
  () => -1,
  () => 1e308,
  () => 0.1,
  () => "",
  () => "x".repeat(5000),
  () => "\u0000\uFFFF",
  () => "../../../etc",
  () => "constructor",
  () => "9999-12-31",
  () => "2026-02-30",
  () => [],
  () => ({}),
  () => true,
  () => deep(200),
  () => ({ ["__proto__"]: { polluted: true } }),
];

type Node = Record<string, unknown>;

/** Every object and list in a value, with the key by which each part of it is held. */
function places(value: unknown, found: [Node, string][] = []): [Node, string][] {
  if (typeof value !== "object" || value === null) return found;
  for (const key of Object.keys(value)) {
    found.push([value as Node, key]);
    places((value as Node)[key], found);
  }
  return found;
}

/** Changes a value in one to three places: left out, made odd, taken from elsewhere, or doubled. */
function mutated(source: unknown, random: () => number): unknown {
  const copy = structuredClone(source);
  const any = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  for (let times = 1 + Math.floor(random() * 3); times > 0; times--) {
    const all = places(copy);
    const [holder, key] = any(all);
    switch (Math.floor(random() * 5)) {
      case 0:
        if (Array.isArray(holder)) holder.splice(Number(key), 1);
        else delete holder[key];
        break;
      case 1: {
        const [other, otherKey] = any(all);
        holder[key] = structuredClone(other[otherKey]);
        break;
      }
      case 2:
        if (Array.isArray(holder)) holder.push(structuredClone(holder[Number(key)]));
        else holder[`${key}s`] = holder[key];
        break;
      default:
        holder[key] = any(ODD)();
    }
  }
  return copy;
}

/** A text with some letters turned, left out or put in. */
function garbled(text: string, random: () => number): string {
  let made = text;
  for (let times = 1 + Math.floor(random() * 4); times > 0; times--) {
    const at = Math.floor(random() * made.length);
    const put = ["", "{", '"', "\\", "9", "\u0000", made.slice(0, 50)][Math.floor(random() * 7)] ?? "";
    made = made.slice(0, at) + put + made.slice(at + 1);
  }
  return made;
}

const ON = plainDate("2026-05-10");
/** For one file. */
const MOST_MS = 1000;
/** For thousands of them. */
const LONG_MS = 900_000;

const byId = (tables: Tables) =>
  TABLE_NAMES.map((name) => [...tables[name]].sort((a, b) => (a.id < b.id ? -1 : 1)));

/** What the screens begin with: none of it may fail on a file that was taken. */
function openAll(text: string): void {
  const read = readBackupText(text, FIXTURE);
  if (!read.ok) {
    expect(read.issues.length).toBeGreaterThan(0);
    for (const issue of read.issues) expect(issue.message).not.toBe("");
    return;
  }
  const again = readBackupText(JSON.stringify(read.value), FIXTURE);
  expect(again.ok && again.value.tables).toEqual(read.value.tables);
  const tables = livingTables(read.value.tables);
  const s = situationOf(FIXTURE, tables, ON);
  dayOf(tables, s, ON);
  prepareView(tables, s, ON);
  for (const tableOf of [notesTable, cupboardTable, rotationsTable]) tableOf(tables, s.catalogue);
  const merged = mergeBackups(read.value, read.value);
  expect(merged.ok && byId(merged.value.tables)).toEqual(byId(read.value.tables));
}

describe("files that are not as they should be", () => {
  const home = JSON.parse(JSON.stringify(fixtureHome()));
  const text = JSON.stringify(home);

  it(
    "are taken whole or refused with what is wrong; what is taken opens, and nothing takes long",
    () => {
      const tries = runs(60, 6000);
      let taken = 0;
      let longest = 0;
      for (let seed = 0; seed < tries; seed++) {
        const random = randomFrom(seed);
        const bad = seed % 4 === 0 ? garbled(text, random) : JSON.stringify(mutated(home, random));
        const began = processorMs();
        try {
          openAll(bad);
          if (readBackupText(bad, FIXTURE).ok) taken += 1;
        } catch (error) {
          throw new Error(`seed ${seed}: ${String(error)}`, { cause: error });
        }
        longest = Math.max(longest, processorMs() - began);
      }
      expect("polluted" in {}).toBe(false);
      expect(longest).toBeLessThan(MOST_MS);
      // Most are refused; a word or a number that could be is not.
      expect(taken / tries).toBeLessThan(0.5);
    },
    LONG_MS,
  );

  it(
    "are refused as packs as well, without failing",
    () => {
      const whole = JSON.stringify(FIXTURE);
      for (let seed = 0; seed < runs(15, 1000); seed++) {
        const random = randomFrom(seed);
        const bad = seed % 4 === 0 ? garbled(whole, random) : JSON.stringify(mutated(FIXTURE, random));
        const json = parseJson(bad);
        const read = json.ok ? parseWith(Pack, json.value) : json;
        if (!read.ok) expect(read.issues[0]?.message).toBeTruthy();
      }
    },
    LONG_MS,
  );
});
