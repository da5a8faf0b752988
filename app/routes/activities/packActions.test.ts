import { beforeEach, describe, expect, it } from "vitest";
import { loadCatalogue } from "../../catalogue";
import { packOf } from "../../core/content";
import { openDemo, readHome } from "../../data/household";
import { emptyBrowser, post } from "../../data/testing/browserStore";
import { importPack } from "./packActions";

const own = async () => (await readHome(new Request("http://orto.test/")))?.tables.ownActivities;
const fileOf = (text: string) => post("/activities", { file: new File([text], "pack.json") });

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("a pack file", () => {
  it("brings its activities once; the second time they are here already", async () => {
    const [first] = (await loadCatalogue()).activities;
    if (!first) throw new Error("no activity");
    const text = JSON.stringify(packOf([{ ...first, id: "from-a-friend", name: "From a friend" }], []));
    expect(await importPack(fileOf(text))).toMatchObject({
      problems: [],
      done: expect.stringMatching(/^1 activities/),
    });
    expect(await own()).toMatchObject([{ id: "from-a-friend", name: "From a friend" }]);
    expect((await importPack(fileOf(text))).done).toContain("1 were here already");
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
    const answer = await importPack(fileOf(text));
    expect(answer.problems).toEqual([]);
    expect(answer.dangers).toMatchObject([
      { in: "magnets", danger: { id: "magnet", instead: expect.stringMatching(/magnet wand/) } },
      { in: "Water beads in the bath", danger: { id: "water-beads" } },
    ]);
  });

  it("changes nothing when it is faulty or missing", async () => {
    expect((await importPack(fileOf("{"))).problems).toMatchObject([{ code: "damaged-file" }]);
    expect((await importPack(post("/activities", {}))).problems).toMatchObject([{ code: "no-file" }]);
    expect(await own()).toEqual([]);
  });
});
