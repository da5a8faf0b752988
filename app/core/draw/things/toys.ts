import type { Forms } from "./form";

/** Toys, music and what is ridden. */
export const TOYS: Forms = {
  animal: {
    top: "= ellipse 46 50 38 34; = ellipse 86 50 14 20; - M8 50L-2 40",
    front:
      "= M14 24H70C72 8 98 6 100 24C100 36 92 40 86 42V100H72V66H34V100H20V66C8 60 8 34 14 24Z; ink:bare circle 88 22 3; - M14 28C4 34 4 46 6 56",
  },
  bear: {
    top: "= circle 28 24 14; = circle 72 24 14; = ellipse 50 62 36 36; = circle 50 36 28; ink:bare circle 42 32 3; ink:bare circle 58 32 3; cream ellipse 50 46 10 7; = circle 14 64 12; = circle 86 64 12",
    front:
      "= circle 28 12 11; = circle 72 12 11; = ellipse 24 90 16 10; = ellipse 76 90 16 10; = ellipse 50 72 32 28; = circle 50 28 26; ink:bare circle 42 24 3; ink:bare circle 58 24 3; cream ellipse 50 36 10 7",
  },
  car: {
    top: "ink rect 12 -4 18 12 3; ink rect 70 -4 18 12 3; ink rect 12 92 18 12 3; ink rect 70 92 18 12 3; = rect 0 2 100 96 22; pale rect 58 14 18 72 6; pale rect 16 18 12 64 5",
    front:
      "= M0 80V52L16 46L28 14H66L80 46L100 54V80Z; pale M24 44L32 22H46V44ZM52 44V22H64L72 44Z; ink circle 24 82 16; ink circle 76 82 16; stone circle 24 82 6; stone circle 76 82 6",
  },
  boat: {
    top: "= M0 20H64C84 20 98 44 100 50C98 56 84 80 64 80H0Z; ~ rect 16 32 34 36 4",
    front:
      "= M0 62H100C94 84 84 100 70 100H22C10 100 2 82 0 62Z; ~ rect 26 34 34 28; brick rect 38 8 12 26; - M76 62V10",
  },
  rattle: {
    top: "= circle 50 50 48; paper circle 50 50 28; marigold circle 50 5 10; beet circle 12 74 10; sky circle 88 74 10",
  },
  discs: {
    top: "= circle 28 50 28; ~ circle 28 50 12; = circle 72 50 28; ~ circle 72 50 12; ink rect 44 40 12 20 6",
  },
  wobbler: {
    top: "= circle 50 50 48; ~ circle 50 50 26; brick circle 50 50 8",
    front:
      "= M50 2C66 2 70 20 64 30C90 40 100 62 96 78C90 104 10 104 4 78C0 62 10 40 36 30C30 20 34 2 50 2Z; ink:bare circle 44 16 3; ink:bare circle 56 16 3; ~ M10 66C36 78 64 78 90 66L94 78C70 92 30 92 6 78Z",
  },
  "drum-roll": {
    top: "= rect 0 0 100 100 6; ~ rect 0 0 14 100 6; ~ rect 86 0 14 100 6; marigold circle 36 36 9; marigold circle 56 64 9; marigold circle 66 26 7",
    front: "= circle 50 50 49; ~ circle 50 50 36; marigold circle 40 44 10; marigold circle 62 58 9",
  },
  drum: {
    top: "= circle 50 50 49; cream circle 50 50 40",
    front: "= rect 0 12 100 88 4; cream rect -2 0 104 18 8; white:white M4 30L26 88L50 30L74 88L96 30",
  },
  xylophone: {
    top: "wood M0 18L100 0V12L0 32ZM0 72L100 90V100L0 84Z; brick rect 4 4 14 92 4; marigold rect 24 8 14 84 4; leaf rect 44 14 14 72 4; sky rect 64 18 14 64 4; violet rect 84 22 12 56 4",
  },
  bell: {
    top: "= circle 36 50 34; ~ circle 36 50 22; wood rect 66 40 34 20 8",
    front: "wood rect 42 0 16 40 7; = M30 40H70C74 66 94 76 98 92H2C6 76 26 66 30 40Z; ~ circle 50 95 8",
  },
  "bells-wrist": {
    top: "= rect 0 30 100 40 18; marigold circle 20 50 12; marigold circle 50 50 12; marigold circle 80 50 12; ink circle 20 52 3; ink circle 50 52 3; ink circle 80 52 3",
  },
  shakes: { top: "= circle 50 50 49; cream circle 50 50 24" },
  "knob-puzzle": {
    top: "= rect 0 0 100 100 6; brick circle 22 50 14; sky M36 66L50 30L64 66Z; marigold rect 70 34 22 32 2; ink circle 22 50 5; ink circle 50 56 5; ink circle 81 50 5",
  },
  crackle: {
    top: "= M0 6L10 0L20 6L30 0L40 6L50 0L60 6L70 0L80 6L90 0L100 6L96 50L100 94L90 100L80 94L70 100L60 94L50 100L40 94L30 100L20 94L10 100L0 94L4 50Z; ~:~ circle 36 40 14; ~:~ circle 66 62 12",
  },
  keys: {
    top: "- M40 24C10 30 10 80 30 92; stone circle 62 24 20; paper circle 62 24 13; = M40 34L10 78L16 86L22 80L28 88L46 44Z; = M54 44L46 96H58L56 86H66L64 46Z; = M74 40L96 86L86 92L82 84L74 88L66 46Z",
  },
  hoop: { top: "= circle 50 50 49; paper circle 50 50 45" },
  "ride-on": {
    top: "ink rect 12 -2 18 12 4; ink rect 70 -2 18 12 4; ink rect 12 90 18 12 4; ink rect 70 90 18 12 4; = rect 0 16 100 68 24; ~ rect 20 30 36 40 12; ink rect 74 8 6 84 3",
    front:
      "= M4 78V54C10 38 50 44 62 44L72 20H84L82 48C96 50 98 64 98 78Z; ~ rect 66 6 24 14 6; ink circle 22 82 17; ink circle 78 82 17; stone circle 22 82 7; stone circle 78 82 7",
  },
  bike: {
    top: "ink rect 0 44 34 12 6; ink rect 66 44 34 12 6; = rect 20 46 60 8 4; ~ rect 24 34 24 32 10; ink rect 68 8 5 84 2",
    front:
      "ink circle 22 72 22; white circle 22 72 16; ink circle 80 72 22; white circle 80 72 16; = M22 72L44 40L72 34L80 72L72 74L66 46L46 52L28 76Z; ~ rect 34 30 26 8 4; - M72 34L66 8H54",
  },
  trike: {
    top: "ink rect 70 42 30 16 8; ink rect 2 4 26 12 5; ink rect 2 84 26 12 5; = rect 10 44 76 12 4; ~ rect 14 32 26 36 10; ink rect 70 14 5 72 2",
    front:
      "ink circle 76 70 28; white circle 76 70 20; ink circle 16 82 16; white circle 16 82 9; = M16 82L28 50L66 36L76 70L68 74L62 50L36 62L24 86Z; ~ rect 20 36 28 10 4; - M66 36L60 8H48",
  },
  helmet: {
    top: "= ellipse 50 50 48 44; ~ rect 20 30 60 8 4; ~ rect 20 46 60 8 4; ~ rect 20 62 60 8 4",
    front:
      "= M4 80C-2 20 30 2 54 2C86 2 104 34 98 80Z; ~ rect 24 30 18 12 6; ~ rect 54 30 18 12 6; - M10 80C14 100 30 100 36 96",
  },
  cart: {
    top: "= rect 0 4 72 92 4; ~ rect 8 14 56 72 2; - M72 14H98V86H72",
    front:
      "= M0 40H68V86H0Z; ~:fine M0 56H68; - M68 44L98 10; ink circle 14 90 10; ink circle 56 90 10; marigold rect 12 20 20 20; sky rect 36 26 22 14",
  },
  stamp: {
    top: "= rect 0 0 100 100 10; ~ circle 50 50 26",
    front: "~ M34 0H66C74 0 74 20 64 26V60H36V26C26 20 26 0 34 0Z; = rect 4 58 92 42 6",
  },
};

/** From outdoors. */
export const OUTDOORS: Forms = {
  cone: {
    top: "= M2 50C10 14 50 2 76 18C92 28 98 40 98 50C98 60 92 72 76 82C50 98 10 86 2 50Z; - M20 30L34 50L20 70M40 18L56 50L40 82M62 18L76 50L62 82",
    front:
      "= M50 0C70 14 96 50 84 80C74 100 26 100 16 80C4 50 30 14 50 0Z; - M26 44L50 54L74 44M18 66L50 78L82 66M36 24L50 32L64 24",
  },
  leaf: {
    top: "= M2 54C10 20 50 0 98 8C96 56 70 98 34 92C16 90 4 74 2 54Z; - M14 78C40 50 64 32 90 16; -:fine M40 52L38 24M60 36L80 50M50 44L66 64",
  },
  stone: {
    top: "= M6 58C2 26 34 4 64 8C92 14 102 44 94 70C84 100 12 98 6 58Z; ~:fine M26 40C38 26 54 24 66 28",
  },
  "stone-flat": {
    top: "= M4 54C2 28 30 10 60 14C90 18 102 44 94 66C84 90 10 88 4 54Z; ~:~ M20 60C44 72 66 70 84 54",
  },
  shell: {
    top: "= M50 96C10 84 -4 40 12 20C24 4 40 2 50 4C60 2 76 4 88 20C104 40 90 84 50 96Z; -:fine M50 94L20 18M50 94L36 6M50 94V4M50 94L64 6M50 94L80 18",
  },
  ramp: {
    top: "= rect 0 0 100 100 3; ~:~ M8 30H92M8 70H92",
    front: "= M0 0L100 88V100H88L0 14Z; ~ rect 0 14 10 86",
  },
  sand: {
    top: "= M4 70C0 40 30 40 40 24C52 8 74 14 80 36C98 44 104 70 92 84C66 100 20 98 4 70Z; ~:bare circle 30 66 2.5; ~:bare circle 48 46 2.5; ~:bare circle 66 60 2.5; ~:bare circle 52 78 2.5; ~:bare circle 76 74 2.5",
  },
  seed: {
    top: "= M10 30C30 -4 86 6 96 46C102 74 76 100 60 88C50 80 60 66 46 60C26 54 0 56 10 30Z; ~:fine M34 26C50 18 70 28 78 46",
  },
  cress: {
    top: "~ rect 0 0 100 100 20; = circle 22 26 5; = circle 48 18 5; = circle 76 30 5; = circle 32 54 5; = circle 58 48 5; = circle 82 66 5; = circle 26 80 5; = circle 54 80 5",
  },
  plant: {
    top: "= circle 50 50 30; leaf M50 50C40 20 50 4 60 4C66 20 62 40 50 50ZM50 50C80 40 98 50 96 60C80 68 62 64 50 50ZM50 50C60 80 50 98 40 96C34 80 38 62 50 50ZM50 50C20 60 2 50 6 40C20 32 38 36 50 50Z",
    front:
      "leaf M50 62C20 50 10 20 18 6C40 12 52 40 50 62ZM50 62C80 50 90 24 84 10C62 16 50 40 50 62ZM50 62C40 30 46 8 52 0C62 16 60 44 50 62Z; = M22 60H78L70 100H30Z",
  },
  flower: {
    top: "- M60 60L98 98; leaf M74 78C84 66 94 68 98 74C92 82 84 84 74 78Z; = circle 34 12 14; = circle 58 24 14; = circle 52 50 14; = circle 22 54 14; = circle 10 30 14; marigold circle 36 34 13",
  },
  conker: { top: "= circle 50 50 48; cream ellipse 50 24 22 14; ~:fine M24 60C34 76 52 80 66 74" },
  feather: {
    top: "= M2 60C30 0 70 4 98 20C86 60 50 104 2 60Z; - M-6 70C30 60 60 40 96 22; -:fine M30 56L40 24M50 48L62 18M44 54L54 84",
  },
};
