import { beforeEach, describe, expect, it } from "vitest";
import { loadCatalogue } from "../../catalogue";
import { openDemo } from "../../commands/demo";
import { packOf } from "../../core/content";
import { emptyBrowser, shownHome } from "../../data/testing/browserStore";
import { sent } from "../testing/act";
import { actOnPack } from "./actions";

const own = async () => (await shownHome())?.tables.ownActivities;
const act = async (sentBody: object) => actOnPack(await sent("/activities", sentBody));
const look = (file?: string) => act({ intent: "look", file });
const take = (file?: string, replace = "") => act({ intent: "take", file, ...(replace ? { replace } : {}) });

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("a pack file", () => {
  it("is looked at, taken, found the same, and taken back", async () => {
    const [first] = (await loadCatalogue()).activities;
    if (!first) throw new Error("no activity");
    const text = JSON.stringify(
      packOf([{ ...first, id: "from-a-friend", name: "From a friend" }, first], []),
    );
    expect((await look(text)).view).toMatchObject({
      fresh: ["From a friend"],
      same: 0,
      builtIn: [first.name],
    });
    expect(await own()).toEqual([]);
    const { taken } = await take(text);
    expect(taken).toMatchObject({ came: 1, replaced: 0 });
    expect(await own()).toMatchObject([{ id: "from-a-friend", name: "From a friend" }]);
    expect((await look(text)).view).toMatchObject({ fresh: [], changed: [], same: 1 });
    expect(await act({ intent: "take-back", ...taken })).toEqual({ issues: [], isTakenBack: true });
    expect(await own()).toEqual([]);
  });

  it("takes the place of ours only where one says so, and gives it back", async () => {
    const [first] = (await loadCatalogue()).activities;
    if (!first) throw new Error("no activity");
    const named = (name: string) => JSON.stringify(packOf([{ ...first, id: "from-a-friend", name }], []));
    await take(named("Ours"));
    expect((await look(named("Theirs"))).view).toMatchObject({ fresh: [], changed: ["Theirs"] });
    expect((await take(named("Theirs"))).taken).toMatchObject({ came: 0, replaced: 0 });
    expect(await own()).toMatchObject([{ name: "Ours" }]);
    const { taken } = await take(named("Theirs"), "yes");
    expect(taken).toMatchObject({ came: 0, replaced: 1 });
    expect(await own()).toMatchObject([{ name: "Theirs" }]);
    await act({ intent: "take-back", ...taken });
    expect(await own()).toMatchObject([{ name: "Ours" }]);
    expect(
      (
        await act({
          intent: "take-back",
          materials: [],
          activities: [],
          before: { materials: [], activities: [] },
        })
      ).issues,
    ).toMatchObject([{ code: "nothing" }]);
  });

  it("tells what in it reads like a dangerous thing, and what to use instead", async () => {
    const { activities, materials } = await loadCatalogue();
    const [first] = activities;
    const scarf = materials.find((one) => one.id === "scarf");
    if (!first || !scarf) throw new Error("no activity");
    const bath = {
      ...first,
      id: "soaked",
      name: "Water beads in the bath",
      rungs: first.rungs.map((rung, i) =>
        i === 0
          ? {
              ...rung,
              materials: [...rung.materials, { id: "loose", material: "loose", quantity: 1, loose: true }],
            }
          : rung,
      ),
    };
    const text = JSON.stringify(
      packOf([bath], [{ ...scarf, id: "loose", name: "magnets", piece: { shape: "sphere", mm: [60] } }]),
    );
    const answer = await look(text);
    expect(answer.issues).toEqual([]);
    expect(answer.view?.dangers).toMatchObject([
      { in: "magnets", danger: { id: "magnet", instead: expect.stringMatching(/magnet wand/) } },
      { in: "Water beads in the bath", danger: { id: "water-beads" } },
    ]);
  });

  it("changes nothing when it is faulty or missing", async () => {
    expect((await take("{")).issues).toMatchObject([{ code: "damaged-file" }]);
    expect((await take("")).issues).toMatchObject([{ path: "file" }]);
    expect(await own()).toEqual([]);
  });
});
