import type { Mark } from "../drawing";
import type { Tone } from "../palette";
import { sketch } from "../sketch";
import { HOUSEHOLD } from "./household";
import { LIVING } from "./living";
import { MOVING } from "./moving";
import { NATURE } from "./nature";

const SKETCHES: Readonly<Record<string, string>> = { ...MOVING, ...NATURE, ...LIVING, ...HOUSEHOLD };

/** Every small picture, by its name. */
export const PICTURE_IDS: readonly string[] = Object.keys(SKETCHES);

const list = (text: string): readonly string[] => text.split(" ");

/** Pictures by what a child may be mad about. */
export const INTERESTS = {
  "ferries and bridges": list("ferry bridge-arch bridge-hanging lighthouse anchor sailboat tug rowboat"),
  "snails and garden": list(
    "snail worm bee ladybird butterfly frog flower sunflower seedling can leaf-oak mushroom",
  ),
  "keys and doors": list("key key-old padlock door house clock lamp"),
  kitchen: list("cup spoon fork pot kettle whisk bread cheese egg cake"),
  weather: list("sun cloud rain snowflake wind rainbow moon star"),
  "animals of the house and farm": list("cat dog mouse rabbit horse cow pig sheep hen duck goat"),
  "animals of the wood": list("fox owl hedgehog squirrel bear bird nest acorn pine tree"),
  "animals of the sea": list("fish whale crab starfish shell"),
  vehicles: list("car bus truck train bicycle plane balloon tractor"),
  diggers: list("digger crane truck tractor"),
  clothes: list("jacket trousers sock boot mitten hat scarf"),
  "fruit and vegetables": list("apple pear banana cherry strawberry carrot tomato pea onion"),
  tools: list("hammer saw spanner screwdriver brush bucket broom scissors"),
  family: list("baby grown elder house bed chair"),
  body: list("eye ear nose hand foot"),
  shapes: list("circle square triangle oblong oval cross heart diamond star moon"),
  "long-gone animals": list("long-neck plate-back three-horn big-jaw elephant"),
} as const;
export type Interest = keyof typeof INTERESTS;
export const INTEREST_IDS = Object.keys(INTERESTS) as Interest[];

const READ = new Map<string, Mark[]>();

/** A picture in a field of 100 × 100, in colour. Throws where there is none of that name. */
export function picture(id: string): Mark[] {
  const text = SKETCHES[id];
  if (text === undefined) throw new Error(`there is no picture "${id}"`);
  const marks = READ.get(id) ?? sketch(text);
  READ.set(id, marks);
  return marks;
}

/** The picture in one dark tone: its shadow. What is only a line stays a thick line. */
export const shadow = (id: string, tone: Tone = "ink"): Mark[] =>
  picture(id).map((mark) =>
    mark.kind === "text"
      ? { ...mark, tone }
      : {
          ...mark,
          ...(mark.fill ? { fill: tone } : {}),
          ...(mark.line ? { line: { ...mark.line, tone, weight: mark.fill ? mark.line.weight : 3 } } : {}),
        },
  );

/** The picture in lines alone, to colour or fill. */
export const lineArt = (id: string): Mark[] =>
  picture(id).map((mark) =>
    mark.kind === "text"
      ? mark
      : {
          ...mark,
          ...(mark.fill ? { fill: "white" as const } : {}),
          line: { tone: "ink", weight: mark.line?.weight ?? 0.6 },
        },
  );
