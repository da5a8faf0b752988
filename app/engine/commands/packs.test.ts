import { beforeEach, describe, expect, it } from "vitest";
import { loadCatalogue } from "../../catalogue";
import { packOf } from "../../core/content";
import { activityOf, PackTheme } from "../../core/model";
import { anId } from "../../core/testing/ids";
import { ask } from "../engine";
import { insertPhoto, photosOf, picturesOf } from "../store/photos";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const own = async () => (await shownHome())?.tables.ownActivities;

const look = (file?: string) => act("packs.look", { file });
const take = (file?: string, replace = "") => act("packs.take", { file, ...(replace ? { replace } : {}) });

const NOTHING = { ownSkills: [], ownMaterials: [], ownActivities: [], ownThemes: [], photos: [] };

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("a pack file", () => {
  it("is looked at, taken, found the same, and taken back", async () => {
    const [first] = (await loadCatalogue()).activities;
    if (!first) throw new Error("no activity");
    const text = JSON.stringify(
      packOf([{ ...first, id: anId("from-a-friend"), name: "From a friend" }, first]),
    );
    expect((await look(text)).answer).toMatchObject({
      fresh: ["From a friend"],
      same: 0,
      builtIn: [first.name],
    });
    expect(await own()).toEqual([]);
    const { answer: taken } = await take(text);
    expect(taken).toMatchObject({ came: { ...NOTHING, ownActivities: ["from-a-friend"] }, before: NOTHING });
    expect(await own()).toMatchObject([{ id: "from-a-friend", name: "From a friend" }]);
    expect((await look(text)).answer).toMatchObject({ fresh: [], changed: [], same: 1 });
    expect(await act("packs.takeBack", taken)).toMatchObject({ issues: [] });
    expect(await own()).toEqual([]);
  });

  it("takes the place of ours only where one says so, and gives it back", async () => {
    const [first] = (await loadCatalogue()).activities;
    if (!first) throw new Error("no activity");
    const named = (name: string) => JSON.stringify(packOf([{ ...first, id: anId("from-a-friend"), name }]));
    await take(named("Ours"));
    expect((await look(named("Theirs"))).answer).toMatchObject({ fresh: [], changed: ["Theirs"] });
    expect((await take(named("Theirs"))).answer).toEqual({ came: NOTHING, before: NOTHING });
    expect(await own()).toMatchObject([{ name: "Ours" }]);
    const { answer: taken } = await take(named("Theirs"), "yes");
    expect(taken).toMatchObject({ came: NOTHING, before: { ownActivities: [{ name: "Ours" }] } });
    expect(await own()).toMatchObject([{ name: "Theirs" }]);
    await act("packs.takeBack", taken);
    expect(await own()).toMatchObject([{ name: "Ours" }]);
    expect((await act("packs.takeBack", { came: NOTHING, before: NOTHING })).issues).toMatchObject([
      { code: "nothing" },
    ]);
  });

  it("brings skills, themes and pictures, plans with them, gives them on, and takes all of it back", async () => {
    const { activities, skills } = await loadCatalogue();
    const [first, second, third] = activities;
    const [skill] = skills;
    if (!first || !second || !third || !skill) throw new Error("no activity");
    const whistles = { ...skill, id: anId("whistles"), name: "Whistles a note", after: [] };
    const [rung, ...harder] = first.rungs;
    if (!rung) throw new Error("no rung");
    const grown = { ...rung, grows: [...rung.grows, anId("whistles")] };
    const friend = { ...first, id: anId("from-a-friend"), name: "From a friend", rungs: [grown, ...harder] };
    const theme = PackTheme.parse({
      ...{ id: anId("ferry"), name: "The night ferry", also: [], print: ["a ship"], find: ["a lamp"] },
      dress: [friend, second, third].map(({ id }) => ({ activity: id, how: "A ticket lies beside it." })),
      words: ["funnel", "gangway", "wake", "buoy"],
    });
    const picture = {
      id: anId("at-ours"),
      activity: anId("from-a-friend"),
      mime: "image/png" as const,
      base64: "iVBORw0KGgoAAAAA",
    };
    const text = JSON.stringify(packOf([friend], { ownSkills: [whistles], ownThemes: [theme] }, [picture]));
    const { answer: view } = await look(text);
    // A look writes nothing.
    expect(await (await shownHome()).db.pictures.count()).toBe(0);
    expect(view).toMatchObject({
      fresh: ["From a friend", "Whistles a note", "The night ferry"],
      pictures: 1,
    });
    const { answer: taken } = await take(text);
    expect(taken?.came).toMatchObject({ ownSkills: ["whistles"], ownThemes: ["ferry"], photos: ["at-ours"] });

    const home = await shownHome();
    expect(home.catalogue.skills.at(-1)).toMatchObject({ id: "whistles" });
    expect(activityOf(home.catalogue, second.id)?.interests).toContain("The night ferry");
    expect(await picturesOf(home.db, ["from-a-friend"])).toMatchObject([picture]);
    const ours = await ask("ownPack", {});
    expect(JSON.parse(ours.ok ? ours.value : "")).toEqual(JSON.parse(text));
    expect((await look(text)).answer).toMatchObject({ fresh: [], changed: [], pictures: 0, same: 3 });
    // Another hangs on the skill: it can't go.
    expect((await act("packs.removeRow", { table: "ownSkills", row: "whistles" })).issues).toMatchObject([
      { code: "in-use", message: expect.stringContaining("From a friend") },
    ]);
    await act("packs.removeRow", { table: "ownThemes", row: "ferry" });
    expect((await shownHome()).tables.ownThemes).toEqual([]);
    await act("packs.restoreRow", { table: "ownThemes", row: "ferry" });

    expect((await act("packs.takeBack", taken)).issues).toEqual([]);
    const { tables, db, catalogue } = await shownHome();
    expect([tables.ownSkills, tables.ownActivities, tables.ownThemes]).toEqual([[], [], []]);
    expect(await picturesOf(db, ["from-a-friend"])).toEqual([]);
    expect(activityOf(catalogue, second.id)?.interests).not.toContain("The night ferry");
  });

  it("leaves a note's picture as it is, whatever id a picture of the file bears", async () => {
    const [first] = (await loadCatalogue()).activities;
    const { db, tables } = await shownHome();
    const [note] = tables.observations;
    if (!first || !note) throw new Error("no activity");
    await insertPhoto(
      db,
      { observation: note.id, mime: "image/png", base64: "iVBORw0KGgoBBBBB" },
      "of-a-note",
    );
    const friend = { ...first, id: anId("from-a-friend"), name: "From a friend" };
    const other = { activity: anId("from-a-friend"), mime: "image/png" as const, base64: "iVBORw0KGgoAAAAA" };
    const text = JSON.stringify(packOf([friend], {}, [{ ...other, id: anId("of-a-note") }]));
    expect((await look(text)).answer).toMatchObject({ pictures: 0 });
    await take(text, "yes");
    expect(await photosOf(db, note.id)).toMatchObject([{ id: "of-a-note", base64: "iVBORw0KGgoBBBBB" }]);
  });

  it("tells what in it reads like a dangerous thing, and what to use instead", async () => {
    const { activities, materials } = await loadCatalogue();
    const [first] = activities;
    const scarf = materials.find((one) => one.id === "scarf");
    if (!first || !scarf) throw new Error("no activity");
    const bath = {
      ...first,
      id: anId("soaked"),
      name: "Water beads in the bath",
      rungs: first.rungs.map((rung, i) =>
        i === 0
          ? {
              ...rung,
              materials: [
                ...rung.materials,
                { id: anId("loose"), material: anId("loose"), quantity: 1, loose: true },
              ],
            }
          : rung,
      ),
    };
    const text = JSON.stringify(
      packOf([bath], {
        ownMaterials: [
          { ...scarf, id: anId("loose"), name: "magnets", piece: { shape: "sphere", mm: [60] } },
        ],
      }),
    );
    const answer = await look(text);
    expect(answer.issues).toEqual([]);
    expect(answer.answer?.dangers).toMatchObject([
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
