import type { Grasp } from "../core/model";

/**
 * What stood out in the twelve weeks before the demo's date, for whom and where, and how it
 * went: "week from–to, child, activity/rung, place, letters, one a note"; a place with a moment as "place@moment:days of
 * the week". The letters say how
 * much help it took: a alone, l after a look, w with a word, h with a hand, n not yet.
 * Then how much it was liked: + again, = liked, - little, 0 not at all, x upset, m mouthed.
 */
export const DEMO_WEEKS = `
1-2 tove balls-into-a-tub/hole bay-0-0 w= a= a+
1-2 tove scarves-from-a-box/box bay-0-1 a+ a= a=
1-3 tove rings-on-a-rope/noodle-post bay-0-2 h= w= l+ a+
1-2 tove towers/two bay-1-0 w= l= a+
1-3 tove lids-to-pots/off bay-1-1 w= a= a+ a=
1-2 tove book-together/flaps bay-1-2 a+ a+ l=
1-2 tove the-bear-is-hungry/hug bay-2-0 a= a=
1-2 tove things-with-names/look-at bay-2-1 a= l= a=
2-3 tove first-marks/free low-table h- w= w=
1-2 pim shake-and-stop/listen mat a+ a=
3-5 tove discs-in-a-slot/lids-slot bay-0-0 h= w= l+ a+ a+
3-4 tove down-the-ramp/tube bay-0-1 w+ a+ a+
4-6 tove spoon-it-over/by-hand bay-0-2 a= a= a-
3-4 tove under-the-cup/two-cups bay-1-0 l= a= a=
4-5 tove one-inside-another/two bay-1-1 a= a= l=
3-4 tove found-outdoors/feel bay-1-2 a+ a= am
3-5 tove the-bear-is-hungry/feed bay-2-0 h= w= w+ l+
3-4 tove shake-and-stop/drum bay-2-1 a+ a=
3-4 pim rattle-to-hold/reach mat l= am a=
5-7 tove towers/tower bay-1-0 n= h= w= w=
5-6 tove book-together/flaps bay-1-2 a+ a+
5-7 tove things-with-names/give bay-2-1 w= l= a+
5-6 tove dough/poke low-table h= w= am
6-7 tove pegs-off-the-rim/large-off bay-1-1 w= l= a= a=
6-8 tove discs-in-a-slot/discs bay-0-0 nx h= w= w+
5-6 pim just-beyond-reach/side mat w= a= a+
6-8 tove push-and-carry/carry balcony w= l= a+ a=
7-8 tove balls-into-a-tub/tube bay-0-1 w= l+ a+ a+
7-9 tove scarves-from-a-box/whisk bay-0-2 h= w- w=
8-9 tove soak-and-squeeze/squeeze low-table w+ l+ a+
7-8 pim cards-to-look-at/reach mat w= a=
8-10 tove pieces-with-knobs/one bay-1-0 w= l= a= a=
8-9 tove found-outdoors/fill bay-1-2 l+ a+ a+
8-10 tove helping-at-home/wipe bay-2-0 l= a= a+ a=
8-9 tove one-for-each/two bay-2-1 n- h-
9-10 tove rings-on-a-rope/rope bay-0-0 h= h= w+ w+
9-11 tove a-ball-each-well/three bay-0-1 w= l= a= a=
9-10 pim rattle-to-hold/pass mat h= w= w=
10-11 tove stick-and-peel/tape-off bay-0-2 w+ l+ a+ a=
10-11 tove sticks-in-holes/in-tube bay-1-1 h= w= l=
10-11 tove book-together/turn bay-1-2 a- a-
11-12 tove discs-in-a-slot/discs bay-0-0 w= l+ a+ a+ a+
11-12 tove paint-with-water/brush balcony w+ l+ a+
11-12 tove one-inside-another/two bay-2-0 l= a= a= a-
11-11 pim treasure-basket/three mat am a+
12-12 tove rings-on-a-rope/rope bay-0-1 w+ l+ a+
12-12 tove spoon-it-over/pasta bay-0-2 h= w=
12-12 tove pegs-off-the-rim/wood-off bay-1-0 hx w=
12-12 tove lids-to-pots/two bay-1-1 l= a= a=
12-12 tove book-together/fill-in bay-1-2 w+ w+ l+
12-12 tove down-the-ramp/tube bay-2-1 l+ a+
12-12 tove dough/stick-in low-table@table-nap:1357 w= l=
12-12 tove soak-and-squeeze/squeeze low-table@table-breakfast:247
12-12 pim book-together/look mat@mat-nap:12457 a= a=
12-12 pim cards-to-look-at/reach mat@mat-morning:1367`;

/** Words the parents wrote, by activity and week. */
export const DEMO_WORDS: Record<string, string> = {
  "rings-on-a-rope 2": "Calls the long rope a snail.",
  "discs-in-a-slot 5": "Posts my keys too. Keys live higher now.",
  "down-the-ramp 4": "Ran round to the other end before the ball was there.",
  "the-bear-is-hungry 5": "Fed the bear, then me, then Pim's foot.",
  "towers 6": "Builds two, then knocks. Tower is not the point yet.",
  "discs-in-a-slot 7": "Threw the box. Too small a slot, or too tired.",
  "found-outdoors 9": "Three snail shells from under the quay steps.",
  "soak-and-squeeze 9": "Nineteen minutes. Towel was too small.",
  "helping-at-home 9": "Comes running when the machine stops.",
  "stick-and-peel 11": "Looks for the edge with the nail of the first finger.",
  "discs-in-a-slot 12": "Turns the disc before the slot now.",
  "rings-on-a-rope 12": "Feels for the end at the far side. Bridge for the snail.",
  "book-together 12": "Says boat when I stop.",
  "down-the-ramp 12": "Bridge! Drove the car under it.",
};

/** How it was held, where the parents noted it: at first, and by the end of a stay. */
export const DEMO_GRASPS: Record<string, readonly [Grasp, Grasp]> = {
  "balls-into-a-tub/hole": ["whole-hand", "whole-hand"],
  "rings-on-a-rope/noodle-post": ["whole-hand", "three-fingers"],
  "discs-in-a-slot/lids-slot": ["whole-hand", "whole-hand"],
  "discs-in-a-slot/discs": ["whole-hand", "three-fingers"],
  "towers/two": ["whole-hand", "three-fingers"],
  "first-marks/free": ["tool-fist", "tool-fist"],
  "paint-with-water/brush": ["tool-fist", "tool-palm-down"],
  "a-ball-each-well/three": ["whole-hand", "three-fingers"],
  "shake-and-stop/listen": ["whole-hand", "whole-hand"],
  "spoon-it-over/pasta": ["tool-fist", "tool-palm-down"],
  "stick-and-peel/tape-off": ["thumb-side", "thumb-fingertip"],
  "rings-on-a-rope/rope": ["three-fingers", "three-fingers"],
};
