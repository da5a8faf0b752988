import loadHighs from "highs";
import { beforeEach, describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { standingRotation } from "../../core/household";
import { plainDate } from "../../core/model";
import { anId } from "../../core/testing/ids";
import { plannerService } from "../../solver/plannerSession";
import { database } from "../store/db";
import { insertRow } from "../store/rows";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { openDemo } from "./demo";
import { acceptPlan, undoAccept } from "./plan";

beforeEach(emptyBrowser);

describe("accepting a plan", () => {
  it("ends the standing rotation, keeps carried trays' dates, ends locks; and can be undone", async () => {
    await openDemo();
    const from = plainDate("2026-05-11");
    const db = database("demo");
    await insertRow(db, "wishes", {
      child: anId("tove"),
      activity: anId("towers"),
      rung: anId("tower"),
      kind: "lock",
      on: from,
    });
    const service = plannerService(loadHighs(), async () => CATALOGUE);
    await service.open((await shownHome()).tables);
    const { rotations } = await service.ask("plan", { site: anId("home"), on: from, weeks: 1 });
    const [planned] = rotations;
    if (!planned) throw new Error("no rotation");
    const accepted = await acceptPlan(await shownHome(), { plan: planned, from, after: "week-12" });
    if (!accepted.ok) throw new Error(accepted.issues[0]?.message);
    const id = accepted.value;
    const again = await acceptPlan(await shownHome(), { plan: planned, from, after: "week-12" });
    expect(again).toMatchObject({ issues: [{ code: "changed" }] });
    expect(await acceptPlan(await shownHome(), { plan: planned, from, after: id })).toMatchObject({
      issues: [{ code: "not-possible" }],
    });
    const tables = (await shownHome()).tables;
    expect(standingRotation(tables, anId("home"), from)?.id).toBe(id);
    expect(tables.rotations.find((one) => one.id === "week-12")?.to).toBe(from);
    const trays = tables.trays.filter((tray) => tray.rotation === id);
    expect(trays).toHaveLength(planned.trays.length);
    expect(trays.find((tray) => tray.activity === "discs-in-a-slot")?.outSince).toBe("2026-04-27");
    expect(trays.some((tray) => tray.activity === "towers")).toBe(true);
    expect(tables.wishes).toHaveLength(0);
    await undoAccept(db, id);
    const back = (await shownHome()).tables;
    expect(standingRotation(back, anId("home"), from)?.id).toBe("week-12");
    expect(back.trays.some((tray) => tray.rotation === id)).toBe(false);
  });
});
