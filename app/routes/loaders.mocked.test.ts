import { beforeEach, describe, expect, it, vi } from "vitest";
import { openDemo } from "../engine/commands/demo";
import { emptyBrowser, setDemoDay, shownHome } from "../engine/store/testing/browserStore";
import { planner } from "../solver/plannerClient";
import { clientLoader as activities } from "./activities/activities";
import { clientLoader as activity } from "./activities/activity";
import { clientLoader as edit } from "./activities/edit";
import { clientLoader as sitting } from "./activities/sitting";
import { clientLoader as cupboard } from "./cupboard/cupboard";
import { clientLoader as gauge } from "./cupboard/gauge";
import { clientLoader as frame } from "./frame/frame";
import { clientLoader as household } from "./household/household";
import { clientLoader as journal } from "./journal/journal";
import { clientLoader as plan } from "./plan/plan";
import { clientLoader as prepare } from "./prepare/prepare";
import { clientLoader as reminders } from "./reminders/reminders";
import { clientLoader as shelf } from "./shelf/shelf";
import { clientLoader as show } from "./show/show";
import { clientLoader as watch } from "./watch/watch";

vi.mock("../solver/plannerClient", () => ({ planner: { ask: vi.fn() } }));

beforeEach(async () => {
  vi.mocked(planner.ask).mockReset();
  vi.mocked(planner.ask).mockImplementation((async (_tables: unknown, name: string, asked: object) => ({
    name,
    ...asked,
  })) as never);
  await emptyBrowser();
  await openDemo();
});

type Loader<T> = (args: never) => Promise<T>;

/** The data that a loader gives for an address. */
function load<T>(loader: Loader<T>, path: string, params: object = {}): Promise<T> {
  return loader({ request: new Request(`http://orto.test${path}`), params } as never);
}

const TRAY = "tray-12-tove-discs-in-a-slot";

describe("the loaders of the screens", () => {
  it("give the Shelf its trays, and the one that is open with its notes", async () => {
    const { drawn, open, rotation, upcoming } = await load(shelf, `/?tray=${TRAY}`);
    expect(rotation?.id).toBe("week-12");
    expect(drawn.length).toBe(13);
    expect(open).toMatchObject({ childNames: ["Tove"], activity: { id: "discs-in-a-slot" } });
    expect(open?.notes.length).toBeGreaterThan(3);
    expect(upcoming).toBeUndefined();
    expect((await load(shelf, "/?tray=no-such")).open).toBeUndefined();
  });

  it("ask the planner for as many rotations as the address says, from the day they begin", async () => {
    const asked = async (path: string) => (await load(plan, path)).plan as unknown as Promise<object>;
    expect(await asked("/plan?weeks=4")).toMatchObject({
      name: "plan",
      weeks: 4,
      on: "2026-05-11",
      site: "home",
    });
    expect(await asked("/plan?weeks=9")).toMatchObject({ weeks: 3 });
    expect(await asked("/plan?ahead=2")).toMatchObject({
      on: "2026-07-10",
      putAway: { today: "2026-05-10", day: "2026-05-11" },
    });
    const { swaps, whyNot, looks, preview } = await load(plan, "/plan?tray=tove.towers.1&else=kept&ahead=2");
    expect(await swaps).toMatchObject({
      out: { child: "tove", activity: "towers", week: 1 },
      keepRest: true,
    });
    expect([whyNot, looks, preview]).toEqual([undefined, undefined, true]);
    // A key of another shape names no tray.
    expect((await load(plan, "/plan?tray=tove.a/b.1&else=free")).swaps).toBeUndefined();
  });

  it("give a plan that is known already, and do not wait for one that is not", async () => {
    expect((await load(plan, "/plan")).plan).toMatchObject({ name: "plan" });
    vi.mocked(planner.ask).mockReturnValue(new Promise(() => undefined));
    const { plan: coming, looks, household: shown } = await load(plan, "/plan");
    expect([coming, looks].every((one) => one instanceof Promise)).toBe(true);
    expect(shown.name).toContain("flat");
    vi.mocked(planner.ask).mockRejectedValue(new DOMException("Stopped.", "AbortError"));
    await expect((await load(plan, "/plan")).plan).rejects.toThrow("Stopped.");
  });

  it("open an activity with its ladder, and say where there is none", async () => {
    const { view, child } = await load(activity, "/activities/towers?child=tove", { id: "towers" });
    expect([view.activity.id, child.id]).toEqual(["towers", "tove"]);
    await expect(load(activity, "/activities/none", { id: "none" })).rejects.toMatchObject({ status: 404 });
    await expect(load(sitting, "/activities/sitting/x", { material: "x" })).rejects.toMatchObject({
      status: 404,
    });
    const { uses } = await load(sitting, "/activities/sitting/muffin-tin", { material: "muffin-tin" });
    expect(uses.length).toBeGreaterThan(2);
  });

  it("list every activity for a child, and begin a copy of one from all that it has", async () => {
    const { facts, child, catalogue } = await load(activities, "/activities");
    expect(facts.length).toBe(catalogue.activities.length);
    expect(child.id).toBe("tove");
    const { draft, edit: edited } = await load(edit, "/activities/new?from=towers");
    expect(draft.name).toMatch(/^Our /);
    expect(draft.guide?.quiet.length).toBeGreaterThan(1);
    expect(edited).toBeUndefined();
  });

  it("show the cupboard and the gauge of this home only", async () => {
    const { holdings, site } = await load(cupboard, "/cupboard");
    expect(site).toBe("home");
    expect([...holdings.values()].every((one) => one.site === "home")).toBe(true);
    const measured = await load(gauge, "/cupboard/gauge?material=towel");
    expect(measured.holding).toMatchObject({ site: "home", material: "towel" });
    expect((await load(gauge, "/cupboard/gauge")).holding).toBeUndefined();
  });

  it("prepare what stands, list what was noted, and remind of what is due", async () => {
    expect((await load(prepare, "/prepare")).view?.rotation.id).toBe("week-12");
    const all = await load(journal, "/journal");
    const tove = await load(journal, "/journal?child=tove");
    expect(all.entries.length).toBe(all.all);
    expect(tove.entries.length).toBeLessThan(all.entries.length);
    const { events: due, text } = await load(reminders, "/reminders");
    expect(due.length).toBeGreaterThan(2);
    expect(text).toContain("BEGIN:VCALENDAR");
  });

  it("watch the trays of the address that are out, and show one that is", async () => {
    const { watched, others } = await load(watch, `/watch?tray=${TRAY}&tray=gone`);
    expect(watched.map((one) => one.id)).toEqual([TRAY]);
    expect(others.length).toBeGreaterThan(3);
    expect((await load(show, `/show?tray=${TRAY}`)).view.tray.id).toBe(TRAY);
    await expect(load(show, "/show?tray=gone")).rejects.toMatchObject({ status: 302 });
  });

  it("draw a pin for each child, with the due date's beside it, and say when the next shelf is due", async () => {
    const { pins, isDue, ahead } = await load(frame, "/");
    expect(pins.map((pin) => [pin.name, pin.ghostMonths !== undefined])).toEqual([
      ["Tove", true],
      ["Pim", false],
    ]);
    expect([isDue, ahead]).toEqual([false, 0]);
    await setDemoDay("2026-05-11");
    expect((await load(frame, "/")).isDue).toBe(true);
  });

  it("give Household what was removed and when a copy was kept, and read no picture for it", async () => {
    const { removed, copies, setAside, children } = await load(household, "/household");
    expect([removed, copies, setAside]).toEqual([[], [], []]);
    expect(children.length).toBe(2);
    expect((await shownHome()).tables.photos).toEqual([]);
  });
});
