import type { MaterialInput, PieceShape } from "../core/model";

const sphere = (d: number): PieceShape => ({ shape: "sphere", mm: [d] });
const disc = (d: number, h: number): PieceShape => ({ shape: "disc", mm: [d, h] });
const cylinder = (d: number, h: number): PieceShape => ({ shape: "cylinder", mm: [d, h] });
const box = (l: number, w: number, h: number): PieceShape => ({ shape: "box", mm: [l, w, h] });
const ellipsoid = (a: number, b: number, c: number): PieceShape => ({ shape: "ellipsoid", mm: [a, b, c] });

type More = Partial<MaterialInput>;
const reusable = (
  id: string,
  name: string,
  found: MaterialInput["found"],
  usual: number,
  piece?: PieceShape,
  more: More = {},
): MaterialInput => ({
  id,
  name,
  use: "reusable",
  found,
  usual,
  ...(piece ? { piece } : {}),
  ...more,
});
const used = (
  id: string,
  name: string,
  found: MaterialInput["found"],
  unit: MaterialInput["unit"],
  usual: number,
  more: More = {},
): MaterialInput => ({
  id,
  name,
  use: "consumable",
  unit,
  found,
  usual,
  ...more,
});
const standIns = (...all: [string, number][]) => ({
  standIns: all.map(([material, serves]) => ({ material, serves })),
});

export const MATERIALS: MaterialInput[] = [
  // Kitchen
  reusable(
    "bowl-small",
    "small bowl, unbreakable",
    "kitchen",
    6,
    disc(120, 50),
    standIns(["pot-plastic", 0.8], ["cup-plastic", 0.7]),
  ),
  reusable("bowl-large", "large bowl", "kitchen", 2, disc(260, 110), standIns(["basin", 0.9])),
  reusable(
    "muffin-tin",
    "muffin tin with 12 wells",
    "kitchen",
    1,
    box(350, 260, 35),
    standIns(["egg-box", 0.7]),
  ),
  reusable("egg-box", "egg box with 6 wells, clean card", "kitchen", 2, box(150, 100, 70), {
    hazards: [{ kind: "breaks-up" }],
    ...standIns(["muffin-tin", 0.9]),
  }),
  reusable("pot-plastic", "food pot, 250 ml", "kitchen", 6, disc(100, 70), standIns(["bowl-small", 0.8])),
  reusable("lid-disc", "pot lid, about 10 cm", "kitchen", 6, disc(100, 8), standIns(["card-disc", 0.7])),
  reusable("cup-plastic", "plastic cup", "kitchen", 6, disc(75, 90), standIns(["pot-plastic", 0.8])),
  reusable(
    "jug-small",
    "small jug, 250 ml, light",
    "kitchen",
    2,
    disc(80, 110),
    standIns(["cup-plastic", 0.5]),
  ),
  reusable("jug-glass-small", "small glass jug", "kitchen", 1, disc(80, 110), {
    hazards: [{ kind: "glass" }],
  }),
  reusable("spoon-wooden", "wooden spoon", "kitchen", 3, cylinder(45, 250), standIns(["spoon-big", 0.7])),
  reusable(
    "spoon-big",
    "serving spoon",
    "kitchen",
    2,
    box(220, 60, 25),
    standIns(["ladle", 0.7], ["spoon-wooden", 0.6]),
  ),
  reusable("spoon-tea", "teaspoon", "kitchen", 6, box(130, 30, 15)),
  reusable("ladle", "ladle", "kitchen", 1, box(280, 90, 80), standIns(["spoon-big", 0.6])),
  reusable("tongs-short", "short salad tongs, light", "kitchen", 1, box(180, 45, 45), {
    pack: { quantity: 1, cents: 300 },
  }),
  reusable("funnel", "funnel", "kitchen", 1, disc(120, 120)),
  reusable("strainer", "strainer with coarse holes", "kitchen", 1, disc(220, 90), standIns(["colander", 1])),
  reusable("colander", "colander", "kitchen", 1, disc(240, 100)),
  reusable("tray-rim", "tray with a rim", "kitchen", 3, box(400, 300, 30), standIns(["baking-sheet", 0.9])),
  reusable(
    "baking-sheet",
    "baking sheet with a rim",
    "kitchen",
    2,
    box(420, 330, 25),
    standIns(["tray-rim", 0.9]),
  ),
  reusable("whisk", "balloon-shaped whisk", "kitchen", 1, box(280, 70, 70)),
  reusable(
    "tin-slot",
    "tin with a slot cut in its soft lid",
    "kitchen",
    1,
    disc(110, 140),
    standIns(["box-slot", 0.9]),
  ),
  reusable("bottle-small", "small plastic bottle, empty, lid glued", "kitchen", 3, cylinder(60, 170)),
  used("pasta-wide", "dry pasta, wide straight tubes", "kitchen", "piece", 80, {
    piece: cylinder(15, 45),
    pack: { quantity: 120, cents: 150 },
  }),
  used("pasta-large", "dry pasta, giant shells", "kitchen", "piece", 0, {
    piece: ellipsoid(70, 48, 46),
    pack: { quantity: 40, cents: 250 },
  }),
  used("rice", "rice, dry", "kitchen", "g", 1500, {
    piece: ellipsoid(7, 2, 2),
    pack: { quantity: 1000, cents: 180 },
  }),
  used("oats", "rolled oats, dry", "kitchen", "g", 800, { pack: { quantity: 500, cents: 120 } }),
  used("flour", "flour", "kitchen", "g", 1000, {
    hazards: [{ kind: "powder" }, { kind: "allergen", allergen: "wheat" }],
  }),
  used("dough", "salt-free play dough, home-made", "kitchen", "g", 400, {
    hazards: [{ kind: "allergen", allergen: "wheat" }],
  }),
  used("banana", "ripe banana", "kitchen", "piece", 3),
  used("water", "tap water", "kitchen", "ml", 20000),
  used("straw", "paper straw", "kitchen", "piece", 20, {
    piece: cylinder(6, 195),
    pack: { quantity: 50, cents: 150 },
  }),
  used("spaghetti", "dry spaghetti", "kitchen", "piece", 60, {
    piece: cylinder(2, 250),
    hazards: [{ kind: "pointed" }],
  }),
  used("chickpeas", "dry chickpeas", "kitchen", "g", 400, {
    piece: sphere(9),
    hazards: [{ kind: "choking-food", untilMonths: 48 }],
  }),
  // Bathroom and laundry
  reusable("basin", "washing-up basin", "bathroom", 1, box(350, 300, 140), standIns(["bowl-large", 0.8])),
  reusable("sponge-large", "large sponge", "bathroom", 2, box(140, 90, 60), {
    hazards: [{ kind: "breaks-up" }],
  }),
  reusable("towel", "towel", "bathroom", 6),
  reusable("mirror-safe", "mirror that cannot break", "bathroom", 0, box(300, 300, 5), {
    pack: { quantity: 1, cents: 900 },
  }),
  reusable("cloth-small", "small cloth", "laundry", 6, undefined, standIns(["scarf", 0.8])),
  reusable("scarf", "light scarf, 60 cm", "laundry", 3, undefined, {
    hazards: [],
    ...standIns(["cloth-small", 0.9]),
  }),
  reusable("sock-pair", "pair of socks", "laundry", 8, undefined, {}),
  reusable("peg-large", "large clothes peg", "laundry", 0, box(110, 32, 22), {
    pack: { quantity: 12, cents: 350 },
  }),
  reusable("peg-wood", "wooden clothes peg", "laundry", 24, box(72, 12, 10), standIns(["peg-large", 0.9])),
  reusable("laundry-basket", "laundry basket", "laundry", 1, box(600, 400, 280), standIns(["box-card", 0.8])),
  reusable("hair-band-thick", "thick cloth hair band", "bathroom", 6, disc(60, 12)),
  // Desk
  used("paper", "sheet of plain paper", "desk", "sheet", 60, { pack: { quantity: 100, cents: 200 } }),
  used("paper-tissue", "tissue paper", "desk", "sheet", 12, { pack: { quantity: 10, cents: 150 } }),
  used("card", "sheet of stiff card", "desk", "sheet", 8, { pack: { quantity: 10, cents: 200 } }),
  used("card-dark", "sheet of dark card", "desk", "sheet", 4, { pack: { quantity: 10, cents: 200 } }),
  used("sticker-large", "large round sticker, 4 cm", "desk", "piece", 40, {
    piece: disc(40, 0.2),
    pack: { quantity: 60, cents: 200 },
  }),
  used("tape", "painter's tape", "desk", "cm", 1000, { pack: { quantity: 2500, cents: 300 } }),
  used("glue-stick", "glue stick, washable", "desk", "piece", 1, {
    hazards: [{ kind: "irritant" }],
    piece: cylinder(25, 95),
  }),
  used("crayon-thick", "thick crayon", "desk", "piece", 8, { piece: cylinder(16, 105) }),
  reusable("scissors-child", "blunt child's scissors", "desk", 0, box(130, 60, 10), {
    hazards: [{ kind: "sharp" }],
    pack: { quantity: 1, cents: 250 },
  }),
  reusable("brush-thick", "thick brush", "desk", 2, cylinder(30, 180)),
  reusable("picture-cards", "sturdy cards with large pictures", "desk", 12, box(100, 80, 3)),
  reusable("contrast-cards", "black and white cards, home-drawn", "desk", 4, box(150, 150, 2)),
  reusable("card-disc", "stiff card disc, 6 cm", "desk", 10, disc(62, 4), standIns(["lid-disc", 0.7])),
  reusable("counter-large", "large wooden counter, 5 cm", "toys", 0, disc(52, 8), {
    pack: { quantity: 20, cents: 600 },
    ...standIns(["card-disc", 0.8]),
  }),
  reusable("box-card", "cardboard box", "living", 3, box(400, 300, 300)),
  reusable(
    "box-slot",
    "shoe box with a slot cut in its lid",
    "living",
    1,
    box(320, 190, 120),
    standIns(["tin-slot", 0.9]),
  ),
  reusable("box-tissue", "empty tissue box", "living", 1, box(230, 120, 90)),
  reusable("tube-card", "long cardboard tube", "living", 2, cylinder(75, 450)),
  reusable("cushion", "cushion", "living", 4, box(450, 450, 120)),
  reusable("book-sturdy", "sturdy picture book", "living", 6, box(180, 180, 20)),
  reusable("book-flaps", "book with flaps", "living", 1, box(200, 200, 25)),
  reusable("photo-people", "photo of somebody loved, laminated", "living", 4, box(130, 90, 1)),
  reusable("basket", "low basket", "living", 3, disc(280, 110), standIns(["bowl-large", 0.8])),
  // Toys and made things
  reusable("block-large", "wooden block, 5 cm", "toys", 12, box(50, 50, 50), standIns(["box-small", 0.6])),
  reusable("box-small", "small closed box, about 8 cm", "living", 3, box(90, 80, 70)),
  reusable("nesting-pots", "set of nesting pots", "toys", 1, disc(90, 70), { hazards: [] }),
  reusable(
    "ball-soft",
    "soft ball, 7 cm",
    "toys",
    6,
    sphere(70),
    standIns(["ball-wool", 0.8], ["sock-pair", 0.5]),
  ),
  reusable("ball-wool", "felted wool ball, 5 cm", "toys", 0, sphere(52), {
    pack: { quantity: 12, cents: 700 },
    ...standIns(["ball-soft", 0.7]),
  }),
  reusable("pompom", "pompom, 3 cm", "toys", 0, sphere(30), {
    pack: { quantity: 30, cents: 300 },
    ...standIns(["ball-wool", 0.8]),
  }),
  reusable("ball-holes", "ball full of holes", "toys", 1, sphere(110)),
  reusable("rattle-ring", "rattle with a ring", "toys", 2, disc(95, 30), standIns(["shaker-sealed", 0.6])),
  reusable("linked-discs", "pair of linked wooden discs", "toys", 0, box(120, 65, 20), {
    pack: { quantity: 1, cents: 800 },
  }),
  reusable("wobbler", "slow wobbling toy", "toys", 0, box(120, 90, 90), {
    pack: { quantity: 1, cents: 900 },
  }),
  reusable("bell-drum", "rolling drum with the bells shut in", "toys", 1, cylinder(90, 130)),
  reusable("shaker-sealed", "bottle with rice, lid glued and taped", "toys", 2, cylinder(60, 170)),
  reusable("noodle-ring", "slice of a foam swim noodle, 5 cm", "toys", 8, disc(65, 50), {
    hazards: [{ kind: "breaks-up" }],
    pack: { quantity: 20, cents: 300 },
  }),
  reusable("ring-card", "ring cut from a card tube", "toys", 6, disc(75, 30)),
  reusable("rope-stiff", "stiff rope, 20 cm, ends taped", "toys", 1, cylinder(12, 200), {
    hazards: [{ kind: "string", freeLengthMm: 200 }],
  }),
  reusable("lace-tipped", "lace with a stiff tip, 45 cm", "toys", 0, undefined, {
    hazards: [{ kind: "string", freeLengthMm: 450 }],
    pack: { quantity: 4, cents: 250 },
  }),
  reusable("ribbon-short", "ribbon, 20 cm", "toys", 4, undefined, {
    hazards: [{ kind: "string", freeLengthMm: 200 }],
  }),
  reusable("elastic-hanger", "hanging ring on elastic, under the play arch", "toys", 1, disc(90, 20), {
    hazards: [{ kind: "hanging" }, { kind: "elastic", freeLengthMm: 200 }],
  }),
  reusable(
    "peg-post",
    "post on a firm base, 18 cm",
    "toys",
    1,
    box(180, 120, 120),
    standIns(["bottle-small", 0.5]),
  ),
  reusable("stick-blunt", "blunt wooden stick, 12 cm", "toys", 8, cylinder(12, 120)),
  reusable("block-holes", "board with holes for sticks", "toys", 0, box(250, 120, 40), {
    pack: { quantity: 1, cents: 1200 },
    ...standIns(["colander", 0.6]),
  }),
  reusable("bead-large", "large wooden bead, 5 cm", "toys", 0, sphere(50), {
    pack: { quantity: 12, cents: 700 },
    ...standIns(["ring-card", 0.7]),
  }),
  reusable("bead-medium", "wooden bead, 2.5 cm", "toys", 0, sphere(25), {
    pack: { quantity: 30, cents: 500 },
    ...standIns(["bead-large", 0.9]),
  }),
  reusable("animal-figure", "animal figure, large", "toys", 6, box(110, 65, 45)),
  reusable("doll-or-bear", "doll or bear", "toys", 2, box(300, 150, 100), {
    ...standIns(["animal-figure", 0.6]),
  }),
  reusable("car-large", "large car", "toys", 2, box(130, 70, 60)),
  reusable("puzzle-knob", "puzzle with three large pieces and big knobs", "toys", 1, box(110, 90, 25)),
  reusable("drum", "upside-down tin or drum", "toys", 1, disc(180, 160), standIns(["pot-plastic", 0.5])),
  reusable("crackle-mat", "mat that crackles", "toys", 1, box(400, 400, 10)),
  // Outdoors
  reusable("cone-large", "large pine cone", "outdoors", 6, ellipsoid(110, 60, 60), {
    hazards: [{ kind: "breaks-up" }],
  }),
  reusable("leaf-large", "large dry leaf", "outdoors", 10, undefined, { hazards: [{ kind: "breaks-up" }] }),
  reusable("stone-large", "smooth stone, fist size", "outdoors", 5, ellipsoid(95, 75, 60), {
    hazards: [{ kind: "heavy" }],
  }),
  reusable("shell-large", "large shell", "outdoors", 4, ellipsoid(80, 70, 40)),
  reusable("board-ramp", "smooth board, 80 cm", "outdoors", 1, box(800, 200, 18), {
    hazards: [{ kind: "heavy" }],
    ...standIns(["baking-sheet", 0.5]),
  }),
  reusable(
    "watering-can",
    "small watering can",
    "outdoors",
    1,
    box(220, 180, 130),
    standIns(["jug-small", 0.7]),
  ),
];
