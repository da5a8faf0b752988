import { describe, expect, it } from "vitest";
import { PrepState } from "../model";
import { anId } from "../testing/ids";
import { NOTHING_DONE, prepStateOf } from "./prepState";

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const done = (rotation: string, ticked: string[]) =>
  PrepState.parse({ ...stamp, id: `of-${rotation}`, rotation, ticked });

describe("what has been done for a rotation", () => {
  const rows = [done("first", ["wash"]), done("second", ["cut", "mix"])];

  it("is read from the row of that rotation", () => {
    expect(prepStateOf(rows, anId("first")).ticked).toEqual(["wash"]);
    expect(prepStateOf(rows, anId("second")).ticked).toEqual(["cut", "mix"]);
  });

  it("is nothing where the rotation has no row", () => {
    expect(prepStateOf(rows, anId("third"))).toBe(NOTHING_DONE);
    expect(prepStateOf([], anId("first"))).toBe(NOTHING_DONE);
  });
});
