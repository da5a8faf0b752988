import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { GUIDES } from "../../catalogue/guides";
import { Material, type Pack } from "../model";
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
const faults = (text: string) => {
  const read = readPackText(text, CATALOGUE);
  return read.ok ? [] : read.issues.map((one) => `${one.code} ${one.path}`);
};

describe("a pack of activities", () => {
  it("comes back as it was written, with just the things it needs", () => {
    const read = readPackText(ours(), CATALOGUE);
    if (!read.ok) throw new Error(read.issues[0]?.message);
    expect(read.value.materials).toEqual([snail]);
    expect(read.value.activities.map((one) => one.id)).toEqual(["own-snails"]);
    expect(read.value.known).toBe(0);
  });

  it("can't change what is here: a bead made harmless is left out", () => {
    const bead = CATALOGUE.materials.find((one) => one.id === "bead-medium");
    if (!bead) throw new Error("the catalogue has changed");
    const read = readPackText(
      ours((pack) => pack.materials.push({ ...bead, piece: undefined })),
      CATALOGUE,
    );
    expect(read).toMatchObject({ ok: true, value: { materials: [snail], known: 1 } });
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
