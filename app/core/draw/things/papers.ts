import type { Forms } from "./form";

/** Paper, card and what is printed on it. */
export const PAPERS: Forms = {
  sheet: { top: "= rect 0 0 100 100 1; ~:fine M100 84L84 100" },
  stack: { top: "~ rect 4 4 96 96 1; = rect 0 0 96 96 1" },
  tissue: {
    top: "= M4 10L30 2L60 8L96 4L98 40L94 96L60 92L30 98L2 92L6 50Z; ~:fine M30 2L40 40L30 98M60 8L66 50L60 92",
  },
  foil: { top: "= rect 0 0 100 100 1; white:fine M10 20L40 10M20 60L60 30M40 90L90 50M70 20L90 14" },
  "baking-paper": { top: "= M0 4H100V100H0Z; ~ rect -2 0 104 10 5; -:fine M8 30H92M8 60H92" },
  film: { top: "= rect 0 6 100 94 1; ~ rect -2 0 104 14 7; white:fine M14 40L40 26M60 80L90 60" },
  card: { top: "= rect 0 0 100 100 4; ~:fine rect 6 6 88 88 3" },
  "card-dark": { top: "= rect 0 0 100 100 3" },
  scraps: {
    top: "= M4 30L34 6L46 38L20 52Z; ~ M52 10L92 4L88 34L60 40Z; = M10 66L40 58L52 92L16 96Z; ~ M60 54L96 60L86 94L64 86Z",
  },
  picture: {
    top: "= rect 0 0 100 100 5; sky:bare rect 8 8 84 84 2; leaf M8 92V70C30 50 44 60 56 72C70 60 80 58 92 70V92Z; marigold circle 70 30 12",
  },
  half: { top: "= rect 0 0 100 100 2; brick M0 20C60 16 70 40 100 50C70 60 60 84 0 80Z" },
  third: { top: "= rect 0 0 100 100 2; leaf M0 30H100V70H0Z" },
  sixth: { top: "= rect 0 0 100 100 2; marigold M0 0H70C70 50 50 70 0 70Z" },
  contrast: { top: "= rect 0 0 100 100 2; ink circle 50 50 38; = circle 50 50 26; ink circle 50 50 13" },
  disc: { top: "= circle 50 50 49; ~:fine circle 50 50 42" },
  dots: {
    top: "= rect 0 0 100 100 6; ink circle 30 30 9; ink circle 70 30 9; ink circle 50 54 9; ink circle 30 78 9; ink circle 70 78 9",
  },
  face: {
    top: "= rect 0 0 100 100 6; cream circle 50 50 36; ink circle 38 42 4; ink circle 62 42 4; - M34 62C42 72 58 72 66 62",
  },
  letter: { top: "= rect 0 0 100 100 6; sea M30 82L46 18H54L70 82H60L56 64H44L40 82ZM46 54H54L50 36Z" },
  pairs: {
    top: "= rect 4 0 96 94 6; = rect 0 6 94 94 6; brick M24 66C24 40 60 40 70 60L80 54V80L70 74C60 90 24 90 24 66Z",
  },
  story: {
    top: "= rect 0 0 100 100 3; ~:fine M34 4V96M66 4V96; leaf M8 80H26C26 60 8 60 8 80Z; leaf M40 80H60C60 44 40 44 40 80Z; leaf M72 80H94C94 26 72 26 72 80Z",
  },
  shade: { top: "= rect 0 0 100 100 4; sea rect 8 8 26 84; sky rect 36 8 28 84; pale rect 66 8 26 84" },
  lacing: {
    top: "= rect 0 0 100 100 8; ink circle 12 16 5; ink circle 38 10 5; ink circle 64 10 5; ink circle 88 16 5; ink circle 88 84 5; ink circle 64 90 5; ink circle 38 90 5; ink circle 12 84 5; ~ M30 60C30 34 60 30 70 50C70 66 50 74 30 60Z",
  },
  photo: {
    top: "white rect 0 0 100 100 3; pale rect 6 8 88 84 2; = M20 92C20 66 80 66 80 92Z; peach circle 50 42 18",
  },
  book: { top: "= rect 0 0 100 100 4; ~ rect 0 0 12 100 4; white M30 24H86V54H30Z; ~ circle 58 40 10" },
  "book-flaps": {
    top: "= rect 0 0 100 100 4; - M50 0V100; white rect 10 20 30 34 2; ~ M60 20H90V54L62 60Z; ~:fine M14 70H38M62 76H88",
  },
  newspaper: {
    top: "= rect 0 0 100 100 1; ink:bare rect 8 8 84 10; slate:bare rect 8 26 38 28; -:fine M54 28H92M54 36H92M54 44H92M54 52H92M8 64H92M8 72H92M8 80H92M8 88H92",
  },
  magazine: { top: "= rect 0 0 100 100 2; white:bare rect 10 10 80 14; marigold circle 50 58 26" },
  envelope: { top: "= rect 0 0 100 100 2; - M0 0L50 58L100 0; ~ circle 50 58 7" },
  note: { top: "= M0 0H100V80L80 100H0Z; ~ M80 100V80H100Z" },
  tape: { top: "= circle 50 50 49; ash circle 50 50 32; paper circle 50 50 26; = M50 99H100V80H70Z" },
  "tape-double": {
    top: "= circle 50 50 49; brick circle 50 50 34; paper circle 50 50 26; white M50 99H100V80H70Z",
  },
  jigsaw: {
    top: "= M0 0H38C30 18 70 18 62 0H100V38C118 30 118 70 100 62V100H62C70 82 30 82 38 100H0V62C18 70 18 30 0 38Z",
  },
  path: {
    top: "= rect 0 0 100 100 6; ~:~ M12 84C12 40 50 90 50 50C50 10 88 60 88 16; marigold circle 12 84 8; brick circle 88 16 8",
  },
  mirror: { top: "= rect 0 0 100 100 8; pale rect 8 8 84 84 4; white M20 60L60 20H74L20 74Z" },
  slate: { top: "wood rect 0 0 100 100 4; = rect 6 8 88 84 2; -:white M20 60C34 30 44 76 60 44" },
};
