import { beforeEach, describe, expect, it } from "vitest";
import { anId } from "../../core/testing/ids";
import { openDemo } from "../commands/demo";
import { database } from "../store/db";
import { updateRow } from "../store/rows";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { shelfView } from "./shelfView";

const TRAY = "tray-12-tove-discs-in-a-slot";
const HOURS = 3_600_000;

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

async function viewAt(at: number) {
  const home = await shownHome();
  if (!home) throw new Error("no household");
  return shelfView(home, home.situation, null, at);
}

describe("what dries", () => {
  it("is told from the note on, with its place and until when, and gone once it is dry", async () => {
    await updateRow(database("demo"), "trays", TRAY, { activity: anId("one-colour"), rung: anId("brush") });
    expect((await viewAt(Date.now())).drying).toEqual([]);
    await act("notes.take", { id: "n1", tray: TRAY, help: "alone" });
    const written = Date.parse((await database("demo").rows("observations").get("n1"))?.createdAt ?? "");
    const until = written + 4 * HOURS;
    const work = { tray: TRAY, name: "One colour, one brush", where: "flat", until };
    expect((await viewAt(until - 1)).drying).toEqual([work]);
    // The balcony is free once its tray stands elsewhere.
    const onBalcony = (await database("demo").rows("trays").toArray()).filter(
      (one) => one.place === "balcony",
    );
    for (const { id } of onBalcony) await updateRow(database("demo"), "trays", id, { place: anId("table") });
    expect((await viewAt(until - 1)).drying).toEqual([{ ...work, where: { place: "Balcony" } }]);
    expect((await viewAt(until)).drying).toEqual([]);
  });
});

describe("what to restock", () => {
  it("counts a piece for each day where inserts take anew", async () => {
    const holdings = await database("demo").rows("holdings").toArray();
    const stickers = holdings.find((one) => one.material === "sticker-large" && one.site === "home");
    if (!stickers) throw new Error("the demo has changed");
    const allotted = [
      { need: anId("stickers"), material: anId("sticker-large"), holding: stickers.id, quantity: 10 },
    ];
    await updateRow(database("demo"), "trays", TRAY, {
      activity: anId("stick-and-peel"),
      rung: anId("peel"),
      allotted,
    });
    const restock = async (quantity: number) => {
      await updateRow(database("demo"), "holdings", stickers.id, { quantity });
      return (await viewAt(Date.now())).restock.includes("large round sticker, 4 cm");
    };
    // Ten a day: 70 for the next shelf like this.
    expect([await restock(69), await restock(400)]).toEqual([true, false]);
  });
});
