import { beforeEach, describe, expect, it } from "vitest";
import { openDemo } from "../../engine/commands/demo";
import { database } from "../../engine/store/db";
import { emptyBrowser } from "../../engine/store/testing/browserStore";
import { outcome, sent } from "../testing/act";
import { changeJournal } from "./actions";

const act = (fields: object, path = "/journal?area=hands") =>
  outcome(changeJournal, sent(path, { tray: "journal", ...fields }));

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
    expect(await act({ intent: "amend", id: before.id, minutes: "17", words: "Corrected." })).toMatchObject({
      issues: [],
    });
    expect(await database("demo").rows("observations").get(before.id)).toMatchObject({
      help: before.help,
      on: before.on,
      minutes: 17,
      words: "Corrected.",
    });
    expect(await act({ intent: "amend", id: before.id, minutes: "-4" })).toMatchObject({
      issues: [{ path: "minutes" }],
    });
  });

  it("deletes with a way back, and stays with what was looked at", async () => {
    const { id } = await first();
    expect(await act({ intent: "remove-note", id })).toBe(`/journal?area=hands&removed=${id}`);
    expect((await database("demo").rows("observations").get(id))?.deletedAt).toBeDefined();
    expect(await act({ intent: "restore-note", id }, `/journal?area=hands&removed=${id}`)).toBe(
      "/journal?area=hands",
    );
    expect((await database("demo").rows("observations").get(id))?.deletedAt).toBeUndefined();
  });
});
