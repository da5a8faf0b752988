import { describe, expect, it } from "vitest";
import { situationOf } from "../household";
import { type Backup, livingTables, plainDate, readBackup, TABLE_NAMES, TABLES } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { privateCopy } from "./privateCopy";

const SECRET = "Secret of Ours 42";

/** Puts the secret wherever the schema takes it; gives how often it did. */
function plant(backup: Backup): number {
  let planted = 0;
  for (const table of TABLE_NAMES) {
    for (const row of backup.tables[table] as unknown as Record<string, unknown>[]) {
      const visit = (holder: Record<string, unknown>) => {
        for (const [key, value] of Object.entries(holder)) {
          if (typeof value === "object" && value !== null) visit(value as Record<string, unknown>);
          if (typeof value !== "string") continue;
          holder[key] = SECRET;
          if (TABLES[table].safeParse(row).success) planted += 1;
          else holder[key] = value;
        }
      };
      visit(row);
    }
  }
  return planted;
}

describe("a copy to show to others", () => {
  it("holds nothing that was written, wherever it stood, and is read as any other backup", () => {
    const home = fixtureHome();
    const [note, other] = home.tables.observations;
    const stamp = { createdAt: "2026-05-01T18:00:00.000Z", updatedAt: "2026-05-01T18:00:00.000Z" };
    Object.assign(home.tables, {
      anecdotes: [{ ...stamp, id: "a", child: "tove", on: "2026-05-01", words: "a" }],
      worries: [{ ...stamp, id: "w", child: "tove", on: "2026-05-01", words: "w" }],
      photos: [{ ...stamp, id: "p", observation: note?.id, mime: "image/png", base64: "AAAA" }],
    });
    Object.assign(other ?? {}, { words: "w", insert: "i" });
    expect(plant(home)).toBeGreaterThan(50);
    expect(JSON.stringify(home)).toContain(SECRET);
    const copy = privateCopy(home);
    expect(JSON.stringify(copy)).not.toContain(SECRET);
    expect(copy.tables.photos).toEqual([]);
    const read = readBackup(JSON.parse(JSON.stringify(copy)), FIXTURE);
    expect(read.ok ? [] : read.issues).toEqual([]);
  });

  it("keeps what is counted: every note with its day and help, and the same readiness", () => {
    const home = fixtureHome();
    const copy = privateCopy(home);
    expect(copy.tables.observations.map(({ on, help, rung }) => [on, help, rung])).toEqual(
      home.tables.observations.map(({ on, help, rung }) => [on, help, rung]),
    );
    expect(copy.tables.children.map((one) => one.name)).toEqual(
      home.tables.children.map((_, i) => `Child ${i + 1}`),
    );
    const ON = plainDate("2026-05-10");
    const chancesIn = (backup: Backup) => {
      const { readiness } = situationOf(FIXTURE, livingTables(backup.tables), ON);
      return [...readiness].map(([child, of]) => [child, FIXTURE.skills.map((skill) => of.skill(skill.id))]);
    };
    expect(chancesIn(copy)).toEqual(chancesIn(home));
  });
});
