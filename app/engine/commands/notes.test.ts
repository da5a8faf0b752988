import { beforeEach, describe, expect, it } from "vitest";
import { database } from "../store/db";
import { emptyBrowser } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("the journal", () => {
  const first = async () => {
    const [row] = await database("demo").rows("observations").toArray();
    if (!row) throw new Error("no note");
    return row;
  };

  it("corrects a note and leaves the rest of it", async () => {
    const before = await first();
    expect(await act("notes.amend", { id: before.id, minutes: "17", words: "Corrected." })).toMatchObject({
      issues: [],
    });
    expect(await database("demo").rows("observations").get(before.id)).toMatchObject({
      help: before.help,
      on: before.on,
      minutes: 17,
      words: "Corrected.",
    });
    expect(await act("notes.amend", { id: before.id, minutes: "-4" })).toMatchObject({
      issues: [{ path: "minutes" }],
    });
  });

  it("deletes with a way back", async () => {
    const { id } = await first();
    expect(await act("notes.remove", { id })).toMatchObject({ issues: [] });
    expect((await database("demo").rows("observations").get(id))?.deletedAt).toBeDefined();
    expect(await act("notes.restore", { id })).toMatchObject({ issues: [] });
    expect((await database("demo").rows("observations").get(id))?.deletedAt).toBeUndefined();
  });
});
