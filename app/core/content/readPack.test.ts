import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { GUIDES } from "../../catalogue/guides";
import { WARDROBE } from "../../catalogue/wardrobe";
import { Material, OwnActivity, OwnMaterial, type Pack, type PackPicture, PackTheme, Skill } from "../model";
import { anId } from "../testing/ids";
import { type Here, type OwnRows, packOf, readPackText } from "./readPack";

const [first] = CATALOGUE.activities;
if (!first) throw new Error("the catalogue is empty");
const thing = (id: string, more: object = {}) =>
  Material.parse({ id, name: "wooden snail", use: "reusable", found: "toys", ...more });
const snail = thing("own-snail", { piece: { shape: "box", mm: [80, 60, 40] } });

/** A pack with one activity made from one thing of its own. */
function ours(change: (pack: Pack) => void = () => undefined): string {
  const activity = structuredClone(first);
  if (!activity) throw new Error("an activity was expected");
  activity.id = anId("own-snails");
  activity.guide = GUIDES[first?.id ?? ""];
  for (const rung of activity.rungs) {
    rung.materials = [{ id: anId("snails"), material: anId("own-snail"), quantity: 1, loose: true }];
    rung.fits = [];
    rung.prep = [];
    rung.largePieceTwin = undefined;
  }
  const pack = packOf([activity], { ownMaterials: [snail, thing("not-used")] });
  change(pack);
  return JSON.stringify(pack);
}
const NONE: OwnRows = { ownSkills: [], ownMaterials: [], ownActivities: [], ownThemes: [] };
const here = (own = NONE, catalogue = CATALOGUE): Here => ({ catalogue, own, themes: WARDROBE.themes });
const faults = (text: string) => {
  const read = readPackText(text, here());
  return read.ok ? [] : read.issues.map((one) => `${one.code} ${one.path}`);
};

const WHISTLES = Skill.parse({
  id: anId("whistles"),
  name: "Whistles a note",
  area: "words",
  window: { p10: 30, median: 48, p90: 80 },
  basis: "judgement",
  source: "What we have seen",
  after: [CATALOGUE.skills.find((one) => one.window.median < 40)?.id ?? ""],
  look: "Blows through rounded lips until a note comes.",
});
const FERRY = PackTheme.parse({
  id: anId("ferry"),
  name: "The night ferry",
  also: [],
  dress: ["own-snails", ...CATALOGUE.activities.slice(0, 2).map((one) => one.id)].map((activity) => ({
    activity,
    how: "A ticket lies beside it.",
  })),
  words: ["funnel", "gangway", "wake", "buoy"],
  print: ["a ship in the dark"],
  find: ["a lamp that blinks"],
});
const PICTURE: PackPicture = {
  id: anId("at-ours"),
  activity: anId("own-snails"),
  mime: "image/png",
  base64: "iVBORw0KGgoAAAAA",
};

describe("a pack of skills, themes and pictures", () => {
  const full = ours((pack) => {
    pack.skills.push(WHISTLES);
    pack.themes.push(FERRY);
    pack.pictures.push(PICTURE);
    pack.activities[0]?.rungs[0]?.grows.push(anId("whistles"));
  });

  it("brings them with the activities that hang on them", () => {
    const read = readPackText(full, here());
    expect(read).toMatchObject({
      ok: true,
      value: { fresh: { skills: [WHISTLES], themes: [FERRY] }, pictures: [PICTURE], refused: [] },
    });
  });

  it("goes out again as it came: with the skills that are needed, and those before them", () => {
    const [activity] = (JSON.parse(full) as Pack).activities;
    if (!activity) throw new Error("an activity was expected");
    const before = { ...WHISTLES, id: anId("blows"), after: [] };
    const own = {
      ownSkills: [
        before,
        { ...WHISTLES, after: [anId("blows")] },
        { ...WHISTLES, id: anId("unused"), after: [] },
      ],
      ownMaterials: [snail],
      ownThemes: [FERRY],
    };
    const pack = packOf([activity], own, [
      PICTURE,
      { ...PICTURE, id: anId("other"), activity: anId("gone") },
    ]);
    expect(pack.skills.map((one) => one.id)).toEqual(["blows", "whistles"]);
    expect(pack.pictures).toEqual([PICTURE]);
    const read = readPackText(JSON.stringify(pack), here());
    expect(read.ok && read.value.fresh.themes).toEqual([FERRY]);
  });

  it("leaves a built-in theme as it is, and refuses one that gives dangerous advice", () => {
    const [builtIn] = WARDROBE.themes;
    const text = ours((pack) => {
      pack.themes.push({ ...FERRY, id: anId("again"), name: `${builtIn?.name}` });
      pack.themes.push({ ...FERRY, find: ["water beads in a jar"] });
    });
    expect(readPackText(text, here())).toMatchObject({
      value: {
        fresh: { themes: [] },
        builtIn: [builtIn?.name],
        refused: [{ name: FERRY.name, danger: { id: "water-beads" } }],
      },
    });
  });
});

describe("a pack of activities", () => {
  it("comes back as it was written, with just the things it needs", () => {
    const read = readPackText(ours(), here());
    if (!read.ok) throw new Error(read.issues[0]?.message);
    expect(read.value.fresh.materials).toEqual([snail]);
    expect(read.value.fresh.activities.map((one) => one.id)).toEqual(["own-snails"]);
    expect(read.value).toMatchObject({ changed: { materials: [], activities: [] }, same: 0, builtIn: [] });
  });

  it("tells what is the same as ours, and what is otherwise", () => {
    const stamp = { createdAt: "2026-05-01T08:00:00Z", updatedAt: "2026-05-01T08:00:00Z" };
    const pack = JSON.parse(ours()) as Pack;
    const own = {
      ...NONE,
      ownMaterials: pack.materials.map((one) => OwnMaterial.parse({ ...one, ...stamp })),
      ownActivities: pack.activities.map((one) => OwnActivity.parse({ ...one, ...stamp, name: "Before" })),
    };
    const catalogue = {
      ...CATALOGUE,
      materials: [...CATALOGUE.materials, ...own.ownMaterials],
      activities: [...CATALOGUE.activities, ...own.ownActivities],
    };
    const read = readPackText(ours(), here(own, catalogue));
    expect(read).toMatchObject({
      value: { same: 1, fresh: { materials: [], activities: [] }, changed: { materials: [] }, builtIn: [] },
    });
    expect(read.ok && read.value.changed.activities.map((one) => one.id)).toEqual(["own-snails"]);
  });

  it("can't change what is here: a bead made harmless is left out", () => {
    const bead = CATALOGUE.materials.find((one) => one.id === "bead-medium");
    if (!bead) throw new Error("the catalogue has changed");
    const read = readPackText(
      ours((pack) => pack.materials.push({ ...bead, piece: undefined })),
      here(),
    );
    expect(read).toMatchObject({ ok: true, value: { fresh: { materials: [snail] }, builtIn: [bead.name] } });
  });

  it.each<[string, string, RegExp]>([
    ["no JSON", "{", /^damaged-file/],
    ["another file", "{}", /^foreign-file/],
    [
      "a thing that is nowhere",
      ours((pack) => pack.materials.splice(0, 1)),
      /^unknown-material activities\/own-snails/,
    ],
    [
      "a skill that is nowhere",
      ours((pack) => pack.activities[0]?.rungs[0]?.grows.push(anId("flies"))),
      /^unknown-skill activities\/own-snails/,
    ],
    [
      "marbles without a size",
      ours((pack) => pack.materials.push(thing("m", { name: "Glass marbles" }))),
      /^no-size/,
    ],
    [
      "a stand-in that is nowhere",
      ours((pack) => pack.materials.push(thing("m", { standIns: [{ material: anId("moon"), serves: 1 }] }))),
      /^unknown-material materials\/m/,
    ],
    [
      "an id that stands twice",
      ours((pack) => pack.activities.push(structuredClone(pack.activities[0] as never))),
      /^repeated-id activities\[1\]/,
    ],
    [
      "a preparation that never ends",
      ours((pack) => Object.assign(pack.activities[0] ?? {}, { prepMinutes: 1e20 })),
      /^too_big activities\[0\].prepMinutes/,
    ],
    ...["a/b", "new", "constructor", "Own.Snails", "__proto__"].map((id): [string, string, RegExp] => [
      `the id ${id}`,
      ours((pack) => Object.assign(pack.activities[0] ?? {}, { id })),
      /activities\[0\].id$/,
    ]),
    [
      "a skill that comes before itself",
      ours((pack) => pack.skills.push({ ...WHISTLES, after: [anId("whistles")] })),
      /^cycle skills\/whistles/,
    ],
    [
      "a skill after one that is nowhere",
      ours((pack) => pack.skills.push({ ...WHISTLES, after: [anId("flies")] })),
      /^unknown-skill skills\/whistles/,
    ],
    [
      "a theme that dresses what is nowhere",
      ours((pack) =>
        pack.themes.push({ ...FERRY, dress: FERRY.dress.map((one) => ({ ...one, activity: anId("gone") })) }),
      ),
      /^unknown-activity themes\/ferry/,
    ],
    [
      "a picture that is none",
      ours((pack) => pack.pictures.push({ ...PICTURE, base64: btoa("<svg onload=alert(1)>") })),
      /^no-picture pictures\[0\]/,
    ],
    [
      "a picture of what is nowhere",
      ours((pack) => pack.pictures.push({ ...PICTURE, activity: anId("gone") })),
      /^unknown-activity pictures\[0\]/,
    ],
    [
      "a drawing that could run a program",
      ours((pack) => pack.pictures.push({ ...PICTURE, mime: "image/svg+xml" as never })),
      /pictures\[0\].mime/,
    ],
    [
      "words nested without end",
      `{"format":"orto-pack","version":1,"activities":${"[".repeat(5000)}${"]".repeat(5000)}}`,
      /^damaged-file/,
    ],
    [
      "a wrong shape",
      ours((pack) => Object.assign(pack, { activities: [{ id: 3 }] })),
      /^invalid_type activities/,
    ],
  ])("is refused as a whole with %s", (_, text, fault) => {
    expect(faults(text).some((one) => fault.test(one))).toBe(true);
  });
});
