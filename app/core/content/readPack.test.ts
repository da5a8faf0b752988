import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { GUIDES } from "../../catalogue/guides";
import { Material, OwnActivity, OwnMaterial, type Pack } from "../model";
import { packOf, readPackText } from "./readPack";

const [first] = CATALOGUE.activities;
if (!first) throw new Error("the catalogue is empty");
const thing = (id: string, more: object = {}) =>
  Material.parse({ id, name: "wooden snail", use: "reusable", found: "toys", ...more });
const snail = thing("own-snail", { piece: { shape: "box", mm: [80, 60, 40] } });

/** A pack with one activity made from one thing of its own. */
function ours(change: (pack: Pack) => void = () => undefined): string {
  const activity = structuredClone(first);
  if (!activity) throw new Error("an activity was expected");
  activity.id = "own-snails";
  activity.guide = GUIDES[first?.id ?? ""];
  for (const rung of activity.rungs) {
    rung.materials = [{ id: "snails", material: "own-snail", quantity: 1, loose: true }];
    rung.fits = [];
    rung.prep = [];
    rung.largePieceTwin = undefined;
  }
  const pack = packOf([activity], [snail, thing("not-used")]);
  change(pack);
  return JSON.stringify(pack);
}
const NONE = { ownMaterials: [], ownActivities: [] };
const faults = (text: string) => {
  const read = readPackText(text, CATALOGUE, NONE);
  return read.ok ? [] : read.issues.map((one) => `${one.code} ${one.path}`);
};

describe("a pack of activities", () => {
  it("comes back as it was written, with just the things it needs", () => {
    const read = readPackText(ours(), CATALOGUE, NONE);
    if (!read.ok) throw new Error(read.issues[0]?.message);
    expect(read.value.fresh.materials).toEqual([snail]);
    expect(read.value.fresh.activities.map((one) => one.id)).toEqual(["own-snails"]);
    expect(read.value).toMatchObject({ changed: { materials: [], activities: [] }, same: 0, builtIn: [] });
  });

  it("tells what is the same as ours, and what is otherwise", () => {
    const stamp = { createdAt: "2026-05-01T08:00:00Z", updatedAt: "2026-05-01T08:00:00Z" };
    const pack = JSON.parse(ours()) as Pack;
    const own = {
      ownMaterials: pack.materials.map((one) => OwnMaterial.parse({ ...one, ...stamp })),
      ownActivities: pack.activities.map((one) => OwnActivity.parse({ ...one, ...stamp, name: "Before" })),
    };
    const here = {
      ...CATALOGUE,
      materials: [...CATALOGUE.materials, ...own.ownMaterials],
      activities: [...CATALOGUE.activities, ...own.ownActivities],
    };
    const read = readPackText(ours(), here, own);
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
      CATALOGUE,
      NONE,
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
      ours((pack) => pack.activities[0]?.rungs[0]?.grows.push("flies")),
      /^unknown-skill activities\/own-snails/,
    ],
    [
      "marbles without a size",
      ours((pack) => pack.materials.push(thing("m", { name: "Glass marbles" }))),
      /^no-size/,
    ],
    [
      "a stand-in that is nowhere",
      ours((pack) => pack.materials.push(thing("m", { standIns: [{ material: "moon", serves: 1 }] }))),
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
