import { describe, expect, it } from "vitest";
import { plainDate, Rotation, type Tables } from "../model";
import { fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { openRotations, putAwayOn, standingRotation, upcomingRotation } from "./rotations";

const row = (id: string, site: string, from: string, to?: string, more: object = {}) =>
  Rotation.parse({
    ...{ createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z", ...more },
    ...{ id, site, from, to },
  });
const withRows = (...rotations: Rotation[]): Tables => ({ ...fixtureHome().tables, rotations });
const standing = (tables: Tables, site: string, on: string) =>
  standingRotation(tables, anId(site), plainDate(on))?.id;
const upcoming = (tables: Tables, site: string, on: string) =>
  upcomingRotation(tables, anId(site), plainDate(on))?.id;

const tables = withRows(
  row("old", "home", "2026-05-01", "2026-05-08"),
  row("now", "home", "2026-05-08"),
  row("theirs", "flat", "2026-05-03"),
  row("later", "home", "2026-05-20"),
  row("latest", "home", "2026-05-27"),
);

describe("the rotation that stands", () => {
  it("is the one of this home from its first day to the day before the next", () => {
    expect(
      ["2026-04-30", "2026-05-01", "2026-05-07", "2026-05-08", "2026-05-19"].map((on) =>
        standing(tables, "home", on),
      ),
    ).toEqual([undefined, "old", "old", "now", "now"]);
  });

  it("is another in another home, and none where none began", () => {
    expect(["2026-05-02", "2026-05-03"].map((on) => standing(tables, "flat", on))).toEqual([
      undefined,
      "theirs",
    ]);
    expect(standing(tables, "hut", "2026-05-10")).toBeUndefined();
  });

  it("is the latest where two are open", () => {
    expect(standing(tables, "home", "2026-05-20")).toBe("later");
  });
});

describe("the rotation that is accepted for later", () => {
  it("is the nearest of this home that has not begun", () => {
    expect(
      ["2026-05-10", "2026-05-19", "2026-05-20", "2026-05-27"].map((on) => upcoming(tables, "home", on)),
    ).toEqual(["later", "later", "latest", undefined]);
    expect(upcoming(tables, "flat", "2026-05-01")).toBe("theirs");
    expect(upcoming(withRows(row("ended", "home", "2026-05-20", "2026-05-27")), "home", "2026-05-10")).toBe(
      undefined,
    );
  });
});

describe("what stands as if put away", () => {
  it("ends on the day, and no other does", () => {
    const { rotations } = putAwayOn(tables, anId("home"), plainDate("2026-05-10"), plainDate("2026-05-15"));
    expect(rotations.map((one) => one.to)).toEqual([
      "2026-05-08",
      "2026-05-15",
      undefined,
      undefined,
      undefined,
    ]);
  });
});

describe("what has not ended", () => {
  it("is of this home, not deleted, the latest first; of one day the one accepted last", () => {
    const again = row("again", "home", "2026-05-27", undefined, { createdAt: "2026-02-01T00:00:00.000Z" });
    const gone = row("gone", "home", "2026-06-01", undefined, { deletedAt: "2026-05-01T00:00:00.000Z" });
    expect(openRotations([...tables.rotations, again, gone], anId("home")).map((one) => one.id)).toEqual([
      "again",
      "latest",
      "later",
      "now",
    ]);
  });
});
