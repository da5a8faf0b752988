import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { runs } from "../testing/runs";
import { readBackup } from "./backup";
import { Holding, Household } from "./household";
import { idFrom, isId } from "./id";
import { isTooDeep, parseJson } from "./json";
import { mend, withinTime } from "./mend";
import { mendTables } from "./mendTables";
import { tablesFrom4 } from "./migrateIds";

const NOW = "2026-05-10T12:00:00.000Z";
const STAMP = { createdAt: NOW, updatedAt: NOW };
const tables = () => fixtureHome().tables as unknown as Record<string, Row[]>;
type Row = Record<string, unknown>;

describe("a row that is out of its bounds", () => {
  const holding = { ...STAMP, id: "h", site: "home", material: "rice", quantity: 5 };

  it("keeps what is right of it", () => {
    const { mended, issues } = mend(Holding, { ...holding, where: 7, origin: "stolen" });
    expect(mended).toMatchObject({ quantity: 5, origin: "owned" });
    expect(mended?.where).toBeUndefined();
    expect(issues.map((one) => one.path).sort()).toEqual(["origin", "where"]);
  });

  it("takes the usual limit for one that is none, and leaves out one bad element of a list", () => {
    const [household] = tables().household ?? [];
    const bad = { ...household, limits: { ...(household?.limits as Row), wet: 9999 }, rotationDays: 1e9 };
    expect(mend(Household, bad).mended).toMatchObject({ limits: { wet: 1 }, rotationDays: 7 });
    const list = mend(Holding, {
      ...holding,
      notDangers: [{ danger: "a", on: "2026-01-01" }, { danger: 7 }],
    });
    expect(list.mended?.notDangers).toEqual([{ danger: "a", on: "2026-01-01" }]);
  });

  it("is no row where what it can't do without is wrong", () => {
    expect(mend(Holding, { ...holding, quantity: -1 }).mended).toBeUndefined();
    expect(mend(Holding, "nothing").mended).toBeUndefined();
  });

  it("is taken for written now where its stamp lies in a year that has not come", () => {
    const late = { ...holding, updatedAt: "9999-12-31T23:59:59.999Z" };
    expect(withinTime(late, NOW)).toEqual(holding);
    expect(withinTime(holding, NOW)).toBe(holding);
  });
});

describe("stored tables", () => {
  it("that are well stay as they are", () => {
    const { tables: so, aside } = mendTables(tables(), FIXTURE, NOW);
    expect(aside).toEqual([]);
    expect(so).toEqual(fixtureHome().tables);
  });

  it("are a backup that can be read, whatever is wrong with some rows", () => {
    const spoil = fc.record({
      table: fc.constantFrom("children", "places", "trays", "observations", "holdings", "rotations"),
      row: fc.nat(40),
      field: fc.nat(12),
      value: fc.constantFrom<unknown>("nowhere", -1, 1e20, null, [], {}, "x".repeat(3000)),
    });
    fc.assert(
      fc.property(fc.array(spoil, { minLength: 1, maxLength: 6 }), (spoils) => {
        const bad = tables();
        for (const { table, row, field, value } of spoils) {
          const rows = bad[table] ?? [];
          const at = rows[row % rows.length];
          const keys = Object.keys(at ?? {}).filter((key) => key !== "id");
          const key = keys[field % keys.length];
          if (at && key) at[key] = value;
        }
        const { tables: so } = mendTables(bad, FIXTURE, NOW);
        const read = readBackup({ ...fixtureHome(), tables: so }, FIXTURE);
        expect(read.ok ? [] : read.issues).toEqual([]);
      }),
      { numRuns: runs(30, 1000) },
    );
  }, 300_000);
});

describe("ids", () => {
  it("are made from any text by the grammar", () => {
    fc.assert(fc.property(fc.string({ unit: "grapheme" }), (text) => isId(idFrom(text))));
    expect(["Ä/b c", "new", "a.b", "__"].map(idFrom)).toEqual(["a-b-c", "new-1", "a-b", "x"]);
  });

  it("of earlier days are renamed wherever they are named, and two never become one", () => {
    const before = tables();
    const [tray] = before.trays ?? [];
    Object.assign(tray ?? {}, { activity: "Our.Lids", rung: "new" });
    before.ownActivities = [
      { ...STAMP, id: "Our.Lids", name: "Our.Lids", rungs: [{ id: "a b" }] },
      { ...STAMP, id: "our-lids", name: "Another", rungs: [{ id: "a" }] },
    ];
    const after = tablesFrom4(before) as typeof before;
    expect(after.ownActivities?.map((row) => [row.id, row.name])).toEqual([
      ["our-lids-2", "Our.Lids"],
      ["our-lids", "Another"],
    ]);
    expect(after.ownActivities?.[0]?.rungs).toEqual([{ id: "a-b" }]);
    expect(after.trays?.[0]).toMatchObject({ activity: "our-lids-2" });
    expect(tablesFrom4(after)).toBe(after);
  });
});

describe("JSON from elsewhere", () => {
  const nested = (depth: number) => `${"[".repeat(depth)}${"]".repeat(depth)}`;

  it("is read where it is JSON and no deeper than may be", () => {
    expect(parseJson(nested(30))).toMatchObject({ ok: true });
    expect(parseJson(nested(5000))).toMatchObject({ issues: [{ code: "too-deep" }] });
    expect(parseJson("{")).toMatchObject({ issues: [{ code: "not-json" }] });
    expect(isTooDeep(JSON.parse(nested(4)), 3)).toBe(true);
    expect(isTooDeep(JSON.parse(nested(4)), 4)).toBe(false);
  });
});
