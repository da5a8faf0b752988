import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { Child, PlainDate } from "../model";
import { runs } from "../testing/runs";
import { clashesOf } from "./clashes";
import { mergeRows } from "./merge";
import { stamped } from "./registers";

const stampAt = (minutes: number) => new Date(Date.UTC(2026, 4, 1) + minutes * 60_000).toISOString();

/** What a device may do to a few rows, some minutes after what it did before; two devices may do it at one instant. */
type Act =
  | { does: "make" | "delete" | "undelete"; id: number; after: number }
  | { does: "name" | "born"; id: number; after: number; value: number }
  | { does: "add" | "take"; id: number; after: number; value: number };
const id = fc.integer({ min: 0, max: 2 });
const value = fc.integer({ min: 0, max: 3 });
const after = fc.integer({ min: 1, max: 3 });
const acts = fc.array(
  fc.oneof(
    fc.record({ does: fc.constantFrom("make" as const, "delete" as const, "undelete" as const), id, after }),
    fc.record({ does: fc.constantFrom("name" as const, "born" as const), id, after, value }),
    fc.record({ does: fc.constantFrom("add" as const, "take" as const), id, after, value }),
  ),
  { maxLength: 16 },
);

const day = (text: string) => PlainDate.parse(text);
const WORDS = ["nuts", "milk", "eggs", "wool"];

const fieldsAfter = (row: Child, act: Act): Partial<Child> => {
  const word = "value" in act ? (WORDS[act.value] ?? "") : "";
  switch (act.does) {
    case "delete":
      return { deletedAt: "now" };
    case "undelete":
      return { deletedAt: undefined };
    case "name":
      return { name: `Name ${act.value}` };
    case "born":
      return act.value === 0
        ? { birth: day("2025-01-01"), due: undefined }
        : { birth: day("2025-02-02"), due: day("2025-03-03") };
    case "add":
      return { allergies: [...row.allergies.filter((one) => one !== word), word] };
    case "take":
      return { allergies: row.allergies.filter((one) => one !== word) };
    case "make":
      return {};
  }
};

/** The rows of a device after a history that began with what another had; and the instant at which it ended. */
function lived(
  start: readonly Child[],
  history: readonly Act[],
  from: number,
): { rows: Child[]; at: number } {
  const rows = new Map<string, Child>(start.map((row) => [row.id, row]));
  let minutes = from;
  for (const act of history) {
    minutes += act.after;
    const key = `c${act.id}`;
    const at = stampAt(minutes);
    const row = rows.get(key);
    if (!row) {
      const made = { id: key, createdAt: at, updatedAt: at, name: "New", birth: "2025-01-01" };
      if (act.does === "make") rows.set(key, Child.parse(made));
      continue;
    }
    const fields = fieldsAfter(row, act);
    const changed = { ...row, ...fields, ...(fields.deletedAt ? { deletedAt: at } : {}) };
    rows.set(key, stamped("children", row, changed, at));
  }
  return { rows: [...rows.values()], at: minutes };
}

const merged = (...devices: (readonly Child[])[]): Child[] =>
  devices.reduce<Child[]>((all, one) => mergeRows("children", all, one), []);

/** A list of words has no order that would mean something. */
const inOrder = (row: Child) => ({ ...row, allergies: row.allergies.toSorted() });

describe("rows of three devices", () => {
  it("come to the same in whatever order they are put together, however often", () => {
    fc.assert(
      fc.property(acts, acts, acts, acts, acts, (before, one, two, three, more) => {
        const start = lived([], before, 0);
        const [a, b, c] = [one, two, three].map((history) => lived(start.rows, history, start.at).rows) as [
          Child[],
          Child[],
          Child[],
        ];
        const ab = merged(a, b);
        expect(merged(b, a)).toEqual(ab);
        expect(merged(merged(a, b), c)).toEqual(merged(a, merged(b, c)));
        expect(merged(merged(c, b), a)).toEqual(merged(a, merged(b, c)));
        expect(merged(ab, ab)).toEqual(ab);
        expect(merged(ab, a)).toEqual(ab);
        for (const row of ab) expect(Child.safeParse(row).success).toBe(true);
        // One of them goes on from there, and another that did not know of it takes it over whole.
        const on = lived(ab, more, 200).rows;
        expect(merged(b, on).map(inOrder)).toEqual(merged(on).map(inOrder));
        expect(merged(on, c, a).map(inOrder)).toEqual(merged(c, on, b).map(inOrder));
      }),
      { numRuns: runs(300, 10_000) },
    );
  });

  it("keep the last that any of them said of each field", () => {
    fc.assert(
      fc.property(acts, acts, (one, two) => {
        const row = Child.parse({
          ...{ id: "c0", createdAt: stampAt(0), updatedAt: stampAt(0), name: "New", birth: "2025-01-01" },
        });
        const only = (history: readonly Act[]) =>
          history.filter((act) => act.id === 0 && act.does !== "make");
        const [mine, theirs] = [only(one), only(two)];
        // Two devices that never did anything at one instant: the odd minutes are the other's.
        const apart = (history: readonly Act[], first: number) => {
          let minutes = first;
          let state = row;
          const done: { act: Act; at: number }[] = [];
          for (const act of history) {
            minutes += 2 * (act.after + 1);
            const fields = fieldsAfter(state, act);
            const at = stampAt(minutes);
            const changed = { ...state, ...fields, ...(fields.deletedAt ? { deletedAt: at } : {}) };
            const so = stamped("children", state, changed, at);
            if (JSON.stringify({ ...so, ...STAMPLESS }) !== JSON.stringify({ ...state, ...STAMPLESS })) {
              done.push({ act, at: minutes });
            }
            state = so;
          }
          return { state, done };
        };
        const [a, b] = [apart(mine, 1), apart(theirs, 2)];
        const [both] = merged([a.state], [b.state]);
        const all = [...a.done, ...b.done].sort((x, y) => x.at - y.at);
        const last = (...does: Act["does"][]) => all.filter(({ act }) => does.includes(act.does)).at(-1)?.act;
        const named = last("name");
        if (named && "value" in named) expect(both?.name).toBe(`Name ${named.value}`);
        const born = last("born");
        if (born && "value" in born) expect(both?.due).toBe(born.value === 0 ? undefined : "2025-03-03");
        for (const [value, word] of WORDS.entries()) {
          const said = all.filter(({ act }) => "value" in act && act.value === value);
          const set = said.filter(({ act }) => act.does === "add" || act.does === "take").at(-1);
          if (set) expect(both?.allergies.includes(word)).toBe(set.act.does === "add");
        }
        if (a.state.deletedAt && b.state.deletedAt) expect(both?.deletedAt).toBeDefined();
      }),
      { numRuns: runs(300, 10_000) },
    );
  });
});

const STAMPLESS = { updatedAt: "", fieldStamps: undefined };
const at = (minutes: number, row: Child, change: Partial<Child>) =>
  stamped("children", row, { ...row, ...change }, stampAt(minutes));
const CHILD = Child.parse({
  ...{ id: "c", createdAt: stampAt(0), updatedAt: stampAt(0), name: "New", birth: "2025-01-01" },
  allergies: ["nuts"],
});
const clashes = (a: Child, b: Child) => {
  const none = {} as Record<string, never[]>;
  const tables = (children: Child[]) =>
    new Proxy(none, { get: (_, name) => (name === "children" ? children : []) }) as never;
  return clashesOf(tables([a]), tables([b]));
};

describe("one row changed on two devices", () => {
  it("has what each said of different fields, and nobody is asked", () => {
    const [a, b] = [at(1, CHILD, { name: "A" }), at(2, CHILD, { planFor: false })];
    expect(merged([a], [b])).toMatchObject([{ name: "A", planFor: false }]);
    expect(clashes(a, b)).toEqual([]);
  });

  it("has every allergy that either wrote down, and not the one that was taken away", () => {
    const [a, b] = [at(1, CHILD, { allergies: ["nuts", "milk"] }), at(2, CHILD, { allergies: ["eggs"] })];
    expect(merged([a], [b])[0]?.allergies).toEqual(["eggs", "milk"]);
  });

  it("keeps a birth with the due date that belongs to it", () => {
    const a = at(2, CHILD, { birth: day("2025-02-02") });
    const b = at(1, CHILD, { due: day("2025-01-20") });
    expect(merged([a], [b])[0]).not.toHaveProperty("due");
    expect(clashes(a, b)).toMatchObject([
      { stands: { birth: "2025-02-02" }, other: { birth: "2025-01-01", due: "2025-01-20" } },
    ]);
  });

  it("is asked about only where neither knew of the other's change", () => {
    const a = at(1, CHILD, { name: "A" });
    expect(clashes(at(3, a, { name: "Later" }), a)).toEqual([]);
    expect(clashes(at(3, a, { name: "Mine" }), at(4, a, { name: "Theirs" }))).toMatchObject([
      { row: "c", stands: { name: "Theirs" }, other: { name: "Mine" } },
    ]);
  });

  it("stays where it was changed after it was taken away, goes where it was taken away after that; both are told", () => {
    const gone = (minutes: number, row = CHILD) => at(minutes, row, { deletedAt: stampAt(minutes) });
    const named = at(2, CHILD, { name: "A" });
    expect(merged([gone(1)], [named])[0]).toMatchObject({ name: "A" });
    expect(merged([gone(1)], [named])[0]).not.toHaveProperty("deletedAt");
    expect(clashes(gone(1), named)).toMatchObject([{ other: { deletedAt: stampAt(1) } }]);
    expect(merged([gone(3)], [named])[0]).toMatchObject({ name: "A", deletedAt: stampAt(3) });
    expect(clashes(gone(3), named)).toMatchObject([{ stands: { deletedAt: stampAt(3) } }]);
    // Taken away by one who knew the change: nothing to ask.
    expect(clashes(gone(3, named), named)).toEqual([]);
  });

  it("of an older program stands as a whole, by its last change", () => {
    const bare = { ...CHILD, updatedAt: stampAt(5), name: "Old" };
    expect(merged([bare], [at(3, CHILD, { planFor: false })])[0]).toMatchObject({
      name: "Old",
      planFor: true,
    });
    expect(merged([bare], [at(7, CHILD, { planFor: false })])[0]).toMatchObject({
      name: "Old",
      planFor: false,
    });
  });
});
