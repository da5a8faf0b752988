import { beforeEach, describe, expect, it } from "vitest";
import { loadCatalogue } from "../../catalogue";
import { openDemo } from "../../commands/demo";
import { packOf } from "../../core/content";
import { emptyBrowser, shownHome } from "../../data/testing/browserStore";
import { sent } from "../testing/act";
import { actOnPack } from "./actions";

const own = async () => (await shownHome())?.tables.ownActivities;
const take = async (file?: string) => actOnPack(await sent("/activities", { file }));

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("a pack file", () => {
  it("brings its activities once; the second time they are here already", async () => {
    const [first] = (await loadCatalogue()).activities;
    if (!first) throw new Error("no activity");
    const text = JSON.stringify(packOf([{ ...first, id: "from-a-friend", name: "From a friend" }], []));
    expect(await take(text)).toMatchObject({
      issues: [],
      done: { activities: 1, known: 0 },
    });
    expect(await own()).toMatchObject([{ id: "from-a-friend", name: "From a friend" }]);
    expect(await take(text)).toMatchObject({ done: { activities: 0, known: 1 } });
    expect(await own()).toHaveLength(1);
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
    const answer = await take(text);
    expect(answer.issues).toEqual([]);
    expect(answer.done?.dangers).toMatchObject([
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
