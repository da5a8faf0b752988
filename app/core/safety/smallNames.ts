import type { Material } from "../model";
import { singular, tokensOf } from "../text";

/** Things that are small, or may be: whether one can be swallowed hangs on its size. */
const SMALL_THINGS = `
  acorn almond badge ball band battery bead bean beechnut bell berry bit blueberry bobbin bobble bolt bottletop bow
  bracelet brad brick bristle brooch bud bug bulb button cap capsule catkin cell cereal chain chalk charm cherry
  chestnut chickpea chip clasp clip clove coin conker cone cork corn counter cranberry crayon crumb crystal cube currant
  date dice die disc domino dot dowel earring eraser eye feather figure figurine gem glitter grain grape gravel grommet
  hairpin hazelnut hinge hook hoop insect jack jewel kernel key ladybird lentil letter lid lolly macaroni magnet
  marble marshmallow match medallion nail needle noodle nub nugget nut nutshell olive pasta peanut pearl pea peapod pebble
  peg pellet penne penny petal piece pill pin pine pip pistachio pit plug pod pom pompom pompon pony popcorn puck pumpkin
  raisin ribbon ring rivet rubber sand scoop screw seed sequin shard shell skewer slice snail snap spacer spool sponge
  star stick sticker stone stopper straw stub stud sugar sultana sweet tablet tack tag tassel thimble tile toggle token
  tooth top toothpick tube twig valve walnut washer wheel wick
`
  .trim()
  .split(/\s+/)
  .map(singular);
const SMALL = new Set(SMALL_THINGS);

/** Does a name say that the thing is small, or may be? */
export const namesSmallThing = (name: string): boolean => tokensOf(name).some((word) => SMALL.has(word));

/** A thing counted in pieces whose name says that it is small, but not how large a piece is: it is judged as small. */
export const isSmallByName = (one: Pick<Material, "name" | "piece" | "unit">): boolean =>
  one.piece === undefined && one.unit === "piece" && namesSmallThing(one.name);
