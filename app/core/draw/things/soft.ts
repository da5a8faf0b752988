import type { Forms } from "./form";

/** Cloth, cord and clothes: folded or laid as they would be set out. */
export const SOFT: Forms = {
  cloth: {
    top: "= M4 6C30 0 70 4 96 4C100 30 98 70 96 96C70 100 30 98 4 96C0 70 2 30 4 6Z; ~:fine M4 50H96M50 4V96",
  },
  towel: { top: "= rect 0 0 100 100 6; ~ rect 0 10 100 10; ~ rect 0 80 100 10; -:fine M0 50H100" },
  scarf: {
    top: "= M10 20C40 0 70 30 96 10C100 40 80 60 94 90C60 70 40 110 6 86C20 60 -4 50 10 20Z; ~:~ M20 34C44 22 64 44 86 32M18 70C40 60 60 86 82 72",
  },
  blanket: {
    top: "= rect 0 0 100 100 5; ~ rect 6 6 88 88 4; = rect 30 6 10 88; = rect 60 6 10 88; = rect 6 30 88 10; = rect 6 60 88 10",
  },
  linen: { top: "= rect 0 0 100 100 3; -:fine M0 12H100M0 88H100M34 12V88" },
  sock: {
    top: "= M34 0H66V56C66 64 98 70 98 84C98 98 84 100 70 98L40 92C34 90 34 84 34 76Z; ~ rect 32 0 36 14 4; ~ M4 10H32V60C32 70 54 76 58 90C40 104 8 90 6 78Z",
  },
  hat: { top: "= M10 70C10 20 30 8 50 8C70 8 90 20 90 70Z; ~ rect 0 66 100 24 10; ~ circle 50 7 8" },
  glove: {
    top: "= M30 100V74C10 60 0 44 8 38C16 34 24 46 30 52V14C30 4 42 4 42 14V42V6C42 -4 55 -4 55 6V42V10C55 0 67 0 67 10V46V20C67 10 78 10 78 20V100Z; ~ rect 28 86 52 14 4",
  },
  jacket: {
    top: "= M34 4L6 20L0 80L16 84L22 44V100H78V44L84 84L100 80L94 20L66 4L50 14Z; - M50 14V100; ~:fine M28 66H44M56 66H72",
  },
  shirt: {
    top: "= M32 2L4 20L14 44L24 38V100H76V38L86 44L96 20L68 2L50 12Z; - M50 12V100; white circle 50 30 4; white circle 50 50 4; white circle 50 70 4; white circle 50 88 4",
  },
  clothes: {
    top: "= M28 4L4 22L14 40L24 34V64H76V34L86 40L96 22L72 4C66 16 34 16 28 4Z; ~ M24 64H76L72 100H54L50 78L46 100H28Z",
  },
  shoes: {
    top: "= M8 20C8 0 40 0 40 20V84C40 104 8 104 8 84Z; ~ ellipse 24 66 10 20; = M60 20C60 0 92 0 92 20V84C92 104 60 104 60 84Z; ~ ellipse 76 66 10 20",
    front: "= M0 90V40H40C44 60 98 60 98 90Z; ~ rect 0 88 98 12 4; white:fine M40 48H56M46 58H62",
  },
  "bag-cloth": {
    top: "= M16 20C0 60 6 96 50 98C94 96 100 60 84 20C70 30 30 30 16 20Z; ~ M22 16C36 28 64 28 78 16C70 2 30 2 22 16Z",
    front: "= M14 26C-6 70 6 98 50 98C94 98 106 70 86 26Z; ~ M18 8C30 22 70 22 82 8L86 28H14Z",
  },
  "bag-sealed": { top: "= rect 0 0 100 100 8; sea rect 4 4 92 8 2; white:fine M10 20V90" },
  cushion: {
    top: "= M4 4C30 14 70 14 96 4C86 30 86 70 96 96C70 86 30 86 4 96C14 70 14 30 4 4Z; ~:fine circle 50 50 6",
    front: "= M0 50C0 10 20 8 50 8C80 8 100 10 100 50C100 92 80 96 50 96C20 96 0 92 0 50Z; ~:fine M4 50H96",
  },
  "bean-bag": {
    top: "= M6 4C36 12 64 12 94 4C90 36 90 64 94 96C64 90 36 90 6 96C12 64 12 36 6 4Z; ~:~ M18 18H82V82H18Z",
  },
  band: { top: "= circle 50 50 49; paper circle 50 50 30; ~:fine circle 50 50 40" },
  rope: {
    top: "= M0 26C24 -14 40 8 52 40C62 68 76 84 100 44V74C76 112 56 92 46 62C36 34 24 20 0 56Z; -:fine M12 8L18 34M28 2L24 28M40 14L34 36M52 40L42 50M60 60L48 66M72 74L62 86M86 62L84 88; brick rect -2 22 9 38 3; brick rect 93 42 9 36 3",
  },
  lace: {
    top: `- M4 50C30 0 50 100 70 50C80 26 92 40 88 60; -:= M4 50C30 0 50 100 70 50C80 26 92 40 88 60; marigold rect -2 40 16 16 6`,
  },
  yarn: {
    top: "= circle 44 50 42; -:fine M8 36C30 20 60 20 82 40M6 56C30 40 60 40 84 60M16 76C36 60 60 60 76 76; -:= M84 60C100 70 96 90 100 96",
  },
  cord: {
    top: "-:= M4 80C4 20 40 20 40 50C40 80 70 80 70 50C70 20 96 20 96 70; brick circle 5 82 6; brick circle 96 74 6",
  },
  ribbon: { top: "= M0 30C30 0 60 70 100 30V75C60 115 30 45 0 75Z" },
  "pipe-cleaner": {
    top: "= M0 30L4 0L8 30L12 0L16 30L20 0L24 30L28 0L32 30L36 0L40 30L44 0L48 30L52 0L56 30L60 0L64 30L68 0L72 30L76 0L80 30L84 0L88 30L92 0L96 30L100 50L96 70L92 100L88 70L84 100L80 70L76 100L72 70L68 100L64 70L60 100L56 70L52 100L48 70L44 100L40 70L36 100L32 70L28 100L24 70L20 100L16 70L12 100L8 70L4 100L0 70Z",
  },
  ribbons: {
    top: "= M10 60L0 100L16 92L24 62ZM34 66L30 100L46 96L46 66ZM58 66L66 100L80 90L70 62Z; ~ circle 50 40 38; paper circle 50 40 24",
  },
  elastic: {
    top: "= circle 50 50 48; paper circle 50 50 32",
    front: "- M50 -60V6; = circle 50 50 46; paper circle 50 50 30",
  },
  puppet: {
    top: "= M30 100V70L4 60C-4 54 2 44 10 46L30 50V30C20 10 36 0 50 0C64 0 80 10 70 30V50L90 46C98 44 104 54 96 60L70 70V100Z; ink:bare circle 42 20 4; ink:bare circle 58 20 4; ~:fine M42 30C46 34 54 34 58 30",
  },
  "clothes-doll": {
    top: "= M34 2L10 20L20 40L30 34L14 98H86L70 34L80 40L90 20L66 2C60 12 40 12 34 2Z; white circle 50 30 4; white circle 50 46 4",
  },
  "dress-up": {
    top: "= M20 30L50 8L80 30L96 98H4Z; ~ M20 30C40 40 60 40 80 30; marigold M30 8L38 20L50 2L62 20L70 8V28H30Z",
  },
  mat: {
    top: "= rect 0 0 100 100 6; ~:fine M20 0V100M40 0V100M60 0V100M80 0V100M0 20H100M0 40H100M0 60H100M0 80H100",
  },
};
