import { beforeEach, describe, expect, it } from "vitest";
import { parseWith } from "../../core/model";
import { readHome } from "../store/home";
import { emptyBrowser } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { SetUpInput, setUpHousehold } from "./setUp";

beforeEach(emptyBrowser);

async function family() {
  const form = parseWith(SetUpInput, {
    children: [
      { name: "Ida", birth: "2025-03-01", earlyWeeks: 0 },
      { name: "Bo", birth: "2025-03-01", earlyWeeks: 0, plans: "no" },
    ],
    heightsCm: [30],
    baysPerBoard: 3,
    places: ["floor"],
    approach: "quiet-shelf",
  });
  if (!form.ok) throw new Error(form.issues[0]?.message);
  await setUpHousehold(form.value);
  return home();
}

async function home() {
  const read = await readHome();
  if (!read) throw new Error("a home was expected");
  return read;
}

describe("what a screen changes where something is lacking", () => {
  it("plans for a child who was left out, with as many trays more, and takes that back", async () => {
    const before = await family();
    const bo = before.children.find((child) => child.name === "Bo")?.id ?? "";
    const { trays } = before.household.limits;
    expect(await act("household.planFor", { child: bo, planFor: true })).toEqual({
      issues: [],
      answer: { child: bo, planFor: true },
    });
    expect((await home()).household.limits.trays).toBe(trays * 2);
    await act("household.planFor", { child: bo, planFor: false });
    expect((await home()).household.limits.trays).toBe(trays);
  });

  it("adds a place with the moments at which it is used, and takes it away again", async () => {
    await family();
    const { answer: added } = await act("household.addPlace", { place: "lap" });
    const { tables } = await home();
    expect(tables.places.find((place) => place.id === added?.id)).toMatchObject({
      name: "Lap and arms",
      kind: "routine",
    });
    expect(tables.moments.map((moment) => [moment.place === added?.id, moment.routine])).toEqual([
      [true, "after-breakfast"],
      [true, "after-nap"],
      [true, "evening"],
    ]);
    await act("household.removePlace", { id: added?.id });
    const after = (await home()).tables;
    const left = after.places.filter((place) => place.deletedAt === undefined);
    expect(left.map((place) => place.id)).not.toContain(added?.id);
    expect(after.moments.filter((moment) => moment.deletedAt === undefined)).toEqual([]);
    const unknown = await act("household.removePlace", { id: "nowhere" });
    expect(unknown.issues.map((issue) => issue.code)).toEqual(["no-row"]);
  });

  it("says so where the child is no longer there", async () => {
    await family();
    const answer = await act("household.planFor", { child: "nobody", planFor: true });
    expect(answer.issues.map((issue) => issue.code)).toEqual(["no-row"]);
  });
});
