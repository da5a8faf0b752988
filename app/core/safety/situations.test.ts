import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import {
  Activity,
  addDays,
  Child,
  type Hazard,
  Material,
  type PieceShape,
  Place,
  plainDate,
  SkillNote,
} from "../model";
import { assess } from "./assess";
import { dangerHazard, dangersOfThing } from "./dangers";
import { isSmallByName } from "./smallNames";
import { SITUATIONS_OF_REACH, type Situation, type Who } from "./testing/situations";
import { SITUATIONS_OF_ACTS } from "./testing/situationsOfActs";
import { SITUATIONS_OF_THINGS } from "./testing/situationsOfThings";

const SITUATIONS = [...SITUATIONS_OF_REACH, ...SITUATIONS_OF_THINGS, ...SITUATIONS_OF_ACTS];
const ON = plainDate("2026-06-01");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };

const child = (id: string, [months, more = {}]: Who) =>
  Child.parse({
    ...stamp,
    id,
    name: id,
    birth: addDays(ON, -Math.ceil(months * 30.4375)),
    ...(more.mouths ? { mouths: more.mouths } : {}),
    allergies: more.allergies ?? [],
  });

const ticks = (id: string, [, more = {}]: Who) =>
  [
    ...(more.seen ?? []).map((skill) => ({ skill, seen: true })),
    ...(more.notYet ?? []).map((skill) => ({ skill, seen: false })),
  ].map(({ skill, seen }) =>
    SkillNote.parse({ ...stamp, id: `${id}-${skill}`, child: id, skill, on: addDays(ON, -3), seen }),
  );

/** A thing of one's own as the catalogue judges it: by its name, and as small where no size is given. */
function ownThing(name: string, piece: PieceShape | undefined) {
  const thing = Material.parse({
    id: "own",
    name,
    use: "reusable",
    found: "toys",
    ...(piece ? { piece } : {}),
  });
  const hazards: Hazard[] = dangersOfThing(thing, CATALOGUE.dangers).map(dangerHazard);
  if (isSmallByName(thing)) hazards.push({ kind: "unsized" });
  return { ...thing, hazards };
}

function judged({
  user,
  others = [],
  place = {},
  thing,
  own,
  mm,
  hazards,
  loose = true,
  act = [],
}: Situation) {
  const everyone: [string, Who][] = [
    ["user", user],
    ...others.map((who, i): [string, Who] => [`other${i}`, who]),
  ];
  const children = everyone.map(([id, who]) => child(id, who));
  const about = children.slice(1).map((one) => one.id);
  const at = Place.parse({
    ...stamp,
    id: "p",
    site: "home",
    name: "P",
    kind: place.kind ?? "bay",
    ...(place.heightCm === undefined ? {} : { heightCm: place.heightCm }),
    ...(place.kept ? { because: place.kept, outOfReachOf: about } : {}),
    ...(place.reachedBy ? { reachedBy: about } : {}),
  });
  const known = CATALOGUE.materials.find((one) => one.id === thing);
  if (thing && !known) throw new Error(`the catalogue has no ${thing}`);
  const material = own ? ownThing(own, mm) : known;
  const activity = Activity.parse({
    id: "a",
    name: "A",
    invitation: "i",
    area: "hands",
    family: "f",
    form: "g",
    glyph: "ball",
    places: [at.kind],
    prepMinutes: 1,
    clearMinutes: 1,
    playMinutes: 1,
    rungs: [
      {
        id: "r",
        title: "t",
        window: { p10: 1, median: 2, p90: 3 },
        axes: {},
        grows: ["posts"],
        materials: [],
        hazards: [...act, ...(hazards ?? [])],
      },
    ],
  });
  const [rung] = activity.rungs;
  if (!rung) throw new Error("a rung was expected");
  const things = material ? [{ material, loose, ...(mm && !own ? { measured: mm } : {}) }] : [];
  const people = { children, ticks: everyone.flatMap(([id, who]) => ticks(id, who)) };
  return assess({ activity, rung, things, place: at, users: children.slice(0, 1), people }, ON);
}

describe(`${SITUATIONS.length} situations, with the answer of a careful nursery teacher`, () => {
  it.each(SITUATIONS.map((one) => [one.what, one] as const))("%s", (_, situation) => {
    const { state, findings } = judged(situation);
    const rules = findings.map((one) => `${one.rule} ${one.effect}`);
    expect({ state, rules }).toEqual({ state: situation.says, rules });
  });

  it("are more than two hundred, and hold every answer", () => {
    expect(SITUATIONS.length).toBeGreaterThan(200);
    expect(new Set(SITUATIONS.map((one) => one.says))).toEqual(new Set(["free", "adult-held", "blocked"]));
    expect(new Set(SITUATIONS.map((one) => one.what)).size).toBe(SITUATIONS.length);
  });
});
