import { beforeEach, describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { database } from "../../data/db";
import { openDemo, readHome } from "../../data/household";
import { changeRow } from "../../data/rows";
import { situationFor } from "../../data/situation";
import { emptyBrowser, outcome, post } from "../../data/testing/browserStore";
import { changeShelf } from "./actions";
import { shelfView } from "./shelfView";

const TRAY = "tray-12-tove-discs-in-a-slot";
const HOURS = 3_600_000;

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

async function viewAt(at: number) {
  const home = await readHome(new Request("http://orto.test/"));
  if (!home) throw new Error("no household");
  return shelfView(home, situationFor(CATALOGUE, home), null, at);
}

describe("what dries", () => {
  it("is told from the note on, with its place and until when, and gone once it is dry", async () => {
    await changeRow("trays", TRAY, { activity: "one-colour", rung: "brush" });
    expect((await viewAt(Date.now())).drying).toEqual([]);
    const note = { intent: "note", id: "n1", tray: TRAY, on: "2026-05-10", help: "alone" };
    await outcome(changeShelf(post("/?index", note)));
    const written = Date.parse((await database().rows("observations").get("n1"))?.createdAt ?? "");
    const until = written + 4 * HOURS;
    const work = { tray: TRAY, name: "One colour, one brush", where: "flat and out of reach", until };
    expect((await viewAt(until - 1)).drying).toEqual([work]);
    // The balcony is free once its tray stands elsewhere.
    const onBalcony = (await database().rows("trays").toArray()).filter((one) => one.place === "balcony");
    for (const { id } of onBalcony) await changeRow("trays", id, { place: "table" });
    expect((await viewAt(until - 1)).drying).toEqual([{ ...work, where: "Balcony" }]);
    expect((await viewAt(until)).drying).toEqual([]);
  });
});

describe("what to restock", () => {
  it("counts a piece for each day where inserts take anew", async () => {
    const holdings = await database().rows("holdings").toArray();
    const stickers = holdings.find((one) => one.material === "sticker-large" && one.site === "home");
    if (!stickers) throw new Error("the demo has changed");
    const allotted = [{ need: "stickers", material: "sticker-large", holding: stickers.id, quantity: 10 }];
    await changeRow("trays", TRAY, { activity: "stick-and-peel", rung: "peel", allotted });
    const restock = async (quantity: number) => {
      await changeRow("holdings", stickers.id, { quantity });
      return (await viewAt(Date.now())).restock.includes("large round sticker, 4 cm");
    };
    // Ten a day: 70 for the next shelf like this.
    expect([await restock(69), await restock(400)]).toEqual([true, false]);
  });
});
