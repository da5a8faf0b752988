import { describe, expect, it } from "vitest";
import type { Clash, MergedRow } from "../core/merge";
import { Observation } from "../core/model";
import { clashText } from "./clashes";
import { cameGroups } from "./merge";

const NAMES = new Map([
  ["discs", "Discs in a slot"],
  ["tove", "Tove"],
]);
const note = (more: object = {}) =>
  Observation.parse({
    ...{ id: "n", createdAt: "2026-05-01T08:00:00Z", updatedAt: "2026-05-01T08:00:00Z" },
    ...{ child: "tove", activity: "discs", rung: "one", on: "2026-05-01", ...more },
  });
const clash = (stands: object, other: object): Clash =>
  ({ table: "observations", row: "n", now: note(), stands, other }) as Clash;

describe("what two devices have said of one thing", () => {
  it("is told by names and words, and only where it differs", () => {
    const text = clashText(
      clash({ help: "alone", on: "2026-05-01", minutes: 7, signs: [] }, { help: "hand", on: "2026-05-01" }),
      NAMES,
    );
    expect(text.title).toMatch(/^note, Discs in a slot, Tove, .*1/);
    expect(text.fields).toEqual([
      { name: "how much help", stands: "alone", other: "with a hand" },
      { name: "minutes", stands: "7", other: "nothing" },
      { name: "signs", stands: "none", other: "nothing" },
    ]);
    expect(text.take).toBe("Take the other");
  });

  it("is said in so many words where one took it away", () => {
    const at = "2026-05-02T08:00:00Z";
    expect(clashText(clash({ deletedAt: at }, { deletedAt: undefined }), NAMES)).toMatchObject({
      take: "Put it back",
      fields: [],
    });
    expect(clashText(clash({ deletedAt: undefined }, { deletedAt: at }), NAMES).take).toBe("Take it away");
  });
});

describe("what came from another device", () => {
  it("is told by kind and row by row, with what is otherwise on each; of very many the first hundred", () => {
    const changed: MergedRow = {
      ...{ table: "observations", what: "changed", before: note(), after: note({ words: "So." }) },
    };
    const fresh = Array.from({ length: 103 }, (): MergedRow => ({ ...changed, what: "new" }));
    const kept: MergedRow = { ...changed, table: "prepStates" };
    const groups = cameGroups([changed, ...fresh, kept], NAMES);
    expect(groups.map((one) => [one.title, one.rows.length, one.more])).toEqual([
      ["1 note, changed", 1, 0],
      ["103 notes, new", 100, 3],
    ]);
    expect(groups[0]?.rows[0]).toMatch(/: words$/);
  });
});
