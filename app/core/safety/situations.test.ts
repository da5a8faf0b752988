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
import { assess, type SafetyState } from "./assess";
import { dangerHazard, dangersOfThing } from "./dangers";
import { isSmallByName } from "./smallNames";

const ON = plainDate("2026-06-01");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };

/** A child of so many months on the day, from birth; "no" and "yes" for mouthing, else by age. */
type Who = [
  months: number,
  more?: { mouths?: "yes" | "no"; allergies?: string[]; seen?: string[]; notYet?: string[] },
];

interface Situation {
  /** What a careful nursery teacher sees. */
  what: string;
  /** The child it is for. */
  user: Who;
  /** Others who are about. */
  others?: Who[];
  place?: {
    kind?: string;
    heightCm?: number;
    kept?: "door" | "gate" | "lock" | "asleep" | "high";
    reachedBy?: true;
  };
  /** A thing of the catalogue, or one by its name; measured or not. */
  thing?: string;
  own?: string;
  mm?: PieceShape;
  hazards?: Hazard[];
  loose?: boolean;
  /** On the rung itself. */
  act?: Hazard[];
  says: SafetyState;
}

const ball = (mm: number): PieceShape => ({ shape: "sphere", mm: [mm] });
const rod = (d: number, l: number): PieceShape => ({ shape: "cylinder", mm: [d, l] });

const SITUATIONS: Situation[] = [
  // Who reaches what.
  {
    what: "pasta tubes on the top board, a child of 26 months about",
    user: [40, { mouths: "no" }],
    others: [[26]],
    place: { heightCm: 90, kept: "high" },
    thing: "pasta-wide",
    says: "blocked",
  },
  {
    what: "bottle caps on the second board, a child of 13 months about",
    user: [38, { mouths: "no" }],
    others: [[13]],
    place: { heightCm: 45, kept: "high" },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "bottle caps behind a gate, a child of 13 months about",
    user: [38, { mouths: "no" }],
    others: [[13]],
    place: { kept: "gate" },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 60 cm, a baby of 3 months who lies",
    user: [50],
    others: [[3]],
    place: { heightCm: 60 },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 60 cm, a baby of 7 months who may pull up",
    user: [50],
    others: [[7]],
    place: { heightCm: 60 },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps at 60 cm, a baby of 7 months seen to neither crawl nor pull up",
    user: [50],
    others: [[7, { notYet: ["crawls", "pulls-up"] }]],
    place: { heightCm: 60 },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 30 cm, the same baby who sits",
    user: [50],
    others: [[7, { notYet: ["crawls", "pulls-up"] }]],
    place: { heightCm: 30 },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps at 60 cm, a baby of 4 months seen to pull up already",
    user: [50],
    others: [[4, { seen: ["pulls-up"] }]],
    place: { heightCm: 60 },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps at 150 cm, a baby of 8 months who stands",
    user: [50],
    others: [[8]],
    place: { heightCm: 150 },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 150 cm, a child of 10 months who may climb",
    user: [50],
    others: [[10]],
    place: { heightCm: 150 },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps at 150 cm, a child of 10 months who was looked at and does not climb",
    user: [50],
    others: [[10, { notYet: ["climbs"] }]],
    place: { heightCm: 150 },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 60 cm, the baby gets at it, the adult says",
    user: [50],
    others: [[7, { notYet: ["crawls", "pulls-up"] }]],
    place: { heightCm: 60, reachedBy: true },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps while the baby sleeps",
    user: [50],
    others: [[7]],
    place: { kept: "asleep" },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps on the low table that is only said to be high",
    user: [50],
    others: [[9]],
    place: { kind: "table", kept: "high" },
    thing: "cap-bottle",
    says: "blocked",
  },
  // Sizes.
  {
    what: "a bead of 25 mm, a child of 20 months who mouths",
    user: [20],
    thing: "bead-medium",
    says: "blocked",
  },
  {
    what: "a bead of 25 mm, a child of 30 months who no longer mouths",
    user: [30, { mouths: "no" }],
    thing: "bead-medium",
    says: "adult-held",
  },
  { what: "a bead of 25 mm at four", user: [48], thing: "bead-medium", says: "free" },
  {
    what: "a bead of 25 mm, a five-year-old who mouths",
    user: [60, { mouths: "yes" }],
    thing: "bead-medium",
    says: "blocked",
  },
  { what: "a bead of 50 mm, a baby of 10 months", user: [10], thing: "bead-large", says: "free" },
  { what: "the same bead measured at 30 mm", user: [10], thing: "bead-large", mm: ball(30), says: "blocked" },
  {
    what: "a rattle measured at 30 × 20 mm, four months",
    user: [4],
    thing: "rattle-ring",
    mm: { shape: "disc", mm: [30, 20] },
    says: "blocked",
  },
  {
    what: "a felt ball of 42 mm passes the roll tube, ten months",
    user: [10],
    thing: "ball-soft",
    mm: ball(42),
    says: "blocked",
  },
  { what: "large stickers at 15 months", user: [15], thing: "sticker-large", says: "blocked" },
  { what: "large stickers at 20 months", user: [20], thing: "sticker-large", says: "adult-held" },
  {
    what: "a paper straw at 20 months, no longer mouthing",
    user: [20, { mouths: "no" }],
    thing: "straw",
    says: "adult-held",
  },
  {
    what: "a blunt stick of 12 mm at 20 months, no longer mouthing",
    user: [20, { mouths: "no" }],
    thing: "stick-blunt",
    says: "free",
  },
  { what: "a bead that is taped down", user: [20], thing: "bead-medium", loose: false, says: "free" },
  {
    what: "a rod of 8 by 150 mm of our own, 22 months",
    user: [22, { mouths: "no" }],
    own: "green stick",
    mm: rod(8, 150),
    says: "adult-held",
  },
  // Things by their names.
  {
    what: "water beads soaked, 50 mm",
    user: [40, { mouths: "no" }],
    own: "water beads soaked, 50 mm",
    mm: ball(50),
    says: "blocked",
  },
  { what: "marbles without a size at two", user: [24], own: "marbles", says: "blocked" },
  {
    what: "our acorns, no size, two and a half and not mouthing",
    user: [30, { mouths: "no" }],
    own: "acorns",
    says: "blocked",
  },
  {
    what: "our dice, measured at 60 mm",
    user: [20],
    own: "dice",
    mm: { shape: "box", mm: [60, 60, 60] },
    says: "free",
  },
  { what: "grapes at three", user: [36, { mouths: "no" }], own: "grapes", mm: ball(22), says: "blocked" },
  { what: "pom-poms without a size, fifteen months", user: [15], own: "pom-poms", says: "blocked" },
  {
    what: "pom-poms without a size, two and a half, no longer mouthing",
    user: [30, { mouths: "no" }],
    own: "pom-poms",
    says: "adult-held",
  },
  {
    what: "a button battery torch at five",
    user: [60],
    own: "button battery torch",
    mm: rod(30, 120),
    says: "blocked",
  },
  {
    what: "elastic bands at two",
    user: [24],
    own: "elastic bands",
    mm: { shape: "disc", mm: [60, 2] },
    says: "blocked",
  },
  {
    what: "dry kidney beans at three, not mouthing",
    user: [36, { mouths: "no" }],
    own: "dry kidney beans",
    mm: ball(15),
    says: "blocked",
  },
  {
    what: "empty pill bottles at four",
    user: [48],
    own: "empty pill bottle",
    mm: rod(45, 90),
    says: "blocked",
  },
  { what: "a skipping rope at two", user: [24, { mouths: "no" }], own: "skipping rope", says: "adult-held" },
  {
    what: "grandmother's old keys at two",
    user: [24],
    own: "old keys",
    mm: { shape: "box", mm: [120, 90, 10] },
    says: "blocked",
  },
  {
    what: "a wooden spoon of our own",
    user: [12],
    own: "olive wood spoon",
    mm: { shape: "box", mm: [250, 50, 20] },
    says: "free",
  },
  // Food and allergies.
  {
    what: "yoghurt for a child who has “dairy” written down",
    user: [20, { allergies: ["dairy"] }],
    thing: "yoghurt",
    says: "blocked",
  },
  {
    what: "play dough for a child who has “gluten” written down",
    user: [30, { allergies: ["gluten"] }],
    thing: "dough",
    says: "blocked",
  },
  {
    what: "oats for a child with a wheat allergy",
    user: [30, { allergies: ["Wheat"], mouths: "no" }],
    thing: "oats",
    says: "blocked",
  },
  {
    what: "a boiled egg for a child with “eggs”",
    user: [30, { allergies: ["eggs"] }],
    thing: "egg-boiled",
    says: "blocked",
  },
  {
    what: "a used egg box for a child with “eggs”",
    user: [30, { allergies: ["eggs"] }],
    thing: "egg-box",
    says: "blocked",
  },
  {
    what: "stickers for a child whose skin reacts to plasters",
    user: [40, { allergies: ["plasters"] }],
    thing: "sticker-large",
    says: "blocked",
  },
  { what: "yoghurt for a child with no allergy", user: [20], thing: "yoghurt", says: "free" },
  {
    what: "yoghurt, the sibling in reach has “cow's milk”",
    user: [30],
    others: [[20, { allergies: ["cow's milk"] }]],
    thing: "yoghurt",
    says: "blocked",
  },
  { what: "a whole raw apple at three", user: [36], thing: "apple", says: "blocked" },
  {
    what: "salt by the spoon at two and a half",
    user: [30, { mouths: "no" }],
    thing: "salt",
    says: "blocked",
  },
  { what: "raw flour, a toddler who mouths", user: [20], thing: "flour", says: "blocked" },
  { what: "cooked dough, a toddler who mouths", user: [20], thing: "dough", says: "adult-held" },
  // Water, cords, hanging, film.
  {
    what: "water two centimetres deep at two",
    user: [24],
    act: [{ kind: "water", depthMm: 20 }],
    says: "adult-held",
  },
  {
    what: "water two centimetres deep at four",
    user: [48],
    act: [{ kind: "water", depthMm: 20 }],
    says: "free",
  },
  { what: "a tub of water at four", user: [48], act: [{ kind: "water", depthMm: 150 }], says: "adult-held" },
  { what: "a wet sponge at two", user: [24], act: [{ kind: "water", depthMm: 5 }], says: "free" },
  {
    what: "a lace of 45 cm at 17 months",
    user: [17, { mouths: "no" }],
    thing: "lace-tipped",
    says: "blocked",
  },
  {
    what: "a lace of 45 cm at 20 months",
    user: [20, { mouths: "no" }],
    thing: "lace-tipped",
    says: "adult-held",
  },
  { what: "a ribbon of 20 cm at nine months", user: [9], thing: "ribbon-short", says: "free" },
  { what: "a ring on elastic over a baby of three months", user: [3], thing: "elastic-hanger", says: "free" },
  {
    what: "the same over a baby of four months who pushes up",
    user: [4, { seen: ["pushes-up"] }],
    thing: "elastic-hanger",
    says: "blocked",
  },
  { what: "the same at five months", user: [5.1], thing: "elastic-hanger", says: "blocked" },
  { what: "sticky film at ten months", user: [10], thing: "film-sticky", says: "blocked" },
  { what: "sticky film at two", user: [24], thing: "film-sticky", says: "adult-held" },
  // The body.
  {
    what: "bounced on the knees at four months, nobody saw the head steady",
    user: [4],
    act: [{ kind: "head-control" }],
    says: "blocked",
  },
  {
    what: "bounced on the knees at four months, head held up",
    user: [4, { seen: ["holds-head-prone"] }],
    act: [{ kind: "head-control" }],
    says: "free",
  },
  {
    what: "a cloth over the face at three months",
    user: [3],
    act: [{ kind: "covers-face" }],
    says: "blocked",
  },
  {
    what: "a cloth over the face at eight months",
    user: [8],
    act: [{ kind: "covers-face" }],
    says: "adult-held",
  },
  { what: "a step tower at 16 months", user: [16], place: { kind: "tower" }, says: "blocked" },
  { what: "a step tower at two", user: [24], place: { kind: "tower" }, says: "free" },
  // Paint, finds.
  { what: "washable paint at ten months", user: [10], thing: "paint", says: "blocked" },
  {
    what: "washable paint at two, no longer mouthing",
    user: [24, { mouths: "no" }],
    thing: "paint",
    says: "adult-held",
  },
  { what: "glue at 20 months", user: [20, { mouths: "no" }], thing: "glue-bottle", says: "blocked" },
  { what: "a large pine cone at two", user: [24, { mouths: "no" }], thing: "cone-large", says: "adult-held" },
];

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

  it("are sixty at least, and hold every answer", () => {
    expect(SITUATIONS.length).toBeGreaterThanOrEqual(60);
    expect(new Set(SITUATIONS.map((one) => one.says))).toEqual(new Set(["free", "adult-held", "blocked"]));
    expect(new Set(SITUATIONS.map((one) => one.what)).size).toBe(SITUATIONS.length);
  });
});
