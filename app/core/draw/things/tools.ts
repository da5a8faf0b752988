import type { Forms } from "./form";

/** What the hand works with; drawn with the handle at the right. */
export const TOOLS: Forms = {
  spoon: { top: "= rect 34 40 66 20 10; = ellipse 20 50 20 48; ~:fine ellipse 20 50 13 32" },
  "spoon-wood": { top: "= rect 30 38 70 24 10; = ellipse 17 50 17 49; ~:fine ellipse 17 50 11 34" },
  ladle: {
    top: "= rect 30 44 70 12 6; = circle 19 50 18; ~ circle 19 50 12",
    front: "= rect 30 4 70 14 6; = M0 40H36C36 80 28 100 18 100C8 100 0 80 0 40Z; - M34 40C34 20 34 12 40 11",
  },
  tongs: {
    top: "= M96 50C70 4 40 0 4 20C0 26 2 32 8 34C40 20 66 30 84 50C66 70 40 80 8 66C2 68 0 74 4 80C40 100 70 96 96 50Z; ~ circle 93 50 6",
  },
  "tongs-long": {
    top: "= M98 40C70 20 30 8 6 8C0 14 0 30 8 34C30 30 60 34 90 50C60 66 30 70 8 66C0 70 0 86 6 92C30 92 70 80 98 60Z; ~ rect 84 36 16 28 8; -:fine M4 16L12 26M4 84L12 74",
  },
  tweezers: {
    top: "= M98 36L20 4L0 26L4 34L80 48V52L4 66L0 74L20 96L98 64Z; -:fine M26 12L30 28M34 14L38 30",
  },
  chopsticks: { top: "= rect 0 12 88 20 8; = rect 0 68 88 20 8; ~ rect 80 4 20 92 20" },
  fork: { top: "= rect 30 38 70 24 10; = M0 8H22C38 8 38 92 22 92H0V74H18V62H0V42H18V28H0Z" },
  knife: { top: "~ rect 54 10 46 80 20; = M56 10H20C6 10 0 40 0 60C0 84 10 90 20 90H56Z" },
  whisk: {
    top: "= rect 56 38 44 24 10; - M58 50C30 -20 0 20 0 50C0 80 30 120 58 50; - M58 50C34 14 8 30 8 50C8 70 34 86 58 50; - M4 50H58",
  },
  "rolling-pin": {
    top: "~ rect 0 36 100 28 10; = rect 16 4 68 92 14",
    front: "~ rect 0 36 100 28 10; = rect 16 4 68 92 14",
  },
  spatula: { top: "~ rect 36 40 64 20 8; = M0 6C20 0 40 10 40 40V60C40 90 20 100 0 94Z" },
  brush: {
    top: "= rect 28 30 72 40 20; stone rect 20 20 14 60 4; ~ M22 14C8 20 2 40 -2 50C2 60 8 80 22 86Z",
  },
  "brush-wide": {
    top: "= M44 30C70 30 100 36 100 50C100 64 70 70 44 70Z; stone rect 30 2 16 96 3; ~ M30 4H4L0 16V84L4 96H30Z; -:fine M4 30H30M4 50H30M4 70H30",
  },
  "brush-hand": {
    top: "= rect 0 10 100 80 30; ~:fine M14 30H86M14 50H86M14 70H86",
    front: "= rect 0 0 100 50 20; white M6 50H94L90 100H10Z; -:fine M24 50V98M42 50V98M60 50V98M78 50V98",
  },
  broom: {
    top: "= rect 30 44 70 12 4; ~ M30 20L4 0L0 20V80L4 100L30 80Z; -:fine M2 30L30 40M0 50H30M2 70L30 60",
    front: "= rect 46 0 8 66 3; ~ M34 62H66L96 100H4Z; -:fine M38 64L24 98M50 64V98M62 64L76 98",
  },
  dustpan: {
    top: "= M0 6H46L62 34V66L46 94H0Z; ~:fine M8 20H42V80H8; = rect 60 42 40 16 6; white M4 36H26V64H4Z",
    front: "= M0 100L10 30H70L80 100Z; = rect 34 0 12 34 6; white rect 84 30 14 70 4",
  },
  toothbrush: { top: "= rect 0 24 100 52 26; white rect 4 6 24 88 8; -:fine M10 10V90M16 10V90M22 10V90" },
  scissors: {
    top: "- M52 46L4 20L0 34L54 54Z; stone M52 46L4 18L0 34L54 56Z; stone M52 54L4 82L0 66L54 44Z; = circle 76 24 23; white circle 76 24 12; = circle 76 76 23; white circle 76 76 12; ink circle 54 50 3",
  },
  "scissors-loop": {
    top: "stone M44 44L4 18L0 34L46 56Z; stone M44 56L4 82L0 66L46 44Z; = M40 30C60 -6 100 6 100 50C100 94 60 106 40 70L52 58C64 80 84 76 84 50C84 24 64 20 52 42Z",
  },
  punch: {
    top: "= rect 0 0 100 100 24; ~ rect 18 16 64 68 18; white M50 30L56 44L70 46L59 56L62 70L50 62L38 70L41 56L30 46L44 44Z",
    front: "= rect 0 50 100 50 10; ~ M16 50V26C16 -6 84 -6 84 26V50Z",
  },
  stapler: {
    top: "= rect 0 10 100 80 24; ~ rect 8 30 70 40 10",
    front: "~ rect 0 76 100 24 6; = M0 40C0 20 60 10 92 20C102 24 100 62 92 64L4 68Z",
  },
  dropper: {
    top: "~ ellipse 82 50 18 48; = rect 20 34 48 32 8; = rect 0 42 22 16 6",
    front: "~ ellipse 82 50 18 48; = rect 20 34 48 32 8; = rect 0 42 22 16 6",
  },
  baster: {
    top: "brick ellipse 84 50 16 49; = M2 42L30 26H70V74H30L2 58Z; -:fine M36 28V48M46 28V48M56 28V48",
  },
  mallet: { top: "= rect 24 40 76 20 8; ~ rect 0 0 26 100 8" },
  magnet: { top: "= rect 26 24 74 52 20; ~ circle 16 50 16; white circle 16 50 7" },
  torch: {
    top: "= rect 30 20 70 60 8; ~ M0 0H18L32 20V80L18 100H0Z; cream rect -2 8 6 84 3; marigold circle 62 50 8",
    front:
      "= rect 30 20 70 60 8; ~ M0 0H18L32 20V80L18 100H0Z; cream rect -2 8 6 84 3; marigold circle 62 50 8",
  },
  spade: {
    top: "~ rect 40 40 60 20 10; = M0 10C0 0 30 0 44 30V70C30 100 0 100 0 90Z; -:fine M8 26H30M8 50H34M8 74H30",
  },
  wand: {
    top: "= rect 34 38 66 24 10; - M34 50C34 0 0 0 0 50C0 100 34 100 34 50Z; ~:= M30 50C30 12 4 12 4 50C4 88 30 88 30 50Z",
  },
  straw: {
    top: "= rect 0 0 100 100 2; ~ M10 0L18 100H26L18 0ZM34 0L42 100H50L42 0ZM58 0L66 100H74L66 0ZM82 0L90 100H98L90 0Z",
  },
  "straw-bit": { top: "= rect 0 0 100 100 10; ~ ellipse 92 50 8 44; ~ M24 0L36 100H50L38 0Z" },
  stick: { top: "= rect 0 0 100 100 40; -:fine M14 40H60" },
  "stick-flat": { top: "= rect 0 0 100 100 30; ~:fine M12 30H70M30 70H88" },
  twig: {
    top: "= M0 30C30 10 60 40 100 20V70C60 90 30 60 0 80Z; - M40 26L34 -20M64 76L74 120; -:fine M14 50H30M50 54H70",
  },
  pencil: {
    top: "= rect 0 0 80 100 6; ash M80 0L100 50L80 100Z; ink M93 32L100 50L93 68Z; ~:fine M0 34H80M0 68H80",
  },
  crayon: { top: "= rect 0 0 82 100 6; ~ M82 14L100 40V60L82 86Z; ~ rect 12 0 52 100" },
  chalk: { top: "= M4 4H92L100 16V84L92 96H4Z; ~:fine M8 30H84" },
  "glue-stick": {
    top: "~ rect 60 0 40 100 8; white rect 8 4 54 92 4; = rect 18 4 32 92; cream rect 0 18 10 64 6",
    front: "~ rect 60 0 40 100 8; white rect 8 4 54 92 4; = rect 18 4 32 92; cream rect 0 18 10 64 6",
  },
  "glue-bottle": {
    top: "= circle 50 50 47; brick circle 50 50 20",
    front:
      "brick M40 22L46 0H54L60 22Z; = M26 22H74V36C88 42 92 48 92 56V100H8V56C8 48 12 42 26 36Z; white rect 16 60 68 26 4",
  },
  timer: {
    top: "= rect 0 0 14 100 6; = rect 86 0 14 100 6; pale M14 12C34 12 46 44 50 50C54 44 66 12 86 12V88C66 88 54 56 50 50C46 56 34 88 14 88Z; marigold M62 36C70 22 78 18 86 18V82C78 82 70 78 62 64Z",
    front:
      "= rect 0 0 100 12 6; = rect 0 88 100 12 6; pale M12 12H88C88 36 56 44 54 50C56 56 88 64 88 88H12C12 64 44 56 46 50C44 44 12 36 12 12Z; marigold M24 88C26 70 44 66 50 62C56 66 74 70 76 88Z",
  },
  viewer: {
    top: "= rect 60 40 40 20 8; = circle 34 50 33; pale circle 34 50 25; white M20 40C24 32 30 30 36 30L34 36C28 36 26 40 24 44Z",
  },
  "cotton-bud": { top: "= rect 10 34 80 32; white ellipse 9 50 9 48; white ellipse 91 50 9 48" },
};
