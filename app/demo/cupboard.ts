import { Holding } from "../core/model";
import { GRANDMA, HOME } from "./people";

const stamp = { createdAt: "2026-02-14T19:20:00.000Z", updatedAt: "2026-04-26T18:40:00.000Z" };

/** "material quantity place in the house", one a line. */
const AT_HOME = `
bowl-small 6 kitchen drawer
bowl-large 2 above the fridge
bowl-middle 3 above the fridge
muffin-tin 1 oven drawer
egg-box 3 craft shelf
pot-plastic 7 kitchen drawer
lid-disc 6 kitchen drawer
cup-plastic 4 kitchen drawer
jug-small 2 kitchen shelf
jug-glass-small 1 kitchen shelf
spoon-wooden 3 jar by the stove
spoon-big 2 kitchen drawer
spoon-tea 6 kitchen drawer
ladle 1 jar by the stove
tongs-short 1 kitchen drawer
funnel 1 kitchen shelf
strainer 1 kitchen shelf
colander 1 kitchen shelf
tray-rim 3 beside the fridge
baking-sheet 1 oven drawer
whisk 1 jar by the stove
tin-slot 1 craft shelf
bottle-small 3 craft shelf
pasta-wide 90 pantry
pasta-large 30 pantry
rice 1200 pantry
oats 700 pantry
flour 900 pantry
dough 350 fridge
banana 4 fruit bowl
water 20000 tap
straw 18 pantry
basin 1 bathroom
sponge-large 2 bathroom
towel 5 bathroom
mirror-safe 1 by the mat
cloth-small 6 laundry shelf
scarf 3 hall
sock-pair 7 laundry shelf
peg-large 8 balcony
peg-wood 20 balcony
laundry-basket 1 bathroom
hair-band-thick 6 bathroom
paper 45 desk
paper-tissue 6 desk
card 5 desk
card-dark 3 desk
sticker-large 32 desk
tape 800 desk
glue-stick 1 desk
crayon-thick 6 desk
brush-thick 2 craft shelf
picture-cards 12 craft shelf
contrast-cards 4 craft shelf
card-disc 10 craft shelf
box-card 3 hall
box-slot 1 craft shelf
box-tissue 1 craft shelf
tube-card 2 craft shelf
cushion 4 sofa
book-sturdy 7 low shelf
book-flaps 1 low shelf
photo-people 4 craft shelf
basket 3 hall
block-large 14 toy chest
nesting-pots 1 toy chest
ball-soft 6 toy chest
ball-wool 9 toy chest
ball-holes 1 by the mat
pompom 12 high cupboard
rattle-ring 2 by the mat
linked-discs 1 by the mat
bell-drum 1 by the mat
shaker-sealed 2 by the mat
noodle-ring 8 toy chest
ring-card 6 craft shelf
rope-stiff 1 craft shelf
peg-post 1 toy chest
stick-blunt 8 craft shelf
animal-figure 6 toy chest
doll-or-bear 2 toy chest
car-large 2 toy chest
puzzle-knob 1 toy chest
drum 1 toy chest
crackle-mat 1 by the mat
cone-large 5 balcony
shell-large 6 window sill
stone-large 4 balcony
board-ramp 1 behind the sofa
watering-can 1 balcony`;

const AT_GRANDMOTHERS = `
bowl-small 4 kitchen
bowl-large 1 kitchen
bowl-middle 2 kitchen
pot-plastic 3 kitchen
spoon-big 1 kitchen
spoon-wooden 2 kitchen
tray-rim 1 kitchen
towel 2 bathroom
cloth-small 3 kitchen
sock-pair 5 bedroom
cushion 3 sofa
ball-soft 2 chest
book-sturdy 4 shelf
box-card 1 hall
oats 400 pantry`;

const rowsOf = (site: string, text: string): Holding[] =>
  text
    .trim()
    .split("\n")
    .map((line) => {
      const [material = "", quantity = "0", ...where] = line.split(" ");
      return Holding.parse({
        ...stamp,
        id: `${site}-${material}`,
        site,
        material,
        quantity: Number(quantity),
        where: where.join(" "),
      });
    });

export const DEMO_HOLDINGS: Holding[] = [...rowsOf(HOME, AT_HOME), ...rowsOf(GRANDMA, AT_GRANDMOTHERS)];
