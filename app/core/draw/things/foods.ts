import type { Forms } from "./form";

const HEAP = "= M2 92C0 70 20 60 28 44C36 26 64 20 74 42C84 58 100 70 98 92C70 102 30 102 2 92Z";
const SPECKS =
  "~:bare ellipse 30 70 4 2.5; ~:bare ellipse 46 52 4 2.5; ~:bare ellipse 62 66 4 2.5; ~:bare ellipse 50 82 4 2.5; ~:bare ellipse 74 82 4 2.5; ~:bare ellipse 24 86 4 2.5";

/** Food, fillings and what is poured. */
export const FOODS: Forms = {
  heap: { top: `${HEAP}; ${SPECKS}` },
  powder: { top: `${HEAP}; ~:fine M34 60C44 50 56 50 66 60` },
  water: {
    top: "= M6 50C0 20 30 2 54 6C84 8 102 34 96 60C90 90 60 98 36 94C14 90 8 70 6 50Z; white:fine M26 40C36 32 44 44 54 38M50 64C58 58 66 68 76 62",
  },
  paint: {
    top: "white circle 50 50 48; = circle 50 50 38; ~:~ M30 44C40 34 54 54 68 40",
    front: "white rect 0 20 100 80 8; = rect 0 0 100 24 6; = rect 14 50 72 34 4",
  },
  drops: {
    top: "= M50 4C72 34 84 52 84 68C84 86 70 98 50 98C30 98 16 86 16 68C16 52 28 34 50 4Z; white:fine M32 66C32 78 40 84 48 86",
  },
  foam: { top: "= circle 30 60 28; = circle 66 62 32; = circle 48 36 30; ~:fine M40 30C46 24 54 24 60 30" },
  dough: {
    top: "= M8 60C0 20 40 0 66 10C96 20 106 60 88 84C66 104 14 100 8 60Z; ~:~ M30 40C44 26 62 30 70 42",
  },
  banana: {
    top: "= M6 24C14 70 50 92 90 78L98 66C60 66 34 50 22 12L10 14Z; earth M10 14L22 12L18 2L10 4Z; ~:fine M14 26C26 60 54 78 88 72",
  },
  lemon: {
    top: "= M2 50C10 38 14 14 50 12C86 14 90 38 98 50C90 62 86 86 50 88C14 86 10 62 2 50Z; ~:bare circle 40 38 3; ~:bare circle 60 52 3",
  },
  orange: {
    top: "= circle 50 50 48; leaf M50 10C60 -6 76 0 78 6C70 14 60 16 50 10Z; ~:bare circle 34 50 3; ~:bare circle 58 66 3; ~:bare circle 64 40 3",
    front: "= circle 50 54 46; leaf M50 10C60 -6 76 0 78 6C70 14 60 16 50 10Z",
  },
  apple: {
    top: "= M50 20C70 2 100 14 96 52C94 82 72 100 50 92C28 100 6 82 4 52C0 14 30 2 50 20Z; - M50 20C50 10 54 4 58 0; leaf M56 10C66 -2 78 2 80 6C74 14 64 16 56 10Z",
  },
  "apple-half": {
    top: "= M50 14C76 -2 100 20 94 54C90 84 70 98 50 90C30 98 10 84 6 54C0 20 24 -2 50 14Z; white M50 22C70 10 90 26 85 54C80 78 66 88 50 80C34 88 20 78 15 54C10 26 30 10 50 22Z; earth ellipse 46 50 4 8; earth ellipse 56 50 4 8",
  },
  potato: {
    top: "= M4 56C0 26 34 4 62 10C92 16 104 50 92 74C78 98 10 96 4 56Z; earth:bare circle 34 40 3; earth:bare circle 62 34 3; earth:bare circle 54 68 3",
  },
  "potato-peeled": {
    top: "= M4 56C0 26 34 4 62 10C92 16 104 50 92 74C78 98 10 96 4 56Z; ~:fine M26 44C40 30 60 30 76 44",
  },
  carrot: { top: "= rect 0 10 100 80 20; ~:fine M20 30H50M50 64H84" },
  bread: {
    top: "= M10 40C-6 10 30 0 50 6C70 0 106 10 90 40V96H10Z; cream M18 42C8 18 34 12 50 16C66 12 92 18 82 42V88H18Z",
  },
  flatbread: {
    top: "= circle 50 50 48; ~:bare circle 34 38 6; ~:bare circle 62 30 5; ~:bare circle 66 62 7; ~:bare circle 36 70 5",
  },
  spread: {
    top: "white circle 50 50 48; = circle 50 50 38; ~:~ M32 56C40 36 60 66 68 44",
    front: "white M4 20H96L86 100H14Z; = rect 0 0 100 22 6",
  },
  yoghurt: {
    top: "sky circle 50 50 48; = circle 50 50 40; ~:fine M30 50C40 36 60 64 70 50",
    front: "sky M4 10H96L84 100H16Z; = rect 0 0 100 14 6",
  },
  egg: {
    top: "= M2 50C2 22 34 8 60 10C88 12 98 34 98 50C98 66 88 88 60 90C34 92 2 78 2 50Z; white:fine M24 40C32 28 44 24 54 24",
    front: "= M50 2C74 2 90 40 90 62C90 84 74 98 50 98C26 98 10 84 10 62C10 40 26 2 50 2Z",
  },
  pod: {
    top: "= M0 50C20 0 80 0 100 50C80 100 20 100 0 50Z; ~ circle 30 50 14; ~ circle 50 50 15; ~ circle 70 50 14",
  },
  lettuce: {
    top: "= M50 2C66 -4 84 8 86 22C102 30 102 58 90 66C92 86 70 102 50 94C30 102 8 86 10 66C-2 58 -2 30 14 22C16 8 34 -4 50 2Z; ~:~ M50 20V80M50 40L30 28M50 40L70 28M50 62L28 54M50 62L72 54",
  },
  herbs: {
    top: "- M50 98C50 60 40 30 30 10M50 98C52 60 60 30 76 8M50 98V20; = ellipse 30 14 10 14; = ellipse 50 14 10 14; = ellipse 74 14 10 14; = ellipse 24 46 12 8; = ellipse 76 46 12 8; = ellipse 40 66 10 7; = ellipse 64 66 10 7",
  },
  ice: {
    top: "= circle 50 50 48; white:fine M30 30L44 44M60 26L56 46M34 66L46 60M62 64L72 72",
    front: "= rect 2 0 96 100 14; white:fine M20 20L36 40M60 16L54 44M26 70L44 60",
  },
  snow: {
    top: "white M4 70C4 40 24 44 30 30C40 10 62 12 70 32C88 32 98 50 96 72C80 96 20 96 4 70Z; = circle 50 60 6; = circle 30 66 4; = circle 68 66 4",
  },
  "play-food": {
    top: "brick M8 62C8 40 30 34 42 46C60 38 66 62 54 76C40 92 10 84 8 62Z; = M48 24C60 4 94 8 96 34C98 58 70 62 60 54C48 50 42 36 48 24Z; leaf M28 40C30 26 44 24 50 30Z",
  },
};
