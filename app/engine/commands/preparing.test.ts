import { beforeEach, describe, expect, it } from "vitest";
import { prepareView } from "../../core/day";
import { standingRotation } from "../../core/household";
import { addDays, plainDate, type Tray } from "../../core/model";
import { prepStateOf } from "../../core/prep";
import { anId } from "../../core/testing/ids";
import { database } from "../store/db";
import { updateRow } from "../store/rows";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const home = async () => {
  const found = await shownHome();
  if (!found) throw new Error("no household");
  return found;
};
const viewOf = async () => {
  const { tables, situation, today } = await home();
  return prepareView(tables, situation, today);
};
const rotation = async () =>
  standingRotation((await home()).tables, anId("home"), plainDate("2026-05-10"))?.id ?? anId("none");
const state = async () => prepStateOf((await home()).tables.prepStates, await rotation());
const quantity = async (id: string) => (await database("demo").rows("holdings").get(id))?.quantity;

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("the Prepare screen", () => {
  it("keeps what is ticked, and takes a tick back", async () => {
    const id = await rotation();
    await act("preparing.tick", { rotation: id, line: "gather x", done: "yes" });
    await act("preparing.tick", { rotation: id, line: "gather y", done: "yes" });
    await act("preparing.tick", { rotation: id, line: "gather x", done: "no" });
    expect((await state()).ticked).toEqual(["gather y"]);
  });

  it("counts down what is used up once only, and undoes it", async () => {
    const id = await rotation();
    const before = await home();
    const { materials } = before.situation;
    await act("preparing.markPrepared", { rotation: id });
    await act("preparing.markPrepared", { rotation: id });
    const used = (await state()).before ?? [];
    expect(used.length).toBeGreaterThan(0);
    for (const one of used) {
      const taken = before.tables.trays
        .filter((tray) => tray.rotation === id)
        .flatMap((tray) =>
          tray.allotted
            .filter((allotted) => allotted.holding === one.holding)
            .map(({ material, quantity }) => {
              // Dough keeps for days, paper and water are gone each time.
              const keeps = (materials.get(material)?.recipe?.keepsDays ?? 1) > 1;
              return quantity * (keeps ? 1 : (tray.when?.days.length ?? 1));
            }),
        )
        .reduce((sum, quantity) => sum + quantity, 0);
      expect(await quantity(one.holding)).toBe(Math.max(0, one.quantity - taken));
    }
    // What is bought in between is not lost when the counting down is undone.
    const [bought] = used;
    if (!bought) throw new Error("nothing is used up");
    await updateRow(database("demo"), "holdings", bought.holding, {
      quantity: ((await quantity(bought.holding)) ?? 0) + 7,
    });
    await act("preparing.unmarkPrepared", { rotation: id });
    for (const one of used) expect(await quantity(one.holding)).toBe(one.quantity + (one === bought ? 7 : 0));
    expect((await state()).before).toBeUndefined();

    // So it is also with what was prepared when what was taken was not noted yet.
    await act("preparing.markPrepared", { rotation: id });
    const again = (await state()).before ?? [];
    await updateRow(database("demo"), "prepStates", `prep-${id}`, { took: undefined });
    await act("preparing.unmarkPrepared", { rotation: id });
    for (const one of again) expect(await quantity(one.holding)).toBe(one.quantity);
  });

  it("counts down what goes into what is mixed, or what was mixed before, and undoes just that", async () => {
    const id = await rotation();
    const { tables, today } = await home();
    const held = (material: string) => tables.holdings.find((one) => one.material === material)?.id ?? "";
    const [flour, dough] = [held("flour"), held("dough")];
    const from = tables.rotations.find((one) => one.id === id)?.from;
    const last = tables.rotations.find((one) => one.to === from)?.id;
    const own = tables.trays.filter((one) => one.rotation === id);
    const stays = (tray: Tray) =>
      tables.trays.some(
        (one) => one.rotation === last && one.activity === tray.activity && one.rung === tray.rung,
      );
    const [fresh, staying] = [own.find((one) => !stays(one)), own.find(stays)];
    if (!fresh || !staying || !flour || !dough) throw new Error("trays, flour and dough were expected");
    for (const one of own) await updateRow(database("demo"), "trays", one.id, { allotted: [] });
    const mix = (tray: Tray) =>
      updateRow(database("demo"), "trays", tray.id, {
        when: undefined,
        allotted: [
          {
            ...{ need: anId("dough"), material: anId("dough"), quantity: 250 },
            mixed: [{ holding: flour, quantity: 125 }],
          },
        ] as unknown as Tray["allotted"],
      });
    // What was mixed for a tray that stays is on it still.
    await mix(fresh);
    await mix(staying);
    const amounts = async () => [await quantity(flour), await quantity(dough)];
    const set = async (grams: number, useBy: typeof today | undefined) => {
      await updateRow(database("demo"), "holdings", flour, { quantity: 1000 });
      await updateRow(database("demo"), "holdings", dough, { quantity: grams, useBy });
    };
    await set(0, undefined);
    await act("preparing.markPrepared", { rotation: id });
    expect(await amounts()).toEqual([875, 0]);
    await act("preparing.unmarkPrepared", { rotation: id });
    expect(await amounts()).toEqual([1000, 0]);

    await set(300, addDays(today, 2));
    await act("preparing.markPrepared", { rotation: id });
    expect(await amounts()).toEqual([1000, 50]);
    await act("preparing.unmarkPrepared", { rotation: id });
    expect(await amounts()).toEqual([1000, 300]);

    // Another tray takes flour as it is: undone, each thing has again just what it had.
    const pouring = own.find((one) => one !== fresh && one !== staying);
    if (!pouring) throw new Error("a third tray was expected");
    await updateRow(database("demo"), "trays", pouring.id, {
      when: undefined,
      allotted: [
        { need: anId("flour"), material: anId("flour"), holding: flour, quantity: 50 },
      ] as unknown as Tray["allotted"],
    });
    await set(300, addDays(today, 2));
    await act("preparing.markPrepared", { rotation: id });
    expect(await amounts()).toEqual([950, 50]);
    await act("preparing.unmarkPrepared", { rotation: id });
    expect(await amounts()).toEqual([1000, 300]);
    await updateRow(database("demo"), "trays", pouring.id, { allotted: [] });

    // What is past is not taken.
    await set(300, addDays(today, -1));
    await act("preparing.markPrepared", { rotation: id });
    expect(await amounts()).toEqual([875, 300]);
  });

  it("takes missing pieces off the cupboard, and counts a corrected number anew", async () => {
    const id = await rotation();
    const [back] = (await viewOf())?.back ?? [];
    if (!back) throw new Error("nothing comes back");
    const had = back.holding.quantity;
    await act("preparing.putBack", { rotation: id, holding: back.holding.id, missing: "1" });
    expect(await quantity(back.holding.id)).toBe(had - 1);
    await act("preparing.putBack", { rotation: id, holding: back.holding.id, missing: "0" });
    expect(await quantity(back.holding.id)).toBe(had);
    expect((await state()).back).toEqual([{ holding: back.holding.id, missing: 0 }]);
  });

  it("remembers what was worn when it was put back, until it is mended", async () => {
    const id = await rotation();
    const [back] = (await viewOf())?.back ?? [];
    if (!back) throw new Error("nothing comes back");
    const put = { rotation: id, holding: back.holding.id, missing: "0" };
    const worn = async () => (await database("demo").rows("holdings").get(back.holding.id))?.worn;
    await act("preparing.putBack", { ...put, worn: "yes" });
    expect(await worn()).toBe("2026-05-10");
    await act("preparing.putBack", put);
    expect(await worn()).toBeUndefined();
  });

  it("refuses nonsense and a rotation that is no longer the one to prepare", async () => {
    const id = await rotation();
    expect(await act("preparing.putBack", { rotation: id, holding: "x", missing: "-1" })).toMatchObject({
      issues: [{ path: "missing" }],
    });
    expect(await act("preparing.markPrepared", { rotation: "gone" })).toMatchObject({
      issues: [{ code: "other-rotation" }],
    });
    expect((await state()).before).toBeUndefined();
  });
});

describe("what a tray left behind", () => {
  it("is kept in the cupboard once, and given up again", async () => {
    const before = await home();
    const id = await rotation();
    const old = before.tables.rotations.find((one) => one.to === "2026-05-04")?.id ?? "";
    const tray = before.tables.trays.find((one) => one.rotation === old && one.child === "tove");
    if (!tray) throw new Error("no tray that was put away");
    await updateRow(database("demo"), "trays", tray.id, {
      activity: anId("tear-and-snip"),
      rung: anId("tissue"),
    });
    const scraps = async () =>
      (await home()).tables.holdings.find((one) => one.material === "scraps-paper" && one.site === "home")
        ?.quantity;
    const fields = { rotation: id, tray: tray.id, material: anId("scraps-paper") };
    await act("preparing.keepMade", { ...fields });
    await act("preparing.keepMade", { ...fields });
    expect(await scraps()).toBe(3);
    await act("preparing.dropMade", { ...fields });
    expect(await scraps()).toBe(0);
    await act("preparing.keepMade", { ...fields });
    expect(await scraps()).toBe(3);
  });
});
